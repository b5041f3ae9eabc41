import { mkdirSync, writeFileSync } from 'node:fs';
import { join } from 'node:path';
import { closeAll, openBrowsers } from './browser';

/** Where what a failed journey left is kept: a folder each, with a picture, the text of the page and the console. */
const FAILED = join(__dirname, '..', 'dist', 'failed');

declare global {
	/** Called by the environment at the moment a journey fails. */
	var onJourneyFailure: ((name: string, message: string) => Promise<void>) | undefined;
}

globalThis.onJourneyFailure = async (name, message) => {
	const folder = join(FAILED, (name || 'before the journeys of a file').replace(/[^a-z0-9]+/gi, '-').slice(0, 120));
	mkdirSync(folder, { recursive: true });
	writeFileSync(join(folder, 'what.txt'), `${name}\n\n${message}\n`);
	for (const [i, browser] of openBrowsers().entries()) {
		const of = `device-${i + 1}`;
		try {
			writeFileSync(join(folder, `${of}.png`), await browser.picture());
			writeFileSync(join(folder, `${of}.txt`), await browser.whole());
			writeFileSync(join(folder, `${of}-console.txt`), (await browser.console()).join('\n'));
		} catch (error) {
			writeFileSync(join(folder, `${of}-not-seen.txt`), `${error}`);
		}
	}
	process.stderr.write(`what “${name}” left is in ${folder}\n`);
};

afterAll(closeAll);
