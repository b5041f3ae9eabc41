import { By, Key } from 'selenium-webdriver';
import { Browser, PHONE, SCREENS } from './src/browser';
import { Whole } from './src/whole';
import { answerWith, place, WORKED, workThrough } from './src/work-through';

jest.setTimeout(180_000);

let whole: Whole;
let browser: Browser;

beforeAll(async () => {
	whole = await Whole.start();
});

afterAll(async () => {
	await whole.stop();
});

async function open(exercise: string): Promise<void> {
	await browser.go(`${whole.url}/desk/${exercise}`);
}

const answer = (text: string) => answerWith(browser, text);

/** A block written by hand: units first, then numbers. */
async function writeBlock(top: readonly [string, string], bottom: readonly [string, string]): Promise<void> {
	await browser.press('tool-facts', 'write-block');
	await browser.fill('write-unit-top', top[1]);
	await browser.fill('write-unit-bottom', bottom[1]);
	await browser.fill('write-number-top', top[0]);
	await browser.fill('write-number-bottom', bottom[0]);
}

/** A step that adds or takes away. */
async function addStep(way: 'add' | 'take', number: string): Promise<void> {
	await browser.press('tool-facts', 'add-step', `shift-${way}`);
	await browser.fill('step-number', number);
}

describe.each(SCREENS)('what goes wrong, on %s', (_, screen) => {
	beforeEach(async () => {
		browser = await Browser.open({ screen });
	});

	afterEach(async () => {
		const errors = await browser.errors();
		await browser.close();
		expect(errors).toEqual([]);
	});

	it('a flipped factor is said at once, and turned over', async () => {
		await open('wind-gust');
		await place(browser, { unit: 'unit--1-top-mi', fact: '1mi=5280ft', below: 'ft' });
		expect(await browser.text('block-says')).toContain('“mi” now stands twice on the top');
		await browser.press('turn');
		expect(await browser.text('block-says')).toContain('“mi” cancels.');
	});

	it('an unequal factor written by hand is said at once in close support, and only at the check in light', async () => {
		await open('wind-gust');
		await writeBlock(['5820', 'ft'], ['1', 'mi']);
		expect(await browser.text('block-says')).toContain('not equal');
		await browser.press('tool-line', 'line-settings', 'support-light');
		await browser.driver.navigate().back();
		await browser.press('number-0-top');
		expect(await browser.text('block-says')).not.toContain('not equal');
		await answer('29.9 ft/s');
		expect(await browser.text('verdict-line')).toContain('Block 1: 5820 ft and 1 mi are not equal');
	});

	it('a rate taken for the start is explained, and nothing is lost in mending it', async () => {
		await open('tank-empty');
		await browser.press('role-fact', 'next-quantity', 'role-start');
		expect(await browser.text('place-says')).toContain('a conversion factor, never the start');
		await browser.press('role-fact');
		const quantities = await browser.driver.findElements(By.css('[data-testid^="quantity-"]'));
		await quantities[0]?.click();
		await browser.press('role-start', 'want-min');
		await place(browser, { unit: 'unit--1-top-L', fact: '1L=1000mL', below: 'L' });
		await place(browser, { unit: 'unit-0-top-mL', fact: '72mL=1min', below: 'mL' });
		await answer('67 min');
		expect(await browser.text('verdict-line')).toContain('right');
		expect(await browser.text('verdict-value')).toContain('right');
	});

	it('unclear zeros are asked about once, and said of an answer', async () => {
		await open('own-zeros');
		await browser.fill('own-start', '4000 m');
		await browser.fill('own-want', 'km');
		await browser.press('own-done');
		await place(browser, { unit: 'unit--1-top-m', fact: '1km=1000m', below: 'm' });
		await browser.press('number-start-top', 'zeros-2');
		expect(await browser.text('zeros')).toContain('2 figures count');
		await browser.driver.actions().sendKeys(Key.ESCAPE).perform();
		await browser.until('figures-why', (text) => text.startsWith('The answer may have 2 figures'));
		await open('mast-log');
		for (const block of WORKED['mast-log']?.blocks ?? []) await place(browser, block);
		await answer('15000 min');
		expect(await browser.text('verdict-figures')).toContain('right');
		await browser.press('change-answer');
		await answer('15120 min');
		expect(await browser.text('verdict-figures')).toContain('look again');
	});

	it('too many figures, and a missing unit, each have their line', async () => {
		await open('wind-gust');
		for (const block of WORKED['wind-gust']?.blocks ?? []) await place(browser, block);
		await answer('27.1333 ft/s');
		expect(await browser.text('verdict-value')).toContain('right');
		expect(await browser.text('verdict-figures')).toContain(
			'It should show 3 figures, as the inputs give; yours shows 6.',
		);
		await browser.press('change-answer');
		await answer('2.71 ft/s');
		expect(await browser.text('slip')).toContain('the decimal point is not');
		await browser.press('change-answer');
		await answer('27.1');
		expect(await browser.text('verdict-unit')).toContain('could be anything; ft/s is wanted');
	});

	it('the plain factor for an area leaves the line open', async () => {
		await open('vent-pane');
		await place(browser, { unit: 'unit--1-top-m', fact: '1m=100cm', below: 'm' });
		expect(await browser.text('balance-says')).toBe('1 unit must go, 1 unit must come.');
		await answer('42.0 cm²');
		expect(await browser.text('verdict-line')).toContain('wanted');
	});

	it('a temperature shifted the wrong way is named, with its step', async () => {
		await open('glasshouse-noon');
		await addStep('add', '32');
		await writeBlock(['5', '°C'], ['9', '°F']);
		await answer('61 °C');
		expect(await browser.text('verdict-line')).toContain('Step 1 goes the wrong way');
		await browser.press('change-answer', 'step-0', 'turn');
		await answer('25 °C');
		for (const line of ['line', 'value', 'figures', 'unit'])
			expect(await browser.text(`verdict-${line}`)).toContain('right');
	});

	it('8 ft 75 in is not 8.75 ft', async () => {
		await open('roof-beam');
		await answer('8 ft 75 in');
		expect(await browser.text('verdict-value')).toContain('look again');
		expect(await browser.text('verdict-unit')).toContain('75 in still holds a whole ft');
		await browser.press('change-answer');
		await addStep('take', '8');
		await browser.press('tool-facts', 'fact-1ft=12in', 'place-ft-below');
		await browser.find('block');
		await answer('8 ft 9 in');
		for (const line of ['line', 'value', 'unit']) expect(await browser.text(`verdict-${line}`)).toContain('right');
	});

	it('a missing factor is one block, and a range has two ends', async () => {
		await open('pane-factor');
		await place(browser, { unit: 'unit--1-top-m', fact: '1m=100cm', below: 'm', power: 2 });
		await browser.press('tool-answer', 'check');
		await browser.until('verdict-value', (text) => text.includes('right'));
		expect(await browser.text('verdict-unit')).toContain('It takes the start to cm²'.replace('²', ''));
		await open('night-range');
		await answer('10 to 20 °C');
		for (const line of ['value', 'figures', 'unit']) expect(await browser.text(`verdict-${line}`)).toContain('right');
	});
});

