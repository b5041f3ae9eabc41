import { act, fireEvent, render, screen } from '@testing-library/react';
import { roundName } from '@tidy-sum/core';
import { readRoundCode, roundCode, roundExercises } from '@tidy-sum/core/practice';
import { Provider } from 'react-redux';
import { RecordScreen } from '../src/record/record-screen';
import { type AppStore, makeStore } from '../src/store/store';
import { keepRound } from '../src/work/made-rounds';
import { did, tried } from '../src/work/works-slice';

const mockNavigate = jest.fn();
jest.mock('expo-router', () => ({ useRouter: () => ({ navigate: mockNavigate }) }));

jest.mock('../src/worker/core-worker', () => jest.requireActual('./jobs-here').jobsHere());
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
	await act(async () => {});
}

const text = (id: string) => screen.getByTestId(id).textContent ?? '';
const press = (id: string) => fireEvent.click(screen.getByTestId(id));

describe('the Record', () => {
	it('says on the first day what will stand here', async () => {
		await show(makeStore());
		expect(text('record-empty')).toContain('Work an exercise to its check');
	});

	it('shows for each skill how its exercises went, and week by week', async () => {
		await show(storeWith());
		expect(text('record-says')).toBe('4 exercises worked, of 2 kinds.');
		expect(text('record-skills')).toMatch(/2 right at once, 1 right after another try/);
		expect(text('record-skills')).toContain('1 not yet right');
		press('weeks-one-prefix');
		const weeks = screen.getByTestId('weeks-of-one-prefix');
		expect(weeks.textContent).toContain('1 right after another try');
		// Weeks in which nothing was worked stand there as such.
		expect(weeks.querySelectorAll('[role="listitem"]').length).toBeGreaterThan(2);
	});

	it('tells of each slip where it came, leads to that very line, and to a short Round on it', async () => {
		await show(storeWith());
		expect(text('record-slips')).toContain('Too many figures, 1 time');
		expect(text('record-slips')).toContain('It has stayed away for 2 exercises since.');
		press('slip-flipped-factor-wind-gust-0');
		expect(mockNavigate).toHaveBeenLastCalledWith('/replay/wind-gust');
		expect(screen.getByTestId('slip-flipped-factor-wind-gust-0').textContent).toContain('A gust at the mast');
		press('round-on-digits-many');
		const code = `${mockNavigate.mock.lastCall?.[0]}`.replace('/round/', '');
		expect(readRoundCode(code)).toMatchObject({ ok: true, value: { skills: ['one-prefix'], count: 5 } });
	});

	it('shows times as a spread', async () => {
		await show(storeWith());
		expect(text('record-times')).toContain('3 exercises: half of them took');
	});

	it('lays what is due on the days of the next two weeks', async () => {
		await show(storeWith([[roundName(CODE, 0), 0, null]]));
		expect(text('record-due')).toMatch(/^(?:Tomorrow|\d+ \p{L}+): /u);
		expect(screen.queryByTestId('record-times')).toBeNull();
	});
});
