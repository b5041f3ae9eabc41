import type { SlipKind } from './slip-kind';
import { stoppedEarly } from './stopped-early';

/** Not the unit that is asked for. */
export const unitWrong: SlipKind = {
	code: 'unit-wrong',
	title: 'Another unit than the one asked for',
	nudge: 'Read the last sentence of the problem once more: in which unit is it to be?',
	showsInParts: ({ lines: { unit } }) => (unit.verdict === 'wrong' ? unit.why : null),
	shows: (seen) =>
		seen.lines.unit.verdict === 'wrong' && stoppedEarly.shows?.(seen) === null ? seen.lines.unit.why : null,
};
