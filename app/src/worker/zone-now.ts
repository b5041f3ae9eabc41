/** Minutes the device's clock is ahead of UTC: days and weeks begin in its zone. */
export function zoneNow(): number {
	return -new Date().getTimezoneOffset();
}

/** The same at another moment: clocks change in spring and in autumn. */
export function zoneAt(when: number): number {
	return -new Date(when).getTimezoneOffset();
}
