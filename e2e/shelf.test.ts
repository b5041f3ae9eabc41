import { Key } from 'selenium-webdriver';
import { Browser, DESKTOP, PHONE, type Screen } from './src/browser';
import { L, SHELF } from './src/labels';
import type { Target } from './src/named';
import { byId, factOf, numberAt, unitAt, withBelow } from './src/parts';
import { Whole } from './src/whole';

jest.setTimeout(180_000);

/** How soon a page of the Shelf has its state in its address. */
const FOLLOWS_WITHIN_MS = 250;

let whole: Whole;
let browser: Browser;

beforeAll(async () => {
	whole = await Whole.start();
});

afterAll(async () => {
	await whole.stop();
});

/** Opens a page of the Shelf by its address. */
async function part(path: string): Promise<void> {
	await browser.open(`${whole.url}/shelf/${path}`);
}

const typed = (field: string) => browser.typed(field);

async function untilTyped(field: string, text: string): Promise<void> {
	let last = '';
	await browser.driver
		.wait(async () => {
			last = await typed(field);
			return last === text;
		}, 8000)
		.catch(() => {
			throw new Error(`${field} holds “${last}”`);
		});
}

const keys = (...names: readonly string[]) => browser.keys(...names);

const tabTo = (target: Target) => browser.tabTo(target);

/** Waits until the Desk stands, with so many blocks on its line. */
async function onDesk(blocks: number): Promise<void> {
	await browser.find(L.problem);
	await browser.driver.wait(
		async () => (await browser.has(numberAt(blocks - 1, 'top'))) && !(await browser.has(numberAt(blocks, 'top'))),
		8000,
		`there are not ${blocks} factors on the line`,
	);
}

/** Loads the page again, once its address has followed what was typed. */
async function reload(): Promise<void> {
	let before = '';
	await browser.driver.wait(async () => {
		const last = before;
		before = await browser.driver.getCurrentUrl();
		await browser.settled();
		await browser.driver.sleep(FOLLOWS_WITHIN_MS);
		return before === last;
	}, 8000);
	await browser.reload();
}

/** A journey on a screen of its own, which ends without an error on it. */
function journey(screen: Screen, keepsApp = false) {
	return (name: string, act: () => Promise<void>) =>
		it(name, async () => {
			browser = await Browser.open({ screen, keepsApp });
			await act();
			expect(await browser.errors()).toEqual([]);
			await browser.close();
		});
}

const onPhone = journey(PHONE);
const onWide = journey(DESKTOP);

/** Touches with a finger, on a phone. */
const touch = (...targets: readonly Target[]) => browser.tap(...targets);

