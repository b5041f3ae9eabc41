import { act, fireEvent, render, screen } from '@testing-library/react';
import { Provider } from 'react-redux';
import { AnswerPanel } from '../src/desk/panels/answer-panel';
import { FactsPanel } from '../src/desk/panels/facts-panel';
import { NudgePanel } from '../src/desk/panels/nudge-panel';
import { ProblemsScreen } from '../src/problems/problems-screen';
import { makeStore } from '../src/store/store';
import { Words } from '../src/ui/words';
import { did } from '../src/work/works-reducer';
import { found, pageSays } from './found';
import { pressButton, showPanel, viewOf } from './on-desk';

const mockRouter = { navigate: () => {} };
jest.mock('expo-router', () => ({ useRouter: () => mockRouter }));

const onPlace = jest.fn();
const onCheck = jest.fn();
const onTold = jest.fn();

beforeEach(() => jest.clearAllMocks());

/** The facts that hold a unit; blocks placed before let an exercise with places tell all it has. */
function showFacts(exercise: string, unit: string, store = makeStore()) {
	return showPanel(exercise, FactsPanel, { kind: 'facts', unit }, { store, acts: { onPlace } });
}

function showAnswer(exercise: string) {
	return showPanel(exercise, AnswerPanel, { kind: 'answer' }, { acts: { onCheck } });
}

describe('the facts of a unit', () => {
	it('are taken by deciding which side goes on the bottom', () => {
		showFacts('new-snow', 'in');
		pressButton(/^1 in = 2\.54 cm/);
		pressButton(/Place 2\.54 centimetres over 1 inch/);
		expect(onPlace).toHaveBeenCalledWith({ top: { number: '2.54', unit: 'cm' }, bottom: { number: '1', unit: 'in' } });
	});

	it('of the problem come first, and are placed as given', () => {
		const store = makeStore();
		store.dispatch(did('nutrient-tank', { do: 'mark', at: [87, 93], role: 'fact' }));
		showFacts('nutrient-tank', 'mL', store);
		expect(screen.getAllByRole('listitem')[0]?.textContent).toContain('measured, 3 figures · from the problem');
		pressButton(/^1\.18 g = 1 mL/);
		pressButton(/Place 1\.18 grams over 1 millilitre/);
		expect(onPlace).toHaveBeenCalledWith(expect.objectContaining({ given: true, top: { number: '1.18', unit: 'g' } }));
	});

	it('that are none help on', () => {
		showFacts('new-snow', 'jar');
		expect(screen.getByText(/No table has jar/)).toBeTruthy();
	});
});

describe('the answer', () => {
	const field = () => screen.getByLabelText(/^Your answer/) as HTMLInputElement;

	it('is typed with our keys, at the caret, and erased', () => {
		showAnswer('new-snow');
		for (const key of ['1', '.', '1', '7']) fireEvent.click(screen.getByTestId(`key-${key}`));
		fireEvent.click(found('erase'));
		for (const key of ['6', '×10ⁿ', '−', '2', 'space', 'in']) fireEvent.click(screen.getByTestId(`key-${key}`));
		expect(field().value).toBe('1.16×10^−2 in');
		expect(pageSays()).toContain('Reads as 1.16 × 10−2 in · 3 figures');
	});

	it('has the wanted unit as one key, apart from the number, and is cleared by holding erase', () => {
		jest.useFakeTimers();
		showAnswer('new-snow');
		for (const key of ['1', '2']) fireEvent.click(screen.getByTestId(`key-${key}`));
		fireEvent.click(found('mm/min unit mm/min'));
		expect(field().value).toBe('12 mm/min');
		const erase = found('erase');
		fireEvent.pointerDown(erase);
		act(() => void jest.advanceTimersByTime(600));
		expect(field().value).toBe('');
		fireEvent.click(screen.getByTestId('key-7'));
		fireEvent.pointerUp(erase);
		// The click that ends the hold erases nothing more.
		fireEvent.click(erase);
		expect(field().value).toBe('7');
		jest.useRealTimers();
	});

	it('goes to the check only when it can be read', () => {
		showAnswer('new-snow');
		pressButton(/^Check/);
		expect(pageSays()).toContain('Write a number first.');
		fireEvent.change(field(), { target: { value: '1..2 mm/min' } });
		pressButton(/^Check/);
		expect(onCheck).not.toHaveBeenCalled();
		expect(pageSays()).toContain('1..2 mm/min');
		fireEvent.change(field(), { target: { value: '1.2 mm/min' } });
		pressButton(/^Check/);
		expect(onCheck).toHaveBeenCalledTimes(1);
	});
});

