import type { BookExercise } from '../exercise/exercise';
import { AREAS_AND_VOLUMES } from './book/areas-and-volumes';
import { BETWEEN_SYSTEMS } from './book/between-systems';
import { FACTS_OF_THE_PROBLEM } from './book/facts-of-the-problem';
import { MIXED_MEASURES } from './book/mixed-measures';
import { ONE_FACTOR } from './book/one-factor';
import { PREFIXES_TO_CLIMB } from './book/prefixes';
import { RATES } from './book/rates';
import { TEMPERATURES } from './book/temperatures';
import { TIMES } from './book/times';

/** A kind of exercise, as the book is ordered: what its exercises have in common. */
export type Chapter = { readonly title: string; readonly exercises: readonly BookExercise[] };

/** The bundled exercises of Fennel Ridge, kind by kind, in the order they are offered. */
export const CHAPTERS: readonly Chapter[] = [
	{ title: 'Rates', exercises: RATES },
	{ title: 'Prefixes', exercises: PREFIXES_TO_CLIMB },
	{ title: 'Times', exercises: TIMES },
	{ title: 'Facts in the problem', exercises: FACTS_OF_THE_PROBLEM },
	{ title: 'Areas and volumes', exercises: AREAS_AND_VOLUMES },
	{ title: 'Between systems', exercises: BETWEEN_SYSTEMS },
	{ title: 'The missing factor', exercises: ONE_FACTOR },
	{ title: 'Mixed measures', exercises: MIXED_MEASURES },
	{ title: 'Temperatures', exercises: TEMPERATURES },
];

export const BOOK: readonly BookExercise[] = CHAPTERS.flatMap(({ exercises }) => exercises);

/** The exercise of the book with this name. */
export function bookExercise(name: string): BookExercise | undefined {
	return BOOK.find((exercise) => exercise.name === name);
}
