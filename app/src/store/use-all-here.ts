import { useEffect, useMemo } from 'react';
import { wanted } from '../sync/sync-slice';
import type { WorkEntry, WorksState } from '../work/works-reducer';
import { useAppDispatch, useAppSelector } from './store';

function toRead({ byId }: WorksState, isMeant: (exercise: string) => boolean): readonly string[] {
	return Object.values<WorkEntry>(byId).flatMap(({ id, away, body }) =>
		away?.here !== undefined && !away.isUnread && isMeant(body.exercise) ? [id] : [],
	);
}

/**
 * Sees to it that the steps of pieces are read that lie on this device; whether all of them are.
 * @param isMeant tells by the exercise which those are; it stays the same function.
 */
export function useAllHere(isMeant: (exercise: string) => boolean): boolean {
	const dispatch = useAppDispatch();
	const works = useAppSelector((state) => state.works);
	const ids = useMemo(() => toRead(works, isMeant), [works, isMeant]);
	useEffect(() => {
		if (ids.length) dispatch(wanted(ids));
	}, [dispatch, ids]);
	return ids.length === 0;
}
