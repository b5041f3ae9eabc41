import type { Browser } from './browser';

/** A block to place: the unit touched, the fact taken, and the unit that goes on the bottom. */
export type Placing = { readonly unit: string; readonly fact: string; readonly below: string; readonly power?: number };

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
			{ unit: 'unit--1-top-in', fact: '1in=2.54cm', below: 'in' },
			{ unit: 'unit-0-top-cm', fact: '1cm=10mm', below: 'cm' },
			{ unit: 'unit--1-bottom-h', fact: '1h=60min', below: 'min' },
		],
		answer: '1.16 mm/min',
	},
	'honey-jar': { blocks: [{ unit: 'unit--1-top-g', fact: '1kg=10^3g', below: 'g' }], answer: '0.454 kg' },
	'balloon-battery': {
		blocks: [
			{ unit: 'unit--1-top-mA', fact: '1mA=10^-3A', below: 'mA' },
			{ unit: 'unit-0-top-A', fact: '1µA=10^-6A', below: 'A' },
		],
		answer: '6.4e2 µA',
	},
	'mast-log': {
		blocks: [
			{ unit: 'unit--1-top-wk', fact: '1wk=7d', below: 'wk' },
			{ unit: 'unit-0-top-d', fact: '1d=24h', below: 'd' },
			{ unit: 'unit-1-top-h', fact: '1h=60min', below: 'h' },
		],
		answer: '1.5 x 10^4 min',
	},
	'nutrient-tank': {
		places: ['role-start', 'role-fact', 'want-kg'],
		blocks: [
			{ unit: 'unit--1-top-L', fact: '1L=1000mL', below: 'L' },
			{ unit: 'unit-0-top-mL', fact: '1.18g=1mL', below: 'mL' },
			{ unit: 'unit-1-top-g', fact: '1kg=1000g', below: 'g' },
		],
		answer: '2.95 kg',
	},
	'vent-pane': {
		blocks: [{ unit: 'unit--1-top-m', fact: '1m=100cm', below: 'm', power: 2 }],
		answer: '4.20 × 10^3 cm²',
	},
	'wind-gust': {
		blocks: [
			{ unit: 'unit--1-top-mi', fact: '1mi=5280ft', below: 'mi' },
			{ unit: 'unit--1-bottom-h', fact: '1h=3600s', below: 's' },
		],
		answer: '27.1 ft/s',
	},
	'sled-run': {
		blocks: [
			{ unit: 'unit--1-top-km', fact: '1km=1000m', below: 'km' },
			{ unit: 'unit--1-bottom-min', fact: '1min=60s', below: 's' },
		],
		answer: '4.8 m/s',
	},
	'honey-crates': {
		places: ['role-start', 'role-fact', 'role-fact', 'want-kg'],
		blocks: [
			{ unit: 'unit--1-top-crate', fact: '12jar=1crate', below: 'crate' },
			{ unit: 'unit-0-top-jar', fact: '454g=1jar', below: 'jar' },
			{ unit: 'unit-1-top-g', fact: '1kg=1000g', below: 'g' },
		],
		answer: '196 kg',
	},
	'soil-bin': {
		blocks: [
			{ unit: 'unit--1-top-ft', fact: '1ft=12in', below: 'ft', power: 3 },
			{ unit: 'unit-0-top-in', fact: '1in=2.54cm', below: 'in', power: 3 },
			{ unit: 'unit-1-top-cm', fact: '1mL=1cm^3', below: 'cm^3' },
			{ unit: 'unit-2-top-mL', fact: '1L=1000mL', below: 'mL' },
		],
		answer: '90.6 L',
	},
};

/** Touches a unit, takes a fact and decides which side goes on the bottom. */
export async function place(browser: Browser, { unit, fact, below, power }: Placing): Promise<void> {
	await browser.press(unit, `fact-${fact}`, `place-${below}-below`);
	await browser.find('block');
	if (power) await browser.press(`power-${power}`);
}

/** Types an answer into the field, in place of what is there. */
export async function write(browser: Browser, answer: string): Promise<void> {
	await browser.fill('answer', answer);
}

/** Checks what is typed, and waits until what may have happened has been looked for. */
export async function check(browser: Browser): Promise<void> {
	await browser.press('check');
	await browser.find('change-answer');
	await browser.driver.wait(
		async () => !(await browser.has('looking')),
		8000,
		'still looking for what may have happened',
	);
}

/** Opens the panel where the answer is written; past the check of the one before, once either is drawn. */
export async function openAnswer(browser: Browser): Promise<void> {
	await browser.press('tool-answer');
	await browser.driver.wait(
		async () => (await browser.has('answer')) || (await browser.has('change-answer')),
		8000,
		'no answer can be written',
	);
	if (await browser.has('change-answer')) await browser.press('change-answer');
}

/** Writes an answer in place of the one before, and sends it to the check. */
export async function answerWith(browser: Browser, text: string): Promise<void> {
	await openAnswer(browser);
	await write(browser, text);
	await check(browser);
}

/** Touches a unit, takes a fact, and says which side goes on the bottom. */
export async function takeFact(browser: Browser, unit: string, name: string, below: string): Promise<void> {
	await browser.press(unit, `fact-${name}`, `place-${below}-below`);
	await browser.find('block');
}

/** Works an exercise from its start to the checked answer. */
export async function workThrough(browser: Browser, name: string): Promise<void> {
	const { places = [], blocks, answer } = WORKED[name] as (typeof WORKED)[string];
	await browser.press(...places);
	for (const block of blocks) await place(browser, block);
	await browser.until('balance-says', (text) => text.startsWith('The line closes'));
	await browser.press('tool-answer');
	await write(browser, answer);
	await check(browser);
}
