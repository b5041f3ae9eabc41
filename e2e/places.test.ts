import { Key } from 'selenium-webdriver';
import { Browser, PHONE, type Screen } from './src/browser';
import { L, titleOf, verdict } from './src/labels';
import type { Target } from './src/named';
import { byId } from './src/parts';
import { Whole } from './src/whole';

jest.setTimeout(180_000);

let whole: Whole;
let browser: Browser;

beforeAll(async () => {
	whole = await Whole.start();
});

afterAll(async () => {
	await whole.stop();
});

/** The share of the page's width that has text, a picture or something to press over or under it, in the first screen. */
const USED = `
	const page = document.querySelector('main') ?? document.body;
	const { left, width } = page.getBoundingClientRect();
	const covered = new Uint8Array(Math.ceil(width));
	for (const each of page.querySelectorAll('*')) {
		const isLeaf = [...each.childNodes].some((node) => node.nodeType === 3 && node.textContent.trim());
		if (!isLeaf && !each.matches('button, input, textarea, svg, [role=img], [role=link]')) continue;
		const box = each.getBoundingClientRect();
		if (box.width < 2 || box.height < 2 || box.top > innerHeight || box.bottom < 0) continue;
		covered.fill(1, Math.max(0, Math.floor(box.left - left)), Math.min(width, Math.ceil(box.right - left)));
	}
	return covered.reduce((sum, one) => sum + one, 0) / width;`;

/** Each place, what one came for there, and what of it is touched first. */
const PLACES: readonly (readonly [string, string, Target])[] = [
	['Today', '', 'Work your first line'],
	['Problems', 'problems', titleOf('new-snow')],
	['Rounds', 'rounds', L.beginRound],
	['the Shelf', 'shelf', byId('part-facts')],
];

describe('the four places', () => {
	const WIDE: readonly (readonly [string, Screen])[] = [
		['1280 × 800', { width: 1280, height: 800, mobile: false }],
		['1920 × 1080', { width: 1920, height: 1080, mobile: false }],
	];

	it.each(WIDE)('use two thirds of the width at %s', async (_, screen) => {
		browser = await Browser.open({ screen });
		const shares: Record<string, number> = {};
		for (const [name, path, first] of PLACES) {
			await browser.open(`${whole.url}/${path}`);
			await browser.find(first);
			shares[name] = await browser.driver.executeScript<number>(USED);
		}
		expect(Object.entries(shares).filter(([, share]) => share < 2 / 3)).toEqual([]);
		await browser.close();
	});

	it('have what one does first in view on a phone', async () => {
		browser = await Browser.open({ screen: PHONE });
		for (const [name, path, first] of PLACES) {
			await browser.open(`${whole.url}/${path}`);
			const box = await (await browser.find(first)).getRect();
			expect([name, box.y >= 0 && box.y + box.height <= PHONE.height]).toEqual([name, true]);
		}
		await browser.close();
	});
});

describe('by keyboard alone, from Today to a checked answer', () => {
	/** Whether what has the focus comes after the problem. */
	const isPast = async () =>
		browser.driver.executeScript<boolean>(
			'return !!(arguments[0].compareDocumentPosition(document.activeElement) & Node.DOCUMENT_POSITION_FOLLOWING)',
			await browser.find(L.problem),
		);

	it('the focus is never past the problem, A leads to the answer, and ? says every key', async () => {
		browser = await Browser.open({ screen: { width: 1280, height: 800, mobile: false } });
		await browser.open(whole.url);
		await browser.enter('Work your first line');
		await browser.find(L.problem);
		await browser.settled();
		expect(await isPast()).toBe(false);
		await browser.open(whole.url);
		await browser.enter(L.placeProblems, titleOf('honey-jar'));
		await browser.find(L.problem);
		await browser.settled();
		expect(await isPast()).toBe(false);
		await browser.keys('?');
		await browser.sees('undo', 'next factor on the line');
		await browser.keys(Key.ESCAPE);
		await browser.keys('a');
		const answer = await browser.find(L.answer);
		await browser.settled();
		expect(await browser.driver.executeScript('return document.activeElement === arguments[0]', answer)).toBe(true);
		await browser.keys('0.454 kg', Key.ENTER);
		await browser.sees(verdict('value', 'right'));
		await browser.close();
	});
});
