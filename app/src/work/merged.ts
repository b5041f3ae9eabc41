import type { Piece } from '@tidy-sum/exchange/my-data';
import type { WorkBody } from '@tidy-sum/schema';
import { dequal } from 'dequal';
import { isList, mergedBody } from './merged-body';
import type { WorkEntry, WorksState } from './works-reducer';

/** What came of taking work in: how many pieces are new, how many went on from what was here, how many were here already. */
export type Merged = {
	readonly works: WorksState;
	readonly added: number;
	readonly followed: number;
	readonly known: number;
};

function lastWorked({ tries }: WorkBody): { readonly touched?: number } {
	const last = tries?.at(-1);
	return last ? { touched: last.when } : {};
}

/**
 * Work of a file, taken into what is here: what goes on from a piece here follows it, what went another way is kept beside it,
 * and what is here already is not doubled.
 * @param open which piece lies on the Desk for an exercise in the file; what lies on the Desk here stays there.
 * @param freshId gives an id for a piece that is kept beside another one of its id.
 */
export function mergedIn(
	works: WorksState,
	coming: readonly Piece[],
	open: WorksState['open'],
	freshId: () => string,
): Merged {
	const byId: Record<string, WorkEntry> = { ...works.byId };
	const onDesk: Record<string, string> = { ...works.open };
	const byExercise = new Map<string, string[]>();
	for (const { id, body } of Object.values(byId)) {
		const of = byExercise.get(body.exercise) ?? [];
		of.push(id);
		byExercise.set(body.exercise, of);
	}
	const counts = { added: 0, followed: 0, known: 0 };
	const put = (entry: WorkEntry) => {
		byId[entry.id] = entry;
	};
	// What goes on from a piece here comes first: the others are held against what that comes to.
	const isHere = ({ id }: Piece) => byId[id] !== undefined;
	const inOrder = [...coming.filter(isHere), ...coming.filter((piece) => !isHere(piece))];
	for (const { id, body } of inOrder) {
		const { exercise } = body;
		const list = isList(exercise) ? byId[onDesk[exercise] ?? ''] : undefined;
		const mine = byId[id] ?? list;
		const merged = mine ? mergedBody(mine.body, body) : null;
		if (mine && merged) {
			if (dequal(merged, mine.body)) counts.known += 1;
			else {
				counts.followed += 1;
				put({ ...mine, body: merged, ahead: true });
			}
			continue;
		}
		// As it stands by now: what followed a piece of the file is not what it was.
		if (byExercise.get(exercise)?.some((one) => dequal(byId[one]?.body, body))) {
			counts.known += 1;
			continue;
		}
		counts.added += 1;
		const as = mine ? freshId() : id;
		put({ id: as, body, version: 0, ahead: true, ...lastWorked(body) });
		const isOnTop = open[exercise] === undefined || open[exercise] === id;
		if (onDesk[exercise] === undefined && isOnTop) onDesk[exercise] = as;
	}
	// A piece that went on under another name, as a draft does, lies under that name alone.
	const named = Object.entries(onDesk).filter(([name, id]) => byId[id]?.body.exercise === name);
	const here: Record<string, string> = Object.fromEntries(named);
	// What lay beside another in the file, and came alone, lies on the Desk all the same.
	for (const { body, id } of Object.values(byId)) here[body.exercise] ??= id;
	return { works: { ...works, byId, open: here }, ...counts };
}
