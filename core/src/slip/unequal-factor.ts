import type { SlipKind } from './slip-kind';

/** An invented factor, whose top and bottom are not equal. */
export const unequalFactor: SlipKind = {
	code: 'unequal-factor',
	title: 'Top and bottom are not equal',
	nudge: 'A factor is a fact written as a fraction. Which fact did you use?',
	laid: true,
	unequal: { order: 5, by: () => true },
};
