import { Key } from 'selenium-webdriver';
import { Browser, SCREENS } from './src/browser';
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

/** Opens a page of the Shelf by its address. */
async function part(path: string, id: string): Promise<void> {
	await browser.driver.get(`${whole.url}/shelf/${path}`);
	await browser.find(id);
}

async function typed(id: string): Promise<string> {
	return (await (await browser.find(id)).getAttribute('value')) ?? '';
}

async function untilTyped(id: string, text: string): Promise<void> {
	let last = '';
	await browser.driver
		.wait(async () => {
			last = await typed(id);
			return last === text;
		}, 8000)
		.catch(() => {
			throw new Error(`${id} holds “${last}”`);
		});
}

/** Presses keys wherever the focus is. */
async function keys(...names: readonly string[]): Promise<void> {
	await browser.driver
		.actions()
		.sendKeys(...names)
		.perform();
}

/** Goes on with Tab until the element with this id has the focus; what a field holds is then selected. */
async function tabTo(id: string, limit = 60): Promise<void> {
	for (let i = 0; i < limit; i++) {
		await keys(Key.TAB);
		const at = await browser.driver.executeScript('return document.activeElement?.dataset.testid');
		if (at === id) return;
	}
	throw new Error(`Tab does not come to ${id}`);
}

/** Waits until the Desk stands, with so many blocks on its line. */
async function onDesk(blocks: number): Promise<void> {
	await browser.find('problem');
	await browser.driver.wait(
		async () => (await browser.has(`number-${blocks - 1}-top`)) && !(await browser.has(`number-${blocks}-top`)),
		8000,
		`there are not ${blocks} blocks on the line`,
	);
}

async function reload(id: string): Promise<void> {
	// The address follows what is typed a moment later.
	await browser.driver.sleep(500);
	await browser.driver.navigate().refresh();
	await browser.find(id);
}

