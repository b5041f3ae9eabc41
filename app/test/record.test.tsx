import { fireEvent, render, screen, waitFor } from '@testing-library/react';
import { roundName } from '@tidy-sum/core';
import { readRoundCode, roundCode, roundExercises } from '@tidy-sum/core/practice';
import { Provider } from 'react-redux';
import { RecordScreen } from '../src/record/record-screen';
import { type AppStore, makeStore } from '../src/store/store';
import { keepRound } from '../src/work/made-rounds';
import { did, tried } from '../src/work/works-reducer';
import { atRest } from './at-rest';
import { found, pageSays, pressNamed } from './found';

/** Presses what has no name that tells it from others. */
const pressId = (id: string) => fireEvent.click(screen.getByTestId(id));

const mockNavigate = jest.fn();
jest.mock('expo-router', () => ({ useRouter: () => ({ navigate: mockNavigate, setParams: () => {} }) }));

/** How long the worker takes for what it is asked. */
const mockPace = { ms: 0 };
jest.mock('../src/worker/core-worker', () => {
	const here = jest.requireActual('./jobs-here').jobsHere();
	const work = async (job: unknown) => {
		if (mockPace.ms) await new Promise((resolve) => setTimeout(resolve, mockPace.ms));
		return here.work(job);
	};
	return { ...here, work };
});
jest.mock('../src/worker/form-worker', () => jest.requireActual('./files-here').filesHere());

const DAY = 86_400_000;
const CODE = roundCode({ skills: ['one-prefix'], level: 1, count: 5, seed: 3 });

/** Tries at exercises of a Round and of the book: so many days ago, right or with a slip. */
const TRIES: readonly (readonly [name: string, daysAgo: number, slip: string | null])[] = [
	[roundName(CODE, 0), 20, 'digits-many'],
	[roundName(CODE, 0), 20, null],
	[roundName(CODE, 1), 12, null],
	[roundName(CODE, 2), 5, null],
	['wind-gust', 2, 'flipped-factor'],
];

function storeWith(tries = TRIES): AppStore {
	const store = makeStore();
	const plan = readRoundCode(CODE);
	const made = plan.ok ? roundExercises(plan.value) : plan;
	if (made.ok) keepRound(CODE, made.value);
	for (const [exercise, ago, slip] of tries) {
		store.dispatch(did(exercise, { do: 'check' }));
		const when = Date.now() - ago * DAY;
		store.dispatch(
			tried({
				exercise,
				made: {
					when,
					seconds: 40 + ago,
					right: slip === null,
					slips: slip ? [slip] : [],
					nudges: 0,
					shown: false,
					answer: 'x',
					start: null,
					factors: [],
				},
			}),
		);
	}
	return store;
}

async function show(store: AppStore): Promise<void> {
	render(
		<Provider store={store}>
			<RecordScreen />
		</Provider>,
	);
	// What is worked out is asked for once the page is painted.
	await atRest();
}

const text = (id: string) => screen.getByTestId(id).textContent ?? '';
const press = (id: string) => fireEvent.click(screen.getByTestId(id));

afterEach(() => {
	mockPace.ms = 0;
});

