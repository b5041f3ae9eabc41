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
import { found, lookFor, pageSays, pressNamed, writeInto } from './found';
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
const says = (id: string) => screen.getByTestId(id).textContent;

describe('the places of a problem', () => {
	const places = () => showPanel('tank-empty', PlacesPanel, { kind: 'places' });

	it('make the line only when the start is given, and hand facts to the Shelf', () => {
		const { view } = places();
		expect(view()).toMatchObject({ started: false, wanted: false });
		expect(view().facts.problem).toEqual([]);
		pressNamed('Start from it');
		expect(view().started).toBe(true);
		pressNamed('It is part of a fact');
		expect(view().facts.problem).toMatchObject([{ left: { number: '72', unit: 'mL' } }]);
		pressNamed('min');
		expect(view()).toMatchObject({ wanted: true, worked: { reached: false } });
	});

	it('explain a rate taken for the start, without naming the right one', () => {
		const { view } = places();
		pressNamed('Start from it', 'Start from it');
		expect(view().chain.start).toEqual({ number: '72', unit: 'mL' });
		expect(pageSays()).toContain('a conversion factor and not the start');
		expect(pageSays()).not.toContain('4.8');
	});

	it('doubt a unit that the question does not ask for', () => {
		places();
		pressNamed('Start from it', 'It is part of a fact', 'mL');
		expect(pageSays()).toContain('asks for another unit');
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
		writeInto('Unit on top', 'ft');
		writeInto('Unit on the bottom', 'mi');
		expect(view().worked.cancelled).toMatchObject([{ unit: 'mi' }]);
		expect(view().worked.value).toBeNull();
		pressNamed('The numbers: 5280 over 1');
		expect(view().worked.running.at(-1)?.value).not.toBeNull();
		expect(lookFor('The numbers: 5280 over 1')).toBeNull();
	});

	it('keeps what cannot be read, says so, and lets the rest of the line stand', async () => {
		const store = makeStore();
		place(store, 'wind-gust', '5280 ft', '1 mi');
		const { view } = await block(store);
		writeInto('Number on the bottom', '0');
		expect(pageSays()).toContain('The bottom cannot be 0.');
		expect(view().blocks[0]?.factor.bottom.number).toBe('0');
		expect(view().worked.unit.text).toBe('ft/h');
		writeInto('Unit on the bottom', 'mles');
		expect(view().blocks[0]?.factor.bottom.unit).toBe('mles');
	});

	it('is declared measured or exact, raised and moved', async () => {
		const store = makeStore();
		place(store, 'wind-gust', '5280 ft', '1 mi');
		place(store, 'wind-gust', '1 h', '3600 s', 'c');
		const { view } = await block(store);
		expect(view().worked.factors[0]?.exact).toBe(true);
		pressNamed('measured');
		expect(view().worked).toMatchObject({ factors: [{ exact: false, significant: 3 }, { exact: true }] });
		pressNamed('exact', 'Later');
		expect(view().blocks.map(({ id }) => id)).toEqual(['c', 'b']);
	});

	it('that shifts asks how much and which way, and is turned like any block', async () => {
		const store = makeStore();
		place(store, 'seed-store', '1 K', '1 °C');
		store.dispatch(did('seed-store', { do: 'place', block: 's', factor: addingStep('') }));
		const { view } = await block(store, 'seed-store', 's');
		expect(screen.getByText('How much, in K')).toBeTruthy();
		writeInto('How m', '273.15');
		expect(view()).toMatchObject({ closed: true, worked: { printed: { text: '277.7' } } });
		pressNamed('The other way');
		expect(view()).toMatchObject({ closed: false, worked: { printed: { text: '−268.7' } } });
		expect(pageSays()).toContain('below absolute zero');
		pressNamed('Adds');
		expect(pageSays()).toContain('277.65 K, on the scale of K. It is still the same temperature.');
	});
});