describe('the check, as a teacher would sign it', () => {
	beforeEach(async () => {
		browser = await Browser.open({ screen: PHONE });
	});

	afterEach(async () => {
		const errors = await browser.errors();
		await browser.close();
		expect(errors).toEqual([]);
	});

	const allRight = async (...lines: readonly string[]) => {
		for (const line of lines) expect(await browser.text(`verdict-${line}`)).toContain('right');
	};

	it('goes by the student’s own line and its own fact, and says what the Desk says', async () => {
		await open('sled-load');
		await writeBlock(['1', 'kg'], ['2.20', 'lb']);
		await browser.until('balance-says', (text) => text.startsWith('The line closes'));
		expect(await browser.text('figures-why')).toContain('3 figures');
		await answer('39.1 kg');
		await allRight('line', 'value', 'figures', 'unit');
		// 39.0 kg is what the exact fact gives, and not what this line comes to.
		await answer('39.0 kg');
		expect(await browser.text('verdict-value')).toContain('Your line does not come to 39.0 kg');
	});

	it('says both where a line fails: where, and whether the number is what it comes to', async () => {
		await open('sled-load');
		await writeBlock(['1', 'kg'], ['22.0', 'lb']);
		await answer('3.91 kg');
		expect(await browser.text('verdict-line')).toContain('are not equal');
		expect(await browser.text('verdict-value')).toContain('It is what your line comes to');
	});

	it('names a point that makes all the zeros count', async () => {
		await open('own-seven');
		await browser.fill('own-start', '7.0 kg');
		await browser.fill('own-want', 'g');
		await browser.press('own-done');
		await answer('7000. g');
		await browser.until('slip', (text) => text.includes('a point that makes all the zeros count'));
		await answer('7.0e3 g');
		await allRight('value', 'figures', 'unit');
	});

	it('names a range whose ends are in the wrong order', async () => {
		await open('night-range');
		await answer('20 to 10 °C');
		expect(await browser.text('verdict-value')).toContain('the lower one comes first');
		await browser.until('slip', (text) => text.includes('the ends of the range in the wrong order'));
	});

	it('names a block upside down in a problem of one’s own, with no line laid', async () => {
		await open('own-upside');
		await browser.fill('own-start', '15.5 in');
		await browser.fill('own-want', 'cm');
		await browser.press('own-done');
		await answer('6.10 cm');
		await browser.until('slip', (text) => text.includes('a factor upside down'));
	});

	it('leaves the division to the student where the numbers are laid out, and keeps that it was uncovered', async () => {
		await open('wind-gust');
		await browser.press('tool-line', 'line-settings', 'numbers-way-laid-out');
		await browser.driver.navigate().back();
		await browser.find('line');
		for (const block of WORKED['wind-gust']?.blocks ?? []) await place(browser, block);
		expect(await browser.text('numbers')).not.toContain('27.13');
		await browser.press('uncover-result');
		await browser.until('quotient', (text) => text.startsWith('27.13'));
		await answer('27.1 ft/s');
		await browser.press('open-hand-in');
		await browser.until('hand-in-check', (text) => text.includes('Numbers uncovered: 1'));
	});
});

