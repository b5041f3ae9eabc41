import { either, mustGoOf, unitWord } from '@tidy-sum/core';
import type { Settings } from '../device/settings';
import type { DeskView } from '../work/desk-view';
import { isOwn } from '../work/exercises';
import { needsLine } from '../work/line-of-work';
import { GUIDED } from '../work/list-names';
import type { Panel } from '../work/panel-slice';
import { openable } from './panels';
import * as words from './words';

/** What must be done first, before there is a line to work; null where nothing must. */
function mustFirst(view: DeskView): Panel | null {
	const isWritten = view.started && view.wanted && view.closed && !view.blocks.length;
	// Where no block is needed, what is left is to write the answer.
	if (isWritten || !needsLine(view.exercise)) return { kind: view.verdict ? 'verdict' : 'answer' };
	const isPlaced = view.started && view.wanted;
	return isPlaced ? null : { kind: isOwn(view.exercise.name) ? 'own' : 'places' };
}

/** The panel beside the line on a wide screen when nothing was chosen: the next thing to do. */
function besideLine(view: DeskView): Panel {
	if (view.verdict) return { kind: 'verdict' };
	if (view.closed) return { kind: 'answer' };
	return { kind: 'facts', unit: mustGoOf(view.columns)[0]?.base ?? '' };
}

/** Whether the last block cancelled this unit and left more of it: it may want to be raised to a power. */
function isLeftOver({ blocks, worked }: DeskView, base: string): boolean {
	const last = blocks.length - 1;
	return worked.pieces.some((piece) => piece.block === last && piece.pair !== null && piece.base === base);
}

/** How much the Desk does by itself: whether it opens the next panel, and whether the guide leads to the facts. */
export type Opens = { readonly next: boolean; readonly guided: boolean };

/** How much the Desk of an exercise does by itself, as this device is set. */
export function opensAt(exercise: string, { opensNext, guide }: Pick<Settings, 'opensNext' | 'guide'>): Opens {
	return { next: opensNext, guided: exercise === GUIDED && guide === 'on' };
}

/**
 * The panel that opens by itself: the facts when one unit still has to go, the answer when the line is complete; null when
 * there is more than one thing to do, no help is wanted, or the guide says what to touch.
 */
export function opensItself(view: DeskView, opens: Opens): Panel | null {
	if (!opens.next || view.support === 'none' || view.verdict || view.lacks) return null;
	if (view.closed) return { kind: 'answer' };
	const [unit, ...others] = [...new Set(mustGoOf(view.columns).map(({ base }) => base))];
	if (unit === undefined || others.length || view.toAdd.length || opens.guided || isLeftOver(view, unit)) return null;
	return { kind: 'facts', unit };
}

/**
 * The open panel: the chosen one, else what must be done first, else the next thing to do. On a phone the last opens only
 * where it may open by itself and was not closed.
 */
export function panelFor(chosen: Panel, view: DeskView, wide: boolean, opens: Opens): Panel {
	const open = openable(chosen, view);
	if (open.kind !== 'none') return open;
	const first = mustFirst(view);
	if (first) return first;
	if (wide) return besideLine(view);
	return (open.shut ? null : opensItself(view, opens)) ?? open;
}

/** The one thing to do next, in a sentence. */
export function hint(view: DeskView, wide: boolean): string {
	const left = [...new Set(mustGoOf(view.columns).map(({ base }) => base))];
	if (view.verdict?.right) return words.checkedAllRight;
	if (view.verdict) return wide ? words.checkedSeeWhatWasFound : words.checkedOpenAnswerToSeeWhat;
	if (!needsLine(view.exercise)) return words.youNeedNoLineHereWriteThe;
	if (!view.started) return words.firstChooseWhatTheLine;
	if (!view.wanted) return words.nowChooseTheUnitOfThe;
	if (view.support === 'none') return words.buildTheLineWriteTheAnswer;
	if (view.closed && !view.blocks.length) return words.theUnitIsAlreadyRightWrite;
	if (view.closed) return words.theLineIsCompleteWorkOut;
	const [share] = view.columns.filter(({ kind }) => kind === 'to-share').flatMap(({ top }) => top?.piece?.base ?? []);
	if (share !== undefined) return words.touchToSetTheWholeOnes(unitWord(share));
	if (view.toAdd.length && !left.length) return words.touchThePartYouStillHaveTo;
	if (view.lacks) return words.touchToSeeWhatComesNext(unitWord(view.worked.unit.text));
	if (left.length) return words.touchAUnitThatStillHasToGo(either(left.map(unitWord)));
	return words.theUnitAskedForIsNotOnThe;
}

/** The block after the open one, or before it; from none the first or the last. */
export function nextBlock({ blocks }: DeskView, open: string | null, by: 1 | -1): string | undefined {
	const at = blocks.findIndex(({ id }) => id === open);
	if (at < 0) return blocks.at(by === 1 ? 0 : -1)?.id;
	return blocks[(at + by + blocks.length) % blocks.length]?.id;
}
