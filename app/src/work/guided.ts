import { type Chain, type Fact, mustGoOf, printUnitText, quoted, turnedFactor, workChain } from '@tidy-sum/core';
import type { DeskView } from './desk-view';
import { wantOf } from './line-of-work';
import type { PanelKind } from './panel-slice';

/**
 * Where one is on the line that is worked together: the five touches, and what comes between or after them. A block lies
 * the wrong way up (`turn`), cancels and leads elsewhere (`away`), or has nothing to do with the line (`stray`).
 */
export type GuideAt = 'touch' | 'take' | 'turn' | 'away' | 'stray' | 'cancel' | 'answer' | 'done';

/** The sentences of the line that is worked together, by where one is. */
export type GuideSays = Readonly<Record<GuideAt, string>>;

/** How many units of a line cancel nothing. */
function left(chain: Chain): number {
	const worked = workChain(chain);
	return worked.ok ? worked.value.pieces.filter(({ pair }) => pair === null).length : Number.POSITIVE_INFINITY;
}

/** How the last block lies on a line that does not close. */
function atLastBlock({ chain, worked }: DeskView): GuideAt {
	const at = chain.factors.length - 1;
	const turned = chain.factors.map((factor, i) => (i === at ? turnedFactor(factor) : factor));
	if (left({ ...chain, factors: turned }) < left(chain)) return 'turn';
	return worked.pieces.some(({ block, pair }) => block === at && pair !== null) ? 'away' : 'stray';
}

/**
 * Where one is on the line that is worked together, as the Desk stands: it follows from what was done, so that each touch
 * may come in its own time and be undone.
 * @param open the panel that stands open, and none where nobody opened it.
 */
export function guideAt(view: DeskView, open: PanelKind): GuideAt {
	if (view.verdict?.right) return 'done';
	if (open === 'answer' || open === 'verdict') return 'answer';
	if (view.blocks.length) return view.closed ? 'cancel' : atLastBlock(view);
	return open === 'facts' ? 'take' : 'touch';
}

function wantedText({ exercise, work }: DeskView): string {
	return printUnitText(wantOf(exercise, work) ?? '');
}

/** The unit that must go, as the balance has it; else that of the start. */
function goingText({ columns, worked }: DeskView): string {
	return mustGoOf(columns)[0]?.base ?? worked.read.start.top.unit.text;
}

/**
 * What is said at each place of the line that is worked together.
 * @param beside whether the facts stand beside the line already, as on a wide screen.
 */
export function guideSays(view: DeskView, beside = false): GuideSays {
	const start = quoted(view.worked.read.start.top.unit.text);
	const [wanted, go, stands] = [wantedText(view), goingText(view), view.worked.unit.text].map(quoted);
	return {
		touch: `1 of 5. Wanted is ${wanted}, so ${go} must go. Touch ${go} on the line${beside ? ', or go straight to its facts, beside the line' : ''}.`,
		take: `2 of 5. These facts hold ${go}. Touch the one that leads from ${go} to ${wanted}.`,
		turn: `${go} stands where nothing cancels it yet. Turn the block over, or remove it and try another fact.`,
		away: `That block cancels, and now there is ${stands} where ${wanted} is wanted. Remove it, and take the fact that holds both ${start} and ${wanted}.`,
		stray: `Nothing on the line cancels with that block, whichever way up. Remove it, and take the fact that holds both ${start} and ${wanted}.`,
		cancel: `4 of 5. ${start} on the top and ${start} on the bottom cancel: both are struck, and ${wanted} is left. The line closes. Touch Answer.`,
		answer: `5 of 5. Work the numbers: across the top, then divide by the bottom. Write the answer with its unit, and check.`,
		done: 'That was a whole line: touch a unit, take a fact, choose its way up, see it cancel, write the answer. Every exercise goes so.',
	};
}

/**
 * What is said of a fact that is open, on the line that is worked together: which way up it goes, or that it leads
 * elsewhere.
 */
export function guideSaysOfFact(view: DeskView, { left: one, right: other }: Fact): string {
	const [wanted, go] = [wantedText(view), goingText(view)];
	const sides = [one.unit, other.unit].map(printUnitText);
	const elsewhere = sides.find((unit) => unit !== go) ?? '';
	if (sides.includes(go) && !sides.includes(wanted))
		return `This fact leads from ${quoted(go)} to ${quoted(elsewhere)}, and ${quoted(wanted)} is wanted. Touch the one that holds both.`;
	return `3 of 5. Which way up? ${quoted(go)} stands on the top of the line, so in the fact it must go on the bottom to cancel. Touch that way.`;
}