describe('a step that is no factor', () => {
	const touch = async (exercise: string, unit: string, store: AppStore) => {
		await act(async () => void showPanel(exercise, FactsPanel, { kind: 'facts', unit }, { store }));
	};

	it('is filled in where numbers follow, and the student’s to write where they do not', async () => {
		const store = makeStore();
		await touch('roof-beam', 'ft', store);
		expect(screen.getByText('keep 8 ft, and convert 0.75 ft')).toBeTruthy();
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
		expect(pageSays()).toContain('How many whole ft are there?');
		writeInto('How m', '9');
		expect(pageSays()).toContain('There are not that many whole ft.');
		writeInto('How m', '8');
		expect(view()).toMatchObject({ closed: false, blocks: [{ factor: { aside: { number: '8', unit: 'ft' } } }] });
		expect(pageSays()).toContain('8 ft are set aside. 0.75 ft are left to convert.');
	});

	it('of a sum goes beside the line, and a block behind the part it is for', async () => {
		const store = makeStore();
		store.dispatch(did('shelf-plank', { do: 'place', block: 't', factor: termStep(q('7 ft')) }));
		const placed = jest.fn();
		await act(async () => {
			showPanel('shelf-plank', FactsPanel, { kind: 'facts', unit: 'in' }, { store, acts: { onPlace: placed } });
		});
		await act(async () => pressNamed('1 ft 12 in'));
		expect(placed).toHaveBeenCalledWith(expect.objectContaining({ bottom: { number: '12', unit: 'in' } }), 0);
	});
});

describe('a problem of one’s own', () => {
	it('begins with a range, a measure in parts, or a sum, and may want several units', () => {
		const { view } = showPanel('own-kinds', OwnPanel, { kind: 'own' });
		writeInto('Start from', '50 to 68 °F');
		writeInto('Wanted, a unit, or units of a measure in parts', '°C');
		expect(view()).toMatchObject({ exercise: { until: { number: '68', unit: '°F' } }, high: { reached: false } });
		pressNamed('a difference');
		expect(view().exercise).toMatchObject({ difference: true });
		writeInto('Start from', '7 ft 5.4 in');
		writeInto('Wanted, a unit, or units of a measure in parts', 'ft');
		expect(view()).toMatchObject({ toAdd: [{ number: '7', unit: 'ft' }], exercise: { start: { number: '5.4' } } });
		writeInto('Start from', '105 in');
		writeInto('Wanted, a unit, or units of a measure in parts', 'ft and in');
		expect(view()).toMatchObject({ exercise: { want: { mixed: ['ft', 'in'] } }, closed: false });
		writeInto('Wanted, a unit, or units of a measure in parts', 'in and ft');
		expect(pageSays()).toContain('from large to small');
	});
});

describe('the start', () => {
	it('turns over, and asks of unclear zeros which figures count', () => {
		const store = makeStore();
		store.dispatch(did('own-a', { do: 'start', start: q('4000 m') }));
		store.dispatch(did('own-a', { do: 'want', unit: 'km' }));
		const { view } = showPanel('own-a', StartPanel, { kind: 'start' }, { store });
		expect(pageSays()).toContain('Nobody can tell whether the zeros of 4000 count');
		expect(view().worked).toMatchObject({ significant: 1, atMost: 4 });
		pressNamed('2 figures that is 4.0 × 10³');
		expect(view().worked).toMatchObject({ significant: 2, atMost: 2 });
		expect(pageSays()).toContain('4.0 × 103');
		pressNamed('Turn over');
		expect(view().worked.unit.text).toBe('1/m');
		pressNamed('Turn over');
		expect(view().worked.unit.text).toBe('m');
	});
});

