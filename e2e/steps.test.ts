import { Browser, PHONE } from './src/browser';
import { L, verdict } from './src/labels';
import { type Part, region } from './src/named';
import { byId, numberAt, offerOf, stepAt, unitAt, wayOf } from './src/parts';
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
	await browser.write(L.ownStart, start);
	await browser.write(L.ownWant, want);
	await browser.press(L.ownDone);
}

const answer = (text: string) => answerWith(browser, text);

/** Touches a unit, takes a step that is no factor, and says which way: its panel opens, or the answer of a complete line. */
async function step(unit: Part, offer: string, ...way: readonly Part[]): Promise<void> {
	await browser.press(unit, offerOf(offer), ...way);
	await browser.driver.wait(async () => (await browser.has(region('Step'))) || (await browser.has(L.answer)), 8000);
}

const fact = (unit: Part, name: string, below: string) => takeFact(browser, unit, name, below);

const ADD = wayOf(0);
const TAKE_AWAY = wayOf(1);
const LEFT_ITS_PLACE = 'No scale has its zero here';

async function allRight(...lines: readonly string[]): Promise<void> {
	for (const line of lines) await browser.sees(verdict(line, 'right'));
}

describe('steps that are not factors', () => {
	beforeAll(async () => {
		browser = await Browser.open({ screen: PHONE });
	});

	afterEach(async () => {
		expect(await browser.errors()).toEqual([]);
	});

	afterAll(async () => {
		await browser.close();
	});

	it('°C to K: a shift that is missed is seen, and named', async () => {
		await open('seed-store');
		await fact(unitAt('°C', 'top'), '1K=1°C', '°C');
		await browser.sees('counted from 0 °C. The zero has to shift too');
		await answer('4.5 K');
		await browser.sees('nothing added or subtracted for the zeros');
		await step(unitAt('K', 'top', 0), 'zero-°C-K', ADD);
		await browser.sees('The line is complete');
		await answer('277.7 K');
		await allRight('line', 'value', 'figures', 'unit');
	});

	it('K to °C: a shift the wrong way leaves the place of the start, and is turned', async () => {
		await pose('cold', '255.42 K', '°C');
		await step(unitAt('K', 'top'), 'zero-°C-K', ADD);
		await browser.sees(LEFT_ITS_PLACE);
		await fact(unitAt('K', 'top'), '1K=1°C', 'K');
		await answer('528.57 °C');
		await browser.sees('Step 1 goes the wrong way');
		await browser.press(stepAt(0), L.otherWay);
		await browser.sees('The line is complete');
		await answer('-17.73 °C');
		await allRight('line', 'value', 'figures', 'unit');
	});

	it('°F to °C: scaled before it is shifted', async () => {
		await open('glasshouse-noon');
		await fact(unitAt('°F', 'top'), '9°F=5°C', '°F');
		await step(unitAt('°C', 'top', 0), 'zero-°C-°F', TAKE_AWAY);
		await browser.sees(LEFT_ITS_PLACE);
		await answer('11 °C');
		await browser.sees('comes too late');
		await browser.press(stepAt(1), L.earlier);
		await browser.sees('The line is complete');
		await answer('25 °C');
		await allRight('line', 'value', 'figures', 'unit');
	});

	it('°C to °F: shifted before it is scaled', async () => {
		await open('freezer-dial');
		await step(unitAt('°C', 'top'), 'zero-°C-°F', ADD);
		await browser.sees(LEFT_ITS_PLACE);
		await fact(unitAt('°C', 'top'), '9°F=5°C', '°C');
		await answer('25.2 °F');
		await browser.sees('comes too early');
		await browser.press(stepAt(0), L.later);
		await answer('-0.4 °F');
		await allRight('line', 'value', 'figures', 'unit');
	});

	it('°F to K, in one shift, turned where it went the wrong way', async () => {
		await pose('morning', '48.0 °F', 'K');
		await step(unitAt('°F', 'top'), 'zero-K-°F', TAKE_AWAY);
		await fact(unitAt('°F', 'top'), '9°F=5K', '°F');
		await answer('-228.7 K');
		await browser.sees('Step 1 goes the wrong way');
		await browser.press(stepAt(0), L.otherWay);
		await answer('282.0 K');
		await allRight('line', 'value', 'figures', 'unit');
	});

	it('K to °F, where the shift was missed', async () => {
		await pose('noon', '283.40 K', '°F');
		await fact(unitAt('K', 'top'), '9°F=5K', 'K');
		await browser.sees('The zero has to shift too');
		await answer('510.12 °F');
		await browser.sees('nothing added or subtracted for the zeros');
		await step(unitAt('°F', 'top', 0), 'zero-K-°F', TAKE_AWAY);
		await answer('50.45 °F');
		await allRight('line', 'value', 'figures', 'unit');
	});

	it('a range below zero goes through the same steps, low and high apart', async () => {
		await pose('nights', '-28.9 to -11.1 °C', '°F');
		await fact(unitAt('°C', 'top'), '9°F=5°C', '°C');
		await answer('-52.0 to -20.0 °F');
		await browser.sees('nothing added or subtracted for the zeros');
		await step(unitAt('°F', 'top', 0), 'zero-°C-°F', ADD);
		await browser.sees('= −20.02 to 12.02 °F');
		await answer('12.0 to -20.0 °F');
		await browser.sees('the ends of the range');
		await answer('-20.0 to 12.0 °F');
		await allRight('line', 'value', 'figures', 'unit');
	});

	it('a difference has no zero to shift, and says so when one tries', async () => {
		await open('night-drop');
		await step(unitAt('°C', 'top'), 'zero-°C-°F', ADD);
		await browser.sees('For a difference you only multiply');
		await fact(unitAt('°C', 'top'), '9°F=5°C', '°C');
		await answer('80.3 °F');
		await browser.sees('you only multiply');
		await browser.press(stepAt(0), L.remove);
		await answer('22.7 °F');
		await allRight('line', 'value', 'figures', 'unit');
	});

	it('8.75 ft: the whole is set aside, and the digits after the point are no inches', async () => {
		await open('roof-beam');
		await browser.sees('Set aside the whole ones');
		await step(unitAt('ft', 'top'), 'aside-ft-ft');
		await browser.sees('Set aside: 8 ft. Left: 0.75 ft.');
		await browser.press(L.toolFacts, L.writeBlock);
		await browser.write(L.writeUnitTop, 'in');
		await browser.write(L.writeUnitBottom, 'ft');
		await browser.write(L.writeNumberTop, '75');
		await browser.write(L.writeNumberBottom, '0.75');
		await browser.sees('not equal');
		await answer('8 ft 75 in');
		await browser.sees('decimals taken for the smaller unit');
		await browser.press(numberAt(1, 'top'), L.remove);
		await fact(unitAt('ft', 'top'), '1ft=12in', 'ft');
		await browser.sees('Set aside: 8 ft. Left: 9 in.');
		await answer('8 ft 9 in');
		await allRight('line', 'value', 'unit');
	});

	it('a decimal of hours goes down into three parts, and is not converted whole', async () => {
		await pose('flight', '2.2625 h', 'h, min, s');
		await fact(unitAt('h', 'top'), '1h=60min', 'h');
		await browser.sees('Set aside the whole ones');
		await answer('2 h 8145 s');
		await browser.sees('the whole part converted too');
		await browser.press(L.undo);
		await browser.press(numberAt(0, 'top'), L.remove);
		await step(unitAt('h', 'top'), 'aside-h-h');
		await fact(unitAt('h', 'top'), '1h=60min', 'h');
		await step(unitAt('min', 'top', 1), 'aside-min-min');
		await fact(unitAt('min', 'top', 1), '1min=60s', 'min');
		await browser.sees('Set aside: 2 h and 15 min. Left: 45 s.');
		await answer('2 h 15 min 45 s');
		await allRight('line', 'value', 'unit');
	});

	it('ounces are divided into pounds and ounces, with a remainder', async () => {
		await pose('load', '215 oz', 'lb and oz');
		await browser.sees('has whole lb in it');
		await answer('13 lb 215 oz');
		await browser.sees('the whole part converted too');
		await step(unitAt('oz', 'top'), 'aside-lb-oz');
		const drawn = await browser.find(byId('long-division'));
		expect(await drawn.getAttribute('aria-label')).toBe(
			'215 oz divided by 16 is 13 whole lb. 13 times 16 is 208, so 7 oz are left.',
		);
		await answer('13 lb 7 oz');
		await allRight('line', 'value', 'unit');
	});

	it('feet and inches are put together, each part through its own block', async () => {
		await open('shelf-plank');
		await browser.sees('Still to add: 7 ft');
		await fact(unitAt('in', 'top'), '1ft=12in', 'in');
		await answer('7.54 ft');
		await browser.sees('decimals taken for the smaller unit');
		await browser.press(L.toolFacts, '7 ft', offerOf('term-7-ft'));
		await browser.sees('Its 2 parts are added, in ft');
		await answer('7.45 ft');
		await allRight('line', 'value', 'figures', 'unit');
	});

	it('are undone and redone, read aloud, and handed in', async () => {
		await open('sled-scale');
		await step(unitAt('lb', 'top'), 'aside-lb-lb');
		await fact(unitAt('lb', 'top'), '1lb=16oz', 'lb');
		await browser.press(L.undo, L.undo);
		await browser.sees('Set aside the whole ones');
		await browser.press(L.redo, L.redo);
		await browser.sees('Set aside: 46 lb. Left: 6 oz.');
		await browser.press(L.toolLine, L.lineHandIn, L.copyText);
		await browser.sees('(46.375 lb − 46 lb) × (16 oz / 1 lb) = 46 lb 6 oz');
		await browser.sees('Set aside 46 pounds; 0.375 pounds are left.');
		await browser.press(L.copyLatex);
		await browser.sees('- 46~\\mathrm{lb}');
	});
});
