import { type Chain, type Fact, mustGoOf, printUnitText, turnedFactor, unitWord, workChain } from '@tidy-sum/core';
import type { DeskView } from './desk-view';
import { wantOf } from './line-of-work';
import type { PanelKind } from './panel-slice';
import * as words from './words';

/**
 * Where a student is in the guide: the touches, and the places between or after them. A block is the wrong way up
 * (`turn`), cancels and leads elsewhere (`away`), or has nothing to do with the line (`stray`).
 */
export type GuideAt = 'touch' | 'take' | 'turn' | 'away' | 'stray' | 'cancel' | 'answer' | 'done';

/** The sentences of the guide, by where the student is. */
export type GuideSays = Readonly<Record<GuideAt, string>>;

/** How many units of a line cancel nothing. */
function left(chain: Chain): number {
	const worked = workChain(chain);
	return worked.ok ? worked.value.pieces.filter(({ pair }) => pair === null).length : Number.POSITIVE_INFINITY;
}

/** What is wrong with the last block of a line that does not close. */
function atLastBlock({ chain, worked }: DeskView): GuideAt {
	const at = chain.factors.length - 1;
	const turned = chain.factors.map((factor, i) => (i === at ? turnedFactor(factor) : factor));
	if (left({ ...chain, factors: turned }) < left(chain)) return 'turn';
	return worked.pieces.some(({ block, pair }) => block === at && pair !== null) ? 'away' : 'stray';
}

/**
 * Where a student is in the guide, derived from the Desk: steps may be done in any order, and undone.
 * @param open the panel that is open, if somebody opened it.
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
 * The sentence for each place in the guide.
 * @param beside whether the facts are beside the line already, as on a wide screen.
 */
export function guideSays(view: DeskView, beside = false): GuideSays {
	const start = unitWord(view.worked.read.start.top.unit.text);
	const [wanted, go, stands] = [wantedText(view), goingText(view), view.worked.unit.text].map(unitWord);
	return {
		touch: words.ofYouWantSoMustGoTouchOn(wanted, go, beside),
		take: words.ofTheseFactsHaveInThem(go, wanted),
		turn: words.doesNotCancelYetTurnThe(go),
		away: words.thatCancelsButNowYouHave(stands, wanted, start),
		stray: words.nothingCancelsWithThat(start, wanted),
		cancel: words.ofOnTopAndOnTheBottom(start, wanted),
		answer: words.ofMultiplyAcrossTheTopAnd(start, wanted),
		done: words.thatWasAWholeLineTouchA,
	};
}

/**
 * The sentence of the guide for an open fact: which way up it goes, or that it leads elsewhere.
 */
export function guideSaysOfFact(view: DeskView, { left: one, right: other }: Fact): string {
	const [wanted, go] = [wantedText(view), goingText(view)];
	const sides = [one.unit, other.unit].map(printUnitText);
	const elsewhere = sides.find((unit) => unit !== go) ?? '';
	if (sides.includes(go) && !sides.includes(wanted))
		return words.thisFactLinksAndButYouWant(unitWord(go), unitWord(elsewhere), unitWord(wanted));
	return words.ofWhichWayUpIsOnTopOfThe(unitWord(go));
}