describe('the Shelf', () => {
	onPhone('is opened from the Desk, and each part from it', async () => {
		await browser.go(`${whole.url}/desk/new-snow`);
		await touch(unitAt('in', 'top'), L.wholeShelf, SHELF.ladder);
		await browser.find(L.ladderPicture);
		for (const [name, shows] of [
			[SHELF.facts, L.ownFacts],
			[SHELF.ladder, L.ladderPicture],
			[SHELF.temperature, L.scales],
			[SHELF.mixed, L.mixedText],
			[SHELF.figures, L.number],
			[SHELF.rate, L.from],
			[SHELF.sense, L.anyQuantity],
		] as const) {
			await touch(L.toShelf, name);
			await browser.find(shows);
		}
		await touch(L.toDesk);
		await browser.find(L.problem);
		await touch(unitAt('in', 'top'), L.wholeShelf);
		await browser.find(SHELF.ladder);
	});

	onPhone(
		'Figures tells digits apart, rounds them, is stepped, opens where it was, and gives its number to a line',
		async () => {
			await browser.go(`${whole.url}/desk/new-snow`);
			await touch(unitAt('in', 'top'), L.wholeShelf, SHELF.figures);
			await browser.write(L.number, '9.995');
			await browser.seesLine('4 figures count.');
			await touch(L.stepUp, L.finer);
			await browser.seesLine('10.0');
			await browser.sees('3 nines become zeros');
			await reload();
			await browser.seesLine('4 figures count.');
			await part('figures?number=4500');
			await browser.sees('2 figures, or up to 4');
			await browser.write(L.number, '45..0');
			await browser.sees('one decimal point');
			await browser.seesLine('2 figures count.');
			await browser.write(L.number, '4.50');
			await touch(L.sendOwn);
			await browser.find(L.ownStart);
			expect(await typed(L.ownStart)).toBe('4.50');
		},
	);

	onWide('Figures by keyboard alone', async () => {
		await part('figures?number=0.0820');
		await tabTo(L.number);
		await keys(Key.END, '5');
		await browser.seesLine('4 figures count.');
		await tabTo(L.stepDown);
		await keys(Key.SPACE);
		await untilTyped(L.number, '0.08105');
		await tabTo(L.finer);
		await keys(Key.ENTER);
		await browser.until(byId('rounded'), (text) => text === '0.0811' || text === '0.0810');
	});

	onPhone(
		'the Ladder: an end is dragged, far prefixes are pulled in, the rest is hidden to guess, and it goes to the line',
		async () => {
			await part('ladder?value=2.5%20km&to=m');
			await browser.drag(L.endTarget, 22 * 2);
			await browser.seesLine('250\u202f000 cm');
			await browser.sees('5 powers of ten down');
			await browser.drag(L.endValue, 22 * 3);
			await untilTyped(L.value, '2500 m');
			await touch(L.valueUp);
			await untilTyped(L.value, '250 dam');
			// Past the edge come the far prefixes, and can be taken hold of there.
			await browser.drag(L.endTarget, -22 * 8);
			await browser.seesLine('0.0025 Mm');
			await browser.drag(L.endTarget, -22 * 6);
			await browser.untilSays(byId('target-scientific'), 'Tm');
			await touch(L.hide);
			await browser.seesLine('? Tm');
			await touch(L.showTarget);
			await browser.write(L.value, '40 ft');
			await browser.sees('takes no prefix');
			await browser.untilSays(byId('target-plain'), 'Tm');
			await browser.write(L.value, '40 cm^2');
			await touch(L.targetDown);
			await browser.untilSays(byId('target-plain'), 'Gm');
			await reload();
			expect(await typed(L.value)).toBe('40 cm^2');
			await part('ladder?value=2.5%20km&to=cm');
			await touch(L.sendOwn);
			await onDesk(2);
			await browser.sees('The line is complete');
		},
	);

	onWide('the Ladder by keyboard alone', async () => {
		await part('ladder?value=30.%20mg&to=g');
		await tabTo(L.endValue);
		await keys(Key.ARROW_UP);
		await untilTyped(L.value, '3.0 cg');
		await keys(Key.END);
		await browser.until(byId('value-plain'), (text) => text.includes('Qg') || text.includes('too long'));
		await keys(Key.HOME);
		await browser.untilSays(byId('value-scientific'), 'qg');
		await tabTo(L.endTarget);
		await keys(Key.PAGE_DOWN);
		await browser.untilSays(byId('target-plain'), 'mg');
		await tabTo(L.hide);
		await keys(Key.ENTER);
		await browser.seesLine('? mg');
	});

	onPhone('Temperature: typed on any scale, dragged, as a range, and taken to the line with its shift', async () => {
		await part('temperature?number=-18&unit=%C2%B0C');
		await browser.write('°F', '212');
		await browser.driver.wait(async () => (await typed('K')) === '373', 8000);
		await browser.write('°C', '20');
		await browser.drag(L.readingLow, 60);
		await browser.driver.wait(async () => Number(await typed('°C')) < 5, 8000);
		await browser.write('°C', '-300');
		await browser.sees('below absolute zero');
		await browser.write('°C', '12');
		await touch(L.range);
		await browser.write(L.typeUntil, '31');
		await browser.sees('19 K = 19 °C = 34.2 °F');
		await touch(L.viewWhole);
		await reload();
		await browser.sees('19 K');
		await touch('Start a line from 12 °C to °F');
		await onDesk(1);
		await browser.sees('The line is complete');
	});

	onWide('Temperature by keyboard alone', async () => {
		await part('temperature?number=-18&unit=%C2%B0C');
		await tabTo(L.readingLow);
		await keys(Key.ARROW_UP, Key.ARROW_UP, Key.PAGE_UP);
		await untilTyped('°C', '-6');
		await keys(Key.HOME);
		await browser.driver.wait(async () => Number(await typed('°C')) <= -16, 8000);
		await tabTo(L.range);
		await keys(Key.ENTER);
		await tabTo(L.typeUntil);
		await keys('0');
		await browser.sees('For a difference you only multiply');
	});

	onPhone('Mixed measures: taken apart and put together, in each measure, and taken to the line', async () => {
		await part('mixed?text=8.75%20ft&measure=length');
		await browser.seesLine('8.75 ft = 8 ft 9 in');
		await browser.sees('not 75 in');
		await touch(L.stepUp);
		await browser.sees('= 9 ft');
		await browser.write(L.mixedText, '8 ft 9 in');
		await browser.seesLine('Together 8.75 ft');
		for (const [measure, says] of [
			[L.measureMass, '5 lb 4.8 oz'],
			[L.measureTime, '2 h 30 min'],
			[L.measureAngle, '41 ° 12 ′'],
		] as const) {
			await touch(measure);
			await browser.sees(says);
		}
		await browser.write(L.mixedText, '3 kg');
		await browser.sees('These do not convert');
		await browser.sees('41 ° 12 ′');
		await browser.write(L.mixedText, '41.2 °');
		await reload();
		await browser.sees('41 ° 12 ′');
		await touch(L.sendOwn);
		await onDesk(1);
	});

	onWide('Mixed measures by keyboard alone', async () => {
		await part('mixed?text=8.75%20ft&measure=length');
		await tabTo(L.measureTime);
		await keys(Key.ENTER);
		await tabTo(L.mixedText);
		await keys(Key.HOME, '1');
		await browser.sees('12 h 30 min');
		await tabTo(L.stepUp);
		await keys(Key.SPACE);
		await browser.sees('12 h 45 min');
	});

	onPhone('Rate: the line a route takes, step by step, turned round, and taken whole to the Desk', async () => {
		await part('rate?from=36.0%20km/h&to=m/s');
		await browser.seesLine('= 10.0 m/s');
		await browser.sees('Multiply by');
		await touch(numberAt(0, 'top'));
		await browser.write(L.to, 'kg');
		await browser.sees('These do not convert');
		await browser.seesLine('= 10.0 m/s');
		await browser.write(L.to, 'ft/min');
		await browser.untilSays(byId('rate-says'), 'ft/min');
		await touch(L.swap);
		await untilTyped(L.from, '36.0 ft/min');
		await reload();
		expect(await typed(L.to)).toBe('km/h');
		await part('rate?from=36.0%20km/h&to=m/s');
		await touch(L.sendOwn);
		await onDesk(2);
		await browser.sees('The line is complete');
	});

	onWide('Rate by keyboard alone', async () => {
		await part('rate?from=36.0%20km/h&to=m/s');
		await tabTo(L.stepUp);
		await keys(Key.ENTER);
		await untilTyped(L.from, '37.0 km/h');
		await tabTo(L.to);
		await keys('m/min');
		await browser.untilSays(byId('rate-says'), 'm/min');
		await tabTo(numberAt(0, 'top'));
		await keys(Key.ENTER);
	});

	onPhone('Number sense: likened to the station, ten times and a tenth beside it, and taken to a line', async () => {
		await part('sense?value=1.35%20kg');
		await browser.sees('three full honey jars');
		await touch(L.stepUp);
		await browser.sees('five full honey jars');
		await browser.write(L.anyQuantity, '3 m^4');
		await browser.sees('Nothing at the station');
		await browser.sees('sleds');
		await touch('3 km');
		await browser.sees('path');
		await reload();
		await browser.untilSays(byId('sense-says'), '3 km');
		await touch(L.sendOwn);
		await onDesk(1);
	});

	onWide('Number sense by keyboard alone', async () => {
		await part('sense?value=1.35%20kg');
		await tabTo(L.anyQuantity);
		await keys('9 kg');
		await browser.sees('crates of honey');
		await tabTo(L.sendOwn);
		await keys(Key.ENTER);
		await onDesk(1);
	});

	onPhone(
		'Facts: found with a slip of spelling, one’s own kept, changed, undone, and put on the line; the class list is kept to',
		async () => {
			await browser.go(`${whole.url}/desk/new-snow`);
			await touch(unitAt('in', 'top'), L.wholeShelf, SHELF.facts);
			await browser.write(L.search, 'galon');
			await browser.sees('Read as “gallon”');
			await browser.write(L.search, '');
			await touch(L.groupCustomary);
			await browser.until(factOf('1mi=5280ft'), (text) => text.includes('1 ft = 1/5280 mi'));
			await browser.write(L.ownFact, '1 bale = 9.5 kg');
			await touch(L.ownFactMeasured, L.keepFact);
			await touch(factOf('1bale=9.5kg'), L.change);
			await browser.write(L.changeFact, '1 bale = 9.8 kg');
			await touch(L.keepChange);
			await browser.find(factOf('1bale=9.8kg'));
			await touch(L.shelfUndo);
			await browser.find(factOf('1bale=9.5kg'));
			await reload();
			await browser.find(factOf('1bale=9.5kg'));
			await touch(L.tableBetween);
			await browser.write(L.search, 'inch');
			await browser.until(factOf('1in=2.54cm'), (text) => text.includes('not on the class list'));
			await touch(L.toDesk);
			await touch(unitAt('in', 'top'));
			await browser.find(L.facts);
			expect(await browser.has(factOf('1in=2.54cm'))).toBe(false);
			await part('facts?search=foot');
			await touch(factOf('1ft=12in'), withBelow('in'));
			await onDesk(1);
		},
	);

	onWide('Facts by keyboard alone', async () => {
		await part('facts?search=mile');
		await tabTo(factOf('1mi=5280ft'));
		await keys(Key.ENTER);
		await tabTo(withBelow('ft'));
		await keys(Key.ENTER);
		await onDesk(1);
	});

	journey(PHONE, true)('every part opens and works with the server gone', async () => {
		const other = await Whole.start();
		await browser.driver.get(`${other.url}/shelf`);
		await browser.find(SHELF.ladder);
		await browser.driver.wait(
			async () =>
				(await browser.driver.executeScript(
					'return navigator.serviceWorker.ready.then((r) => Boolean(r.active) && caches.keys().then((k) => k.length > 0))',
				)) as boolean,
			30_000,
		);
		await browser.driver.navigate().refresh();
		await browser.find(SHELF.ladder);
		await other.stop();
		for (const [one, id] of [
			['ladder', L.ladderPicture],
			['temperature', L.scales],
			['mixed', L.mixedText],
			['figures', L.number],
			['rate', L.from],
			['sense', L.anyQuantity],
			['facts', L.ownFacts],
		] as const) {
			await browser.open(`${other.url}/shelf/${one}`);
			await browser.find(id);
		}
		// The server that is gone is what the browser complains of, rightly.
		await browser.errors();
	});
});
