import { act } from '@testing-library/react';

/** How many turns in a row nothing changes in a page that is at rest, how long a turn is, and how long it is waited for at most. */
const STILL_TURNS = 6;
const TURN_MS = 16;
const LONGEST_MS = 5000;

/**
 * Waits until the page has not changed for some frames: what follows a touch by a frame, or comes from a worker, is there then.
 * Each turn is an `act` of its own, so that what React draws after one can ask for the next.
 */
export async function atRest(): Promise<void> {
	let still = 0;
	const watching = new MutationObserver(() => {
		still = 0;
	});
	watching.observe(document, { subtree: true, childList: true, attributes: true, characterData: true });
	const until = performance.now() + LONGEST_MS;
	while (still < STILL_TURNS && performance.now() < until) {
		still += 1;
		await act(() => new Promise((resolve) => setTimeout(resolve, TURN_MS)));
	}
	watching.disconnect();
}
