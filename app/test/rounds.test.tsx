import { act, fireEvent, render, screen, waitFor } from '@testing-library/react';
import { placeInRound, roundName } from '@tidy-sum/core';
import { begunRounds, EDITION, practisedIn, readRoundCode, roundCode } from '@tidy-sum/core/practice';
import type { KeptTry, WorkBody } from '@tidy-sum/schema';
import { Provider } from 'react-redux';
import { RoundScreen } from '../src/rounds/round-screen';
import { RoundsScreen } from '../src/rounds/rounds-screen';
import { makeStore } from '../src/store/store';
import { bodiesIn } from '../src/work/bodies-in';
import { checkWork } from '../src/work/check-work';
import { exerciseNamed } from '../src/work/exercises';
import { historyOf } from '../src/work/history';
import { needsLine } from '../src/work/line-of-work';
import { madeRound, makeRound } from '../src/work/made-rounds';
import { did, loaded, tried, undid } from '../src/work/works-reducer';
import { found, pageSays } from './found';
import { pressButton, viewOf } from './on-desk';

const mockNavigate = jest.fn();
jest.mock('expo-router', () => ({ useRouter: () => ({ navigate: mockNavigate }) }));

jest.mock('../src/worker/core-worker', () => jest.requireActual('./jobs-here').jobsHere());

const CODE = roundCode({ skills: ['one-prefix', 'counting-figures'], level: 1, count: 5, seed: 7 });

function made(right: boolean, more: Partial<KeptTry> = {}): KeptTry {
	return {
		when: 1_800_000_000_000,
		seconds: 30,
		right,
		slips: right ? [] : ['prefix-sign'],
		nudges: 0,
		shown: false,
		answer: '1 m',
		start: null,
		factors: [],
		...more,
	};
}

/** A store in which exercises of the Round have been tried. */
function storeWith(...tries: readonly (readonly [number, KeptTry])[]) {
	const store = makeStore();
	for (const [place, one] of tries) {
		const exercise = roundName(CODE, place);
		store.dispatch(did(exercise, { do: 'answer', text: one.answer }));
		store.dispatch(tried({ exercise, made: one }));
	}
	return store;
}

beforeEach(() => jest.clearAllMocks());

describe('a Round on the Desk', () => {
	it('keeps the exercise itself with the work, so that it opens when its Round cannot be made any more', async () => {
		await makeRound(CODE);
		const name = roundName(CODE, 0);
		const store = storeWith([0, made(false)]);
		const entry = Object.values(store.getState().works.byId)[0];
		expect(entry?.body.posed).toMatchObject({ prompt: exerciseNamed(name)?.prompt, want: exerciseNamed(name)?.want });
		// The same work under the name of a Round of an edition that is gone.
		const gone = 'round-00ks56fga-02';
		const body = { ...(entry?.body as WorkBody), exercise: gone };
		const again = makeStore();
		again.dispatch(
			loaded({ byId: { w: { id: 'w', body, version: 1, ahead: false } }, open: { [gone]: 'w' }, last: null }),
		);
		expect(viewOf(gone, again)).toMatchObject({
			exercise: { name: gone, title: 'Exercise 2 of its Round', prompt: exerciseNamed(name)?.prompt },
			work: { answer: '1 m' },
		});
	});

	it('is found by the names of its exercises once it is made', async () => {
		const name = roundName(CODE, 1);
		expect(placeInRound(name)).toEqual({ code: CODE.replace(/-/g, ''), place: 1 });
		const round = await makeRound(CODE);
		expect(round.ok && round.value.exercises).toHaveLength(5);
		expect(exerciseNamed(name)?.prompt).toBe(madeRound(CODE)?.exercises[1]?.prompt);
		expect([1, 0].map((at) => exerciseNamed(roundName(CODE, at))).map((one) => one && needsLine(one))).toEqual([
			false,
			true,
		]);
	});

	it('is refused with a sentence where the code is none', async () => {
		expect(await makeRound('zzzz-zzzz')).toMatchObject({ ok: false, fault: { code: 'unknown-code' } });
	});
});

describe('a try', () => {
	it('is kept with its slips when work is checked, and undo does not take it back', async () => {
		await makeRound(CODE);
		const name = roundName(CODE, 0);
		const store = makeStore();
		store.dispatch(did(name, { do: 'answer', text: '5 V' }));
		await store.dispatch(checkWork(name, 5));
		const body = () => Object.values(store.getState().works.byId)[0]?.body;
		expect(body()?.tries).toMatchObject([
			{ right: false, seconds: 5, answer: '5 V', slips: expect.arrayContaining(['unit-wrong']) },
		]);
		store.dispatch(undid(name));
		store.dispatch(undid(name));
		const kept = body();
		expect(kept && historyOf(kept).done).toEqual([]);
		expect(kept?.tries).toHaveLength(1);
	});

	it('is kept at once, and its slips are named after it; a search that fails is not “no slip”', async () => {
		await makeRound(CODE);
		const name = roundName(CODE, 0);
		const store = makeStore();
		store.dispatch(did(name, { do: 'answer', text: '5 V' }));
		const checked = store.dispatch(checkWork(name, 5));
		const tries = () => Object.values(store.getState().works.byId)[0]?.body.tries;
		for (let turn = 0; turn < 3 && !tries(); turn++) await Promise.resolve();
		expect(tries()).toMatchObject([{ right: false, answer: '5 V', slips: [], unnamed: true }]);
		await checked;
		expect(tries()?.[0]).not.toHaveProperty('unnamed');
		expect(tries()?.[0]?.slips).toContain('unit-wrong');
	});

	it('counts for its skill, all Rounds and lines together', () => {
		const { works } = storeWith([0, made(false)], [0, made(true)], [1, made(true)]).getState();
		const begun = begunRounds(bodiesIn(works));
		expect(practisedIn(begun).map(({ skill, tries }) => [skill, tries.length])).toEqual([
			['one-prefix', 2],
			['counting-figures', 1],
		]);
		expect(begun).toMatchObject([{ code: CODE.replace(/-/g, ''), plan: { level: 1, count: 5 } }]);
	});
});

