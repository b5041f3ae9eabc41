import { act, fireEvent, render, screen } from '@testing-library/react';
import { roundName } from '@tidy-sum/core';
import { readRoundCode, roundCode } from '@tidy-sum/core/practice';
import { Provider } from 'react-redux';
import { set } from '../src/device/settings-slice';
import { type AppStore, makeStore } from '../src/store/store';
import { TodayScreen } from '../src/today/today-screen';
import { layStep } from '../src/work/handed';
import { did, tried } from '../src/work/works-reducer';
import { atRest } from './at-rest';
import { found, lookFor, pageSays, pressNamed } from './found';
import { layGust } from './on-desk';

/** Presses what has no name that tells it from others. */
const pressId = (id: string) => fireEvent.click(screen.getByTestId(id));

const mockNavigate = jest.fn();
jest.mock('expo-router', () => ({ useRouter: () => ({ navigate: mockNavigate }) }));
jest.mock('../src/worker/core-worker', () => jest.requireActual('./jobs-here').jobsHere());

beforeEach(() => {
	mockNavigate.mockClear();
	localStorage.clear();
});

async function show(store: AppStore): Promise<void> {
	await act(async () => {
		render(
			<Provider store={store}>
				<TodayScreen />
			</Provider>,
		);
	});
	// What is worked out is asked for once the page is painted.
	await atRest();
}

const press = (id: string) => fireEvent.click(screen.getByTestId(id));
const wentTo = () => mockNavigate.mock.lastCall?.[0];

function tryAt(store: AppStore, exercise: string, when: number, right: boolean): void {
	store.dispatch(did(exercise, { do: 'check' }));
	const rest = { seconds: 40, nudges: 0, shown: false, answer: 'x', start: null, factors: [] };
	store.dispatch(tried({ exercise, made: { when, right, slips: right ? [] : ['flipped-factor'], ...rest } }));
}

describe('the first day', () => {
	it('says in a sentence what this is, and offers a first line together, a problem of one’s own and the book', async () => {
		const store = makeStore();
		await show(store);
		expect(pageSays()).toContain('factor by factor');
		expect(screen.queryByTestId('due')).toBeNull();
		pressNamed('Bring a problem of your own, or a whole sheet');
		expect(wentTo()).toBe('/bring');
		pressNamed('Work your first line');
		expect(wentTo()).toBe('/desk/honey-jar');
		expect(store.getState().settings.guide).toBe('on');
	});

	it('draws a line and says it, and offers three exercises from their start to their unit', async () => {
		await show(makeStore());
		expect(screen.getByTestId('first-line').getAttribute('aria-label')).toContain('the answer is 1254 m');
		const offered = [...screen.getByTestId('to-try').querySelectorAll('[role="link"]')].map((one) => one.textContent);
		expect(offered).toHaveLength(3);
		expect(offered[1]).toMatch(/A beam for the shed.*from 11\.5.ft to cm/);
	});

	it('does not offer the first line again once it was left', async () => {
		const store = makeStore();
		store.dispatch(set({ guide: 'left' }));
		await show(store);
		expect(lookFor('Work your first line')).toBeNull();
		expect(found('Bring a problem of your own, or a whole sheet')).toBeTruthy();
	});
});

