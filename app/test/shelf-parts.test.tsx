import { act, fireEvent, render, screen } from '@testing-library/react';
import type { ReactElement } from 'react';
import { Provider } from 'react-redux';
import { lastSeen } from '../src/device/last-seen';
import { FactsScreen } from '../src/shelf/facts/facts-screen';
import { LadderScreen } from '../src/shelf/ladder/ladder-screen';
import { MixedScreen } from '../src/shelf/mixed/mixed-screen';
import { RateScreen } from '../src/shelf/rate/rate-screen';
import { SenseScreen } from '../src/shelf/sense/sense-screen';
import { TemperatureScreen } from '../src/shelf/temperature/temperature-screen';
import { type AppStore, makeStore } from '../src/store/store';
import { SHELF_PARTS } from '../src/ways/shelf-parts';
import { ShelfScreen } from '../src/ways/shelf-screen';
import { SHELF } from '../src/work/list-names';
import { shelfIn } from '../src/work/my-shelf';
import { workOf } from '../src/work/work';
import { did, opened } from '../src/work/works-reducer';

const mockNavigate = jest.fn();
jest.mock('expo-router', () => ({ useRouter: () => ({ navigate: mockNavigate }) }));

const press = (...ids: string[]) => {
	for (const id of ids) fireEvent.click(screen.getByTestId(id));
};
const type = (id: string, value: string) => fireEvent.change(screen.getByTestId(id), { target: { value } });
const says = (id: string) => screen.getByTestId(id).textContent;
const typed = (id: string) => (screen.getByTestId(id) as HTMLInputElement).value;
const key = (id: string, name: string) => fireEvent.keyDown(screen.getByTestId(id), { key: name });

function show(part: ReactElement, store: AppStore = makeStore()): AppStore {
	render(<Provider store={store}>{part}</Provider>);
	return store;
}

/** The piece of work that was gone to last. */
function wentTo(store: AppStore) {
	const path = mockNavigate.mock.calls.at(-1)?.[0] as string;
	const name = path.replace('/desk/', '');
	const { works } = store.getState();
	const entry = works.byId[works.open[name] ?? ''];
	if (!entry) throw new Error(`no work for ${name}`);
	return { name, work: workOf(entry.body) };
}

/** Lets the frames after an answer to a touch pass. */
const frames = () => act(() => new Promise<void>((resolve) => setTimeout(resolve, 80)));

/** A phone: jsdom lays nothing out by itself. */
beforeAll(() => {
	for (const [name, value] of [
		['clientWidth', 390],
		['clientHeight', 844],
	] as const)
		Object.defineProperty(document.documentElement, name, { configurable: true, value });
	fireEvent(window, new Event('resize'));
});

beforeEach(() => {
	localStorage.clear();
	mockNavigate.mockClear();
});

describe('the Shelf', () => {
	it('leads to each of its parts', () => {
		show(<ShelfScreen />);
		for (const { name } of SHELF_PARTS) {
			press(`part-${name}`);
			expect(mockNavigate).toHaveBeenLastCalledWith(`/shelf/${name}`);
		}
	});
});

