import { act, fireEvent, render, screen } from '@testing-library/react';
import { addingStep, asideStep, termStep } from '@tidy-sum/core';
import { Provider } from 'react-redux';
import { AnswerPanel } from '../src/desk/panels/answer-panel';
import { BesidePanel } from '../src/desk/panels/beside-panel';
import { BlockPanel } from '../src/desk/panels/block-panel';
import { CalculatorPanel } from '../src/desk/panels/calculator-panel';
import { FactsPanel } from '../src/desk/panels/facts-panel';
import { OwnPanel } from '../src/desk/panels/own-panel';
import { PlacesPanel } from '../src/desk/panels/places-panel';
import { StartPanel } from '../src/desk/panels/start-panel';
import { TakePanel } from '../src/desk/panels/take-panel';
import { SettingsScreen } from '../src/settings/settings-screen';
import { type AppStore, makeStore } from '../src/store/store';
import { SHELF } from '../src/work/list-names';
import { begunAnew, did } from '../src/work/works-reducer';
import { showPanel, viewOf } from './on-desk';

const mockRouter = { navigate: () => {} };
jest.mock('expo-router', () => ({ useRouter: () => mockRouter }));

// Scripts that come later are there at once.
jest.mock('../src/desk/later-panels', () => ({
	laterPanels: async () => jest.requireActual('../src/desk/panels/all-panels'),
}));

const q = (text: string) => ({ number: text.split(' ')[0] as string, unit: text.split(' ')[1] ?? '' });

function place(store: AppStore, exercise: string, top: string, bottom: string, block = 'b'): void {
	store.dispatch(did(exercise, { do: 'place', block, factor: { top: q(top), bottom: q(bottom) } }));
}

const press = (...ids: string[]) => {
	for (const id of ids) fireEvent.click(screen.getByTestId(id));
};
const type = (id: string, value: string) => fireEvent.change(screen.getByTestId(id), { target: { value } });
const says = (id: string) => screen.getByTestId(id).textContent;

describe('the places of a problem', () => {
	const places = () => showPanel('tank-empty', PlacesPanel, { kind: 'places' });

	it('make the line only when the start is given, and hand facts to the Shelf', () => {
		const { view } = places();
		expect(view()).toMatchObject({ started: false, wanted: false });
		expect(view().facts.problem).toEqual([]);
		press('role-start');
		expect(view().started).toBe(true);
		press('role-fact');
		expect(view().facts.problem).toMatchObject([{ left: { number: '72', unit: 'mL' } }]);
		press('want-min');
		expect(view()).toMatchObject({ wanted: true, worked: { reached: false } });
	});

	it('explain a rate taken for the start, without naming the right one', () => {
		const { view } = places();
		press('role-start', 'role-start');
		expect(view().chain.start).toEqual({ number: '72', unit: 'mL' });
		expect(says('place-says')).toContain('a conversion factor, never the start');
		expect(says('place-says')).not.toContain('4.8');
	});

	it('doubt a unit that the question does not ask for', () => {
		places();
		press('role-start', 'role-fact', 'want-mL');
		expect(says('place-says')).toContain('asks for another unit');
	});
});

