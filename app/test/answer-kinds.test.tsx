import { act, fireEvent, render, screen } from '@testing-library/react';
import { type Exercise, roundName, sayWanted } from '@tidy-sum/core';
import { roundCode } from '@tidy-sum/core/practice';
import { Provider } from 'react-redux';
import { DeskScreen } from '../src/desk/desk-screen';
import { AnswerPanel } from '../src/desk/panels/answer-panel';
import { NudgePanel } from '../src/desk/panels/nudge-panel';
import { VerdictPanel } from '../src/desk/panels/verdict-panel';
import { makeStore } from '../src/store/store';
import { useLastDesk } from '../src/store/use-last-desk';
import { followingOf } from '../src/work/following';
import { makeRound } from '../src/work/made-rounds';
import { did, opened } from '../src/work/works-reducer';
import { found, pageSays } from './found';
import { layGust, pressButton, showPanel } from './on-desk';

const mockNavigate = jest.fn();
jest.mock('expo-router', () => ({ useRouter: () => ({ navigate: mockNavigate }) }));

/** What the worker is at: answered when the test says so. */
const mockPending: { slips: (() => void)[]; stopped: number } = { slips: [], stopped: 0 };
jest.mock('../src/worker/core-worker', () => {
	const { coreJobs } = jest.requireActual('../src/worker/core-jobs');
	const jobs = {
		round: async (code: string) => coreJobs.round(code),
		slips: (...asked: unknown[]) =>
			new Promise((resolve) => mockPending.slips.push(() => resolve(coreJobs.slips(...asked)))),
	};
	return {
		work: (job: (of: typeof jobs) => Promise<unknown>) => job(jobs),
		stopWork: () => {
			mockPending.stopped += 1;
		},
	};
});

const CODE = roundCode({ skills: ['counting-figures', 'wrong-block'], level: 1, count: 5, seed: 11 });
const COUNT = roundName(CODE, 0);
const BLOCK = roundName(CODE, 1);

beforeAll(async () => {
	await makeRound(CODE);
});

beforeEach(() => {
	jest.clearAllMocks();
	mockPending.slips = [];
	mockPending.stopped = 0;
});

function showAnswer(name: string) {
	const onCheck = jest.fn();
	return { ...showPanel(name, AnswerPanel, { kind: 'answer' }, { wide: true, acts: { onCheck } }), onCheck };
}

describe('an answer that is a count', () => {
	it('is asked for by its name, and checked', () => {
		const { store, view, onCheck } = showAnswer(COUNT);
		expect(screen.getByText('A whole number, such as 3.')).toBeTruthy();
		pressButton(/^Check/);
		expect(pageSays()).toContain('Write an answer first.');
		fireEvent.change(found('Your count'), { target: { value: '9' } });
		pressButton(/^Check/);
		expect(onCheck).toHaveBeenCalledTimes(1);
		act(() => void store.dispatch(did(COUNT, { do: 'check' })));
		expect(view().verdict).toMatchObject({ right: false, line: { verdict: 'not-asked' }, value: { verdict: 'wrong' } });
	});

	it('is said to be wanted', () => {
		const asking = (want: Exercise['want']): Exercise => ({ prompt: '', facts: [], want, rounding: 'none' });
		const chain = { start: { number: '2', unit: 'h' }, factors: [] };
		expect(sayWanted(asking({ figures: '0.40' }), null)).toBe('how many figures count');
		expect(sayWanted(asking({ slip: chain }), null)).toBe('the factor that is wrong');
	});
});

describe('an answer that is a block of someone’s line', () => {
	it('is given by touching the block', () => {
		const { store, view, onCheck } = showAnswer(BLOCK);
		expect(pageSays()).toContain('Touch the factor that is wrong.');
		pressButton(/^Check/);
		expect(onCheck).not.toHaveBeenCalled();
		fireEvent.click(found('1 24 h 1 d'));
		expect(pageSays()).toContain('Factor 1 is your answer.');
		expect(found('1 24 h 1 d').getAttribute('aria-pressed')).toBe('true');
		pressButton(/^Check/);
		expect(onCheck).toHaveBeenCalledTimes(1);
		act(() => void store.dispatch(did(BLOCK, { do: 'check' })));
		expect(view().verdict?.value.why).toMatch(/factor 1 is wrong|That factor is right/);
	});

	it('has nudges of its own', () => {
		showPanel(BLOCK, NudgePanel, { kind: 'nudge' });
		expect(pageSays()).toContain('the factors one at a time');
	});
});

describe('what may have happened', () => {
	const EXERCISE = 'wind-gust';
	function showVerdict(answer: string) {
		const shown = showPanel(EXERCISE, VerdictPanel, { kind: 'verdict' });
		act(() => {
			layGust(shown.store);
			shown.store.dispatch(did(EXERCISE, { do: 'answer', text: answer }));
			shown.store.dispatch(did(EXERCISE, { do: 'check' }));
		});
		return shown;
	}
	const answered = () =>
		act(async () => {
			for (const answer of mockPending.slips) answer();
		});

	it('is looked for while the four lines stand there already', async () => {
		showVerdict('2.71 ft/s');
		expect(pageSays()).toContain('look again');
		expect(screen.getByTestId('looking')).toBeTruthy();
		await answered();
		expect(screen.queryByTestId('looking')).toBeNull();
		expect(pageSays()).toContain('the decimal point moved');
		expect(pageSays()).toContain('estimate how large');
	});

	it('can be stopped', () => {
		showVerdict('97.1 ft/s');
		pressButton(/^Stop/);
		expect(mockPending.stopped).toBe(1);
	});

	it('is told by what it rules out, where no slip is named', async () => {
		showVerdict('26.2 ft/s');
		await answered();
		expect(pageSays()).toContain('no factor is upside down');
		expect(screen.queryByTestId('slip')).toBeNull();
	});

	it('is not looked for behind a right answer', () => {
		showVerdict('27.1 ft/s');
		expect(mockPending.slips).toHaveLength(0);
		expect(screen.queryByTestId('looking')).toBeNull();
	});
});

describe('the ways to a Round', () => {
	it('are the way out of the Desk, which leads from the book to all problems', () => {
		expect(followingOf(COUNT).out.path).toBe(`/round/${CODE.replace(/-/g, '')}`);
		expect(followingOf('honey-jar').out.path).toBe('/problems');
	});

	it('lead back to where one was: an exercise of a Round, a problem of one’s own, one of the book', () => {
		for (const [last, href] of [
			[COUNT, `/desk/${COUNT}`],
			['own-bales', '/desk/own-bales'],
			['honey-jar', '/desk/honey-jar'],
			['gone', '/desk/new-snow'],
		] as const) {
			const store = makeStore();
			store.dispatch(opened(last));
			const LastDesk = () => useLastDesk();
			const { container, unmount } = render(
				<Provider store={store}>
					<LastDesk />
				</Provider>,
			);
			expect(container.textContent).toBe(href);
			unmount();
		}
	});

	it('say so where a Round has no such exercise', () => {
		render(
			<Provider store={makeStore()}>
				<DeskScreen name={roundName(CODE, 40)} />
			</Provider>,
		);
		expect(screen.getByText('This Round has no such exercise.')).toBeTruthy();
		pressButton(/^Rounds/);
		expect(mockNavigate).toHaveBeenCalledWith('/rounds');
	});
});
