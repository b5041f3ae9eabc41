import { Browser, PHONE, type Screen } from './src/browser';
import { L, titleOf, verdict } from './src/labels';
import { region, type Target } from './src/named';
import { byId, offerOf, unitAt, wayOf, withBelow } from './src/parts';
import { Whole } from './src/whole';

jest.setTimeout(120_000);

let whole: Whole;
let browser: Browser;

beforeAll(async () => {
	whole = await Whole.start();
});

afterAll(async () => {
	await whole.stop();
});

beforeEach(async () => {
	browser = await Browser.open({ screen: PHONE });
});

afterEach(async () => {
	const errors = await browser.errors();
	await browser.close();
	expect(errors).toEqual([]);
});

/** What has to be scrolled to before it can be touched. */
const OUT_OF_VIEW = `
	const { top, bottom, left, right } = arguments[0].getBoundingClientRect();
	const at = document.elementFromPoint((left + right) / 2, (top + bottom) / 2);
	return top < 0 || bottom > innerHeight || left < 0 || right > innerWidth || !arguments[0].contains(at);`;

/** Which of some things are not in view as a whole. */
async function hidden(...targets: readonly Target[]): Promise<readonly Target[]> {
	for (const target of targets) await browser.find(target);
	await browser.settled();
	const looks = targets.map(
		async (target) =>
			[target, await browser.driver.executeScript<boolean>(OUT_OF_VIEW, await browser.find(target))] as const,
	);
	return (await Promise.all(looks)).filter(([, isOut]) => isOut).map(([target]) => target);
}

/** Touches one after another, none of them after a scroll, up to a verdict that is all right; the number of touches. */
async function touched(...targets: readonly Target[]): Promise<number> {
	for (const target of targets) {
		expect(await hidden(target)).toEqual([]);
		await browser.tap(target);
	}
	for (const name of ['line', 'value', 'figures', 'unit']) await browser.sees(verdict(name, 'right'));
	return targets.length;
}

/** The list of problems, with a problem in view. */
async function list(exercise: string): Promise<void> {
	await browser.open(`${whole.url}/problems`);
	await browser.settled();
	await browser.driver.executeScript(
		'arguments[0].scrollIntoView({ block: "center" })',
		await browser.find(titleOf(exercise)),
	);
}

describe('from the list to the verdict, all right first time', () => {
	it('a rate of two factors takes eleven touches at most', async () => {
		await list('drip-line');
		const count = await touched(
			titleOf('drip-line'),
			unitAt('mL', 'top'),
			withBelow('mL'),
			withBelow('h'),
			...['4', '. point', '3', 'L/h unit L/h'],
			L.check,
		);
		expect(count).toBeLessThanOrEqual(11);
	});

	it('a length of two factors takes nine', async () => {
		await list('beam-length');
		const count = await touched(
			titleOf('beam-length'),
			withBelow('ft'),
			withBelow('in'),
			...['3', '5', '1', 'cm unit cm'],
			L.check,
		);
		expect(count).toBeLessThanOrEqual(9);
	});

	it('one factor takes eight', async () => {
		await list('trail-mile');
		const count = await touched(titleOf('trail-mile'), withBelow('mi'), ...['4', '2', '2', '0', 'yd unit yd'], L.check);
		expect(count).toBeLessThanOrEqual(8);
	});

	it('the first line with a guide takes ten', async () => {
		await browser.open(whole.url);
		const count = await touched(
			L.beginGuided,
			unitAt('g', 'top'),
			withBelow('g'),
			...['0', '. point', '4', '5', '4', 'kg unit kg'],
			L.check,
		);
		expect(count).toBeLessThanOrEqual(10);
	});

	it('a temperature in one step takes ten', async () => {
		await list('seed-store');
		const count = await touched(
			titleOf('seed-store'),
			offerOf('whole-°C-K'),
			wayOf(0),
			...['2', '7', '7', '. point', '7', 'K unit K'],
			L.check,
		);
		expect(count).toBeLessThanOrEqual(10);
	});

	it('none of it opens by itself where the setting is off', async () => {
		await browser.open(`${whole.url}/settings`);
		await browser.press(byId('opens-next-off'));
		await browser.go(`${whole.url}/desk/trail-mile`);
		await browser.press(unitAt('mi', 'top'), withBelow('mi'));
		await browser.find(L.block);
		expect(await browser.has(L.answer)).toBe(false);
	});
});

const SIZES: readonly Screen[] = [
	{ width: 390, height: 844, mobile: true },
	{ width: 390, height: 664, mobile: true },
	{ width: 375, height: 553, mobile: true },
	{ width: 360, height: 640, mobile: true },
	{ width: 320, height: 568, mobile: true },
	{ width: 844, height: 390, mobile: true },
	{ width: 820, height: 1180, mobile: true },
	{ width: 1280, height: 800, mobile: false },
];

describe.each(SIZES.map((size) => [`${size.width} × ${size.height}`, size] as const))('at %s', (_, size) => {
	beforeEach(async () => {
		await browser.resize(size);
	});

	it('what is pressed next is in view while a fact is chosen, and so is undo', async () => {
		await browser.go(`${whole.url}/desk/drip-line`);
		await browser.press(unitAt('mL', 'top'), withBelow('mL'));
		await browser.find(region('Facts with min'));
		expect(await hidden(withBelow('h'), withBelow('min'), unitAt('min', 'bottom'), L.undo)).toEqual([]);
	});

	it('check, keys, line and result are in view while the answer is typed, with the guide and a long message', async () => {
		await browser.open(whole.url);
		await browser.press(L.beginGuided, unitAt('g', 'top'), withBelow('g'));
		await browser.write(L.answer, '12..5 kg');
		await browser.sees('A number has only one decimal point. This is a second one.');
		const keys = ['0', '. point', 'erase', 'kg unit kg'];
		const line = (await browser.has(L.smallLine)) ? [L.smallLine] : [L.line, byId('quotient')];
		expect(await hidden(L.answer, ...keys, L.check, ...line, L.undo)).toEqual([]);
		await browser.sees('3 of 3');
	});
});
