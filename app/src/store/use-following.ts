import { useMemo } from 'react';
import { type Following, followingOf } from '../work/following';
import { placeInSheet, sheetNameOf } from '../work/sheet';
import { useAppSelector } from './store';

/** Where an exercise is among others, and what follows it. */
export function useFollowing(name: string): Following {
	const works = useAppSelector((state) => (sheetNameOf(state.works, name) === null ? null : state.works));
	return useMemo(() => followingOf(name, works && placeInSheet(works, name)), [name, works]);
}
