import { act, fireEvent, render, screen } from '@testing-library/react';
import { bookExercise } from '@tidy-sum/core';
import type { Step } from '@tidy-sum/schema';
import { Provider } from 'react-redux';
import { ReplayScreen } from '../src/replay/replay-screen';
import { type AppStore, makeStore } from '../src/store/store';
import { bodyAfter, sayStep } from '../src/work/said-steps';
import { workOf } from '../src/work/work';
import { did, redid, undid } from '../src/work/works-reducer';
import { found, pageSays, pressNamed } from './found';

/** Presses what has no name that tells it from others. */
const pressId = (id: string) => fireEvent.click(screen.getByTestId(id));

const mockNavigate = jest.fn();
jest.mock('expo-router', () => ({ useRouter: () => ({ navigate: mockNavigate }) }));

const GUST = bookExercise('wind-gust');
const MILE = { top: { number: '5280', unit: 'ft' }, bottom: { number: '1', unit: 'mi' } };
const HOUR = { top: { number: '1', unit: 'h' }, bottom: { number: '3600', unit: 's' } };

/** The steps of a line that was laid with a slip, mended, and answered. */
const STEPS: readonly Step[] = [
	{ do: 'place', block: 'a', factor: { top: MILE.bottom, bottom: MILE.top } },
	{ do: 'turn', block: 'a' },
	{ do: 'place', block: 'b', factor: HOUR },
	{ do: 'undo' },
	{ do: 'redo' },
	{ do: 'answer', text: '27.1 ft/s' },
	{ do: 'check' },
];

const body = { exercise: 'wind-gust', steps: [...STEPS] };

function says(steps: readonly Step[]): readonly string[] {
	if (!GUST) throw new Error('there is no such exercise');
	return steps.map((_, i) => sayStep({ exercise: 'wind-gust', steps: [...steps] }, GUST, i + 1));
}

function storeWith(steps: readonly Step[]): AppStore {
	const store = makeStore();
	for (const step of steps)
		store.dispatch(
			step.do === 'undo' ? undid('wind-gust') : step.do === 'redo' ? redid('wind-gust') : did('wind-gust', step),
		);
	return store;
}

function show(steps: readonly Step[] = STEPS): void {
	render(
		<Provider store={storeWith(steps)}>
			<ReplayScreen name="wind-gust" />
		</Provider>,
	);
}

describe('how a line came about, in words', () => {
	it('says each step, with what was tried and taken back', () => {
		expect(says(STEPS)).toEqual([
			'Factor 1 was placed: 1 mi over 5280 ft.',
			'Factor 1 was turned over: 5280 ft over 1 mi.',
			'Factor 2 was placed: 1 h over 3600 s.',
			'Undone: Factor 2 was placed: 1 h over 3600 s.',
			'Redone: Factor 2 was placed: 1 h over 3600 s.',
			'The answer was written: 27.1 ft/s.',
			'The answer was checked.',
		]);
	});

	it('says what one touch did together as one step', () => {
		const both: Step = {
			do: 'together',
			steps: [
				{ do: 'start', start: { number: '18.5', unit: 'mi/h' } },
				{ do: 'want', unit: 'ft/s' },
			],
		};
		expect(says([both])).toEqual(['The line starts from 18.5 mi/h. The answer should be in ft/s.']);
	});

	it.each<[Step, string]>([
		[{ do: 'remove', block: 'a' }, 'A factor was removed: 5280 ft over 1 mi.'],
		[{ do: 'raise', block: 'a', power: 3 }, 'Factor 1 was raised to the power 3.'],
		[{ do: 'exact', block: 'a', exact: false }, 'Factor 1 is measured.'],
		[{ do: 'zeros', block: null, figures: 2 }, 'The start: 2 figures count.'],
		[{ do: 'write', block: 'a', side: 'top', number: '', unit: 'ft' }, 'Factor 1: the top was written, ft.'],
		[{ do: 'move', block: 'a', to: 0 }, 'Factor 1 was moved to place 1.'],
		[{ do: 'state', fact: { left: MILE.top, right: MILE.bottom } }, 'A fact was added: 5280 ft = 1 mi.'],
		[{ do: 'mark', at: [35, 44], role: 'start' }, '“18.5 mi/h” is now the start.'],
		[{ do: 'ask', want: { mixed: ['ft', 'in'] } }, 'Wanted is ft and in.'],
		[{ do: 'round', rounding: { place: -1 } }, 'The answer is rounded to the tenths.'],
		[{ do: 'round', rounding: { significant: 1 } }, 'The answer is rounded to 1 figure.'],
		[{ do: 'round', rounding: 'none' }, 'The answer is not rounded.'],
		[{ do: 'undo' }, 'Undone: Factor 1 was placed: 5280 ft over 1 mi.'],
		[{ do: 'nudge', steps: 1 }, 'A hint was shown.'],
	])('has a sentence for %j', (step, sentence) => {
		expect(says([{ do: 'place', block: 'a', factor: MILE }, step])[1]).toBe(sentence);
	});

	it('is the work as it was after so many steps', () => {
		expect(workOf(bodyAfter(body, 1)).blocks[0]?.factor.top.unit).toBe('mi');
		expect(workOf(bodyAfter(body, 4)).blocks).toHaveLength(1);
		expect(workOf(bodyAfter(body, 5)).blocks).toHaveLength(2);
	});
});

