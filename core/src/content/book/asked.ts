import type { BookExercise } from '../../exercise/exercise';
import { type Posed, posed } from '../../exercise/posed';

type Row = Posed & Pick<BookExercise, 'name' | 'title' | 'trains'> & { readonly start: string };

/** An exercise of the book from its row, written as a person would write it down. */
export function asked({ name, title, trains, ...problem }: Row): BookExercise {
	return { name, title, trains, ...posed(problem) } as BookExercise;
}
