import { join } from 'node:path';
import { Browser, PHONE } from '../../e2e/src/browser';
import { byId, factOf } from '../../e2e/src/parts';
import { Whole } from '../../e2e/src/whole';
import { allBars, leaveRows } from './all-bars';
import { emptyApp } from './empty-app';
import { timeGrown } from './grown';
import { median, percentile, type Row, row, table } from './measure';
import { timeBare, timeOften } from './often';
import { gzipped, type Opening, type Opens, openAnew, slowed } from './opening';
import { timePages } from './pages';
import { atUsualPace, type Paced, pace, touch, WATCH } from './touching';
import { timeTyping } from './typing';

/** A 95th percentile wants more than a handful: with fewer it is only the slowest touch. */
const ROUNDS = 64;
/** How long the line grows before it is taken back. */
const BLOCKS = 8;
/** A line as long as those of the bundled exercises. */
const SHORT_LINE = 4;
const SLOWED = 4;
/** The most an answer to a touch may take, in ms (steps of 8): on long lines, on short ones, and of everything else touched often. */
const LONG_LIMIT_MS = 48;
const SHORT_LIMIT_MS = 40;
const PAINT_LIMIT_MS = 48;

/** A touch, with how many blocks stood before it. */
type Timed = Paced & { readonly before: number };

/** Places blocks, upside down and right way up in turn, until the line has eight, and again. */
async function timePlacing(browser: Browser): Promise<Timed[]> {
	await browser.driver.executeScript(WATCH);
	const times: Timed[] = [];
	for (let i = 0; i < ROUNDS; i++) {
		const before = i % BLOCKS;
		await browser.press(byId('tool-facts'), factOf('1ft=12in'));
		await browser.find(byId('place-ft-below'));
		// Nobody touches twice within this: what the last touch left to do is done.
		await new Promise((resolve) => setTimeout(resolve, 400));
		const first = await pace(browser);
		const ms = await touch(browser, i % 2 ? 'place-ft-below' : 'place-in-below', `number-${before}-top`);
		times.push({ before, ms, pace: Math.max(first, await pace(browser)) });
		if (before === BLOCKS - 1) for (let k = 0; k < BLOCKS; k++) await browser.press(byId('undo'));
	}
	return times;
}

/**
 * Notes how long each move of a held finger took from its event to the end of the frame that shows the end on another
 * rung: browsers time no moves by themselves.
 */
const WATCH_MOVES = `
	window.moves = [];
	const at = () => document.querySelector('[data-testid=end-target]')?.getAttribute('aria-valuenow');
	addEventListener('pointermove', (event) => {
		const before = at();
		requestAnimationFrame(() => {
			const { port1, port2 } = new MessageChannel();
			port1.onmessage = () => {
				if (at() !== before) window.moves.push(performance.now() - event.timeStamp);
			};
			port2.postMessage(0);
		});
	}, { capture: true });
`;

/** Pixels between two rungs that are next to each other. */
const RUNG = 22;
/** How long a finger takes from one rung to the next. */
const MOVE_MS = 120;
const DRAGS = 12;

/** Drags the target of the Ladder up and down its near rungs, and gives the milliseconds of each change of rung. */
async function timeDragging(browser: Browser, url: string): Promise<Paced[]> {
	await browser.driver.get(`${url}/shelf/ladder?value=2.5%20km&to=mm`);
	await browser.find(byId('between'));
	await browser.driver.executeScript(WATCH_MOVES);
	const times: Paced[] = [];
	for (let i = 0; i < DRAGS; i++) {
		const first = await pace(browser);
		const handle = await browser.find(byId('end-target'));
		await browser.driver.executeScript('arguments[0].scrollIntoView({ block: "center" })', handle);
		const { x, y, width, height } = (await browser.driver.executeScript(
			'const r = arguments[0].getBoundingClientRect(); return { x: r.x, y: r.y, width: r.width, height: r.height }',
			handle,
		)) as { x: number; y: number; width: number; height: number };
		const point = (moved: number) => ({ x: x + width / 2, y: y + height / 2 + moved });
		const way = i % 2 ? RUNG : -RUNG;
		await browser.driver.executeScript('window.moves.length = 0');
		await browser.command('Input.dispatchTouchEvent', { type: 'touchStart', touchPoints: [point(0)] });
		for (let step = 1; step <= 6; step++) {
			await new Promise((resolve) => setTimeout(resolve, MOVE_MS));
			await browser.command('Input.dispatchTouchEvent', { type: 'touchMove', touchPoints: [point(way * step)] });
		}
		await new Promise((resolve) => setTimeout(resolve, 3 * MOVE_MS));
		await browser.command('Input.dispatchTouchEvent', { type: 'touchEnd', touchPoints: [] });
		const moves = await browser.driver.executeScript<number[]>('return window.moves');
		const slower = Math.max(first, await pace(browser));
		times.push(...moves.map((ms) => ({ ms, pace: slower })));
	}
	return times;
}

