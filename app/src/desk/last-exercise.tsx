import { placeInRound } from '@tidy-sum/core';
import { Redirect } from 'expo-router';
import { useAppSelector } from '../store/store';
import { exerciseNamed, FIRST, isOwn } from '../work/exercises';

/** The way in: the exercise last worked, or the first of the book. */
export function LastExercise() {
	const last = useAppSelector((state) => state.works.last);
	// An exercise of a Round is there once its Round is made.
	const isThere = last !== null && (isOwn(last) || placeInRound(last) !== null || exerciseNamed(last) !== undefined);
	return <Redirect href={`/desk/${isThere ? last : FIRST.name}`} />;
}
