import type { WebDriver } from 'selenium-webdriver';

/** How many frames in a row nothing changes in a page that is at rest; and how long it is waited for. */
const QUIET_FRAMES = 2;
const LONGEST_MS = 1500;

const WATCH = `
const [quiet, longest, done] = arguments;
const until = performance.now() + longest;
let still = 0;
const watching = new MutationObserver(() => { still = 0; });
watching.observe(document, { subtree: true, childList: true, attributes: true, characterData: true });
const frame = () => {
	if (still >= quiet || performance.now() > until) {
		watching.disconnect();
		done();
		return;
	}
	still += 1;
	requestAnimationFrame(frame);
};
requestAnimationFrame(frame);
`;

/**
 * Waits until nothing on the page changes any more, as a person does before the next touch; a page that never rests
 * is waited for a moment only.
 */
export async function atRest(driver: WebDriver): Promise<void> {
	// A page that is left meanwhile has no rest to wait for.
	await driver.executeAsyncScript(WATCH, QUIET_FRAMES, LONGEST_MS).catch(() => {});
}