describe('a block written by hand', () => {
	/** The panel of a block, once the script with its fields has come. */
	const block = (store: AppStore, exercise = 'wind-gust', id = 'b') =>
		act(async () => showPanel(exercise, BlockPanel, { kind: 'block', id, writing: true }, { store }));

	it('has its units first, and takes the numbers of a known fact in close support', async () => {
		const store = makeStore();
		place(store, 'wind-gust', '', '');
		const { view } = await block(store);
		type('write-unit-top', 'ft');
		type('write-unit-bottom', 'mi');
		expect(view().worked.cancelled).toMatchObject([{ unit: 'mi' }]);
		expect(view().worked.value).toBeNull();
		press('fill-numbers');
		expect(view().worked.running.at(-1)?.value).not.toBeNull();
		expect(screen.queryByTestId('fill-numbers')).toBeNull();
	});

	it('keeps what cannot be read, says so, and lets the rest of the line stand', async () => {
		const store = makeStore();
		place(store, 'wind-gust', '5280 ft', '1 mi');
		const { view } = await block(store);
		type('write-number-bottom', '0');
		expect(says('write-says')).toBe('A bottom of 0 cannot be divided by.');
		expect(view().blocks[0]?.factor.bottom.number).toBe('0');
		expect(view().worked.unit.text).toBe('ft/h');
		type('write-unit-bottom', 'mles');
		expect(view().blocks[0]?.factor.bottom.unit).toBe('mles');
	});

	it('is declared measured or exact, raised and moved', async () => {
		const store = makeStore();
		place(store, 'wind-gust', '5280 ft', '1 mi');
		place(store, 'wind-gust', '1 h', '3600 s', 'c');
		const { view } = await block(store);
		expect(view().worked.factors[0]?.exact).toBe(true);
		press('measured');
		expect(view().worked).toMatchObject({ factors: [{ exact: false, significant: 3 }, { exact: true }] });
		press('exact', 'later');
		expect(view().blocks.map(({ id }) => id)).toEqual(['c', 'b']);
	});

	it('that shifts asks how much and which way, and is turned like any block', async () => {
		const store = makeStore();
		place(store, 'seed-store', '1 K', '1 °C');
		store.dispatch(did('seed-store', { do: 'place', block: 's', factor: addingStep('') }));
		const { view } = await block(store, 'seed-store', 's');
		expect(screen.getByText('How much, in K')).toBeTruthy();
		type('step-number', '273.15');
		expect(view()).toMatchObject({ closed: true, worked: { printed: { text: '277.7' } } });
		press('turn');
		expect(view()).toMatchObject({ closed: false, worked: { printed: { text: '−268.7' } } });
		expect(says('block-says')).toContain('below absolute zero');
		press('shift-add');
		expect(says('block-says')).toBe('277.65 K, on the scale of K. The place is the same.');
	});
});

describe('a step that is no factor', () => {
	const touch = async (exercise: string, unit: string, store: AppStore) => {
		await act(async () => void showPanel(exercise, FactsPanel, { kind: 'facts', unit }, { store }));
	};

	it('is filled in where numbers follow, and the student’s to write where they do not', async () => {
		const store = makeStore();
		await touch('roof-beam', 'ft', store);
		expect(screen.getByText('8 ft stay; 0.75 ft go on')).toBeTruthy();
		act(() => void store.dispatch(did(SHELF, { do: 'support', level: 'light' })));
		expect(screen.getByText(/you write how many are whole/)).toBeTruthy();
	});

	it('waits for the number of whole ones, and says when there are too many', async () => {
		const store = makeStore();
		const factor = asideStep(q(' ft'));
		store.dispatch(did('roof-beam', { do: 'place', block: 'a', factor }));
		let view = () => viewOf('roof-beam', store);
		await act(async () => {
			({ view } = showPanel('roof-beam', BlockPanel, { kind: 'block', id: 'a', writing: true }, { store }));
		});
		expect(says('block-says')).toBe('Write how many whole ft there are.');
		type('step-number', '9');
		expect(says('block-says')).toBe('There are not so many whole ft.');
		type('step-number', '8');
		expect(view()).toMatchObject({ closed: false, blocks: [{ factor: { aside: { number: '8', unit: 'ft' } } }] });
		expect(says('block-says')).toBe('8 ft are set aside, and stay. 0.75 ft are left, and go on.');
	});

	it('of a sum goes beside the line, and a block behind the part it is for', async () => {
		const store = makeStore();
		store.dispatch(did('shelf-plank', { do: 'place', block: 't', factor: termStep(q('7 ft')) }));
		const placed = jest.fn();
		await act(async () => {
			showPanel('shelf-plank', FactsPanel, { kind: 'facts', unit: 'in' }, { store, acts: { onPlace: placed } });
		});
		press('fact-1ft=12in');
		await act(async () => press('place-in-below'));
		expect(placed).toHaveBeenCalledWith(expect.objectContaining({ bottom: { number: '12', unit: 'in' } }), 0);
	});
});

