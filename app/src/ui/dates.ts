// A formatter is slow to make and quick to use.
const SHORT = new Intl.DateTimeFormat('en-GB', { day: 'numeric', month: 'short' });
const WITH_YEAR = new Intl.DateTimeFormat('en-GB', { day: 'numeric', month: 'short', year: 'numeric' });
const CLOCK = new Intl.DateTimeFormat('en-GB', { hour: '2-digit', minute: '2-digit' });
const NAMED = new Intl.DateTimeFormat('en-GB', { weekday: 'long', day: 'numeric', month: 'short' });

const WEEKDAY = new Intl.DateTimeFormat('en-GB', { weekday: 'long', timeZone: 'UTC' });

/** The days of a week, from Monday to Sunday. 1 January 2024 was a Monday. */
export const WEEKDAYS: readonly string[] = Array.from({ length: 7 }, (_, i) =>
	WEEKDAY.format(Date.UTC(2024, 0, 1 + i)),
);

/** A day in words, as short as it can be: "12 Nov"; of another year "12 Nov 2024". */
export function dateText(when: number, now = Date.now()): string {
	const isThisYear = new Date(when).getFullYear() === new Date(now).getFullYear();
	return (isThisYear ? SHORT : WITH_YEAR).format(when);
}

/** The time of day: "14:05". */
export function clockText(when: number): string {
	return CLOCK.format(when);
}

/** A day with the time of day: "12 Nov, 14:05". */
export function momentText(when: number, now = Date.now()): string {
	return `${dateText(when, now)}, ${clockText(when)}`;
}

/** A day with its name: "Thursday 12 Nov". */
export function dayText(when: number): string {
	return NAMED.format(when);
}
