const MINUTE_MS = 60_000;
const DAY_MS = 86_400_000;

/** The days from a Thursday, on which the count of days begins (1 January 1970), back to its Monday. */
const TO_MONDAY = 3;

/**
 * The Monday a moment lies behind, at the beginning of its day, in milliseconds since 1970 (ISO 8601: weeks begin on Monday).
 * @param zone minutes the device's clock is ahead of UTC.
 */
export function weekOf(when: number, zone: number): number {
	const day = Math.floor((when + zone * MINUTE_MS) / DAY_MS);
	const sinceMonday = (((day + TO_MONDAY) % 7) + 7) % 7;
	return (day - sinceMonday) * DAY_MS - zone * MINUTE_MS;
}

/** The weeks from one to another, both with them, those in which nothing happened too. */
export function weeksBetween(first: number, last: number): readonly number[] {
	const count = Math.max(0, Math.round((last - first) / (7 * DAY_MS)));
	return Array.from({ length: count + 1 }, (_, i) => first + i * 7 * DAY_MS);
}

/** The day a moment lies in, as a count of days from today: 0 today, 1 tomorrow, less than 0 before. */
export function daysFrom(now: number, when: number, zone: number): number {
	const day = (moment: number) => Math.floor((moment + zone * MINUTE_MS) / DAY_MS);
	return day(when) - day(now);
}