describe('a problem of one’s own', () => {
	it('begins with a range, a measure in parts, or a sum, and may want several units', () => {
		const { view } = showPanel('own-kinds', OwnPanel, { kind: 'own' });
		type('own-start', '50 to 68 °F');
		type('own-want', '°C');
		expect(view()).toMatchObject({ exercise: { until: { number: '68', unit: '°F' } }, high: { reached: false } });
		press('own-difference-difference');
		expect(view().exercise).toMatchObject({ difference: true });
		type('own-start', '7 ft 5.4 in');
		type('own-want', 'ft');
		expect(view()).toMatchObject({ toAdd: [{ number: '7', unit: 'ft' }], exercise: { start: { number: '5.4' } } });
		type('own-start', '105 in');
		type('own-want', 'ft and in');
		expect(view()).toMatchObject({ exercise: { want: { mixed: ['ft', 'in'] } }, closed: false });
		type('own-want', 'in and ft');
		expect(says('own-want-says')).toContain('from large to small');
	});
});

describe('the start', () => {
	it('turns over, and asks of unclear zeros which figures count', () => {
		const store = makeStore();
		store.dispatch(did('own-a', { do: 'start', start: q('4000 m') }));
		store.dispatch(did('own-a', { do: 'want', unit: 'km' }));
		const { view } = showPanel('own-a', StartPanel, { kind: 'start' }, { store });
		expect(says('zeros')).toContain('do not show whether they count');
		expect(view().worked).toMatchObject({ significant: 1, atMost: 4 });
		press('zeros-2');
		expect(view().worked).toMatchObject({ significant: 2, atMost: 2 });
		expect(says('zeros')).toContain('4.0 × 103');
		press('turn-start');
		expect(view().worked.unit.text).toBe('1/m');
		press('turn-start');
		expect(view().worked.unit.text).toBe('m');
	});
});

describe('the Shelf', () => {
	const facts = (onKeep = jest.fn()) =>
		showPanel('wind-gust', FactsPanel, { kind: 'facts', unit: '' }, { acts: { onKeep } });

	it('is searched by name and by symbol', async () => {
		facts();
		await act(async () => type('search-facts', 'furlong'));
		expect(screen.getByTestId('fact-1furlong=220yd')).toBeTruthy();
		type('search-facts', 'kilometre');
		expect(screen.getByTestId('fact-1km=1000m')).toBeTruthy();
		type('search-facts', 'xyzzy');
		expect(screen.getByText(/Nothing on your Shelf goes by/)).toBeTruthy();
	});

	it('takes a fact of one’s own, once it reads as one', async () => {
		const onKeep = jest.fn();
		facts(onKeep);
		await act(async () => press('add-fact'));
		type('own-fact', '1 bale');
		expect(says('own-fact-says')).toContain('A fact has two sides');
		type('own-fact', '1 bale = 9.5 kg');
		press('own-fact-measured', 'keep-fact');
		expect(onKeep).toHaveBeenCalledWith({ left: q('1 bale'), right: q('9.5 kg'), exact: false });
	});

	it('keeps facts, tables and support with the work, and undoes none of them by accident', () => {
		const store = makeStore();
		const view = () => viewOf('wind-gust', store);
		render(
			<Provider store={store}>
				<SettingsScreen />
			</Provider>,
		);
		press('support-none', 'table-between');
		expect(view().support).toBe('none');
		expect(view().facts.allowed).not.toContain('between');
		expect(says('support-says')).toBe('Nothing is said until the check.');
		act(() => {
			store.dispatch(did(SHELF, { do: 'keep', id: 'f', fact: { left: q('1 bale'), right: q('9.5 kg') } }));
		});
		press('table-between');
		expect(view().facts).toMatchObject({
			own: [{ left: { unit: 'bale' } }],
			allowed: expect.arrayContaining(['between']),
		});
	});
});