describe.each(SCREENS)('the Shelf on %s', (name, screen) => {
	beforeEach(async () => {
		browser = await Browser.open({ screen });
	});

	afterEach(async () => {
		const errors = await browser.errors();
		await browser.close();
		expect(errors).toEqual([]);
	});

	const onPhone = name === 'a phone';
	const touch = (...ids: readonly string[]) => (onPhone ? browser.tap(...ids) : browser.press(...ids));

	it('is opened from the Desk, and each part from it', async () => {
		await browser.go(`${whole.url}/desk/new-snow`);
		await touch('unit--1-top-in', 'whole-shelf', 'part-ladder');
		await browser.find('ladder-picture');
		for (const one of ['facts', 'ladder', 'temperature', 'mixed', 'figures', 'rate', 'sense']) {
			await touch('to-shelf');
			await browser.find('shelf');
			await touch(`part-${one}`);
			await browser.find(one);
		}
		await touch('to-desk');
		await browser.find('problem');
		await touch('unit--1-top-in', 'whole-shelf');
		await browser.find('shelf');
	});

	it('Figures tells digits apart, rounds them, is stepped, opens where it was, and gives its number to a line', async () => {
		await browser.go(`${whole.url}/desk/new-snow`);
		await touch('unit--1-top-in', 'whole-shelf', 'part-figures');
		await browser.fill('number', '9.995');
		await browser.until('count-says', (text) => text === '4 figures count.');
		await touch('step-up', 'finer');
		await browser.until('rounded', (text) => text === '10.0');
		expect(await browser.text('round-how')).toContain('3 nines become zeros');
		await reload('figures');
		await browser.until('count-says', (text) => text === '4 figures count.');
		await part('figures?number=4500', 'figures');
		await browser.until('count-says', (text) => text.startsWith('2 figures, or up to 4'));
		await browser.fill('number', '45..0');
		await browser.until('number-says', (text) => text.includes('one decimal point'));
		expect(await browser.text('count-says')).toBe('2 figures count.');
		await browser.fill('number', '4.50');
		await touch('send-own');
		await browser.find('own-start');
		expect(await typed('own-start')).toBe('4.50');
	});

	it('Figures by keyboard alone', async () => {
		await part('figures?number=0.0820', 'figures');
		await tabTo('number');
		await keys(Key.END, '5');
		await browser.until('count-says', (text) => text === '4 figures count.');
		await tabTo('step-down');
		await keys(Key.SPACE);
		await untilTyped('number', '0.08105');
		await tabTo('finer');
		await keys(Key.ENTER);
		await browser.until('rounded', (text) => text === '0.0811' || text === '0.0810');
	});

	it('the Ladder: an end is dragged, far prefixes are pulled in, the rest is hidden to guess, and it goes to the line', async () => {
		await part('ladder?value=2.5%20km&to=m', 'ladder');
		await browser.drag('end-target', 22 * 2);
		await browser.until('target-plain', (text) => text === '250\u202f000 cm');
		await browser.until('between-says', (text) => text.startsWith('5 powers of ten down'));
		await browser.drag('end-value', 22 * 3);
		await untilTyped('value', '2500 m');
		await touch('value-up');
		await untilTyped('value', '250 dam');
		// Past the edge come the far prefixes, and can be taken hold of there.
		await browser.drag('end-target', -22 * 8);
		await browser.until('target-plain', (text) => text === '0.0025 Mm');
		await browser.drag('end-target', -22 * 6);
		await browser.until('target-scientific', (text) => text.includes('Tm'));
		await touch('hide');
		await browser.until('target-plain', (text) => text === '? Tm');
		await touch('hide');
		await browser.fill('value', '40 ft');
		await browser.until('value-says', (text) => text.includes('takes no prefix'));
		expect(await browser.text('target-plain')).toContain('Tm');
		await browser.fill('value', '40 cm^2');
		await touch('target-down');
		await browser.until('target-plain', (text) => text.includes('Gm'));
		await reload('ladder');
		expect(await typed('value')).toBe('40 cm^2');
		await part('ladder?value=2.5%20km&to=cm', 'ladder');
		await touch('send-own');
		await onDesk(2);
		await browser.until('balance-says', (text) => text.startsWith('The line closes'));
	});

	it('the Ladder by keyboard alone', async () => {
		await part('ladder?value=30.%20mg&to=g', 'ladder');
		await tabTo('end-value');
		await keys(Key.ARROW_UP);
		await untilTyped('value', '3.0 cg');
		await keys(Key.END);
		await browser.until('value-plain', (text) => text.includes('Qg') || text.includes('plainly'));
		await keys(Key.HOME);
		await browser.until('value-scientific', (text) => text.includes('qg'));
		await tabTo('end-target');
		await keys(Key.PAGE_DOWN);
		await browser.until('target-plain', (text) => text.endsWith('mg'));
		await tabTo('hide');
		await keys(Key.ENTER);
		await browser.until('target-plain', (text) => text === '? mg');
	});

	it('Temperature: typed on any scale, dragged, as a range, and taken to the line with its shift', async () => {
		await part('temperature?number=-18&unit=%C2%B0C', 'temperature');
		await browser.fill('type-°F', '212');
		await browser.driver.wait(async () => (await typed('type-K')) === '373', 8000);
		await browser.fill('type-°C', '20');
		await browser.drag('reading-low', 60);
		await browser.driver.wait(async () => Number(await typed('type-°C')) < 5, 8000);
		await browser.fill('type-°C', '-300');
		await browser.until('type-°C-says', (text) => text.includes('below absolute zero'));
		await browser.fill('type-°C', '12');
		await touch('range');
		await browser.fill('type-until', '31');
		await browser.until('difference-says', (text) => text.startsWith('19 K = 19 °C = 34.2 °F'));
		await touch('view-whole');
		await reload('temperature');
		await browser.until('difference-says', (text) => text.startsWith('19 K'));
		await touch('send-own°F');
		await onDesk(1);
		await browser.until('balance-says', (text) => text.startsWith('The line closes'));
	});

	it('Temperature by keyboard alone', async () => {
		await part('temperature?number=-18&unit=%C2%B0C', 'temperature');
		await tabTo('reading-low');
		await keys(Key.ARROW_UP, Key.ARROW_UP, Key.PAGE_UP);
		await untilTyped('type-°C', '-6');
		await keys(Key.HOME);
		await browser.driver.wait(async () => Number(await typed('type-°C')) <= -16, 8000);
		await tabTo('range');
		await keys(Key.ENTER);
		await tabTo('type-until');
		await keys('0');
		await browser.find('difference-says');
	});

	it('Mixed measures: taken apart and put together, in each measure, and taken to the line', async () => {
		await part('mixed?text=8.75%20ft&measure=length', 'mixed');
		await browser.until('mixed-says', (text) => text === '8.75 ft = 8 ft 9 in');
		expect(await browser.text('why-ft')).toContain('not 75 in');
		await touch('step-up');
		await browser.until('mixed-says', (text) => text.endsWith('= 9 ft'));
		await browser.fill('mixed-text', '8 ft 9 in');
		await browser.until('sum', (text) => text === 'Together 8.75 ft');
		for (const [measure, says] of [
			['mass', '5 lb 4.8 oz'],
			['time', '2 h 30 min'],
			['angle', '41 ° 12 ′'],
		] as const) {
			await touch(`measure-${measure}`);
			await browser.until('mixed-says', (text) => text.endsWith(says));
		}
		await browser.fill('mixed-text', '3 kg');
		await browser.until('mixed-text-says', (text) => text.includes('One cannot become the other'));
		expect(await browser.text('mixed-says')).toContain('41 ° 12 ′');
		await browser.fill('mixed-text', '41.2 °');
		await reload('mixed');
		await browser.until('mixed-says', (text) => text.endsWith('41 ° 12 ′'));
		await touch('send-own');
		await onDesk(1);
	});

	it('Mixed measures by keyboard alone', async () => {
		await part('mixed?text=8.75%20ft&measure=length', 'mixed');
		await tabTo('measure-time');
		await keys(Key.ENTER);
		await tabTo('mixed-text');
		await keys(Key.HOME, '1');
		await browser.until('mixed-says', (text) => text.endsWith('12 h 30 min'));
		await tabTo('step-up');
		await keys(Key.SPACE);
		await browser.until('mixed-says', (text) => text.endsWith('12 h 45 min'));
	});

	it('Rate: the line a route takes, step by step, turned round, and taken whole to the Desk', async () => {
		await part('rate?from=36.0%20km/h&to=m/s', 'rate');
		await browser.until('rate-says', (text) => text === '= 10.0 m/s');
		expect(await browser.text('said-1')).toContain('Multiply by');
		await touch('number-0-top');
		await browser.fill('to', 'kg');
		await browser.until('to-says', (text) => text.includes('One cannot become the other'));
		expect(await browser.text('rate-says')).toBe('= 10.0 m/s');
		await browser.fill('to', 'ft/min');
		await browser.until('rate-says', (text) => text.includes('ft/min'));
		await touch('swap');
		await untilTyped('from', '36.0 ft/min');
		await reload('rate');
		expect(await typed('to')).toBe('km/h');
		await part('rate?from=36.0%20km/h&to=m/s', 'rate');
		await touch('send-own');
		await onDesk(2);
		await browser.until('balance-says', (text) => text.startsWith('The line closes'));
	});

	it('Rate by keyboard alone', async () => {
		await part('rate?from=36.0%20km/h&to=m/s', 'rate');
		await tabTo('step-up');
		await keys(Key.ENTER);
		await untilTyped('from', '37.0 km/h');
		await tabTo('to');
		await keys('m/min');
		await browser.until('rate-says', (text) => text.endsWith('m/min'));
		await tabTo('number-0-top');
		await keys(Key.ENTER);
	});

	it('Number sense: likened to the station, ten times and a tenth beside it, and taken to a line', async () => {
		await part('sense?value=1.35%20kg', 'sense');
		await browser.until('sense-says', (text) => text.includes('three full honey jars'));
		await touch('step-up');
		await browser.until('sense-says', (text) => text.includes('five full honey jars'));
		await browser.fill('value', '3 m^4');
		await browser.until('value-says', (text) => text.includes('Nothing at the station'));
		expect(await browser.text('sense-says')).toContain('sleds');
		await touch('try-3 km');
		await browser.until('tenth', (text) => text.includes('path'));
		await reload('sense');
		await browser.until('sense-says', (text) => text.startsWith('3 km'));
		await touch('send-own');
		await onDesk(1);
	});

	it('Number sense by keyboard alone', async () => {
		await part('sense?value=1.35%20kg', 'sense');
		await tabTo('value');
		await keys('9 kg');
		await browser.until('sense-says', (text) => text.includes('crates of honey'));
		await tabTo('send-own');
		await keys(Key.ENTER);
		await onDesk(1);
	});

	it('Facts: found with a slip of spelling, one’s own kept, changed, undone, and put on the line; the class list is kept to', async () => {
		await browser.go(`${whole.url}/desk/new-snow`);
		await touch('unit--1-top-in', 'whole-shelf', 'part-facts');
		await browser.fill('search', 'galon');
		await browser.until('found', (text) => text.includes('Taken for “gallon”'));
		await browser.fill('search', '');
		await touch('group-customary');
		await browser.until('fact-1mi=5280ft', (text) => text.includes('1 ft = 1/5280 mi'));
		await browser.fill('own-fact', '1 bale = 9.5 kg');
		await touch('own-fact-measured', 'keep-fact');
		await touch('fact-1bale=9.5kg', 'change');
		await browser.fill('change-fact', '1 bale = 9.8 kg');
		await touch('keep-change');
		await browser.find('fact-1bale=9.8kg');
		await touch('shelf-undo');
		await browser.find('fact-1bale=9.5kg');
		await reload('facts');
		await browser.find('fact-1bale=9.5kg');
		await touch('table-between');
		await browser.fill('search', 'inch');
		await browser.until('fact-1in=2.54cm', (text) => text.includes('not on the class list'));
		await touch('to-desk');
		await touch('unit--1-top-in');
		await browser.find('facts');
		expect(await browser.has('fact-1in=2.54cm')).toBe(false);
		await part('facts?search=foot', 'facts');
		await touch('fact-1ft=12in', 'place-in-below');
		await onDesk(1);
	});

	it('Facts by keyboard alone', async () => {
		await part('facts?search=mile', 'facts');
		await tabTo('fact-1mi=5280ft');
		await keys(Key.ENTER);
		await tabTo('place-ft-below');
		await keys(Key.ENTER);
		await onDesk(1);
	});

	it('every part opens and works with the server gone', async () => {
		const other = await Whole.start();
		await browser.driver.get(`${other.url}/shelf`);
		await browser.find('shelf');
		await browser.driver.wait(
			async () =>
				(await browser.driver.executeScript(
					'return navigator.serviceWorker.ready.then((r) => Boolean(r.active) && caches.keys().then((k) => k.length > 0))',
				)) as boolean,
			30_000,
		);
		await browser.driver.navigate().refresh();
		await browser.find('shelf');
		await other.stop();
		for (const [one, id] of [
			['ladder', 'ladder-picture'],
			['temperature', 'scales'],
			['mixed', 'mixed-says'],
			['figures', 'rounded'],
			['rate', 'rate-says'],
			['sense', 'sense-says'],
			['facts', 'own-facts'],
		] as const) {
			await browser.driver.get(`${other.url}/shelf/${one}`);
			await browser.find(id);
		}
		// The server that is gone is what the browser complains of, rightly.
		await browser.errors();
	});
});
