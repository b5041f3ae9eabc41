import { act, fireEvent, render, screen } from '@testing-library/react';
import { roundName } from '@tidy-sum/core';
import { roundCode } from '@tidy-sum/core/practice';
import type { ReactElement } from 'react';
import { Provider } from 'react-redux';
import { DeskScreen } from '../src/desk/desk-screen';
import { set } from '../src/device/settings-slice';
import { FactItem } from '../src/fact/fact-item';
import { HandInScreen } from '../src/hand-in/hand-in-screen';
import { type AppStore, makeStore } from '../src/store/store';
import { ShelfPart } from '../src/ways/shelf-part';
import { madeRound } from '../src/work/made-rounds';
import { did } from '../src/work/works-reducer';
import { atRest } from './at-rest';
import { found } from './found';
import { layGust } from './on-desk';

const mockRouter = { navigate: jest.fn() };
jest.mock('expo-router', () => ({ useRouter: () => mockRouter }));

jest.mock('../src/worker/core-worker', () => jest.requireActual('./jobs-here').jobsHere());

// Scripts that come later are there at once.
jest.mock('../src/desk/later-panels', () => ({
	laterPanels: async () => jest.requireActual('../src/desk/panels/all-panels'),
}));

beforeEach(() => mockRouter.navigate.mockClear());

async function show(element: ReactElement, store: AppStore = makeStore()): Promise<AppStore> {
	await act(async () => {
		render(<Provider store={store}>{element}</Provider>);
	});
	return store;
}

const heading = () => screen.getByRole('heading', { level: 1 }).textContent;
const button = (name: string | RegExp) => screen.getByRole('button', { name });
const press = (key: string) => act(async () => void fireEvent.keyDown(document.body, { key }));

describe('a name that is not known', () => {
	it('is said on the Desk, and no other exercise is shown', async () => {
		await show(<DeskScreen name="no-such-exercise" />);
		expect(heading()).toBe('Not here');
		expect(screen.getByRole('status').textContent).toContain('“no-such-exercise”');
	});

	it('is said on the page to hand in, and on the Shelf', async () => {
		await show(<HandInScreen name="no-such-exercise" />);
		expect(screen.getByRole('status').textContent).toContain('“no-such-exercise”');
	});

	it('is said on the Shelf', async () => {
		await show(<ShelfPart name="cellar" link={{}} />);
		expect(screen.getByRole('status').textContent).toContain('no part called “cellar”');
	});
});

describe('an exercise of a Round, opened again', () => {
	const CODE = roundCode({ skills: ['one-prefix'], level: 1, count: 5, seed: 404 });

	it('shows itself on the page to hand in, once its Round is made', async () => {
		expect(madeRound(CODE)).toBeUndefined();
		await show(<HandInScreen name={roundName(CODE, 2)} />);
		expect(heading()).toBe('Exercise 3 of 5');
		expect(screen.getByText(madeRound(CODE)?.exercises[2]?.prompt ?? 'no prompt')).toBeTruthy();
	});
});

describe('a block that is laid', () => {
	/** Takes the fact that leads on, and does something else in the same moment. */
	async function placing(then: () => void, store = makeStore()): Promise<void> {
		await show(<DeskScreen name="wind-gust" />, store);
		await act(async () => void fireEvent.click(screen.getByTestId('unit--1-top-mi')));
		await act(async () => {
			fireEvent.click(found('5280 ft 1 mi Place 5280 feet over 1 mile'));
			then();
		});
		await atRest();
	}

	it('gives way to the facts of the one unit that still has to go', async () => {
		await placing(() => {});
		expect(screen.getByRole('region', { name: 'Facts with h' })).toBeTruthy();
		// The fact that leads on is open, so that one touch lays it.
		expect(found('1 h 3600 s Place 1 hour over 3600 seconds')).toBeTruthy();
	});

	it('opens its own panel where nothing is to open by itself', async () => {
		const store = makeStore();
		store.dispatch(set({ opensNext: false }));
		await placing(() => {}, store);
		expect(screen.getByRole('region', { name: 'Factor 1' })).toBeTruthy();
	});

	it('leaves a panel alone that was opened in the meantime', async () => {
		await placing(() => void fireEvent.click(found('Line what you can do with it')));
		expect(screen.getByRole('region', { name: 'This line' })).toBeTruthy();
		expect(screen.queryByRole('region', { name: 'Factor 1' })).toBeNull();
		expect(found('ft, feet, on the top, should be here. Show facts with it')).toBeTruthy();
	});
});

describe('the keys of the Desk', () => {
	/** A line that closes, with an answer written. */
	function worked(answer: string): AppStore {
		const store = makeStore();
		layGust(store);
		if (answer) store.dispatch(did('wind-gust', { do: 'answer', text: answer }));
		return store;
	}

	it('check with C what is written', async () => {
		await show(<DeskScreen name="wind-gust" />, worked('27.1 ft/s'));
		await press('c');
		expect(await screen.findByRole('region', { name: 'All right' })).toBeTruthy();
	});

	it('say with C what is missing, where it is written', async () => {
		await show(<DeskScreen name="wind-gust" />, worked(''));
		await press('c');
		const answer = await screen.findByRole('region', { name: 'Your answer' });
		expect(answer.textContent).toContain('Write a number first.');
	});

	it('undo and redo, and say so to nobody', async () => {
		const store = await show(<DeskScreen name="wind-gust" />, worked(''));
		await act(async () => void fireEvent.keyDown(document.body, { key: 'z', ctrlKey: true }));
		expect(store.getState().works.byId[Object.keys(store.getState().works.byId)[0] ?? '']?.body.steps.at(-1)).toEqual({
			do: 'undo',
		});
		expect(screen.queryByLabelText(/^1, factor 2, top/)).toBeNull();
	});

	it('open no panel that may not stand open', async () => {
		await show(<DeskScreen name="wind-gust" />);
		await press('p');
		expect(screen.queryByRole('region')).toBeNull();
		await press('f');
		expect(screen.getByRole('region', { name: 'Facts with mi' })).toBeTruthy();
		await press('Escape');
		expect(screen.queryByRole('region')).toBeNull();
	});
});

describe('what a touch opens', () => {
	it('comes into view: the two ways up of a fact', async () => {
		const moved = jest.fn();
		HTMLElement.prototype.scrollIntoView = moved;
		const fact = {
			left: { number: '1', unit: 'in' },
			right: { number: '2.54', unit: 'cm' },
			exact: true,
			tables: ['between' as const],
			source: 'by definition',
		};
		const item = (open: boolean) => <FactItem forms={[fact]} open={open} onOpen={() => {}} onPlace={() => {}} />;
		const { rerender } = render(item(false));
		expect(moved).not.toHaveBeenCalled();
		rerender(item(true));
		expect(button(/Place 2.54 centimetres over 1 inch/)).toBeTruthy();
		expect(moved).toHaveBeenCalledWith({ block: 'nearest' });
	});
});