describe('the Record', () => {
	it('says on the first day what will stand here', async () => {
		await show(makeStore());
		expect(pageSays()).toContain('Once you do, you see here how it went');
	});

	it('says how far it is where it takes longer than half a second, and shows each part as it comes', async () => {
		mockPace.ms = 400;
		await show(storeWith());
		expect(screen.queryByTestId('skills')).toBeNull();
		await screen.findByTestId('skills', {}, { timeout: 8000 });
		pressNamed('Due');
		await waitFor(() => expect(text('record-says')).toMatch(/^Reading 5 tries: [123] of 4 parts are ready\.$/), {
			timeout: 4000,
		});
		await waitFor(() => expect(screen.queryByTestId('record-says')).toBeNull(), { timeout: 8000 });
	}, 30_000);

	it('shows for each skill how its exercises went, and week by week', async () => {
		await show(storeWith());
		expect(pageSays()).toContain('4 exercises worked, of 2 kinds.');
		expect(text('skills')).toMatch(/2 right at once, 1 right after another try/);
		expect(pageSays()).toContain('1 not right yet');
		press('skill-one-prefix');
		const points = screen.getByRole('slider', { name: 'One prefix, week by week' });
		// Weeks without work are shown as empty weeks.
		expect(Number(points.getAttribute('aria-valuemax'))).toBeGreaterThan(2);
		fireEvent.keyDown(points, { key: 'Home' });
		expect(text('weeks-point')).toMatch(/^Week of .*: 1 right after another try\.$/);
		fireEvent.keyDown(points, { key: 'End' });
		expect(text('weeks-point')).toMatch(/1 right at once/);
		pressNamed('As a table One prefix, week by week');
		const rows = found('One prefix, week by week').querySelectorAll('[role="row"]');
		expect(rows).toHaveLength(1 + Number(points.getAttribute('aria-valuemax')));
	});

	it('tells of each slip where it came, shows that very line, and leads to it and to a short Round on it', async () => {
		await show(storeWith());
		pressNamed('Slips');
		expect(pageSays()).toContain('Too many figures, 1 time');
		expect(text('slips')).toMatch(/You have not made it since \d+ \p{L}+(?: \d{4})?, in 2 exercises\./u);
		expect(pageSays()).toContain('A gust at the mast');
		expect(pageSays()).toContain('Answer: x');
		pressNamed('See how it happened replay the line of this try');
		expect(mockNavigate.mock.lastCall?.[0]).toMatch(/^\/replay\/wind-gust\?line=[^&]+&at=1$/);
		pressId('slip-digits-many');
		pressId('round-on-digits-many');
		const code = `${mockNavigate.mock.lastCall?.[0]}`.replace('/round/', '');
		expect(readRoundCode(code)).toMatchObject({ ok: true, value: { skills: ['one-prefix'], count: 5 } });
	});

	it('shows times as a spread, the same in words and as a table', async () => {
		await show(storeWith());
		pressNamed('Time');
		expect(screen.getByRole('slider', { name: 'Time' }).getAttribute('aria-valuetext')).toContain(
			'3 exercises. Half of them took',
		);
		pressNamed('As a table Time');
		expect(text('times-table')).toMatch(/One prefix3\d:\d\d/);
	});

	it('lays what is due on the days of the next two weeks', async () => {
		await show(storeWith([[roundName(CODE, 0), 0, null]]));
		pressNamed('Due');
		const days = screen.getByRole('slider', { name: 'Due in the next two weeks' });
		expect(days.getAttribute('aria-valuetext')).toBe('Today: nothing is due.');
		pressNamed('As a table Due in the next two weeks');
		expect(text('due-table').match(/One prefix/g)).toHaveLength(1);
		pressNamed('Time');
		expect(screen.queryByRole('slider', { name: 'Time' })).toBeNull();
	});

	it('has all work as a table: searched, chosen by how it went, put in order, and opened', async () => {
		await show(storeWith());
		pressNamed('All work, as a table');
		const rows = () =>
			[...found('All work that was checked').querySelectorAll('[role="rowheader"]')].map((one) => one.textContent);
		expect(rows()).toHaveLength(4);
		expect(rows()[0]).toBe('A gust at the mast');
		pressId('sort-0');
		expect(screen.getAllByRole('columnheader')[0]?.getAttribute('aria-sort')).toBe('ascending');
		fireEvent.change(found('Search all work'), { target: { value: 'gust' } });
		expect(pageSays()).toContain('1 of 4 pieces of work.');
		fireEvent.click(screen.getByRole('link', { name: 'A gust at the mast' }));
		expect(mockNavigate).toHaveBeenLastCalledWith('/desk/wind-gust');
		pressNamed('right at once');
		expect(rows()).toEqual([]);
		fireEvent.change(found('Search all work'), { target: { value: '' } });
		expect(rows()).toHaveLength(2);
	});
});
