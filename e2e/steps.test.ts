import { Browser, SCREENS } from './src/browser';
import { Whole } from './src/whole';
import { answerWith, takeFact } from './src/work-through';

jest.setTimeout(180_000);

let whole: Whole;
let browser: Browser;

beforeAll(async () => {
	whole = await Whole.start();
});

afterAll(async () => {
	await whole?.stop();
});

/** Opens an exercise of the book. */
async function open(name: string): Promise<void> {
	await browser.go(`${whole.url}/desk/${name}`);
}

/** A problem of one's own, filled in directly. */
async function pose(name: string, start: string, want: string): Promise<void> {
	await open(`own-${name}`);
	await browser.fill('own-start', start);
	await browser.fill('own-want', want);
	await browser.press('own-done');
}

const answer = (text: string) => answerWith(browser, text);

/** Touches a unit, takes a step that is no factor, and says which way. */
async function step(unit: string, offer: string, ...way: readonly string[]): Promise<void> {
	await browser.press(unit, `offer-${offer}`, ...way);
	await browser.find('block');
}

const fact = (unit: string, name: string, below: string) => takeFact(browser, unit, name, below);

const says = (id: string, text: string) => browser.untilSays(id, text);

const ADD = 'way-0';
const TAKE_AWAY = 'way-1';
const LEFT_ITS_PLACE = 'No scale has its zero where this counts from';

async function allRight(...lines: readonly string[]): Promise<void> {
	for (const line of lines) await says(`verdict-${line}`, 'right');
}

