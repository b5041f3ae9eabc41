import { listed, mustGoOf, quoted } from '@tidy-sum/core';
import type { DeskView } from '../work/desk-view';
import { isOwn } from '../work/exercises';
import { needsLine } from '../work/line-of-work';
import type { Panel } from '../work/panel-slice';
import { openable } from './panels';

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
	if (view.verdict?.right) return 'Checked: all right.';
	if (view.verdict) return wide ? 'Checked: see what was found.' : 'Checked. Open Answer to see what was found.';
	if (!needsLine(view.exercise)) return 'No line is needed here: write the answer, and check.';
	if (!view.started) return 'First say what the line starts from.';
	if (!view.wanted) return 'Now say which unit is wanted.';
	if (view.support === 'none') return 'Work the line, write the answer, and check.';
	if (view.closed && !view.blocks.length) return 'The unit is right as it stands. Write the answer.';
	if (view.closed) return 'The line closes. Work the numbers, then write the answer.';
	const [share] = view.columns.filter(({ kind }) => kind === 'to-share').flatMap(({ top }) => top?.piece?.base ?? []);
	if (share !== undefined) return `Touch ${quoted(share)}: its whole ones are set aside, and what is left goes on.`;
	if (view.toAdd.length && !left.length) return 'Touch what is still to be added.';
	if (view.lacks) return `Touch ${quoted(view.worked.unit.text)}, and see what leads on.`;
	if (left.length) return `Touch a unit that must go: ${listed(left.map(quoted))}.`;
	return 'What is wanted is not on the line yet. Open Facts.';
}

/** The block after the open one, or before it; from none the first or the last. */
export function nextBlock({ blocks }: DeskView, open: string | null, by: 1 | -1): string | undefined {
	const at = blocks.findIndex(({ id }) => id === open);
	if (at < 0) return blocks.at(by === 1 ? 0 : -1)?.id;
	return blocks[(at + by + blocks.length) % blocks.length]?.id;
}
