import type { SlipKind } from './slip-kind';
import { stoppedEarly } from './stopped-early';

/** Not the unit that is asked for. */
export const unitWrong: SlipKind = {
	code: 'unit-wrong',
	title: 'Not the unit asked for',
	nudge: 'Read the last sentence of the problem again. Which unit does it ask for?',
	showsInParts: ({ lines: { unit } }) => (unit.verdict === 'wrong' ? unit.why : null),
	shows: (seen) =>
		seen.lines.unit.verdict === 'wrong' && stoppedEarly.shows?.(seen) === null ? seen.lines.unit.why : null,
};
