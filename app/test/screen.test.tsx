import { act, fireEvent, render, screen } from '@testing-library/react';
import type { ReactElement } from 'react';
import { Provider } from 'react-redux';
import { AnswerPanel } from '../src/desk/panels/answer-panel';
import { BookPanel } from '../src/desk/panels/book-panel';
import { FactsPanel } from '../src/desk/panels/facts-panel';
import { NudgePanel } from '../src/desk/panels/nudge-panel';
import { useDesk } from '../src/desk/use-desk';
import { exerciseNamed } from '../src/desk/work';
import { did } from '../src/desk/works-slice';
import { type AppStore, makeStore, useAppDispatch } from '../src/store/store';
import { Words } from '../src/ui/words';

function show(element: ReactElement, store: AppStore = makeStore()) {
	render(<Provider store={store}>{element}</Provider>);
	return store;
}

const onPlace = jest.fn();
const onCheck = jest.fn();
const onKeep = jest.fn();
const onTold = jest.fn();

beforeEach(() => jest.clearAllMocks());

function Facts({ exercise, unit }: { readonly exercise: string; readonly unit: string }) {
	return (
		<FactsPanel
			from={{ problem: exerciseNamed(exercise).facts }}
			unit={unit}
			onPlace={onPlace}
			onWrite={() => {}}
			onAdd={null}
			onKeep={onKeep}
		/>
	);
}

function Answer({ exercise }: { readonly exercise: string }) {
	const dispatch = useAppDispatch();
	return (
		<AnswerPanel
			view={useDesk(exercise)}
			wide={false}
			onWrite={(text) => dispatch(did(exercise, { do: 'answer', text }))}
			onCheck={onCheck}
		/>
	);
}

describe('the facts of a unit', () => {
	it('are taken by deciding which side goes on the bottom', () => {
		show(<Facts exercise="new-snow" unit="in" />);
		fireEvent.click(screen.getByTestId('fact-1in=2.54cm'));
		fireEvent.click(screen.getByTestId('place-in-below'));
		expect(onPlace).toHaveBeenCalledWith({ top: { number: '2.54', unit: 'cm' }, bottom: { number: '1', unit: 'in' } });
	});

	it('of the problem come first, and are placed as given', () => {
		show(<Facts exercise="nutrient-tank" unit="mL" />);
		expect(screen.getAllByRole('listitem')[0]?.textContent).toContain('measured, 3 figures · from the problem');
		fireEvent.click(screen.getByTestId('fact-1.18g=1mL'));
		fireEvent.click(screen.getByTestId('place-mL-below'));
		expect(onPlace).toHaveBeenCalledWith(expect.objectContaining({ given: true, top: { number: '1.18', unit: 'g' } }));
	});

	it('that are none help on', () => {
		show(<Facts exercise="new-snow" unit="jar" />);
		expect(screen.getByText(/No table here holds “jar”/)).toBeTruthy();
	});
});

describe('the answer', () => {
	const field = () => screen.getByTestId('answer') as HTMLInputElement;

	it('is typed with our keys, at the caret, and erased', () => {
		show(<Answer exercise="new-snow" />);
		for (const key of ['1', '.', '1', '7']) fireEvent.click(screen.getByTestId(`key-${key}`));
		fireEvent.click(screen.getByTestId('key-erase'));
		for (const key of ['6', '×10ⁿ', '−', '2', 'space', 'in']) fireEvent.click(screen.getByTestId(`key-${key}`));
		expect(field().value).toBe('1.16×10^−2 in');
		expect(screen.getByTestId('answer-says').textContent).toBe('Reads as 1.16 × 10−2 in · 3 figures');
	});

	it('goes to the check only when it can be read', () => {
		show(<Answer exercise="new-snow" />);
		fireEvent.click(screen.getByTestId('check'));
		expect(screen.getByTestId('answer-says').textContent).toBe('There is no number here yet.');
		fireEvent.change(field(), { target: { value: '1..2 mm/min' } });
		fireEvent.click(screen.getByTestId('check'));
		expect(onCheck).not.toHaveBeenCalled();
		expect(screen.getByTestId('fault-place').textContent).toBe('1..2 mm/min');
		fireEvent.change(field(), { target: { value: '1.2 mm/min' } });
		fireEvent.click(screen.getByTestId('check'));
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
		show(<BookPanel current="new-snow" onOpen={() => {}} onOwn={() => {}} />, store);
		const state = (name: string) => screen.getByTestId(`open-${name}`).textContent;
		expect(state('honey-jar')).toMatch(/right$/);
		expect(state('honey-jar')).not.toContain('not right');
		expect(state('mast-log')).toContain('checked, not right yet');
		expect(state('vent-pane')).toContain('begun');
		expect(state('new-snow')).toContain('not begun');
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
		let seen: ReturnType<typeof useDesk> | null = null;
		function Look() {
			seen = useDesk('new-snow');
			return null;
		}
		show(<Look />, store);
		expect((seen as unknown as ReturnType<typeof useDesk>).blocks.map(({ id }) => id)).toEqual(['x', 'y']);
		const { worked } = seen as unknown as ReturnType<typeof useDesk>;
		expect(worked.value).toBeNull();
		expect(worked.cancelled).toEqual([{ unit: 'in', from: -1, against: 0 }]);
	});
});

function Nudge({ exercise }: { readonly exercise: string }) {
	return <NudgePanel view={useDesk(exercise)} onTold={onTold} />;
}

describe('a nudge', () => {
	it('tells one step at a time, and begins anew when the line has changed', () => {
		const store = show(<Nudge exercise="new-snow" />);
		expect(screen.getByTestId('nudge-1').textContent).toContain('must go');
		expect(screen.queryByTestId('nudge-2')).toBeNull();
		expect(onTold).toHaveBeenCalledTimes(1);
		for (let i = 0; i < 3; i++) fireEvent.click(screen.getByTestId('nudge-more'));
		expect(screen.getByTestId('nudge-4').textContent).toContain('goes on the bottom');
		expect(screen.queryByTestId('nudge-more')).toBeNull();
		const factor = { top: { number: '1', unit: 'in' }, bottom: { number: '2.54', unit: 'cm' } };
		act(() => {
			store.dispatch(did('new-snow', { do: 'place', block: 'a', factor }));
		});
		expect(screen.getByTestId('nudge-1').textContent).toBe('A unit stands twice on the top instead of cancelling.');
		expect(screen.queryByTestId('nudge-2')).toBeNull();
	});
});