describe('the replay', () => {
	it('stands at the end, and goes back and on step by step, by buttons, slider and keys', () => {
		show();
		expect(pageSays()).toContain('7 of 7. The answer was checked.');
		pressNamed('Previous one step');
		expect(pageSays()).toContain('6 of 7. The answer was written');
		fireEvent.change(found('The step that is shown'), { target: { value: '1' } });
		expect(pageSays()).toContain('1 of 7. Factor 1 was placed: 1 mi over 5280 ft.');
		expect(found('The step that is shown').getAttribute('aria-valuetext')).toContain('Step 1 of 7');
		fireEvent.keyDown(document.body, { key: 'ArrowRight' });
		expect(pageSays()).toContain('2 of 7');
		for (let i = 0; i < 4; i++) fireEvent.keyDown(document.body, { key: 'ArrowLeft' });
		expect(pageSays()).toContain('There are no steps yet.');
		expect(found('Previous one step').getAttribute('aria-disabled')).toBe('true');
	});

	it('covers the numbers until they are asked for', () => {
		show();
		expect(pageSays()).not.toContain('27.13333');
		pressNamed('Show the numbers');
		expect(pageSays()).toContain('27.13333');
	});

	it('shows what was answered and how the check went, from the check on', () => {
		show();
		expect(pageSays()).toContain('Answer: 27.1 ft/s');
		expect(pageSays()).toMatch(/Checked\. Line: (right|look again)\. Value: right\. Figures: right\. Unit: right\./);
		pressNamed('Previous one step');
		expect(pageSays()).not.toContain('Checked.');
		expect(pageSays()).not.toContain('Answer: 27.1 ft/s');
	});

	it('plays by itself at a pace, from the beginning where it was at its end, and halts', () => {
		jest.useFakeTimers();
		show();
		pressNamed('quick');
		pressId('replay-play');
		expect(pageSays()).toContain('There are no steps yet.');
		act(() => jest.advanceTimersByTime(700));
		expect(pageSays()).toContain('1 of 7');
		pressId('replay-play');
		act(() => jest.advanceTimersByTime(5000));
		expect(pageSays()).toContain('1 of 7');
		pressId('replay-play');
		for (let i = 0; i < 12; i++) act(() => jest.advanceTimersByTime(700));
		expect(pageSays()).toContain('7 of 7');
		expect(pageSays()).toContain('Play');
		jest.useRealTimers();
	});

	it('says where nothing is done yet, and leads to the line', () => {
		show([]);
		expect(pageSays()).toContain('There are no steps yet');
		pressNamed('To the line');
		expect(mockNavigate).toHaveBeenLastCalledWith('/desk/wind-gust');
	});
});