describe('the Ladder', () => {
	it('shows both numbers in both forms, and the factor by way of the unit', () => {
		show(<LadderScreen title="Ladder" link={{ value: '2.5 km', to: 'cm' }} />);
		expect([says('value-plain'), says('target-scientific')]).toEqual(['2.5 km', '2.5 × 105 cm']);
		expect(says('between-says')).toContain('5 powers of ten down, by way of m');
		expect(screen.getByRole('group', { name: 'Block 2: 1 centimetre over 10 to the minus 2 metres' })).toBeTruthy();
	});

	it('is worked by the keyboard: an end goes rung by rung, and the numbers with it', async () => {
		show(<LadderScreen title="Ladder" link={{ value: '2.5 km', to: 'm' }} />);
		key('end-target', 'ArrowDown');
		key('end-target', 'ArrowDown');
		// The end itself is on its rung at once; what follows from it comes a frame later.
		expect(screen.getByTestId('end-target').textContent).toBe('250\u202f000 cm');
		await frames();
		expect(says('target-plain')).toBe('250\u202f000 cm');
		key('end-value', 'PageDown');
		await frames();
		expect(typed('value')).toBe('2500 m');
		expect(screen.getByTestId('end-value').getAttribute('aria-valuenow')).toBe('0');
		await frames();
		expect(says('between-says')).toContain('2 powers of ten down, one factor');
		key('end-value', 'End');
		await frames();
		expect(typed('value')).toBe('2.5e-27 Qm');
		key('end-value', 'a');
		await frames();
		expect(typed('value')).toBe('2.5e-27 Qm');
	});

	it('is worked by a finger: an end that is held follows it', async () => {
		show(<LadderScreen title="Ladder" link={{ value: '2.5 km', to: 'm' }} />);
		const end = screen.getByTestId('end-value');
		const at = async (kind: string, clientY: number) => {
			act(() => void end.dispatchEvent(new MouseEvent(kind, { bubbles: true, clientY })));
			await frames();
			return typed('value');
		};
		expect(await at('pointermove', 500)).toBe('2.5 km');
		await at('pointerdown', 300);
		expect(await at('pointermove', 300 + 22 * 3)).toBe('2500 m');
		expect(await at('pointermove', 300 + 22 * 6)).toBe('2.5e6 mm');
		// Far prefixes are a pull away, past the edge.
		expect(await at('pointermove', 300 - 22 * 9)).toBe('2.5e-9 Tm');
		await at('pointerup', 0);
		expect(await at('pointermove', 300)).toBe('2.5e-9 Tm');
	});

	it('moved quickly shows each rung, and settles on the last', async () => {
		show(<LadderScreen title="Ladder" link={{ value: '2.5 km', to: 'm' }} />);
		for (const unit of ['dm', 'cm', 'mm', 'µm']) {
			key('end-target', 'ArrowDown');
			expect(screen.getByTestId('end-target').textContent).toContain(unit);
		}
		await frames();
		expect(says('target-plain')).toContain('µm');
		expect(typed('value')).toBe('2.5 km');
	});

	it('hides what is to be guessed, everywhere it stands', () => {
		show(<LadderScreen title="Ladder" link={{ value: '2.5 km', to: 'm', hide: '1' }} />);
		expect(says('target-plain')).toBe('? m');
		expect(screen.getByTestId('ladder-picture').textContent).not.toContain('2500');
		expect(screen.getByTestId('end-target').getAttribute('aria-valuetext')).toContain('hidden');
		expect(screen.queryByTestId('between')).toBeNull();
		expect(screen.queryByTestId('send-own')).toBeNull();
		press('hide');
		expect(says('target-plain')).toBe('2500 m');
		expect(screen.getByTestId('between')).toBeTruthy();
	});

	it('steps the value by what one chooses, and climbs by two for areas', async () => {
		show(<LadderScreen title="Ladder" link={{ value: '40 cm^2', to: 'm' }} />);
		type('step-by', '0.5');
		press('step-up');
		expect(typed('value')).toBe('40.5 cm^2');
		press('target-down');
		await frames();
		expect(says('target-plain')).toBe('0.405 dm2');
	});

	it.each([
		['40 ft', 'takes no prefix'],
		['40 m/s', 'one unit at a time'],
		['4..5 km', 'one decimal point'],
		[`${'1'.repeat(201)} km`, '200'],
		['1e900 km', '400'],
		['5 flurb', 'flurb'],
	])('says of %s what is wrong, and keeps what it showed', (text, message) => {
		show(<LadderScreen title="Ladder" link={{ value: '2.5 km', to: 'm' }} />);
		type('value', text);
		expect(says('value-says')).toContain(message);
		expect(says('target-plain')).toBe('2500 m');
	});

	it('gives its factors to a line that stands, and its value to a new one', () => {
		const store = makeStore();
		store.dispatch(opened('new-snow'));
		show(<LadderScreen title="Ladder" link={{ value: '2.5 km', to: 'cm' }} />, store);
		press('send-line');
		expect(wentTo(store)).toMatchObject({ name: 'new-snow', work: { blocks: { length: 2 } } });
		press('send-own');
		expect(wentTo(store).work).toMatchObject({
			start: { number: '2.5', unit: 'km' },
			want: 'cm',
			blocks: [
				{ factor: { top: { number: '10^3', unit: 'm' } } },
				{ factor: { bottom: { number: '10^-2', unit: 'm' } } },
			],
		});
	});
});

