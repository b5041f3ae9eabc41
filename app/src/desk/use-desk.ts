import { type BookExercise, type Chain, check, type Verdict, type WorkedChain, workChain } from '@tidy-sum/core';
import { useMemo } from 'react';
import { useAppSelector } from '../store/store';
import { balanceOf, type LaneColumn } from './describe';
import { type Block, chainOf, exerciseNamed, freshBody, type Work, workOf } from './work';
import type { WorksState } from './works-slice';

/** Everything the Desk shows of one exercise, derived from what was done. */
export type DeskView = {
	readonly exercise: BookExercise;
	readonly work: Work;
	readonly blocks: readonly Block[];
	readonly chain: Chain;
	readonly worked: WorkedChain;
	readonly columns: readonly LaneColumn[];
	readonly verdict: Verdict | null;
	readonly canUndo: boolean;
	readonly canRedo: boolean;
	/** Other lines kept for the same exercise, by id. */
	readonly beside: readonly string[];
};

/**
 * The line worked. A block the core cannot read (kept by another version of the app) is passed over
 * rather than taking the whole line with it; it stays in what is kept.
 */
function workThrough(exercise: BookExercise, all: readonly Block[]) {
	const readable = () => all.filter(({ factor }) => workChain({ start: exercise.start, factors: [factor] }).ok);
	for (const choose of [() => all, readable, () => []]) {
		const blocks = choose();
		const chain = chainOf(exercise, blocks);
		const worked = workChain(chain);
		if (worked.ok) return { blocks, chain, worked: worked.value, columns: balanceOf(worked.value, exercise.want.unit) };
	}
	throw new Error(`the exercise ${exercise.name} cannot be worked`);
}

/** The other pieces of work kept for an exercise. */
function idsBeside(works: WorksState, exercise: string, open: string): readonly string[] {
	return Object.values(works.byId)
		.filter(({ id, body }) => body.exercise === exercise && id !== open)
		.map(({ id }) => id);
}

function sameIds(a: readonly string[], b: readonly string[]): boolean {
	return a.join() === b.join();
}

/** The Desk of the exercise with this name. */
export function useDesk(name: string | undefined): DeskView {
	const exercise = exerciseNamed(name);
	const open = useAppSelector((state) => state.works.open[exercise.name] ?? '');
	const kept = useAppSelector((state) => state.works.byId[open]?.body);
	const beside = useAppSelector((state) => idsBeside(state.works, exercise.name, open), sameIds);
	const body = useMemo(() => kept ?? freshBody(exercise.name), [kept, exercise.name]);
	const work = workOf(body);
	const line = useMemo(() => workThrough(exercise, work.blocks), [exercise, work.blocks]);
	const verdict = useMemo(() => {
		if (!work.checked) return null;
		const made = check(exercise, work.answer, line.chain);
		return made.ok ? made.value : null;
	}, [exercise, work.checked, work.answer, line.chain]);
	return {
		exercise,
		work,
		...line,
		verdict,
		canUndo: body.at > 0,
		canRedo: body.at < body.steps.length,
		beside,
	};
}