describe.each(SCREENS)('steps that are not factors, on %s', (_, screen) => {
	beforeAll(async () => {
		browser = await Browser.open({ screen });
	});

	afterEach(async () => {
		expect(await browser.errors()).toEqual([]);
	});

	afterAll(async () => {
		await browser.close();
	});

	it('°C to K: a shift that is missed is seen, and named', async () => {
		await open('seed-store');
		await fact('unit--1-top-°C', '1K=1°C', '°C');
		await says('balance-says', 'counted from where 0 °C stands: the zero must still shift');
		await answer('4.5 K');
		await says('slip', 'the temperature did not shift');
		await step('unit-0-top-K', 'zero-°C-K', ADD);
		await says('balance-says', 'The line closes');
		await answer('277.7 K');
		await allRight('line', 'value', 'figures', 'unit');
	});

	it('K to °C: a shift the wrong way leaves the place of the start, and is turned', async () => {
		await pose('cold', '255.42 K', '°C');
		await step('unit--1-top-K', 'zero-°C-K', ADD);
		await says('block-says', LEFT_ITS_PLACE);
		await fact('unit--1-top-K', '1K=1°C', 'K');
		await answer('528.57 °C');
		await says('verdict-line', 'Step 1 goes the wrong way');
		await browser.press('step-0', 'turn');
		await says('block-says', 'The place is the same');
		await answer('-17.73 °C');
		await allRight('line', 'value', 'figures', 'unit');
	});

	it('°F to °C: scaled before it is shifted', async () => {
		await open('glasshouse-noon');
		await fact('unit--1-top-°F', '9°F=5°C', '°F');
		await step('unit-0-top-°C', 'zero-°C-°F', TAKE_AWAY);
		await says('block-says', LEFT_ITS_PLACE);
		await answer('11 °C');
		await says('verdict-line', 'comes too late');
		await browser.press('step-1', 'earlier');
		await says('balance-says', 'The line closes');
		await answer('25 °C');
		await allRight('line', 'value', 'figures', 'unit');
	});

	it('°C to °F: shifted before it is scaled', async () => {
		await open('freezer-dial');
		await step('unit--1-top-°C', 'zero-°C-°F', ADD);
		await says('block-says', LEFT_ITS_PLACE);
		await fact('unit--1-top-°C', '9°F=5°C', '°C');
		await answer('25.2 °F');
		await says('verdict-line', 'comes too early');
		await browser.press('step-0', 'later');
		await answer('-0.4 °F');
		await allRight('line', 'value', 'figures', 'unit');
	});

	it('°F to K, in one shift, turned where it went the wrong way', async () => {
		await pose('morning', '48.0 °F', 'K');
		await step('unit--1-top-°F', 'zero-K-°F', TAKE_AWAY);
		await fact('unit--1-top-°F', '9°F=5K', '°F');
		await answer('-228.7 K');
		await says('verdict-line', 'Step 1 goes the wrong way');
		await browser.press('step-0', 'turn');
		await answer('282.0 K');
		await allRight('line', 'value', 'figures', 'unit');
	});

	it('K to °F, where the shift was missed', async () => {
		await pose('noon', '283.40 K', '°F');
		await fact('unit--1-top-K', '9°F=5K', 'K');
		await says('balance-says', 'the zero must still shift');
		await answer('510.12 °F');
		await says('slip', 'the temperature did not shift');
		await step('unit-0-top-°F', 'zero-K-°F', TAKE_AWAY);
		await answer('50.45 °F');
		await allRight('line', 'value', 'figures', 'unit');
	});

	it('a range below zero goes through the same steps, low and high apart', async () => {
		await pose('nights', '-28.9 to -11.1 °C', '°F');
		await fact('unit--1-top-°C', '9°F=5°C', '°C');
		await answer('-52.0 to -20.0 °F');
		await says('slip', 'the temperature did not shift');
		await step('unit-0-top-°F', 'zero-°C-°F', ADD);
		await says('step-1', '= −20.02 to 12.02 °F');
		await says('block-says', '−20.02 to 12.02 °F, on the scale of °F. The place is the same.');
		await answer('12.0 to -20.0 °F');
		await says('slip', 'the ends of the range');
		await answer('-20.0 to 12.0 °F');
		await allRight('line', 'value', 'figures', 'unit');
	});

	it('a difference has no zero to shift, and says so when one tries', async () => {
		await open('night-drop');
		await step('unit--1-top-°C', 'zero-°C-°F', ADD);
		await says('block-says', 'A difference has no zero to shift');
		await fact('unit--1-top-°C', '9°F=5°C', '°C');
		await answer('80.3 °F');
		await says('verdict-line', 'does not shift');
		await browser.press('step-0', 'remove');
		await answer('22.7 °F');
		await allRight('line', 'value', 'figures', 'unit');
	});

	it('8.75 ft: the whole is set aside, and the digits after the point are no inches', async () => {
		await open('roof-beam');
		await says('balance-says', 'still holds whole ones');
		await step('unit--1-top-ft', 'aside-ft-ft');
		await says('balance-says', 'Set aside: 8 ft. Left: 0.75 ft.');
		await browser.press('tool-facts', 'write-block');
		await browser.fill('write-unit-top', 'in');
		await browser.fill('write-unit-bottom', 'ft');
		await browser.fill('write-number-top', '75');
		await browser.fill('write-number-bottom', '0.75');
		await says('block-says', 'not equal');
		await answer('8 ft 75 in');
		await says('slip', 'digits after the point read as the smaller unit');
		await browser.press('number-1-top', 'remove');
		await fact('unit--1-top-ft', '1ft=12in', 'ft');
		await says('balance-says', 'Set aside: 8 ft. Left: 9 in.');
		await answer('8 ft 9 in');
		await allRight('line', 'value', 'unit');
	});

	it('a decimal of hours goes down into three parts, and is not converted whole', async () => {
		await pose('flight', '2.2625 h', 'h, min, s');
		await fact('unit--1-top-h', '1h=60min', 'h');
		await says('balance-says', 'still holds whole ones');
		await answer('2 h 8145 s');
		await says('slip', 'the whole part converted too');
		await browser.press('undo');
		await browser.press('number-0-top', 'remove');
		await step('unit--1-top-h', 'aside-h-h');
		await fact('unit--1-top-h', '1h=60min', 'h');
		await step('unit-1-top-min', 'aside-min-min');
		await fact('unit-1-top-min', '1min=60s', 'min');
		await says('balance-says', 'Set aside: 2 h and 15 min. Left: 45 s.');
		await answer('2 h 15 min 45 s');
		await allRight('line', 'value', 'unit');
	});

	it('ounces are divided into pounds and ounces, with a remainder', async () => {
		await pose('load', '215 oz', 'lb and oz');
		await says('balance-says', 'still holds whole lb');
		await answer('13 lb 215 oz');
		await says('slip', 'the whole part converted too');
		await step('unit--1-top-oz', 'aside-lb-oz');
		const drawn = await browser.find('long-division');
		expect(await drawn.getAttribute('aria-label')).toBe(
			'215 oz by 16 is 13 whole lb: 13 times 16 is 208, and 7 oz are left.',
		);
		await answer('13 lb 7 oz');
		await allRight('line', 'value', 'unit');
	});

	it('feet and inches are put together, each part through its own block', async () => {
		await open('shelf-plank');
		await says('balance-says', 'Still to add: 7 ft');
		await fact('unit--1-top-in', '1ft=12in', 'in');
		await answer('7.54 ft');
		await says('slip', 'digits after the point read as the smaller unit');
		await browser.press('tool-facts', 'to-add-ft', 'offer-term-7-ft');
		await says('balance-says', 'its 2 parts are together, in ft');
		await answer('7.45 ft');
		await allRight('line', 'value', 'figures', 'unit');
	});

	it('are undone and redone, read aloud, and handed in', async () => {
		await open('sled-scale');
		await step('unit--1-top-lb', 'aside-lb-lb');
		await fact('unit--1-top-lb', '1lb=16oz', 'lb');
		await browser.press('undo', 'undo');
		await says('balance-says', 'still holds whole ones');
		await browser.press('redo', 'redo');
		await says('balance-says', 'Set aside: 46 lb. Left: 6 oz.');
		await browser.press('tool-line', 'line-hand-in', 'copy-text');
		await says('copied', '(46.375 lb − 46 lb) × (16 oz / 1 lb) = 46 lb 6 oz');
		await says('hand-in-said', 'Set aside 46 pounds; 0.375 pounds are left.');
		await browser.press('copy-latex');
		await says('copied', '- 46\\,\\mathrm{lb}');
	});
});
