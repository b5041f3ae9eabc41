// A formatter is slow to make and quick to use.
const SHORT = new Intl.DateTimeFormat('en-GB', { day: 'numeric', month: 'short' });
const NAMED = new Intl.DateTimeFormat('en-GB', { weekday: 'long', day: 'numeric', month: 'short' });

/** A day in words, as short as it can be: "12 Nov". */
export function dateText(when: number): string {
	return SHORT.format(when);
}

/** A day with its name: "Thursday 12 Nov". */
export function dayText(when: number): string {
	return NAMED.format(when);
}
