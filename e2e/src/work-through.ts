import type { Browser } from './browser';
import { L, LOOKING } from './labels';
import type { Part } from './named';
import { factOf, raisedTo, unitAt, withBelow } from './parts';

/** A block to place: the unit touched, the fact taken, and the unit that goes on the bottom. */
export type Placing = { readonly unit: Part; readonly fact: string; readonly below: string; readonly power?: number };

/** How each bundled exercise is worked, and an answer to it. */
export const WORKED: Readonly<
	Record<
		string,
		{
			/** The places its quantities are given, one after another, and what is then said to be wanted. */
			readonly places?: readonly string[];
			readonly blocks: readonly Placing[];
			readonly answer: string;
		}
	>
> = {
	'new-snow': {
		blocks: [
			{ unit: unitAt('in', 'top'), fact: '1in=2.54cm', below: 'in' },
			{ unit: unitAt('cm', 'top', 0), fact: '1cm=10mm', below: 'cm' },
			{ unit: unitAt('h', 'bottom'), fact: '1h=60min', below: 'min' },
		],
		answer: '1.16 mm/min',
	},
	'honey-jar': { blocks: [{ unit: unitAt('g', 'top'), fact: '1kg=1000g', below: 'g' }], answer: '0.454 kg' },
	'balloon-battery': {
		blocks: [
			{ unit: unitAt('mA', 'top'), fact: '1mA=10^-3A', below: 'mA' },
			{ unit: unitAt('A', 'top', 0), fact: '1µA=10^-6A', below: 'A' },
		],
		answer: '6.4e2 µA',
	},
	'mast-log': {
		blocks: [
			{ unit: unitAt('wk', 'top'), fact: '1wk=7d', below: 'wk' },
			{ unit: unitAt('d', 'top', 0), fact: '1d=24h', below: 'd' },
			{ unit: unitAt('h', 'top', 1), fact: '1h=60min', below: 'h' },
		],
		answer: '1.5 x 10^4 min',
	},
	'nutrient-tank': {
		places: [L.roleStart, L.roleFact, 'kg'],
		blocks: [
			{ unit: unitAt('L', 'top'), fact: '1L=1000mL', below: 'L' },
			{ unit: unitAt('mL', 'top', 0), fact: '1.18g=1mL', below: 'mL' },
			{ unit: unitAt('g', 'top', 1), fact: '1kg=1000g', below: 'g' },
		],
		answer: '2.95 kg',
	},
	'vent-pane': {
		blocks: [{ unit: unitAt('m', 'top'), fact: '1m=100cm', below: 'm', power: 2 }],
		answer: '4.20 × 10^3 cm²',
	},
	'wind-gust': {
		blocks: [
			{ unit: unitAt('mi', 'top'), fact: '1mi=5280ft', below: 'mi' },
			{ unit: unitAt('h', 'bottom'), fact: '1h=3600s', below: 's' },
		],
		answer: '27.1 ft/s',
	},
	'sled-run': {
		blocks: [
			{ unit: unitAt('km', 'top'), fact: '1km=1000m', below: 'km' },
			{ unit: unitAt('min', 'bottom'), fact: '1min=60s', below: 's' },
		],
		answer: '4.8 m/s',
	},
	'honey-crates': {
		places: [L.roleStart, L.roleFact, L.roleFact, 'kg'],
		blocks: [
			{ unit: unitAt('crate', 'top'), fact: '12jar=1crate', below: 'crate' },
			{ unit: unitAt('jar', 'top', 0), fact: '454g=1jar', below: 'jar' },
			{ unit: unitAt('g', 'top', 1), fact: '1kg=1000g', below: 'g' },
		],
		answer: '196 kg',
	},
	'soil-bin': {
		blocks: [
			{ unit: unitAt('ft', 'top'), fact: '1ft=12in', below: 'ft', power: 3 },
			{ unit: unitAt('in', 'top', 0), fact: '1in=2.54cm', below: 'in', power: 3 },
			{ unit: unitAt('cm', 'top', 1), fact: '1mL=1cm^3', below: 'cm^3' },
			{ unit: unitAt('mL', 'top', 2), fact: '1L=1000mL', below: 'mL' },
		],
		answer: '90.6 L',
	},
};

/** Touches a unit, takes a fact and decides which side goes on the bottom. */
export async function place(browser: Browser, { unit, fact, below, power }: Placing): Promise<void> {
	await browser.press(unit, factOf(fact), withBelow(below));
	if (power) await browser.press(raisedTo(power));
}

/** The field an answer is written into: a count has one of its own name. */
async function answerField(browser: Browser): Promise<string | null> {
	for (const name of [L.answer, L.yourCount]) if (await browser.has(name)) return name;
	return null;
}

/** Types an answer into the field, in place of what is there. */
export async function write(browser: Browser, answer: string): Promise<void> {
	await browser.driver.wait(async () => (await answerField(browser)) !== null, 8000, 'no answer can be written');
	await browser.write((await answerField(browser)) ?? L.answer, answer);
}

/** Checks what is typed, and waits until what may have happened has been looked for. */
export async function check(browser: Browser): Promise<void> {
	await browser.press(L.check);
	await browser.find(L.changeAnswer);
	await browser.driver.wait(
		async () => !(await browser.seesNow(LOOKING)),
		8000,
		'still looking for what may have happened',
	);
}

/** Opens the panel where the answer is written; past the check of the one before, once either is drawn. */
export async function openAnswer(browser: Browser): Promise<void> {
	await browser.press(L.toolAnswer);
	await browser.driver.wait(
		async () => (await answerField(browser)) !== null || (await browser.has(L.changeAnswer)),
		8000,
		'no answer can be written',
	);
	if (await browser.has(L.changeAnswer)) await browser.press(L.changeAnswer);
}

/** Writes an answer in place of the one before, and sends it to the check. */
export async function answerWith(browser: Browser, text: string): Promise<void> {
	await openAnswer(browser);
	await write(browser, text);
	await check(browser);
}

/** Touches a unit, takes a fact, and says which side goes on the bottom. */
export async function takeFact(browser: Browser, unit: Part, name: string, below: string): Promise<void> {
	await browser.press(unit, factOf(name), withBelow(below));
}

/** Works an exercise from its start to the checked answer. */
export async function workThrough(browser: Browser, name: string): Promise<void> {
	const { places = [], blocks, answer } = WORKED[name] as (typeof WORKED)[string];
	await browser.press(...places);
	for (const block of blocks) await place(browser, block);
	await browser.sees('The line is complete');
	await browser.press(L.toolAnswer);
	await write(browser, answer);
	await check(browser);
}
