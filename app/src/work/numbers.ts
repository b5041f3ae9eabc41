import { type BookExercise, placeInRound, type WorkedChain } from '@tidy-sum/core';
import type { NUMBERS } from '@tidy-sum/schema';
import type { Shelf, Support } from './my-shelf';

/**
 * How much of the numbers is worked for the student: all of it; the products above and below, with the division left to
 * do; or nothing.
 */
export type NumbersWay = (typeof NUMBERS)[number];

/** The way that goes with each support, where none was chosen. */
const BY_SUPPORT: Readonly<Record<Support, NumbersWay>> = { close: 'worked', light: 'laid-out', none: 'covered' };

/** The way one has chosen, or the one that goes with the support. */
export function chosenNumbers({ numbers, support }: Shelf): NumbersWay {
	return numbers ?? BY_SUPPORT[support];
}

/** The way the numbers of an exercise are shown: a Round is laid out, whatever was chosen. */
export function numbersOf(exercise: Pick<BookExercise, 'name'>, shelf: Shelf): NumbersWay {
	return placeInRound(exercise.name) ? 'laid-out' : chosenNumbers(shelf);
}

/** What can be covered: the products above and below, the result, or the value after a block, from 0. */
export type Covered = 'products' | 'result' | `after-${number}`;

/** Whether a number is covered: by the way the numbers are shown, and as far as it was not uncovered by a touch. */
export function isCovered(way: NumbersWay, uncovered: readonly string[], what: Covered): boolean {
	if (way === 'worked' || uncovered.includes(what)) return false;
	return what === 'products' ? way === 'covered' : true;
}

/** A line with the numbers that are covered left out, as wherever they are still missing. */
export function withCovered(worked: WorkedChain, way: NumbersWay, uncovered: readonly string[]): WorkedChain {
	if (way === 'worked') return worked;
	const covered = (what: Covered) => isCovered(way, uncovered, what);
	const last = worked.running.length - 1;
	return {
		...worked,
		...(covered('products') ? { top: null, bottom: null } : {}),
		...(covered('result') ? { value: null, printed: null } : {}),
		// The start stands on the line; what it comes to in the end is the result.
		running: worked.running.map((one, i) => {
			const open = i === 0 || !covered(i === last ? 'result' : `after-${i - 1}`);
			return open ? one : { ...one, value: null };
		}),
	};
}
