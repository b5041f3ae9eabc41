import { wentOf } from '../practice/outcome';
import { daysFrom, weekOf } from './weeks';
import type { Worked } from './worked';

/**
 * The seven days of a week, from Monday: how many exercises were worked on each, how many of them were right at once, and which
 * of the days today is, from 0.
 */
export type WeekDays = {
	readonly counts: readonly number[];
	readonly atOnce: readonly number[];
	readonly today: number;
};

/**
 * How many exercises were worked on each day of this week; one that was tried on two days counts on both, and is right at once
 * on the day of its first try.
 * @example weekDays(worked, Date.now(), 60) // { counts: [3, 0, 5, 0, 0, 0, 0], atOnce: [2, 0, 4, 0, 0, 0, 0], today: 2 }
 * @param zone minutes the device's clock is ahead of UTC.
 */
export function weekDays(worked: readonly Worked[], now: number, zone: number): WeekDays {
	const monday = weekOf(now, zone);
	const counts = new Array<number>(7).fill(0);
	const atOnce = new Array<number>(7).fill(0);
	const add = (to: number[], day: number) => {
		if (day >= 0 && day < 7) to[day] = (to[day] ?? 0) + 1;
	};
	for (const { tries } of worked) {
		const days = new Set(tries.map(({ when }) => daysFrom(monday, when, zone)));
		for (const day of days) add(counts, day);
		const [first] = tries;
		if (first && wentOf(tries) === 'at-once') add(atOnce, daysFrom(monday, first.when, zone));
	}
	return { counts, atOnce, today: daysFrom(monday, now, zone) };
}
