/** Minutes the device's clock is ahead of UTC: days and weeks begin in its zone. */
export function zoneNow(): number {
	return -new Date().getTimezoneOffset();
}
