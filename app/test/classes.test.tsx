import { act, render, screen } from '@testing-library/react';
import type { KeptTry } from '@tidy-sum/schema';
import { keepWorkSchema } from '@tidy-sum/schema';
import type { SentTry } from '@tidy-sum/schema/class';
import type { Handed } from '@tidy-sum/schema/handed';
import { Provider } from 'react-redux';
import { ClassScreen } from '../src/class/class-screen';
import { dueAfter } from '../src/class/hand-out-part';
import { forgetClasses, noteClass, noteOfClass } from '../src/device/class-notes';
import { keepSeats } from '../src/store/keep-seats';
import { type AppStore, makeStore } from '../src/store/store';
import { TodayScreen } from '../src/today/today-screen';
import { broughtIn } from '../src/work/brought';
import { CLASSES } from '../src/work/list-names';
import { mergedBody } from '../src/work/merged-body';
import { myClasses } from '../src/work/my-classes';
import { problemName } from '../src/work/sheet';
import { sheetOfHanded } from '../src/work/tries-to-send';
import { did, loaded, slipsNamed, tried } from '../src/work/works-reducer';
import { pageSays } from './found';

jest.mock('expo-router', () => ({ useRouter: () => ({ navigate: () => {} }) }));
jest.mock('../src/worker/core-worker', () => jest.requireActual('./jobs-here').jobsHere());

AbortSignal.timeout = () => new AbortController().signal;

const CLASS = 'class-of-fennel-ridge';
const KEY = 'a-key-of-a-seat-in-the-class';
const HANDED = 'set-of-week-49';
const SHEET = sheetOfHanded(HANDED);
const THIRD = problemName(SHEET, 'p3');

const SET: Handed = {
	tidySum: 1,
	title: 'Sheet 4',
	problems: ['Write 3.6 m/s in km/h.', 'Write 14 ft in yd.', 'Write 454 g in kg.'].map((text, i) => ({
		label: `${i + 1}`,
		text,
	})),
};

/** A class on a server that is here: what it keeps, and whether it can be reached. */
function classHere() {
	const kept = new Map<string, SentTry>();
	const here = { kept, isAway: false, isShut: false, asked: 0 };
	const reply = (status: number, body: unknown) =>
		({ status, ok: status < 400, json: async () => body, headers: { get: () => null } }) as unknown as Response;
	globalThis.fetch = jest.fn(async (address: RequestInfo | URL, init: RequestInit = {}) => {
		if (here.isAway) throw new TypeError('no network');
		here.asked += 1;
		if (here.isShut) return reply(404, { error: { code: 'no-class', message: 'This device has no place.' } });
		const path = `${address}`.replace(`/api/classes/${CLASS}`, '');
		if (path === '/seat') {
			const handed = [{ id: HANDED, title: 'Sheet 4', due: '2026-12-11T15:00:00Z', made: 'now', count: 3 }];
			return reply(200, { title: '8b', says: 'Heron 4', handed });
		}
		if (path === `/handed/${HANDED}`) return reply(200, { set: SET });
		const { tries } = JSON.parse(`${init.body}`) as { tries: readonly SentTry[] };
		for (const one of tries) kept.set(`${one.handed} ${one.problem} ${one.try.when}`, one);
		return reply(200, { kept: tries.length });
	}) as typeof fetch;
	return here;
}

const TRY: KeptTry = {
	when: 1000,
	seconds: 5,
	right: true,
	slips: [],
	nudges: 0,
	shown: false,
	answer: '0.454 kg',
	start: null,
	factors: [],
};

function joined(): AppStore {
	const store = makeStore();
	store.dispatch(did(CLASSES, { do: 'sit', class: CLASS, key: KEY, title: '8b', says: 'Heron 4' }));
	return store;
}

/** Sends an answer at the third problem to the check. */
function checks(store: AppStore, more: Partial<KeptTry>): void {
	if (store.getState().works.open[THIRD] === undefined)
		store.dispatch(did(THIRD, { do: 'pose', text: SET.problems[2]?.text ?? '', given: true }));
	store.dispatch(tried({ exercise: THIRD, made: { ...TRY, ...more } }));
}

const waits = (ms: number) => act(async () => jest.advanceTimersByTimeAsync(ms));

beforeEach(() => {
	jest.useFakeTimers();
	localStorage.clear();
});

afterEach(() => jest.useRealTimers());

