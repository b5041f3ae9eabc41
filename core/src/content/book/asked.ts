import { asWorked } from '../../exercise/as-worked';
import type { BookExercise } from '../../exercise/exercise';
import { type Posed, posed } from '../../exercise/posed';

type Row = Posed & Required<Pick<BookExercise, 'name' | 'skill' | 'title' | 'trains'>> & { readonly start: string };

/** An exercise of the book from its row, written as a person would write it down, as it is worked. */
export function asked({ name, skill, title, trains, ...problem }: Row): BookExercise {
	return { name, skill, title, trains, ...asWorked(posed(problem)) } as BookExercise;
}
