import type { SlipKind } from './slip-kind';

/** No unit. */
export const unitMissing: SlipKind = {
	code: 'unit-missing',
	title: 'The unit is missing',
	nudge: 'The unit that is left on the line is the unit of the answer.',
	showsInParts: ({ lines: { unit, value } }) =>
		unit.verdict === 'absent' && value.verdict !== 'absent' ? unit.why : null,
	shows: ({ lines: { unit }, answer }) => (unit.verdict === 'absent' && answer.number ? unit.why : null),
};