describe('a day after', () => {
	it('leads back into what was left half done, at the very block', async () => {
		const store = makeStore();
		layGust(store);
		await show(store);
		expect(screen.queryByTestId('first-line')).toBeNull();
		expect(pageSays()).toContain('A gust at the mast');
		expect(screen.getByTestId('left-line').getAttribute('aria-label')).toMatch(/^The line so far: .*2 factors\.$/);
		press('left-wind-gust');
		expect(wentTo()).toBe('/desk/wind-gust?block=b1');
	});

	it('leads to the answer where that was being written, and leaves out what is right', async () => {
		const store = makeStore();
		layGust(store);
		store.dispatch(did('wind-gust', { do: 'answer', text: '27' }));
		const factor = { top: { number: '1', unit: 'kg' }, bottom: { number: '10^3', unit: 'g' } };
		store.dispatch(did('honey-jar', { do: 'place', block: 'b', factor }));
		store.dispatch(did('honey-jar', { do: 'answer', text: '0.454 kg' }));
		store.dispatch(did('honey-jar', { do: 'check' }));
		await show(store);
		expect(screen.queryByTestId('left-honey-jar')).toBeNull();
		press('left-wind-gust');
		expect(wentTo()).toBe('/desk/wind-gust');
	});

	it('has what was touched last first, and no more than three', async () => {
		const store = makeStore();
		jest.useFakeTimers({ doNotFake: ['queueMicrotask', 'setTimeout'] });
		for (const [i, name] of ['vent-pane', 'mast-log', 'sled-run', 'soil-bin'].entries()) {
			jest.setSystemTime(1_800_000_000_000 + i * 1000);
			store.dispatch(did(name, { do: 'answer', text: '1' }));
		}
		jest.useRealTimers();
		await show(store);
		const left = [...screen.getByTestId('left').querySelectorAll('[role="link"]')].map((one) =>
			one.getAttribute('data-testid'),
		);
		expect(left).toEqual(['left-soil-bin', 'left-sled-run', 'left-mast-log']);
	});

	it('has what is due and why as one Round that is ready to begin', async () => {
		const store = makeStore();
		const code = roundCode({ skills: ['one-prefix'], level: 1, count: 5, seed: 3 });
		for (const place of [0, 1]) tryAt(store, roundName(code, place), Date.now() - 9 * 86_400_000 + place, false);
		await show(store);
		expect(pageSays()).toContain('One prefix: not right yet, last tried 9 days ago');
		expect(pageSays()).toContain('“A factor upside down” came twice');
		pressNamed('Start 5 new exercises');
		const plan = readRoundCode(`${wentTo()}`.replace('/round/', ''));
		expect(plan).toMatchObject({ ok: true, value: { count: 5 } });
		expect(plan.ok && plan.value.skills).toContain('one-prefix');
	});

	it('has the Round that was left, with how far it is, and leads back into it', async () => {
		const store = makeStore();
		const code = roundCode({ skills: ['one-prefix'], level: 1, count: 5, seed: 3 });
		tryAt(store, roundName(code, 0), Date.now() - 2000, true);
		tryAt(store, roundName(code, 1), Date.now() - 1000, false);
		await show(store);
		expect(pageSays()).toContain('1 of 5 right.');
		press('unfinished-round');
		expect(wentTo()).toBe(`/round/${code.replace(/-/g, '')}`);
	});

	it('has the sheets under way, each leading to where one goes on', async () => {
		const store = makeStore();
		const problems = ['Convert 2 km to m.', 'Convert 3 km to m.'].map((of, i) => ({ label: `${i + 1}`, text: of }));
		store.dispatch(did('sheet-a', layStep(problems)));
		store.dispatch(did('own-a-p1', { do: 'answer', text: '2000 m' }));
		await show(store);
		expect(pageSays()).toContain('2 problems: 0 right, 1 started. Continue with 1.');
		pressId('sheet-sheet-a');
		expect(wentTo()).toBe('/desk/own-a-p1');
		// Continue, it is called by its sheet.
		expect(pageSays()).toContain('Convert 2 km to m., 1started');
	});

	it('tells this week day by day, and blames nobody for a day without work', async () => {
		const store = makeStore();
		tryAt(store, 'honey-jar', Date.now(), true);
		await show(store);
		const days = [...screen.getByTestId('week').querySelectorAll('[role="listitem"]')].map((one) => one.textContent);
		expect(days).toHaveLength(7);
		expect(days.filter((day) => day?.includes(', today: 1 exercise'))).toHaveLength(1);
		expect(days.filter((day) => day?.includes(': 0 exercises'))).toHaveLength(6);
	});
});
