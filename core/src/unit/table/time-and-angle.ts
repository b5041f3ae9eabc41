import type { UnitRow } from '../unit-row';

const BESIDE = 'SI Brochure 9, table 8';
const TURN = 'ISO 80000-3';

/** Times beside the second, and angles. The common year of 365 days is `yr`. */
// biome-ignore format: one row is one unit.
export const TIME_AND_ANGLE_UNITS: readonly UnitRow[] = [
	{ symbol: 'min', name: 'minute', symbols: ['mins'], dimension: { s: 1 }, factor: '60', ucum: 'min', source: BESIDE },
	{ symbol: 'h', name: 'hour', symbols: ['hr', 'hrs'], dimension: { s: 1 }, factor: '3600', ucum: 'h', source: BESIDE },
	{ symbol: 'd', name: 'day', dimension: { s: 1 }, factor: '86400', ucum: 'd', source: BESIDE },
	{ symbol: 'wk', name: 'week', symbols: ['wks'], dimension: { s: 1 }, factor: '604800', ucum: 'wk', source: 'seven days' },
	{ symbol: 'yr', name: 'year', symbols: ['yrs'], names: ['common year'], dimension: { s: 1 }, factor: '31536000', source: 'NIST SP 811 B.8: year of 365 days' },
	{ symbol: 'a_j', name: 'Julian year', dimension: { s: 1 }, factor: '31557600', ucum: 'a_j', source: 'UCUM: 365.25 days' },
	{ symbol: 'a_g', name: 'Gregorian year', dimension: { s: 1 }, factor: '31556952', ucum: 'a_g', source: 'UCUM: 365.2425 days' },
	{ symbol: '°', name: 'degree', symbols: ['deg'], names: ['degree of arc'], dimension: { rad: 1 }, factor: '1/180', pi: 1, ucum: 'deg', source: BESIDE },
	{ symbol: '′', name: 'arcminute', symbols: ['arcmin'], names: ['minute of arc', 'minutes of arc'], dimension: { rad: 1 }, factor: '1/10800', pi: 1, ucum: "'", source: BESIDE },
	{ symbol: '″', name: 'arcsecond', symbols: ['arcsec'], names: ['second of arc', 'seconds of arc'], dimension: { rad: 1 }, factor: '1/648000', pi: 1, ucum: "''", source: BESIDE },
	{ symbol: 'rev', name: 'revolution', symbols: ['revs'], dimension: { rad: 1 }, factor: '2', pi: 1, cycle: 'turn', ucum: 'circ', source: TURN },
	{ symbol: 'fortnight', name: 'fortnight', dimension: { s: 1 }, factor: '1209600', source: 'fourteen days' },
	{ symbol: 'mo_j', name: 'Julian month', dimension: { s: 1 }, factor: '2629800', ucum: 'mo_j', source: 'UCUM: 30.4375 days' },
	{ symbol: 'mo_g', name: 'Gregorian month', dimension: { s: 1 }, factor: '2629746', ucum: 'mo_g', source: 'UCUM: 30.436875 days' },
	{ symbol: 'a_t', name: 'tropical year', dimension: { s: 1 }, factor: '31556925.216', figures: 8, ucum: 'a_t', source: 'UCUM: 365.24219 days' },
	{ symbol: 'gon', name: 'gon', symbols: ['grad'], names: ['gradian'], dimension: { rad: 1 }, factor: '1/200', pi: 1, ucum: 'gon', source: TURN },
];