describe('Temperature', () => {
	it('is typed on any scale, and the others follow', () => {
		show(<TemperatureScreen title="Temperature" link={{ number: '-18.0', unit: '°C' }} />);
		expect([typed('type-K'), typed('type-°F')]).toEqual(['255.2', '−0.4']);
		type('type-°F', '212');
		expect([typed('type-K'), typed('type-°C')]).toEqual(['373', '100']);
		expect(says('steps-°C')).toContain('To °C: shifts, then scales');
		expect(says('comes-°C')).toBe('Reported to the last place of 212 °F: 100 °C');
	});

	it('says why what cannot be cannot, and keeps the last that could', () => {
		show(<TemperatureScreen title="Temperature" link={{ number: '20', unit: '°C' }} />);
		type('type-°C', '-300');
		expect(says('type-°C-says')).toContain('No temperature is below absolute zero, which is −273.15 °C');
		expect(screen.getByTestId('reading-low').getAttribute('aria-valuetext')).toContain('20 °C');
		type('type-°C', 'cold');
		expect(screen.getByTestId('type-°C-says').textContent).not.toBe('');
		expect(screen.getByTestId('reading-low').getAttribute('aria-valuetext')).toContain('20 °C');
	});

	it('is moved by keys and by a finger, never below absolute zero', () => {
		show(<TemperatureScreen title="Temperature" link={{ number: '-18', unit: '°C' }} />);
		key('reading-low', 'ArrowUp');
		expect(typed('type-°C')).toBe('-17');
		key('reading-low', 'PageDown');
		expect(typed('type-°C')).toBe('-27');
		key('reading-low', 'Home');
		key('reading-low', 'Home');
		for (let i = 0; i < 40; i++) key('reading-low', 'PageDown');
		expect(typed('type-°C')).toBe('-273');
		expect(screen.queryByTestId('type-°C-says')).toBeNull();
	});

	it('shows a range on the same picture, and a difference that only scales', () => {
		show(<TemperatureScreen title="Temperature" link={{ number: '12', unit: '°C' }} />);
		press('range');
		expect(typed('type-until')).toBe('22');
		type('type-until', '31');
		expect(says('difference-says')).toContain('19 K = 19 °C = 34.2 °F');
		key('reading-high', 'ArrowDown');
		expect(typed('type-until')).toBe('30');
		type('type-until', '-400');
		expect(says('type-until-says')).toContain('below absolute zero');
		type('type-until', '');
		expect(screen.getByTestId('type-until')).toBeTruthy();
		press('range');
		expect(screen.queryByTestId('difference')).toBeNull();
	});

	it('gives its steps to a line of one’s own', () => {
		const store = show(<TemperatureScreen title="Temperature" link={{ number: '77', unit: '°F' }} />);
		press('send-own°C');
		expect(wentTo(store).work).toMatchObject({
			start: { number: '77', unit: '°F' },
			want: '°C',
			blocks: [{ factor: { shift: '-32' } }, { factor: { top: { number: '5', unit: '°C' } } }],
		});
	});
});

describe('Mixed measures', () => {
	it('takes a number apart, and says why its digits are not the smaller unit', () => {
		show(<MixedScreen title="Mixed" link={{ text: '8.75 ft', measure: 'length' }} />);
		expect(says('mixed-says')).toBe('8.75 ft = 8 ft 9 in');
		expect(says('why-ft')).toContain('75 hundredths of one ft');
		expect(says('division-ft')).toContain('8 whole ft');
	});

	it('puts parts together, each on its way to the larger unit', () => {
		show(<MixedScreen title="Mixed" link={{ text: '8 ft 9 in', measure: 'length' }} />);
		expect(says('mixed-says')).toBe('8 ft 9 in = 8.75 ft');
		expect(says('up')).toContain('= 0.75 ft');
		expect(says('sum')).toBe('Together 8.75 ft');
	});

	it.each([
		['mass', '5.3 lb = 5 lb 4.8 oz'],
		['time', '2.5 h = 2 h 30 min'],
		['angle', '41.2 ° = 41 ° 12 ′'],
	])('does so for %s', (measure, expected) => {
		show(<MixedScreen title="Mixed" link={{}} />);
		press(`measure-${measure}`);
		expect(says('mixed-says')).toBe(expected);
	});

	it.each([
		['8.75 kg', 'One cannot become the other'],
		['8..5 ft', 'one decimal point'],
		['', ''],
	])('keeps what it showed for %s', (text, message) => {
		show(<MixedScreen title="Mixed" link={{ text: '8.75 ft', measure: 'length' }} />);
		type('mixed-text', text);
		if (message) expect(says('mixed-text-says')).toContain(message);
		expect(says('mixed-says')).toBe('8.75 ft = 8 ft 9 in');
	});

	it('is stepped, and gives its factor to a line', () => {
		const store = show(<MixedScreen title="Mixed" link={{ text: '8.75 ft', measure: 'length' }} />);
		press('step-up');
		expect(says('mixed-says')).toBe('9.00 ft = 9 ft');
		type('mixed-text', '2.5 ft');
		press('send-own');
		expect(wentTo(store).work).toMatchObject({
			start: { number: '2.5', unit: 'ft' },
			want: 'in',
			blocks: [{ factor: { top: { number: '12', unit: 'in' }, bottom: { number: '1', unit: 'ft' } } }],
		});
	});
});

