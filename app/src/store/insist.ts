/** How long after a refusal the device is asked again. */
const AGAIN_MS = 5000;

/**
 * Writes something to the device, again and again until it takes it or the page ends.
 * @param onTaken called with whether the device took it, each time it was asked.
 */
export async function insist(
	write: () => Promise<unknown>,
	onTaken: (taken: boolean) => void = () => {},
): Promise<void> {
	for (;;) {
		const taken = await write().then(
			() => true,
			() => false,
		);
		onTaken(taken);
		if (taken) return;
		await new Promise((resolve) => setTimeout(resolve, AGAIN_MS));
	}
}
