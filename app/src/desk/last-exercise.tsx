import { Redirect } from 'expo-router';
import { placeInRound } from '../rounds/made-rounds';
import { useAppSelector } from '../store/store';
import { exerciseNamed, isOwn } from './work';

/** The way in: the exercise last worked, or the first of the book. */
export function LastExercise() {
	const last = useAppSelector((state) => state.works.last);
	const kept = last !== null && (isOwn(last) || placeInRound(last) !== null);
	return <Redirect href={`/desk/${kept ? last : exerciseNamed(last ?? undefined).name}`} />;
}