describe('Rate', () => {
	it('shows the line a route takes, with each step said', () => {
		show(<RateScreen title="Rate" link={{ from: '25 mi/h', to: 'm/s' }} />);
		expect(says('rate-says')).toBe('= 11 m/s');
		expect(says('said-0')).toBe('Start with 25 miles per hour.');
		expect(says('said-1')).toContain('Multiply by 5280 feet over 1 mile');
		press('number-0-top');
		expect(screen.getByTestId('number-0-top').getAttribute('aria-pressed')).toBe('true');
		press('unit-1-top-m');
		expect(mockNavigate).toHaveBeenLastCalledWith('/shelf/facts?search=m');
	});

	it('turns round, and steps', () => {
		show(<RateScreen title="Rate" link={{ from: '36 km/h', to: 'm/s' }} />);
		press('step-up');
		expect(typed('from')).toBe('37 km/h');
		press('swap');
		expect([typed('from'), typed('to')]).toEqual(['37 m/s', 'km/h']);
	});

	it.each([
		['to', 'kg/s', 'to-says', 'One cannot become the other'],
		['to', 'flurbs', 'to-says', 'flurbs'],
		['from', '25 mi/hh', 'from-says', 'hh'],
		['from', '-400 °C', 'from-says', 'absolute zero'],
	])('says at %s what is wrong with %s, and keeps the line', (field, text, place, message) => {
		show(<RateScreen title="Rate" link={{ from: '25 mi/h', to: text.includes('°C') ? 'K' : 'm/s' }} />);
		type(field, text);
		expect(says(place)).toContain(message);
	});

	it('keeps to the class list where it can, and says where it cannot', () => {
		const store = makeStore();
		show(<RateScreen title="Rate" link={{ from: '3 mi', to: 'km' }} />, store);
		expect(screen.queryByTestId('beyond')).toBeNull();
		act(() => void store.dispatch(did(SHELF, { do: 'allow', table: 'between', allowed: false })));
		expect(says('beyond')).toContain('do not lead there');
		expect(says('rate-says')).toBe('= 5 km');
	});

	it('gives the whole line to the Desk', () => {
		const store = show(<RateScreen title="Rate" link={{ from: '36 km/h', to: 'm/s' }} />);
		press('send-own');
		expect(wentTo(store).work).toMatchObject({
			start: { number: '36', unit: 'km/h' },
			want: 'm/s',
			blocks: { length: 2 },
		});
	});
});

describe('Number sense', () => {
	it('likens a quantity to the station, and ten times as much and a tenth as well', () => {
		show(<SenseScreen title="Sense" link={{ value: '1.35 kg' }} />);
		expect(says('sense-says')).toBe('1.35 kg: about the mass of three full honey jars');
		expect([says('tenfold'), says('tenth')]).toEqual([
			'Ten times as much: about the mass of two and a half crates of honey.',
			'A tenth of it: about the mass of 27 packets of seed.',
		]);
		press('try--40 °F');
		expect(says('sense-says')).toBe('−40 °F: 9 °C colder than the winter mast (−31 °C)');
		expect(screen.queryByTestId('tenth')).toBeNull();
	});

	it('says of what it cannot liken why, and keeps what it showed', () => {
		show(<SenseScreen title="Sense" link={{ value: '1.35 kg' }} />);
		for (const [text, message] of [
			['3 m^4', 'Nothing at the station is like'],
			['0 kg', 'Nothing at all'],
			['-5 K', 'absolute zero'],
		] as const) {
			type('value', text);
			expect(says('value-says')).toContain(message);
			expect(says('sense-says')).toContain('honey jars');
		}
	});

	it('gives what it counts by to a line, as a fact', () => {
		const store = show(<SenseScreen title="Sense" link={{ value: '9 kg' }} />);
		press('send-own');
		expect(wentTo(store).work).toMatchObject({
			start: { number: '9', unit: 'kg' },
			stated: [{ left: { number: '1', unit: 'crate' }, right: { number: '6', unit: 'kg' } }],
			blocks: [{ factor: { top: { unit: 'crate' } } }],
		});
	});
});

