import { Redirect } from 'expo-router';
import { useAppSelector } from '../store/store';
import { exerciseNamed } from './work';

/** The way in: the exercise last worked, or the first of the book. */
export function LastExercise() {
	const last = useAppSelector((state) => state.works.last);
	return <Redirect href={`/desk/${exerciseNamed(last ?? undefined).name}`} />;
}