describe('the rest of the Desk', () => {
	beforeEach(async () => {
		browser = await Browser.open({ screen: PHONE });
	});

	afterEach(async () => {
		const errors = await browser.errors();
		await browser.close();
		expect(errors).toEqual([]);
	});

	it('a fact of one’s own is kept, found again after a reload, and laid on a line', async () => {
		await open('own-bales');
		await browser.fill('own-start', '12 bale');
		await browser.fill('own-want', 'kg');
		await browser.press('own-done', 'tool-facts', 'add-fact');
		await browser.fill('own-fact', '1 bale = 9.5 kg');
		await browser.press('own-fact-measured', 'keep-fact', 'fact-1bale=9.5kg', 'place-bale-below');
		await browser.until('balance-says', (text) => text.startsWith('The line closes'));
		await browser.until('kept', (text) => text.endsWith('on the server.'));
		await browser.driver.navigate().refresh();
		await browser.until('balance-says', (text) => text.startsWith('The line closes'));
		await browser.press('tool-facts');
		expect(await browser.text('facts')).toContain('1 bale = 9.5 kg');
	});

	it('a result is taken on, unrounded, as the start of the next part', async () => {
		await open('wind-gust');
		for (const block of WORKED['wind-gust']?.blocks ?? []) await place(browser, block);
		await browser.press('tool-line', 'line-take', 'take-start');
		await browser.until('problem', (text) => text.includes('Type or paste'));
		await browser.fill('own-want', 'm/s');
		await browser.press('own-done');
		await place(browser, { unit: 'unit--1-top-ft', fact: '1ft=0.3048m', below: 'ft' });
		await browser.until('quotient', (text) => text.startsWith('8.270'));
		expect(await browser.text('figures-why')).toContain('3 figures');
	});

	it('two tries lie side by side, and the line can be handed in', async () => {
		await open('wind-gust');
		await workThrough(browser, 'wind-gust');
		await browser.press('open-beside', 'beside-anew');
		await browser.until('balance-says', (text) => text.startsWith('2 units must go'));
		await place(browser, { unit: 'unit--1-bottom-h', fact: '1h=60min', below: 'min' });
		await browser.press('tool-line', 'line-beside', 'beside-1');
		expect(await browser.text('beside-says')).toContain('different routes');
		await browser.press('beside-swap', 'tool-line', 'line-hand-in');
		await browser.until('hand-in-answer', (text) => text === 'Answer: 27.1 ft/s');
		await browser.press('copy-latex');
		expect(await browser.text('copied')).toContain('\\frac{18.5\\,\\cancel{\\mathrm{mi}}}');
		await browser.press('copy-mathml');
		expect(await browser.text('copied')).toContain('<mfrac>');
		await browser.press('to-desk');
		await browser.until('balance-says', (text) => text.startsWith('The line closes'));
	});

	it('several exercises are open at once, each where it was left, also after a reload half-way', async () => {
		await open('honey-jar');
		await place(browser, WORKED['honey-jar']?.blocks[0] as never);
		await browser.press('way-out', 'open-honey-crates');
		await browser.press('role-start');
		await browser.driver.navigate().refresh();
		await browser.press('role-fact', 'role-fact', 'want-kg', 'tool-facts', 'write-block');
		await browser.fill('write-unit-top', 'jar');
		await browser.driver.navigate().refresh();
		await browser.find('number-0-top');
		expect(await (await browser.find('unit-0-top-jar')).getText()).toContain('jar');
		await browser.press('way-out', 'place-today', 'left-honey-jar');
		await browser.until('balance-says', (text) => text.startsWith('The line closes'));
	});

	it('the calculator shows what a missing bracket does', async () => {
		await open('soil-bin');
		for (const block of WORKED['soil-bin']?.blocks ?? []) await place(browser, block);
		await browser.press('tool-line', 'line-calculator', 'take-line');
		await browser.until('calculated', (text) => text.startsWith('= 90.613'));
		await browser.fill('keyed', '40 × 5280 ÷ 60 × 60');
		expect(await browser.text('calculated')).toBe('= 211200');
	});
});
