/** A day in words, as short as it can be: "12 Nov". */
export function dateText(when: number): string {
	return new Intl.DateTimeFormat('en-GB', { day: 'numeric', month: 'short' }).format(when);
}

/** A day with its name: "Thursday 12 Nov". */
export function dayText(when: number): string {
	return new Intl.DateTimeFormat('en-GB', { weekday: 'long', day: 'numeric', month: 'short' }).format(when);
}
