import { Browser, PHONE } from '../../e2e/src/browser';
import { type Opening, type Opens, openOnce, slowed } from './opening';
import { manyTries } from './record';

/** How long a page rests before the next is opened. */
const RESTS_MS = 4000;

/** What the bench opens, on a device with much work on it or little: an exercise that was not started. */
const OPENS: Opens = { path: '/desk/new-snow', text: 'During a squall', touch: 'unit--1-top-in', shows: 'facts' };

/** Lays pieces of work on the device as they are kept there, without an index: the next opening makes it. */
const LAY = `
	const [pieces, done] = arguments;
	const opening = indexedDB.open('tidy-sum');
	opening.onsuccess = () => {
		const rows = opening.result.transaction('kept', 'readwrite').objectStore('kept');
		const asked = rows.get('desk');
		asked.onsuccess = () => {
			const desk = asked.result;
			for (const piece of pieces) rows.put(piece, 'work:' + desk + ':' + piece.id);
			rows.delete('indexed:' + desk);
			rows.transaction.oncomplete = () => { opening.result.close(); done(); };
			rows.transaction.commit?.();
		};
	};
`;

/** So many pieces of work, each on an exercise of a Round of its own, as a term leaves them. */
function pieces(count: number) {
	const tried = manyTries();
	return Array.from({ length: count }, (_, i) => {
		const { tries } = tried[i % tried.length] as (typeof tried)[number];
		const code = `9${i.toString(36).padStart(8, '0')}`;
		return {
			id: `grown-piece-${i}`,
			body: {
				exercise: `round-${code}-${`${(i % 10) + 1}`.padStart(2, '0')}`,
				steps: Array.from({ length: 20 }, (_, step) => ({ do: 'answer', text: `${step} mm` })),
				tries: tries?.map((one) => ({ ...one, answer: '1 m', start: null, factors: [] })),
			},
			version: 1,
			ahead: false,
			touched: 1_700_000_000_000 + i,
		};
	});
}

/** A browser with so many pieces of work on its device, opened once since. */
export async function withPieces(url: string, count: number): Promise<Browser> {
	const browser = await Browser.open({ screen: PHONE, alone: true });
	await browser.go(`${url}/desk/honey-jar`);
	// The app itself is on the device as well then, as it is for somebody who comes back.
	await browser.driver.executeAsyncScript(
		'const done = arguments[0]; navigator.serviceWorker.ready.then(() => done())',
	);
	const all = pieces(count);
	for (let at = 0; at < all.length; at += 500) await browser.driver.executeAsyncScript(LAY, all.slice(at, at + 500));
	await browser.go(`${url}/desk/honey-jar`);
	return browser;
}

/** The same page opened again and again, with little and with much on the device in turn. */
export async function timeGrown(
	url: string,
	counts: readonly [number, number],
	rounds: number,
): Promise<readonly (readonly Opening[])[]> {
	const browsers = [await withPieces(url, counts[0]), await withPieces(url, counts[1])];
	try {
		const found: Opening[][] = [[], []];
		for (const browser of browsers) await slowed(browser, url, false);
		for (let round = 0; round < rounds; round++)
			for (const [i, browser] of browsers.entries()) {
				found[i]?.push(await openOnce(browser, url, OPENS));
				// What a page does after it was opened is not to slow the other.
				await new Promise((resolve) => setTimeout(resolve, RESTS_MS));
			}
		return found;
	} finally {
		for (const browser of browsers) await browser.close();
	}
}