describe('the report', () => {
	const answer = (exercise: string, store = makeStore()) =>
		showPanel(exercise, AnswerPanel, { kind: 'answer' }, { store });

	/** The powers on the keys, by what is said of them. */
	const powers = () => ['squared', 'cubed'].filter((name) => screen.queryByRole('button', { name: new RegExp(name) }));

	it('has ² and ³ on its keys where they are wanted, and not else', () => {
		answer('wind-gust');
		expect(powers()).toEqual([]);
	});

	it.each([
		['m^3', ['squared', 'cubed']],
		['m^2', ['squared']],
	])('has the powers of %s on its keys', (unit, keys) => {
		const store = makeStore();
		store.dispatch(did('own-d', { do: 'start', start: q('3 L') }));
		store.dispatch(did('own-d', { do: 'want', unit }));
		answer('own-d', store);
		expect(powers()).toEqual(keys);
	});

	it('is switched among forms with its figures kept', () => {
		const { view } = answer('balloon-battery');
		type('answer', '640 µA');
		press('form-scientific');
		expect(view().work.answer).toBe('6.4 × 10² µA');
		press('form-plain');
		expect(view().work.answer).toBe('640 µA');
		type('answer', '0.750 A');
		press('form-fraction');
		expect(view().work.answer).toBe('3/4 A');
	});

	it('says why what nothing leads to cannot be checked', () => {
		const store = makeStore();
		store.dispatch(did('own-c', { do: 'start', start: q('3 bale') }));
		store.dispatch(did('own-c', { do: 'want', unit: 'kg' }));
		store.dispatch(did('own-c', { do: 'answer', text: '5 kg' }));
		store.dispatch(did('own-c', { do: 'check' }));
		const { view } = answer('own-c', store);
		expect(view().verdict).toBeNull();
		expect(says('unchecked')).toMatch(/^This cannot be checked yet\. ./);
	});

	it('is split into a mixed measure', () => {
		const { view } = answer('trail-mile');
		type('answer', '7.5 ft');
		press('form-mixed');
		expect(view().work.answer).toBe('7 ft 6 in');
	});

	it('is the block itself where only one factor is asked for', () => {
		const store = makeStore();
		place(store, 'heater-factor', '1 kJ', '10^3 J');
		const { view } = answer('heater-factor', store);
		expect(says('answer-says')).toContain('1 kJ / 10^3 J');
		act(() => {
			store.dispatch(did('heater-factor', { do: 'check' }));
		});
		expect(view().verdict).toMatchObject({ right: true });
	});

	it('says what is asked for: a place', () => {
		answer('freezer-dial');
		expect(screen.getByText(/to the tenths/)).toBeTruthy();
	});
});

describe('the calculator', () => {
	it('takes the line as it is keyed, and shows what a missing bracket does', () => {
		const store = makeStore();
		place(store, 'wind-gust', '5280 ft', '1 mi');
		place(store, 'wind-gust', '1 h', '3600 s', 'c');
		showPanel('wind-gust', CalculatorPanel, { kind: 'calculator' }, { store });
		press('take-line');
		expect((screen.getByTestId('keyed') as HTMLInputElement).value).toBe('18.5 × 5280 ÷ 3600');
		expect(says('calculated')).toBe('= 27.1333333333…');
		press('clear-keys', 'calc-6', 'calc-÷', 'calc-2', 'calc-×', 'calc-3');
		expect(says('calculated')).toBe('= 9');
		press('calc-÷', 'calc-0');
		expect(says('keyed-says')).toBe('Nothing can be divided by 0.');
	});
});

