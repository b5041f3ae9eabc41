import { placeInRound } from '@tidy-sum/core';
import { exerciseNamed, FIRST, isOwn } from '../work/exercises';
import { useAppSelector } from './store';

/** The Desk as it was left: where the exercise last worked is, or the first of the book. */
export function useLastDesk(): `/desk/${string}` {
	const last = useAppSelector((state) => state.works.last);
	// An exercise of a Round is there once its Round is made.
	const isThere = last !== null && (isOwn(last) || placeInRound(last) !== null || exerciseNamed(last) !== undefined);
	return `/desk/${isThere ? last : FIRST.name}`;
}
