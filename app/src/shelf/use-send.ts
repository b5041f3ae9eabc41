import { nanoid } from '@reduxjs/toolkit';
import type { Fact, Factor, Quantity } from '@tidy-sum/core';
import type { Step } from '@tidy-sum/schema';
import { useRouter } from 'expo-router';
import { exerciseNamed, isOwn, mustPlace, needsLine, ownName, workOf } from '../desk/work';
import { did } from '../desk/works-slice';
import { useAppDispatch, useAppSelector } from '../store/store';

/** What a part of the Shelf has to give to the Desk. */
export type ToSend = {
	/** Blocks, for the end of the line. */
	readonly blocks?: readonly Factor[];
	/** A quantity, for the start of a line. */
	readonly start?: Quantity;
	/** The unit a line from that start is to end at. */
	readonly want?: string;
	/** Facts the blocks are made of that no table holds. */
	readonly facts?: readonly Fact[];
};

type Send = {
	/** The title of the exercise whose line would take a block; null where none can. */
	readonly line: string | null;
	/** Puts the blocks at the end of that line, as one step, and goes there. */
	readonly toLine: (send: ToSend) => void;
	/** Begins a problem of one's own with all of it, and goes there. */
	readonly toOwn: (send: ToSend) => void;
};

function placing({ blocks = [] }: ToSend): readonly Step[] {
	return blocks.map((factor): Step => ({ do: 'place', block: nanoid(8), factor }));
}

/** The way from the Shelf to the Desk. */
export function useSend(): Send {
	const dispatch = useAppDispatch();
	const router = useRouter();
	const last = useAppSelector(({ works }) => works.last);
	const body = useAppSelector(({ works }) => works.byId[works.open[works.last ?? ''] ?? '']?.body);
	const work = body && workOf(body);
	const own = last !== null && isOwn(last);
	const exercise = exerciseNamed(last ?? undefined);
	// An exercise of a Round that does not lie ready here is not known by its name alone.
	const known = last === null || own || exercise.name === last;
	// A line that has nothing to start from yet takes its start first, and one that is not there takes nothing.
	const begun = own ? (work?.start ?? null) !== null : !mustPlace(exercise) || (work?.placed.length ?? 0) > 0;
	const line = known && begun && (own || needsLine(exercise)) ? (own ? 'my own problem' : exercise.title) : null;
	const take = (name: string, steps: readonly Step[]) => {
		const singles = steps as Extract<Step, { do: 'together' }>['steps'];
		dispatch(did(name, { do: 'together', steps: singles }));
		router.navigate(`/desk/${name}`);
	};
	return {
		line,
		toLine: (send) => take(own ? last : exercise.name, placing(send)),
		toOwn: (send) => {
			const { start, want, facts = [] } = send;
			take(ownName(nanoid(10)), [
				...(start ? [{ do: 'start', start } as const] : []),
				...(want ? [{ do: 'want', unit: want } as const] : []),
				...facts.map((fact): Step => ({ do: 'state', fact })),
				...placing(send),
			]);
		},
	};
}