/** The 95th percentile of some touches against its bar, and their median beside it. */
function touches(name: string, times: readonly number[], most: number): readonly Row[] {
	return [
		row(`${name}, 95th percentile`, percentile(times, 0.95), { most }, 'ms'),
		beside(`${name}, median`, median(times)),
	];
}

/** Milliseconds that are held against no bar: what another figure is read beside. */
function beside(name: string, ms: number): Row {
	return { name, measured: `${ms.toFixed(0)} ms`, bar: '', met: true };
}

/** How often each page is opened anew, and how often with little and much on the device. */
const OPENINGS = 5;
const GROWN_ROUNDS = 7;

const EXERCISE: Opens = { path: '/desk/new-snow', text: 'During a squall', touch: 'unit--1-top-in', shows: 'facts' };
const TODAY: Opens = { path: '/', text: 'Today', touch: 'begin-guided', shows: 'problem' };
const EMPTY: Opens = { path: '/', text: 'An empty page', touch: 'touch', shows: 'touched' };

const DIST = join(__dirname, '..', '..', 'app', 'dist');

function kilobytes(openings: readonly Opening[]): number {
	return median(openings.map(({ scripts }) => scripts.reduce((sum, path) => sum + gzipped(DIST, path), 0)));
}

/** Pages opened for the first time on a slow phone, beside an empty page of the same framework. */
async function opening(url: string): Promise<readonly Row[]> {
	const empty = await emptyApp();
	try {
		const [floor, exercise, today] = [
			await openAnew(empty.url, EMPTY, OPENINGS),
			await openAnew(url, EXERCISE, OPENINGS),
			await openAnew(url, TODAY, OPENINGS),
		];
		const of = (list: readonly Opening[], what: 'painted' | 'answered' | 'shift') => list.map((one) => one[what]);
		const [answered, floorMs] = [median(of(exercise, 'answered')), median(of(floor, 'answered'))];
		process.stdout.write(
			`First touches: an empty page ${of(floor, 'answered').map(Math.round)}, an exercise ${of(exercise, 'answered').map(Math.round)}, Today ${of(today, 'answered').map(Math.round)}\n`,
		);
		const scripts = (exercise[0]?.scripts ?? []).map((path) => [
			path.split('/').at(-1) ?? '',
			gzipped(DIST, path).toFixed(1),
		]);
		process.stdout.write(table('Scripts before the first touch on an exercise, KB gzipped', [['', ''], ...scripts]));
		return [
			row('an exercise, painted with its own text', median(of(exercise, 'painted')), { most: 1000 }, 'ms'),
			row('an exercise, its first touch answered', answered, { most: 3000 }, 'ms'),
			row('the same, in first touches on an empty page of the framework', answered / floorMs, { most: 1.25 }, 'times'),
			row('an exercise, what moves as it opens', Math.max(...of(exercise, 'shift')), { most: 0.02 }, ''),
			row('an exercise, scripts before the first touch, gzipped', kilobytes(exercise), { most: 420 }, 'KB'),
			row('Today, scripts before the first touch, gzipped', kilobytes(today), { most: 380 }, 'KB'),
			row('Today, what moves as it opens', Math.max(...of(today, 'shift')), { most: 0.02 }, ''),
		];
	} finally {
		await empty.stop();
	}
}