describe('the book', () => {
	it('says of each exercise how far it is', () => {
		const store = makeStore();
		store.dispatch(
			did('honey-jar', {
				do: 'place',
				block: 'b',
				factor: { top: { number: '1', unit: 'kg' }, bottom: { number: '10^3', unit: 'g' } },
			}),
		);
		store.dispatch(did('honey-jar', { do: 'answer', text: '0.454 kg' }));
		store.dispatch(did('honey-jar', { do: 'check' }));
		store.dispatch(did('mast-log', { do: 'answer', text: '5 min' }));
		store.dispatch(did('mast-log', { do: 'check' }));
		store.dispatch(did('vent-pane', { do: 'answer', text: '4' }));
		render(
			<Provider store={store}>
				<ProblemsScreen />
			</Provider>,
		);
		const state = (name: string) => screen.getByTestId(`open-${name}`).textContent;
		expect(state('honey-jar')).toContain('one prefix · right');
		expect(state('honey-jar')).not.toContain('not right');
		expect(state('mast-log')).toContain('checked, not right yet');
		expect(state('vent-pane')).toContain('started');
		expect(state('new-snow')).toContain('not started');
	});
});

describe('words in print', () => {
	it('raise their superscripts as small figures, told as such', () => {
		render(<Words>10⁻³ m²</Words>);
		expect(screen.getAllByRole('superscript').map((each) => each.textContent)).toEqual(['−3', '2']);
	});
});

describe('work of another version of the app', () => {
	it('with a block that cannot be read leaves the rest of the line standing', () => {
		const store = makeStore();
		store.dispatch(
			did('new-snow', {
				do: 'place',
				block: 'x',
				factor: { top: { number: '1..', unit: 'cm' }, bottom: { number: '1', unit: 'in' } },
			}),
		);
		store.dispatch(
			did('new-snow', {
				do: 'place',
				block: 'y',
				factor: { top: { number: '2.54', unit: 'cm' }, bottom: { number: '1', unit: 'in' } },
			}),
		);
		const { blocks, worked } = viewOf('new-snow', store);
		expect(blocks.map(({ id }) => id)).toEqual(['x', 'y']);
		expect(worked.value).toBeNull();
		expect(worked.cancelled).toEqual([{ unit: 'in', from: -1, against: 0 }]);
	});
});

describe('a nudge', () => {
	it('tells one step at a time, and begins anew when the line has changed', () => {
		const { store } = showPanel('new-snow', NudgePanel, { kind: 'nudge' }, { acts: { onTold } });
		expect(pageSays()).toContain('must go');
		expect(screen.queryByTestId('nudge-2')).toBeNull();
		expect(onTold).toHaveBeenCalledTimes(1);
		for (let i = 0; i < 3; i++) pressButton(/^Next hint/);
		expect(pageSays()).toContain('put it on the bottom');
		expect(screen.queryByRole('button', { name: /^Next hint/ })).toBeNull();
		const factor = { top: { number: '1', unit: 'in' }, bottom: { number: '2.54', unit: 'cm' } };
		act(() => {
			store.dispatch(did('new-snow', { do: 'place', block: 'a', factor }));
		});
		expect(pageSays()).toContain('A unit is on the top twice and does not cancel.');
		expect(screen.queryByTestId('nudge-2')).toBeNull();
	});
});
