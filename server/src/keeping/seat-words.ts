import { randomInt } from 'node:crypto';

/** The words of seats: short, easy to spell, and of nobody. */
export const SEAT_WORDS = [
	'Alder',
	'Aster',
	'Badger',
	'Birch',
	'Bracken',
	'Clover',
	'Curlew',
	'Dipper',
	'Fern',
	'Finch',
	'Hazel',
	'Heron',
	'Juniper',
	'Kestrel',
	'Lark',
	'Lichen',
	'Linnet',
	'Maple',
	'Marten',
	'Meadow',
	'Otter',
	'Pebble',
	'Plover',
	'Rowan',
	'Sedge',
	'Sorrel',
	'Swift',
	'Thistle',
	'Willow',
	'Wren',
] as const;

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