describe('the Shelf', () => {
	const facts = (onKeep = jest.fn()) =>
		showPanel('wind-gust', FactsPanel, { kind: 'facts', unit: '' }, { acts: { onKeep } });

	it('is searched by name and by symbol', async () => {
		facts();
		await act(async () => writeInto('Search by name or symbol', 'furlong'));
		expect(found('1 furlong = 220 ydexact · NIST Handbook 44, Appendix C 1 furlong is 220 yards')).toBeTruthy();
		writeInto('Search by name or symbol', 'kilometre');
		expect(found('1 km = 1000 mexact · SI Brochure 9 1 kilometre is 1000 metres')).toBeTruthy();
		writeInto('Search by name or symbol', 'xyzzy');
		expect(screen.getByText(/Your Shelf has nothing called/)).toBeTruthy();
	});

	it('takes a fact of one’s own, once it reads as one', async () => {
		const onKeep = jest.fn();
		facts(onKeep);
		await act(async () => pressNamed('My own fact'));
		writeInto('Your own fact, such as 1 bale = 9.5 kg', '1 bale');
		expect(pageSays()).toContain('A fact has two sides');
		writeInto('Your own fact, such as 1 bale = 9.5 kg', '1 bale = 9.5 kg');
		pressNamed('measured', 'Keep it');
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
		pressNamed('none', 'between systems');
		expect(view().support).toBe('none');
		expect(view().facts.allowed).not.toContain('between');
		expect(pageSays()).toContain('No help until the check.');
		act(() => {
			store.dispatch(did(SHELF, { do: 'keep', id: 'f', fact: { left: q('1 bale'), right: q('9.5 kg') } }));
		});
		pressNamed('between systems');
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
		writeInto('Your answer, a number and a unit', '640 µA');
		pressNamed('Scientific 6.4 × 10²');
		expect(view().work.answer).toBe('6.4 × 10² µA');
		pressNamed('Plain 640');
		expect(view().work.answer).toBe('640 µA');
		writeInto('Your answer, a number and a unit', '0.750 A');
		pressNamed('Fraction 3/4');
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
		writeInto('Your answer, a number and a unit', '7.5 ft');
		pressNamed('In ft and in');
		expect(view().work.answer).toBe('7 ft 6 in');
	});

	it('is the block itself where only one factor is asked for', () => {
		const store = makeStore();
		place(store, 'heater-factor', '1 kJ', '10^3 J');
		const { view } = answer('heater-factor', store);
		expect(pageSays()).toContain('1 kJ / 10^3 J');
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
		pressNamed('Fill in the line');
		expect((found('Keys pressed') as HTMLInputElement).value).toBe('18.5 × 5280 ÷ 3600');
		expect(pageSays()).toContain('= 27.1333333333…');
		pressNamed('Clear', '6', '÷ divided by', '2', '× times', '3');
		expect(pageSays()).toContain('= 9');
		pressNamed('÷ divided by', '0');
		expect(pageSays()).toContain('Nothing can be divided by 0.');
	});

	it('takes its result to the answer as it is, and stays beside it', () => {
		const store = makeStore();
		const { view } = showPanel('wind-gust', CalculatorPanel, { kind: 'calculator' }, { store });
		pressNamed('1', '÷ divided by', '3', 'Take it to the answer');
		expect(view().work.answer).toBe('0.333333333333');
		expect(store.getState().desk.panel.kind).toBe('answer');
		showPanel('wind-gust', AnswerPanel, { kind: 'answer' }, { store });
		expect(pageSays()).toContain('1 ÷ 3 = 0.333333333333…');
		writeInto('Your answer, a number and a unit', '0.33 ft/s');
		pressNamed('Take it 0.333333333333 to the answer');
		expect(view().work.answer).toBe('0.333333333333');
		// What was keyed for one line says nothing beside another.
		expect(viewOf('honey-jar', store).work.answer).toBe('');
	});
});

describe('side by side', () => {
	it('says where a line and the worked line part', () => {
		const store = makeStore();
		place(store, 'wind-gust', '5820 ft', '1 mi');
		place(store, 'wind-gust', '1 h', '3600 s', 'c');
		const { view } = showPanel('wind-gust', BesidePanel, { kind: 'beside' }, { store });
		pressNamed('With the worked line this shows it, and is noted in the Record');
		expect(pageSays()).toContain('The values first differ at factor 1 of yours');
		expect(view().work.shown).toBe(true);
	});

	it('lays a second try beside the first', () => {
		const store = makeStore();
		place(store, 'wind-gust', '5280 ft', '1 mi');
		store.dispatch(begunAnew('wind-gust'));
		place(store, 'wind-gust', '1 h', '3600 s', 'd');
		showPanel('wind-gust', BesidePanel, { kind: 'beside' }, { store });
		expect(pageSays()).toContain('They take different routes.');
	});
});