describe('side by side', () => {
	it('says where a line and the worked line part', () => {
		const store = makeStore();
		place(store, 'wind-gust', '5820 ft', '1 mi');
		place(store, 'wind-gust', '1 h', '3600 s', 'c');
		const { view } = showPanel('wind-gust', BesidePanel, { kind: 'beside' }, { store });
		press('beside-key');
		expect(says('beside-says')).toContain('The value first differs at block 1 of yours');
		expect(view().work.shown).toBe(true);
	});

	it('lays a second try beside the first', () => {
		const store = makeStore();
		place(store, 'wind-gust', '5280 ft', '1 mi');
		store.dispatch(begunAnew('wind-gust'));
		place(store, 'wind-gust', '1 h', '3600 s', 'd');
		showPanel('wind-gust', BesidePanel, { kind: 'beside' }, { store });
		expect(says('beside-says')).toContain('They take different routes.');
	});
});

describe('a result taken on', () => {
	it('is the exact value with its figures', () => {
		const store = makeStore();
		place(store, 'wind-gust', '5280 ft', '1 mi');
		const onStart = jest.fn();
		const onFact = jest.fn();
		showPanel('wind-gust', TakePanel, { kind: 'take' }, { store, acts: { onTakeStart: onStart, onKeep: onFact } });
		press('take-start');
		expect(onStart).toHaveBeenCalledWith({ quantity: { number: '97680/1', unit: 'ft/h' }, figures: 3 });
		type('take-thing', 'a run');
		press('take-fact');
		expect(onFact).toHaveBeenCalledWith(expect.objectContaining({ right: { number: '1', unit: 'run' } }));
	});
});

describe('a problem of one’s own', () => {
	const own = () => showPanel('own-b', OwnPanel, { kind: 'own' });

	it('has a start that can be emptied: the one before stands no more', () => {
		const { view } = own();
		type('own-start', '150 km in 2.5 h');
		expect(view().started).toBe(true);
		type('own-start', '150 km in 2..5 h');
		expect(view().started).toBe(false);
		type('own-start', '40 km');
		type('own-start', '');
		expect(view()).toMatchObject({ started: false, work: { start: null } });
		expect(view().canUndo).toBe(true);
	});

	it('is filled in directly, with what cannot be read said at its place', () => {
		const { view } = own();
		type('own-start', '150 km in 2..5 h');
		expect(view().started).toBe(false);
		type('own-start', '150 km in 2.5 h');
		type('own-want', 'm/s');
		expect(view().worked.unit.text).toBe('km/h');
		type('own-stated', '1 lap = 400 m');
		press('own-add');
		expect(view().exercise.facts).toMatchObject([{ left: q('1 lap') }]);
		press('unstate-lap');
		expect(view().exercise.facts).toEqual([]);
	});

	it.each([
		['one factor only', 'factor', 'kJ', { factor: 'kJ' }],
		['how many figures', 'figures', '0.00450', { figures: '0.00450' }],
	])('asks for %s', (_, kind, text, want) => {
		const { view } = own();
		press(`own-kind-${kind}`);
		type('own-want', text);
		expect(view().exercise.want).toEqual(want);
	});

	it('asks for a form and a rounding, stepped to a place or a count', () => {
		const { view } = own();
		type('own-want', 'm');
		press('own-form-scientific');
		expect(view().exercise.want).toEqual({ unit: 'm', form: 'scientific' });
		press('own-round-place');
		press('round-more');
		expect(says('round-says')).toBe('to the hundredths');
		expect(view().exercise.rounding).toEqual({ place: -2 });
		press('own-round-significant');
		press('round-less');
		expect(view().exercise.rounding).toEqual({ significant: 2 });
		press('own-round-none');
		expect(view().exercise.rounding).toBe('none');
	});

	it('is typed with keys of our own, where one is in a field', () => {
		const { view } = own();
		const start = () => document.querySelector('[data-testid="own-start"]') as HTMLInputElement;
		fireEvent.focus(start());
		for (const key of ['key-1', 'key-5', 'key-space']) press(key);
		press('key-in');
		expect(start().value).toBe('15  in ');
		type('own-start', '15 km');
		expect(view().started).toBe(true);
		press('own-keys-device');
		expect(document.querySelector('[data-testid="key-1"]')).toBeNull();
	});
});