describe('Facts', () => {
	it('lists the tables in groups, each fact both ways round', () => {
		show(<FactsScreen title="Facts" link={{}} />);
		expect(says('fact-1h=60min')).toContain('1 min = 1/60 h ≈ 0.01667');
		press('group-customary');
		expect(says('fact-1mi=5280ft')).toContain('1 ft = 1/5280 mi');
		expect(screen.queryByTestId('fact-1h=60min')).toBeNull();
		press('group-between');
		expect(says('fact-1m=3.281ft')).toContain('measured, 4 figures');
		press('group-prefixes');
		expect(says('fact-1km=10^3m')).toContain('1 m = 1/103 km = 0.001');
	});

	it('finds by name, by symbol, and with a slip of spelling', () => {
		show(<FactsScreen title="Facts" link={{ search: 'galon' }} />);
		expect(says('found')).toContain('Taken for “gallon”');
		type('search', 'furlong');
		expect(says('found')).toBe('1 fact.');
		type('search', 'xqzzzzv');
		expect(says('found')).toContain('Nothing goes by “xqzzzzv”');
		expect(lastSeen('facts')).toContain('search=xqzzzzv');
	});

	it('keeps, changes, removes and undoes facts of one’s own', () => {
		const store = show(<FactsScreen title="Facts" link={{}} />);
		const own = () => shelfIn(store.getState().works).own.map(({ fact }) => `${fact.left.unit}=${fact.right.number}`);
		type('own-fact', '1 bale = 9.5 kg');
		press('keep-fact');
		expect(own()).toEqual(['bale=9.5']);
		press('fact-1bale=9.5kg', 'change');
		type('change-fact', '1 bale = 9.8 kg');
		press('keep-change');
		expect(own()).toEqual(['bale=9.8']);
		press('shelf-undo');
		expect(own()).toEqual(['bale=9.5']);
		press('remove');
		expect(own()).toEqual([]);
		press('shelf-undo', 'shelf-undo');
		expect(own()).toEqual([]);
		press('shelf-redo');
		expect(own()).toEqual(['bale=9.5']);
		type('own-fact', '1 bale');
		expect(says('own-fact-says')).toContain('A fact has two sides');
	});

	it('says which tables the class knows, and of a fact that it is not among them', () => {
		const store = show(<FactsScreen title="Facts" link={{ search: 'mile' }} />);
		press('table-customary');
		expect(shelfIn(store.getState().works).allowed).not.toContain('customary');
		expect(says('fact-1mi=5280ft')).toContain('not on the class list');
	});

	it('puts a fact on the line, the way up one chooses', () => {
		const store = makeStore();
		store.dispatch(opened('new-snow'));
		show(<FactsScreen title="Facts" link={{ search: 'inch' }} />, store);
		press('fact-1in=2.54cm', 'place-in-below');
		expect(wentTo(store)).toMatchObject({
			name: 'new-snow',
			work: { blocks: [{ factor: { top: { number: '2.54', unit: 'cm' }, bottom: { unit: 'in' } } }] },
		});
	});

	it('does not put a block on the line of a Round that does not lie ready here', () => {
		const store = makeStore();
		store.dispatch(opened('round-910kh26fgh-1'));
		show(<FactsScreen title="Facts" link={{ search: 'gallon' }} />, store);
		press('fact-1gal=4qt', 'place-gal-below');
		expect(wentTo(store).name).toMatch(/^own-/);
	});

	it('does not put a block where nothing has its place yet: it begins a line of one’s own', () => {
		const store = makeStore();
		store.dispatch(opened('tank-empty'));
		show(<FactsScreen title="Facts" link={{ search: 'gallon' }} />, store);
		press('fact-1gal=4qt', 'place-gal-below');
		expect(wentTo(store).name).toMatch(/^own-/);
	});
});

describe('every part', () => {
	it('opens as its link says, else where it was, and gives a link that opens it so', async () => {
		const { unmount } = render(
			<Provider store={makeStore()}>
				<RateScreen title="Rate" link={{}} />
			</Provider>,
		);
		type('from', '90 km/h');
		type('to', 'mi/h');
		unmount();
		show(<RateScreen title="Rate" link={{}} />);
		expect([typed('from'), typed('to')]).toEqual(['90 km/h', 'mi/h']);
		await act(async () => press('copy-link'));
		expect(says('link-says')).toContain('/shelf/rate?from=90+km%2Fh&to=mi%2Fh');
		press('to-shelf');
		expect(mockNavigate).toHaveBeenLastCalledWith('/shelf');
	});
});