describe('a result taken on', () => {
	it('is the exact value with its figures', () => {
		const store = makeStore();
		place(store, 'wind-gust', '5280 ft', '1 mi');
		const onStart = jest.fn();
		const onFact = jest.fn();
		showPanel('wind-gust', TakePanel, { kind: 'take' }, { store, acts: { onTakeStart: onStart, onKeep: onFact } });
		pressNamed('As the next start');
		expect(onStart).toHaveBeenCalledWith({ quantity: { number: '97680', unit: 'ft/h' }, figures: 3 });
		writeInto('Or as a fact: the amount for one…', 'a run');
		pressNamed('As a fact');
		expect(onFact).toHaveBeenCalledWith(expect.objectContaining({ right: { number: '1', unit: 'run' } }));
	});
});

describe('a problem of one’s own', () => {
	const own = () => showPanel('own-b', OwnPanel, { kind: 'own' });

	it('has a start that can be emptied: the one before stands no more', () => {
		const { view } = own();
		writeInto('Start from', '150 km in 2.5 h');
		expect(view().started).toBe(true);
		writeInto('Start from', '150 km in 2..5 h');
		expect(view().started).toBe(false);
		writeInto('Start from', '40 km');
		writeInto('Start from', '');
		expect(view()).toMatchObject({ started: false, work: { start: null } });
		expect(view().canUndo).toBe(true);
	});

	it('is filled in directly, with what cannot be read said at its place', () => {
		const { view } = own();
		writeInto('Start from', '150 km in 2..5 h');
		expect(view().started).toBe(false);
		writeInto('Start from', '150 km in 2.5 h');
		writeInto('Wanted, a unit, or units of a measure in parts', 'm/s');
		expect(view().worked.unit.text).toBe('km/h');
		writeInto('A fact from the problem', '1 lap = 400 m');
		pressNamed('Add the fact');
		expect(view().exercise.facts).toMatchObject([{ left: q('1 lap') }]);
		pressNamed('Remove 1 lap');
		expect(view().exercise.facts).toEqual([]);
	});

	it('has each told number exact or measured in one touch, and the figures of the line follow', () => {
		const { view, store } = own();
		writeInto('Start from', '2.500 mL');
		writeInto('Wanted, a unit, or units of a measure in parts', 'g');
		writeInto('A fact from the problem', '1.25 g = 1 mL');
		pressNamed('Add the fact');
		act(() => place(store, 'own-b', '1.25 g', '1 mL'));
		expect(view().worked.significant).toBe(3);
		pressNamed('measured 1.25 g: take it as exact');
		expect(view().worked.significant).toBe(4);
		pressNamed('measured 2.500 mL: take it as exact');
		expect(view().worked.significant).toBeNull();
		pressNamed('exact 2.500 mL: take it as measured');
		expect(view().worked.significant).toBe(4);
	});

	it.each([
		['one factor only', 'factor', 'kJ', { factor: 'kJ' }],
		['how many figures', 'figures', '0.00450', { figures: '0.00450' }],
	])('asks for %s', (_, kind, text, want) => {
		const { view } = own();
		press(`own-kind-${kind}`);
		fireEvent.change(screen.getByTestId('own-want'), { target: { value: text } });
		expect(view().exercise.want).toEqual(want);
	});

	it('asks for a form and a rounding, stepped to a place or a count', () => {
		const { view } = own();
		writeInto('Wanted, a unit, or units of a measure in parts', 'm');
		pressNamed('scientific');
		expect(view().exercise.want).toEqual({ unit: 'm', form: 'scientific' });
		pressNamed('to a place');
		pressNamed('+ one place finer');
		expect(pageSays()).toContain('to the hundredths');
		expect(view().exercise.rounding).toEqual({ place: -2 });
		pressNamed('to a number of figures');
		pressNamed('− one figure fewer');
		expect(view().exercise.rounding).toEqual({ significant: 2 });
		pressNamed('not rounded');
		expect(view().exercise.rounding).toBe('none');
	});

	it('is typed with keys of our own, where one is in a field', () => {
		const { view } = own();
		const start = () => document.querySelector('[data-testid="own-start"]') as HTMLInputElement;
		fireEvent.focus(start());
		for (const key of ['key-1', 'key-5', 'key-space']) press(key);
		pressNamed('in');
		expect(start().value).toBe('15  in ');
		writeInto('Start from', '15 km');
		expect(view().started).toBe(true);
		pressNamed('the device’s keyboard');
		expect(document.querySelector('[data-testid="key-1"]')).toBeNull();
	});
});
