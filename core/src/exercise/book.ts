import { AREAS_AND_VOLUMES } from './book/areas-and-volumes';
import { BETWEEN_SYSTEMS } from './book/between-systems';
import { FACTS_OF_THE_PROBLEM } from './book/facts-of-the-problem';
import { PREFIXES_TO_CLIMB } from './book/prefixes';
import { RATES } from './book/rates';
import { TIMES } from './book/times';
import type { BookExercise } from './exercise';

/** The bundled exercises of Fennel Ridge, kind by kind, in the order they are offered. */
export const BOOK: readonly BookExercise[] = [
	...RATES,
	...PREFIXES_TO_CLIMB,
	...TIMES,
	...FACTS_OF_THE_PROBLEM,
	...AREAS_AND_VOLUMES,
	...BETWEEN_SYSTEMS,
];

/** The exercise of the book with this name. */
export function bookExercise(name: string): BookExercise | undefined {
	return BOOK.find((exercise) => exercise.name === name);
}
