import type { BookExercise } from '../../exercise/exercise';
import { type Posed, posed } from '../../exercise/posed';
import { workedIn } from '../../exercise/worked-in';

type Row = Posed & Required<Pick<BookExercise, 'name' | 'skill' | 'title' | 'trains'>> & { readonly start: string };

/** An exercise of the book from its row, written as a person would write it down, as it is worked. */
export function asked({ name, skill, title, trains, ...problem }: Row): BookExercise {
	return {
		name,
		skill,
		title,
		trains,
		...workedIn(posed(problem), typeof problem.want === 'string' ? problem.want : null),
	} as BookExercise;
}
