import { nanoid } from '@reduxjs/toolkit';
import type { Fact, Factor, Quantity } from '@tidy-sum/core';
import type { SingleStep } from '@tidy-sum/schema';
import { useRouter } from 'expo-router';
import { useAppDispatch, useAppSelector } from '../store/store';
import { ownName } from '../work/exercises';
import { openLineOf } from '../work/open-line';
import { workOf } from '../work/work';
import { did } from '../work/works-reducer';

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

function placing({ blocks = [] }: ToSend): readonly SingleStep[] {
	return blocks.map((factor) => ({ do: 'place' as const, block: nanoid(8), factor }));
}

/** The way from the Shelf to the Desk. */
export function useSend(): Send {
	const dispatch = useAppDispatch();
	const router = useRouter();
	const last = useAppSelector(({ works }) => works.last);
	const body = useAppSelector(({ works }) => works.byId[works.open[works.last ?? ''] ?? '']?.body);
	const line = openLineOf(last, body ? workOf(body) : null);
	const take = (name: string, steps: readonly SingleStep[]) => {
		dispatch(did(name, { do: 'together', steps: [...steps] }));
		router.navigate(`/desk/${name}`);
	};
	return {
		line: line?.title ?? null,
		toLine: (send) => line && take(line.name, placing(send)),
		toOwn: (send) => {
			const { start, want, facts = [] } = send;
			take(ownName(nanoid(10)), [
				...(start ? [{ do: 'start', start } as const] : []),
				...(want ? [{ do: 'want', unit: want } as const] : []),
				...facts.map((fact) => ({ do: 'state' as const, fact })),
				...placing(send),
			]);
		},
	};
}
