import { either, mustGoOf, unitWord } from '@tidy-sum/core';
import type { DeskView } from '../work/desk-view';
import { isOwn } from '../work/exercises';
import { needsLine } from '../work/line-of-work';
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

/** What stands beside the line on a wide screen where nothing was chosen: the next thing to do. */
function besideLine(view: DeskView): Panel {
	if (view.verdict) return { kind: 'verdict' };
	if (view.closed) return { kind: 'answer' };
	return { kind: 'facts', unit: mustGoOf(view.columns)[0]?.base ?? '' };
}

/** The panel that stands open: the one that was chosen, else what must be done first, else on a wide screen the Shelf. */
export function panelFor(chosen: Panel, view: DeskView, wide: boolean): Panel {
	const open = openable(chosen, view);
	if (open.kind !== 'none') return open;
	return mustFirst(view) ?? (wide ? besideLine(view) : open);
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
