import type { SlipKind } from './slip-kind';

/** A right value whose written zeros do not show which figures count. */
export const zerosUnclear: SlipKind = {
	code: 'zeros-unclear',
	title: 'Zeros that do not show whether they count',
	nudge: 'Write it in scientific notation, where every figure counts.',
	shows: ({ lines: { value, figures } }) =>
		value.verdict === 'right' && figures.verdict === 'unclear' ? figures.why : null,
};
