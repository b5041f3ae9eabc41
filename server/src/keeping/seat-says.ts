import { randomInt } from 'node:crypto';
import { SEAT_WORDS } from './words';

/** The highest number beside a word. */
const HIGHEST = 99;

/**
 * What a new seat is called: a word and a number that no other seat of the class has.
 * @param taken what the other seats are called.
 * @example seatSays(new Set()) // 'Heron 4'
 */
export function seatSays(taken: ReadonlySet<string>): string {
	for (;;) {
		const says = `${SEAT_WORDS[randomInt(SEAT_WORDS.length)]} ${1 + randomInt(HIGHEST)}`;
		if (!taken.has(says)) return says;
	}
}
