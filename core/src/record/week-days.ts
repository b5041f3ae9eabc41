import { daysFrom, weekOf } from './weeks';
import type { Worked } from './worked';

/** The seven days of a week, from Monday: how many exercises were worked on each, and which of them today is, from 0. */
export type WeekDays = { readonly counts: readonly number[]; readonly today: number };

/**
 * How many exercises were worked on each day of this week; one that was tried on two days counts on both.
 * @example weekDays(worked, Date.now(), 60) // { counts: [3, 0, 5, 0, 0, 0, 0], today: 2 }
 * @param zone minutes the device's clock is ahead of UTC.
 */
export function weekDays(worked: readonly Worked[], now: number, zone: number): WeekDays {
	const monday = weekOf(now, zone);
	const counts = Array.from({ length: 7 }, () => 0);
	for (const { tries } of worked) {
		const days = new Set(tries.map(({ when }) => daysFrom(monday, when, zone)));
		for (const day of days) if (day >= 0 && day < 7) counts[day] = (counts[day] ?? 0) + 1;
	}
	return { counts, today: daysFrom(monday, now, zone) };
}