describe('the screen of the Rounds', () => {
	function show(store = makeStore()) {
		render(
			<Provider store={store}>
				<RoundsScreen />
			</Provider>,
		);
	}

	it('suggests, and opens a Round of what was chosen', () => {
		show();
		expect(pageSays()).toContain('new to you');
		pressButton(/^Or choose what to practise/);
		pressButton(/✓ One prefix/);
		pressButton(/✓ Two prefixes/);
		expect(pageSays()).toContain('Touch a skill to choose it');
		pressButton(/^Start/);
		expect(mockNavigate).not.toHaveBeenCalled();
		pressButton(/Areas/);
		pressButton(/^20/);
		pressButton(/^Start/);
		expect(mockNavigate).toHaveBeenCalledWith(expect.stringMatching(/^\/round\/[0-9a-z]{8}$/));
	});

	it('opens a Round by its code, and says what is wrong with one that is none', () => {
		show();
		pressButton(/^Open a Round by its code/);
		const field = found('Code of a Round');
		fireEvent.change(field, { target: { value: 'zzzz-zzzz' } });
		pressButton(/^Open it/);
		expect(screen.getByText(/No Round has this code/)).toBeTruthy();
		fireEvent.change(field, { target: { value: CODE.toUpperCase() } });
		pressButton(/^Open it/);
		expect(mockNavigate).toHaveBeenCalledWith(`/round/${CODE.replace(/-/g, '')}`);
	});

	it('lists what was begun before, and says what recurs', () => {
		const wrong = made(false, { when: Date.now() });
		show(storeWith([0, wrong], [2, wrong]));
		expect(pageSays()).toContain('came twice');
		pressButton(/^Started before/);
		fireEvent.click(screen.getByTestId(`begun-${CODE.replace(/-/g, '')}`));
		expect(mockNavigate).toHaveBeenCalledWith(`/round/${CODE.replace(/-/g, '')}`);
	});
});

describe('the screen of a Round', () => {
	async function show(store = makeStore(), code = CODE) {
		render(
			<Provider store={store}>
				<RoundScreen code={code} />
			</Provider>,
		);
		await act(async () => {
			await makeRound(code);
		});
	}

	it('begins at the first exercise, and goes on where it was left', async () => {
		await show();
		await waitFor(() => found('Start'));
		pressButton(/^Start/);
		expect(mockNavigate).toHaveBeenCalledWith(`/desk/${roundName(CODE, 0)}`);
	});

	it('sums up how it went, names what slipped with its line, and makes a short Round of it', async () => {
		const line = {
			start: { number: '3', unit: 'km' },
			factors: [{ top: { number: '1', unit: 'm' }, bottom: { number: '1000', unit: 'km' } }],
			answer: '0.003 m',
		};
		await show(
			storeWith(
				[0, made(false, line)],
				[0, made(true)],
				[1, made(true)],
				[2, made(true, { nudges: 1 })],
				[3, made(true)],
				[4, made(false)],
			),
		);
		await waitFor(() => screen.getByTestId('went-at-once'));
		for (const went of ['after-nudge', 'after-try', 'not-yet']) expect(screen.getByTestId(`went-${went}`)).toBeTruthy();
		const slips = screen.getByTestId('round-slips').textContent;
		expect(slips).toContain('The power of ten on the wrong side (2 times)');
		expect(slips).toContain('3 km × (1 m / 1000 km) → 0.003 m');
		fireEvent.click(found('Look at exercise 1'));
		expect(mockNavigate).toHaveBeenCalledWith(`/desk/${roundName(CODE, 0)}`);
		pressButton(/short Round/);
		expect(mockNavigate).toHaveBeenLastCalledWith(expect.stringMatching(/^\/round\/9[0-9a-z]{7}$/));
	});

	it('of an edition that is gone leads to what was worked of it, and to another of the same skills', async () => {
		await makeRound(CODE);
		const entry = Object.values(storeWith([0, made(false)]).getState().works.byId)[0];
		const gone = 'round-00ks56fga-02';
		const body = { ...(entry?.body as WorkBody), exercise: gone };
		const store = makeStore();
		store.dispatch(
			loaded({ byId: { w: { id: 'w', body, version: 1, ahead: false } }, open: { [gone]: 'w' }, last: null }),
		);
		await act(async () => {
			render(
				<Provider store={store}>
					<RoundScreen code="00ks56fga" />
				</Provider>,
			);
		});
		await waitFor(() => expect(pageSays()).toContain('an older edition'));
		pressButton(/^Exercise 2/);
		expect(mockNavigate).toHaveBeenLastCalledWith(`/desk/${gone}`);
		pressButton(/same skills/);
		const [[to] = ['']] = mockNavigate.mock.calls.slice(-1);
		expect(readRoundCode(String(to).replace('/round/', ''))).toMatchObject({
			value: { skills: ['one-prefix', 'rate-both-ends', 'areas'], count: 5, edition: EDITION },
		});
	});

	it('says that a code is none, and shows the way back', async () => {
		await show(makeStore(), 'nothing');
		expect(screen.getByText(/The code was “nothing”/)).toBeTruthy();
		pressButton(/^Rounds/);
		expect(mockNavigate).toHaveBeenCalledWith('/rounds');
	});
});
