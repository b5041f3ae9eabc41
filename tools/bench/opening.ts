import { existsSync, readFileSync } from 'node:fs';
import { join } from 'node:path';
import { gzipSync } from 'node:zlib';
import { Browser, PHONE } from '../../e2e/src/browser';

/** A phone far from the mast: its processor slowed, its network as browsers' own tools emulate a slow one. */
const SLOWED = 4;
const NETWORK = { offline: false, latency: 150, downloadThroughput: 200_000, uploadThroughput: 90_000 };

/** What is looked at as a page opens. */
export type Opens = {
	readonly path: string;
	/** What the page is about: it is there with the first paint. */
	readonly text: string;
	/** What is touched, and what that shows. */
	readonly touch: string;
	readonly shows: string;
};

/** What one opening took, in milliseconds since the address was asked for. */
export type Opening = {
	/** When something was painted with the page's own text in it. */
	readonly painted: number;
	/** When a touch was answered for the first time. */
	readonly answered: number;
	/** How much moved (layout instability: the share of the screen times the share of the way). */
	readonly shift: number;
	/** The scripts fetched before that touch, by address. */
	readonly scripts: readonly string[];
	readonly heap: number;
};

/** Watches a page from its first moment, and touches what is to be touched until it answers. */
function watcher({ text, touch, shows }: Opens): string {
	return `
		const seen = window.seen = { shift: 0 };
		new PerformanceObserver((list) => {
			// What a touch moves is no shift: this one is a call of the page itself, which browsers do not count as a touch.
			for (const entry of list.getEntries()) if (!entry.hadRecentInput && !(entry.startTime > seen.touched)) seen.shift += entry.value;
		}).observe({ type: 'layout-shift', buffered: true });
		new PerformanceObserver((list) => {
			for (const entry of list.getEntries()) if (entry.name === 'first-contentful-paint') seen.first = entry.startTime;
		}).observe({ type: 'paint', buffered: true });
		const one = (id) => document.querySelector('[data-testid="' + id + '"]');
		let touchedAt = Infinity;
		const look = () => {
			if (seen.text === undefined && document.body && document.body.textContent.includes(${JSON.stringify(text)}))
				seen.text = performance.now();
			if (one(${JSON.stringify(shows)})) {
				seen.touched = touchedAt;
				seen.scripts = performance.getEntriesByType('resource').filter(({ name }) => name.endsWith('.js')).map(({ name }) => new URL(name).pathname);
				requestAnimationFrame(() => { seen.answered = performance.now(); });
				return;
			}
			touchedAt = performance.now();
			one(${JSON.stringify(touch)})?.click();
			setTimeout(look, 30);
		};
		look();
	`;
}

/** How long a page may take before it is given up, in milliseconds. */
const GIVEN_UP = 60_000;

/**
 * Makes a browser as slow as a phone, once: each time it is asked for it would become slower. It is done on a page of the address
 * itself, so that the process that will open the others is slowed.
 */
export async function slowed(browser: Browser, url: string, network = true): Promise<void> {
	await browser.driver.get(`${url}/metadata.json`);
	await browser.command('Network.enable', {});
	await browser.command('Emulation.setCPUThrottlingRate', { rate: SLOWED });
	if (network) await browser.command('Network.emulateNetworkConditions', NETWORK);
}

/** Opens a page once in a browser that is slowed already. */
export async function openOnce(browser: Browser, url: string, opens: Opens): Promise<Opening> {
	const { identifier } = (await browser.command('Page.addScriptToEvaluateOnNewDocument', {
		source: watcher(opens),
	})) as { identifier: string };
	await browser.driver.get(`${url}${opens.path}`);
	type Seen = { shift: number; first: number; text: number; answered?: number; scripts: string[] };
	const seen = await browser.driver.wait<Seen>(
		async () => {
			const now = await browser.driver.executeScript<Seen>('return window.seen');
			return now?.answered === undefined ? null : now;
		},
		GIVEN_UP,
		`${opens.path} does not answer a touch`,
	);
	await browser.command('Page.removeScriptToEvaluateOnNewDocument', { identifier });
	await browser.command('HeapProfiler.collectGarbage', {});
	const { usedSize } = (await browser.command('Runtime.getHeapUsage', {})) as { usedSize: number };
	return {
		painted: Math.max(seen.first, seen.text),
		answered: seen.answered ?? GIVEN_UP,
		shift: seen.shift,
		scripts: [...new Set(seen.scripts)],
		heap: usedSize / 1e6,
	};
}

/** Opens a page for the first time, in a browser that has nothing of it yet, so many times. */
export async function openAnew(url: string, opens: Opens, times: number): Promise<readonly Opening[]> {
	const found: Opening[] = [];
	for (let i = 0; i < times; i++) {
		const browser = await Browser.open({ screen: PHONE, alone: true });
		try {
			await slowed(browser, url);
			found.push(await openOnce(browser, url, opens));
		} finally {
			await browser.close();
		}
	}
	return found;
}

/** The size of a script of an exported app, gzipped, in KB; none of what is no file of it. */
export function gzipped(dist: string, path: string): number {
	const file = join(dist, path);
	return existsSync(file) ? gzipSync(readFileSync(file)).length / 1000 : 0;
}