describe('a seat in a class', () => {
	it('lays what is handed out on the desk, once, and shows it on Today with how far it is', async () => {
		classHere();
		const store = joined();
		keepSeats(store);
		await waits(1000);
		await waits(60_000);
		expect(broughtIn(store.getState().works)).toEqual([SHEET]);
		checks(store, {});
		render(
			<Provider store={store}>
				<TodayScreen />
			</Provider>,
		);
		expect(pageSays()).toContain('Heron 4 in 8b: 0 of 3 right, due Friday 11 Dec');
		expect(screen.queryByTestId('sheets')).toBeNull();
	});

	it('sends what is checked there and nothing else, and says how much waits for the network', async () => {
		const server = classHere();
		const store = joined();
		store.dispatch(did('honey-jar', { do: 'answer', text: '1 kg' }));
		store.dispatch(tried({ exercise: 'honey-jar', made: TRY }));
		keepSeats(store);
		await waits(1000);
		expect(server.kept.size).toBe(0);
		server.isAway = true;
		checks(store, { when: 2000, right: false, answer: '454000 kg' });
		checks(store, { when: 3000 });
		await waits(1000);
		expect(store.getState().classes.waiting[CLASS]).toBe(2);
		render(
			<Provider store={store}>
				<ClassScreen id={CLASS} />
			</Provider>,
		);
		expect(pageSays()).toContain('2 answers wait for the network');
		server.isAway = false;
		await waits(31_000);
		expect(store.getState().classes.waiting[CLASS]).toBe(0);
		expect([...server.kept.values()]).toMatchObject([
			{ handed: HANDED, problem: 2, try: { answer: '454000 kg' } },
			{ problem: 2, try: { answer: '0.454 kg' } },
		]);
	});

	it('says how much waits after a reload without a network, by what it saw last', async () => {
		const server = classHere();
		const store = joined();
		keepSeats(store);
		await waits(1000);
		server.isAway = true;
		checks(store, { when: 2000 });
		await waits(1000);
		const again = makeStore();
		again.dispatch(loaded(store.getState().works));
		keepSeats(again);
		await waits(1000);
		expect(again.getState().classes.waiting[CLASS]).toBe(1);
		expect(again.getState().classes.views[CLASS]?.handed).toMatchObject([{ title: 'Sheet 4' }]);
	});

	it('sends a try once more when its slips are named', async () => {
		const server = classHere();
		const store = joined();
		keepSeats(store);
		await waits(1000);
		checks(store, { when: 2000, right: false, unnamed: true });
		await waits(1000);
		expect([...server.kept.values()]).toMatchObject([{ try: { unnamed: true } }]);
		const id = store.getState().works.open[THIRD] ?? '';
		store.dispatch(slipsNamed({ id, when: 2000, slips: ['inverted'] }));
		await waits(1000);
		expect([...server.kept.values()]).toMatchObject([{ try: { slips: ['inverted'] } }]);
	});

	it('that was taken away asks no more, keeps the work, and says so', async () => {
		const server = classHere();
		const store = joined();
		keepSeats(store);
		await waits(1000);
		server.isShut = true;
		checks(store, {});
		await waits(1000);
		const { asked } = server;
		await waits(120_000);
		expect(server.asked).toBe(asked);
		expect(store.getState().works.open[THIRD]).toBeDefined();
		render(
			<Provider store={store}>
				<ClassScreen id={CLASS} />
			</Provider>,
		);
		expect(pageSays()).toContain('This seat no longer opens the class. Your work stays on your desk.');
	});

	it('loses no try over any schedule of checks, lost networks and reloads', async () => {
		let seed = 4711;
		const random = (below: number) => {
			seed = (seed * 48_271) % 2_147_483_647;
			return seed % below;
		};
		for (let schedule = 0; schedule < 25; schedule++) {
			const server = classHere();
			let store = joined();
			keepSeats(store);
			await waits(500);
			const made: number[] = [];
			for (let step = 0; step < 12; step++) {
				const does = random(4);
				if (does < 2 && store.getState().works.open[SHEET] !== undefined) {
					made.push(made.length + 1);
					checks(store, { when: made.length, right: does === 0, ...(does ? { unnamed: true as const } : {}) });
				} else if (does === 2) server.isAway = !server.isAway;
				else {
					// The page is opened again, with what the desk had.
					const { works } = store.getState();
					store = makeStore();
					store.dispatch(loaded(works));
					keepSeats(store);
				}
				await waits(random(400));
			}
			server.isAway = false;
			await waits(31_000);
			expect([...server.kept.values()].map((one) => one.try.when).sort((a, b) => a - b)).toEqual(made);
			jest.clearAllTimers();
		}
	}, 30_000);
});

describe('the classes of a desk', () => {
	const sit = { do: 'sit', class: CLASS, key: KEY, title: '8b', says: 'Heron 4' } as const;
	const teach = { do: 'teach', class: 'class-of-somebody', key: KEY, title: '9a' } as const;

	it('are kept with it, on each of its devices, and read by the server', () => {
		const body = { exercise: CLASSES, steps: [sit, teach] };
		expect(keepWorkSchema.parse({ base: 0, body }).body.steps).toEqual([sit, teach]);
		const merged = mergedBody({ exercise: CLASSES, steps: [sit] }, { exercise: CLASSES, steps: [teach] });
		expect(merged?.steps).toEqual([sit, teach]);
	});

	it('are those that were not left', () => {
		const store = makeStore();
		for (const step of [sit, teach, { do: 'quit', class: CLASS } as const]) store.dispatch(did(CLASSES, step));
		expect(myClasses(store.getState().works)).toMatchObject({ teaches: [{ title: '9a' }], seats: [] });
	});
});

describe('what a teacher sets', () => {
	it('is due at the end of a day here, or has no date', () => {
		const now = new Date(2026, 11, 2, 9);
		expect(new Date(dueAfter(7, now) ?? '')).toEqual(new Date(2026, 11, 9, 23, 59));
		expect(dueAfter(0, now)).toBeNull();
	});

	it('as names stays on this device, and goes when the desk or the class is left', () => {
		noteClass('desk-one', CLASS, 'names', { heron: 'Bo' });
		noteClass('desk-two', CLASS, 'names', { heron: 'Cy' });
		expect(noteOfClass('desk-one', CLASS, 'names')).toEqual({ heron: 'Bo' });
		forgetClasses('desk-one');
		expect(noteOfClass('desk-one', CLASS, 'names')).toBeUndefined();
		expect(noteOfClass('desk-two', CLASS, 'names')).toEqual({ heron: 'Cy' });
		forgetClasses('desk-two', CLASS);
		expect(noteOfClass('desk-two', CLASS, 'names')).toBeUndefined();
	});
});