/** The same page opened with ten and with 5 000 pieces of work on the device. */
async function grown(url: string): Promise<readonly Row[]> {
	const [few, many] = (await timeGrown(url, [10, 5000], GROWN_ROUNDS)).map((list) => ({
		ms: median(list.map(({ answered }) => answered)),
		heap: median(list.map(({ heap }) => heap)),
	})) as [{ ms: number; heap: number }, { ms: number; heap: number }];
	process.stdout.write(`Opened with ten pieces ${few.ms.toFixed(0)} ms, with 5 000 ${many.ms.toFixed(0)} ms\n`);
	return [
		row('opening with 5 000 pieces, in openings with ten', many.ms / few.ms, { most: 1.2 }, 'times'),
		row('heap with 5 000 pieces, more than with ten', many.heap - few.heap, { most: 5 }, 'MB'),
	];
}

/** Touches on a Desk, on the Ladder, on keys, on Today and the Record. */
async function touching(whole: Whole): Promise<readonly Row[]> {
	const browser = await Browser.open({ screen: PHONE, alone: true });
	try {
		await browser.go(`${whole.url}/desk/new-snow`);
		await browser.command('Emulation.setCPUThrottlingRate', { rate: SLOWED });
		const all = await timePlacing(browser);
		const times = atUsualPace(all);
		const allDrags = await timeDragging(browser, whole.url);
		const keys = await timeTyping(browser, whole.url);
		const pages = atUsualPace(await timePages(browser, whole.url)).map(({ ms }) => ms);
		const drags = atUsualPace(allDrags).map(({ ms }) => ms);
		process.stdout.write(
			`${times.length} of ${all.length} touches and ${drags.length} of ${allDrags.length} moves are counted: the machine was at its usual pace\n`,
		);
		const short = times.filter(({ before }) => before < SHORT_LINE).map(({ ms }) => ms);
		const long = times.map(({ ms }) => ms);
		return [
			...touches(`a factor added to a line of up to ${SHORT_LINE}`, short, SHORT_LIMIT_MS),
			...touches(`a factor added to a line of up to ${BLOCKS}`, long, LONG_LIMIT_MS),
			...touches('the Ladder dragged to another rung', drags, PAINT_LIMIT_MS),
			...touches('a key in 4 000 characters', keys, PAINT_LIMIT_MS),
			...touches('Today and the Record with 5 000 tries', pages, PAINT_LIMIT_MS),
		];
	} finally {
		await browser.close();
	}
}

/** What is touched often beside a block. */
async function often({ url }: Whole): Promise<readonly Row[]> {
	const browser = await Browser.open({ screen: PHONE, alone: true });
	try {
		await slowed(browser, url, false);
		const bare = atUsualPace(await timeBare(browser, url)).map(({ ms }) => ms);
		const times = await timeOften(browser, url);
		return [
			beside('a touch with nothing behind it, 95th percentile', percentile(bare, 0.95)),
			beside('a touch with nothing behind it, median', median(bare)),
			...Object.entries(times).flatMap(([name, all]) =>
				touches(
					name,
					atUsualPace(all).map(({ ms }) => ms),
					PAINT_LIMIT_MS,
				),
			),
		];
	} finally {
		await browser.close();
	}
}

/** The parts of the bench, by name: `npm run bench:app -- opening` runs one alone. */
const PARTS: Readonly<Record<string, (whole: Whole) => Promise<readonly Row[]>>> = {
	opening: ({ url }) => opening(url),
	grown: ({ url }) => grown(url),
	touching,
	often,
};

async function main(): Promise<void> {
	const asked = process.argv.slice(2);
	const whole = await Whole.start();
	const rows: Row[] = [];
	try {
		for (const [name, part] of Object.entries(PARTS)) {
			if (asked.length && !asked.includes(name)) continue;
			process.stdout.write(`· ${name}\n`);
			rows.push(...(await part(whole)));
		}
	} finally {
		await whole.stop();
	}
	leaveRows('app', rows);
	process.stdout.write(allBars());
	if (rows.some(({ met }) => !met)) process.exitCode = 1;
}

void main();
