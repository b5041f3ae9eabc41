import { goalOf, listed, parseUnit, quoted } from '@tidy-sum/core';
import { mustGoOf } from './describe';
import type { Panel } from './desk-slice';
import type { DeskView } from './use-desk';
import { isOwn, needsLine } from './work';

/** What is open when nothing was chosen: what must be done first; on a wide screen the Shelf beside the line. */
export function panelFor(chosen: Panel, view: DeskView, wide: boolean): Panel {
	if (chosen.kind === 'block' && !view.blocks.some(({ id }) => id === chosen.id))
		return panelFor({ kind: 'none' }, view, wide);
	if (chosen.kind === 'verdict' && !view.verdict)
		return panelFor({ kind: view.unchecked ? 'answer' : 'none' }, view, wide);
	if (chosen.kind !== 'none') return chosen;
	const written = view.started && view.wanted && view.worked.reached === true && !view.blocks.length;
	// Where no block is needed, what is left is to write the answer.
	if (written || !needsLine(view.exercise)) return { kind: view.verdict ? 'verdict' : 'answer' };
	if (!view.started || !view.wanted) return { kind: isOwn(view.exercise.name) ? 'own' : 'places' };
	if (!wide) return chosen;
	if (view.verdict) return { kind: 'verdict' };
	if (view.worked.reached) return { kind: 'answer' };
	return { kind: 'facts', unit: mustGoOf(view.columns)[0]?.base ?? '' };
}

/** The one thing to do next, in a sentence. */
export function hint(view: DeskView, wide: boolean): string {
	const left = [...new Set(mustGoOf(view.columns).map(({ base }) => base))];
	if (view.verdict?.right) return 'Checked: all right.';
	if (view.verdict) return wide ? 'Checked: see the four lines.' : 'Checked. Open Answer to see the four lines.';
	if (!needsLine(view.exercise)) return 'No line is needed here: write the answer, and check.';
	if (!view.started) return 'First say what the line starts from.';
	if (!view.wanted) return 'Now say which unit is wanted.';
	if (view.support === 'none') return 'Work the line, write the answer, and check.';
	if (view.worked.reached && !view.blocks.length) return 'The unit is right as it stands. Write the answer.';
	if (view.worked.reached) return 'The line closes. Work the numbers, then write the answer.';
	if (left.length) return `Touch a unit that must go: ${listed(left.map(quoted))}.`;
	return 'What is wanted is not on the line yet. Open Facts.';
}

/** The unit the Shelf opens on when none was touched: the first that must go, else the first that stands. */
export function firstUnit({ columns, worked }: DeskView): string {
	return (mustGoOf(columns)[0] ?? worked.pieces.find(({ pair }) => pair === null))?.base ?? '';
}

/** The block after the open one, or before it; from none the first or the last. */
export function nextBlock({ blocks }: DeskView, open: string | null, by: 1 | -1): string | undefined {
	const at = blocks.findIndex(({ id }) => id === open);
	if (at < 0) return blocks.at(by === 1 ? 0 : -1)?.id;
	return blocks[(at + by + blocks.length) % blocks.length]?.id;
}

/** Whether something may be added on the line: a temperature, or a mixed measure. */
export function mayAdd({ exercise, worked }: DeskView): boolean {
	if ('mixed' in exercise.want || exercise.terms || isOwn(exercise.name)) return true;
	const goal = parseUnit(goalOf(exercise.want) ?? '', { counted: true });
	return worked.read.start.top.unit.offset || (goal.ok && goal.value.offset);
}
