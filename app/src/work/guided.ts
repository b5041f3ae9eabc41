import { mustGoOf, printUnitText, quoted } from '@tidy-sum/core';
import type { DeskView } from './desk-view';
import { wantOf } from './line-of-work';
import type { PanelKind } from './panel-slice';

/** Where one is on the line that is worked together: the five touches, and what comes between or after them. */
export type GuideAt = 'touch' | 'take' | 'turn' | 'cancel' | 'answer' | 'done';

/** The sentences of the line that is worked together, by where one is; that of a fact that was touched stands for itself. */
export type GuideSays = Readonly<Record<GuideAt, string>> & { readonly way: string };

/**
 * Where one is on the line that is worked together, as the Desk stands: it follows from what was done, so that each touch
 * may come in its own time and be undone.
 * @param open the panel that stands open, and none where nobody opened it.
 */
export function guideAt(view: DeskView, open: PanelKind): GuideAt {
	if (view.verdict?.right) return 'done';
	if (open === 'answer' || open === 'verdict') return 'answer';
	if (view.blocks.length) return view.closed ? 'cancel' : 'turn';
	return open === 'facts' ? 'take' : 'touch';
}

/** What is said at each place of the line that is worked together. */
export function guideSays(view: DeskView): GuideSays {
	const { exercise, work, columns, worked } = view;
	const wanted = quoted(printUnitText(wantOf(exercise, work) ?? ''));
	const start = worked.read.start.top.unit.text;
	const go = quoted(mustGoOf(columns)[0]?.base ?? start);
	return {
		touch: `1 of 5. Wanted is ${wanted}, so ${go} must go. Touch ${go} on the line.`,
		take: `2 of 5. These facts hold ${go}. Touch the one that leads from ${go} to ${wanted}.`,
		way: `3 of 5. Which way up? ${go} stands on the top of the line, so in the fact it must go on the bottom to cancel. Touch that way.`,
		turn: `${go} stands where nothing cancels it yet. Turn the block over, or take it away and try another fact.`,
		cancel: `4 of 5. ${quoted(start)} on the top and ${quoted(start)} on the bottom cancel: both are struck, and ${wanted} is left. The line closes. Touch Answer.`,
		answer: `5 of 5. Work the numbers: across the top, then divide by the bottom. Write the answer with its unit, and check.`,
		done: 'That was a whole line: touch a unit, take a fact, choose its way up, see it cancel, write the answer. Every exercise goes so.',
	};
}
