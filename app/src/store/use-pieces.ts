import type { Tried } from '@tidy-sum/core/practice';
import { useMemo } from 'react';
import { freshTries } from '../work/bodies-in';
import type { WorkEntry, WorksState } from '../work/works-reducer';
import { type AllTries, triesById } from '../worker/kept-tries';
import { useAppSelector } from './store';
import { useAllTries } from './use-tried';

/** A piece of work with what was tried on it. */
export type Piece = Tried & { readonly id: string };

function piecesIn({ byId }: WorksState, all: AllTries): readonly Piece[] {
	const tries = triesById(all);
	return Object.values<WorkEntry>(byId).map(({ id, body: { exercise } }) => ({
		id,
		exercise,
		tries: tries[id]?.[1] ?? [],
	}));
}

/** What is read already, where that is everything: then nothing needs to be waited for. */
function readAlready(works: WorksState): AllTries | null {
	const isAll = Object.values<WorkEntry>(works.byId).every(({ away }) => away?.here === undefined);
	return isAll ? { texts: [], fresh: freshTries(works) } : null;
}

/** All pieces of work with what was tried on each, whether or not their steps are read; null until it is gathered. */
export function usePieces(): readonly Piece[] | null {
	const works = useAppSelector((state) => state.works);
	const gathered = useAllTries();
	return useMemo(() => {
		const all = readAlready(works) ?? gathered;
		return all && piecesIn(works, all);
	}, [works, gathered]);
}
