import type { Found } from './found';
import { unitNamed } from './unit-kinds';

/** The first end of a range that leaves its unit to the other: 34–39 °F, 50 to 68 °F. */
function withSharedUnit(text: string, found: readonly Found[]): readonly Found[] {
	return found.map((one, i) => {
		const next = found[i + 1];
		const between = next ? text.slice(one.at[1], next.at[0]) : '';
		return one.unit === '' && next && /^\s*(?:[–—-]|to|and)\s*$/u.test(between) && next.unit !== ''
			? { ...one, unit: next.unit }
			: one;
	});
}

/** The inches behind feet that are written without their unit: 5 foot 9. */
function withInches(text: string, found: readonly Found[]): readonly Found[] {
	return found.map((one, i) => {
		const before = found[i - 1];
		const isBehind =
			before && /^\s+$/u.test(text.slice(before.at[1], one.at[0])) && unitNamed(before.unit)?.text === 'ft';
		return one.unit === '' && isBehind && /^(?:\d|1[01])$/u.test(one.number) ? { ...one, unit: 'in' } : one;
	});
}

/** Where a text tells of temperatures. */
const WARMTH = /\b(?:celsius|fahrenheit|kelvins?|temperatures?|degrees?|thermometer|warm|hot|cold|freezing)\b|°[CFK]/iu;

/** The primes of feet and inches. */
const FEET: ReadonlyMap<string, string> = new Map([
	['′', 'ft'],
	['″', 'in'],
	["'", 'ft'],
	['"', 'in'],
]);

/** A unit as it is meant beside the rest of the text: 72 F of a temperature, 5′ 11″ where there is no angle. */
function asMeant(text: string, one: Found): Found {
	// Beside a £ pounds are money.
	if (text.includes('£') && /^pounds?\b/u.test(one.unit)) return { ...one, unit: one.unit.replace(/^pounds?/u, '£') };
	if (/^[CF]$/.test(one.unit) && WARMTH.test(text)) return { ...one, unit: `°${one.unit}` };
	const length = FEET.get(one.unit);
	const isAngle = () => /°(?![CFK])|\b(?:degrees?|angles?|arc)\b/iu.test(text);
	return length !== undefined && !isAngle() ? { ...one, unit: length } : one;
}

/** The quantities of a text with their units as they are meant beside the rest of it. */
export function withMeantUnits(text: string, found: readonly Found[]): readonly Found[] {
	const meant = found.map((one) => asMeant(text, one));
	return withInches(text, withSharedUnit(text, meant));
}
