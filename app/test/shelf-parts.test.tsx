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
import { atRest } from './at-rest';
import { found, lookFor, pageSays, plain, pressNamed, typedIn, writeInto } from './found';

const mockNavigate = jest.fn();
jest.mock('expo-router', () => ({ useRouter: () => ({ navigate: mockNavigate }) }));

const press = (...ids: string[]) => {
	for (const id of ids) fireEvent.click(screen.getByTestId(id));
};
const type = (id: string, value: string) => fireEvent.change(screen.getByTestId(id), { target: { value } });
const says = (id: string) => screen.getByTestId(id).textContent;
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
		expect(pageSays()).toContain('5 powers of ten down, through m');
		expect(screen.getByRole('group', { name: 'Factor 2: 1 centimetre over 10 to the minus 2 metres' })).toBeTruthy();
	});

	it('is worked by the keyboard: an end goes rung by rung, and the numbers with it', async () => {
		show(<LadderScreen title="Ladder" link={{ value: '2.5 km', to: 'm' }} />);
		key('end-target', 'ArrowDown');
		key('end-target', 'ArrowDown');
		// The end itself is on its rung at once; what follows from it comes a frame later.
		expect(pageSays()).toContain(plain('250\u202f000 cm'));
		await atRest();
		expect(pageSays()).toContain(plain('250\u202f000 cm'));
		key('end-value', 'PageDown');
		await atRest();
		expect(typedIn('A value with its unit')).toBe('2500 m');
		expect(found('The value, on its rung').getAttribute('aria-valuenow')).toBe('0');
		await atRest();
		expect(pageSays()).toContain('2 powers of ten down, one factor');
		key('end-value', 'End');
		await atRest();
		expect(typedIn('A value with its unit')).toBe('2.5e-27 Qm');
		key('end-value', 'a');
		await atRest();
		expect(typedIn('A value with its unit')).toBe('2.5e-27 Qm');
	});

	it('is worked by a finger: an end that is held follows it', async () => {
		show(<LadderScreen title="Ladder" link={{ value: '2.5 km', to: 'm' }} />);
		const end = found('The value, on its rung');
		const at = async (kind: string, clientY: number) => {
			act(() => void end.dispatchEvent(new MouseEvent(kind, { bubbles: true, clientY })));
			await atRest();
			return typedIn('A value with its unit');
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
			expect(pageSays()).toContain(plain(unit));
		}
		await atRest();
		expect(pageSays()).toContain('µm');
		expect(typedIn('A value with its unit')).toBe('2.5 km');
	});

	it('hides what is to be guessed, everywhere it stands', () => {
		show(<LadderScreen title="Ladder" link={{ value: '2.5 km', to: 'm', hide: '1' }} />);
		expect(pageSays()).toContain('? m');
		expect(pageSays()).not.toContain('2500');
		expect(found('The target, on its rung').getAttribute('aria-valuetext')).toContain('hidden');
		expect(lookFor('The line')).toBeNull();
		expect(lookFor('Start a line from')).toBeNull();
		pressNamed('Show the target and the factors');
		expect(pageSays()).toContain('2500 m');
		expect(found('The line')).toBeTruthy();
	});

	it('steps the value by what one chooses, and climbs by two for areas', async () => {
		show(<LadderScreen title="Ladder" link={{ value: '40 cm^2', to: 'm' }} />);
		writeInto('Step by', '0.5');
		pressNamed('+ one step up');
		expect(typedIn('A value with its unit')).toBe('40.5 cm^2');
		pressNamed('↓ the target a rung down');
		await atRest();
		expect(pageSays()).toContain('0.405 dm2');
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
		writeInto('A value with its unit', text);
		expect(pageSays()).toContain(plain(message));
		expect(pageSays()).toContain('2500 m');
	});

	it('gives its factors to a line that stands, and its value to a new one', () => {
		const store = makeStore();
		store.dispatch(opened('new-snow'));
		show(<LadderScreen title="Ladder" link={{ value: '2.5 km', to: 'cm' }} />, store);
		pressNamed('Put these factors on the line of “New snow”');
		expect(wentTo(store)).toMatchObject({ name: 'new-snow', work: { blocks: { length: 2 } } });
		pressNamed('Start a line from');
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
		expect([typedIn('K'), typedIn('°F')]).toEqual(['255.2', '−0.4']);
		writeInto('°F', '212');
		expect([typedIn('K'), typedIn('°C')]).toEqual(['373', '100']);
		expect(pageSays()).toContain('To °C: add or subtract, then multiply');
		expect(pageSays()).toContain('Rounded to the last place of 212 °F: 100 °C');
	});

	it('says why what cannot be cannot, and keeps the last that could', () => {
		show(<TemperatureScreen title="Temperature" link={{ number: '20', unit: '°C' }} />);
		writeInto('°C', '-300');
		expect(pageSays()).toContain('No temperature is below absolute zero, which is −273.15 °C');
		expect(found('The temperature').getAttribute('aria-valuetext')).toContain('20 °C');
		writeInto('°C', 'cold');
		expect(screen.getByTestId('type-°C-says').textContent).not.toBe('');
		expect(found('The temperature').getAttribute('aria-valuetext')).toContain('20 °C');
	});

	it('is moved by keys and by a finger, never below absolute zero', () => {
		show(<TemperatureScreen title="Temperature" link={{ number: '-18', unit: '°C' }} />);
		key('reading-low', 'ArrowUp');
		expect(typedIn('°C')).toBe('-17');
		key('reading-low', 'PageDown');
		expect(typedIn('°C')).toBe('-27');
		key('reading-low', 'Home');
		key('reading-low', 'Home');
		for (let i = 0; i < 40; i++) key('reading-low', 'PageDown');
		expect(typedIn('°C')).toBe('-273');
		expect(screen.queryByTestId('type-°C-says')).toBeNull();
	});

	it('shows a range on the same picture, and a difference that only scales', () => {
		show(<TemperatureScreen title="Temperature" link={{ number: '12', unit: '°C' }} />);
		pressNamed('A range with a second temperature');
		expect(typedIn('To, in °C')).toBe('22');
		writeInto('To, in °C', '31');
		expect(pageSays()).toContain('19 K = 19 °C = 34.2 °F');
		key('reading-high', 'ArrowDown');
		expect(typedIn('To, in °C')).toBe('30');
		writeInto('To, in °C', '-400');
		expect(pageSays()).toContain('below absolute zero');
		writeInto('To, in °C', '');
		expect(found('To, in °C')).toBeTruthy();
		pressNamed('A range with a second temperature');
		expect(screen.queryByTestId('difference')).toBeNull();
	});

	it('gives its steps to a line of one’s own', () => {
		const store = show(<TemperatureScreen title="Temperature" link={{ number: '77', unit: '°F' }} />);
		pressNamed('Start a line from 77 °F to °C');
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
		expect(pageSays()).toContain('8.75 ft = 8 ft 9 in');
		expect(pageSays()).toContain('75 hundredths of one ft');
		expect(pageSays()).toContain('8 whole ft');
	});

	it('puts parts together, each on its way to the larger unit', () => {
		show(<MixedScreen title="Mixed" link={{ text: '8 ft 9 in', measure: 'length' }} />);
		expect(pageSays()).toContain('8 ft 9 in = 8.75 ft');
		expect(pageSays()).toContain('= 0.75 ft');
		expect(pageSays()).toContain('Together 8.75 ft');
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
		['8.75 kg', 'These do not convert'],
		['8..5 ft', 'one decimal point'],
		['', ''],
	])('keeps what it showed for %s', (text, message) => {
		show(<MixedScreen title="Mixed" link={{ text: '8.75 ft', measure: 'length' }} />);
		writeInto('One number, or parts:', text);
		if (message) expect(pageSays()).toContain(plain(message));
		expect(pageSays()).toContain('8.75 ft = 8 ft 9 in');
	});

	it('is stepped, and gives its factor to a line', () => {
		const store = show(<MixedScreen title="Mixed" link={{ text: '8.75 ft', measure: 'length' }} />);
		pressNamed('+ one step up');
		expect(pageSays()).toContain('9.00 ft = 9 ft');
		writeInto('One number, or parts:', '2.5 ft');
		pressNamed('Start a line from');
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
		expect(pageSays()).toContain('= 11 m/s');
		expect(pageSays()).toContain('Start with 25 miles per hour.');
		expect(pageSays()).toContain('Multiply by 5280 feet over 1 mile');
		pressNamed('5280, factor 1, top: 5280 feet. Show what it does');
		expect(found('5280, factor 1, top: 5280 feet. Show what it does').getAttribute('aria-pressed')).toBe('true');
		pressNamed('m, metres, on the top, should be here. Show facts with it');
		expect(mockNavigate).toHaveBeenLastCalledWith('/shelf/facts?search=m');
	});

	it('turns round, and steps', () => {
		show(<RateScreen title="Rate" link={{ from: '36 km/h', to: 'm/s' }} />);
		pressNamed('+ one step up');
		expect(typedIn('From')).toBe('37 km/h');
		pressNamed('Swap the two units');
		expect([typedIn('From'), typedIn('To a unit of the same kind')]).toEqual(['37 m/s', 'km/h']);
	});

	it.each([
		['to', 'kg/s', 'to-says', 'These do not convert'],
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
		expect(pageSays()).toContain('are not enough here');
		expect(pageSays()).toContain('= 5 km');
	});

	it('gives the whole line to the Desk', () => {
		const store = show(<RateScreen title="Rate" link={{ from: '36 km/h', to: 'm/s' }} />);
		pressNamed('Start a line from');
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
		expect(pageSays()).toContain('1.35 kg: about the mass of three full honey jars');
		expect([says('tenfold'), says('tenth')]).toEqual([
			'Ten times as much: about the mass of two and a half crates of honey.',
			'A tenth of it: about the mass of 27 packets of seed.',
		]);
		pressNamed('−40 °F');
		expect(pageSays()).toContain('−40 °F: 9 °C colder than the winter mast (−31 °C)');
		expect(screen.queryByTestId('tenth')).toBeNull();
	});

	it('says of what it cannot liken why, and keeps what it showed', () => {
		show(<SenseScreen title="Sense" link={{ value: '1.35 kg' }} />);
		for (const [text, message] of [
			['3 m^4', 'Nothing at the station is like'],
			['0 kg', 'Nothing at all'],
			['-5 K', 'absolute zero'],
		] as const) {
			writeInto('Any quantity', text);
			expect(pageSays()).toContain(plain(message));
			expect(pageSays()).toContain('honey jars');
		}
	});

	it('gives what it counts by to a line, as a fact', () => {
		const store = show(<SenseScreen title="Sense" link={{ value: '9 kg' }} />);
		pressNamed('Start a line from');
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
		expect(pageSays()).toContain('1 min = 1/60 h ≈ 0.01667');
		pressNamed('Customary+');
		expect(pageSays()).toContain('1 ft = 1/5280 mi');
		expect(lookFor('1 h = 60 min1 min = 1/60 h ≈ 0.01667exact · SI Brochure 9 1 hour is 60 minutes')).toBeNull();
		pressNamed('Between systems+');
		expect(pageSays()).toContain('measured, 4 figures');
		pressNamed('Prefixes+');
		expect(pageSays()).toContain('1 m = 1/103 km = 0.001');
	});

	it('finds by name, by symbol, and with a slip of spelling', () => {
		show(<FactsScreen title="Facts" link={{ search: 'galon' }} />);
		expect(pageSays()).toContain('Read as “gallon”');
		writeInto('Search by name or symbol', 'furlong');
		expect(pageSays()).toContain('1 fact.');
		writeInto('Search by name or symbol', 'xqzzzzv');
		expect(pageSays()).toContain('Nothing is called “xqzzzzv”');
		expect(lastSeen('facts')).toContain('search=xqzzzzv');
	});

	it('keeps, changes, removes and undoes facts of one’s own', () => {
		const store = show(<FactsScreen title="Facts" link={{}} />);
		const own = () => shelfIn(store.getState().works).own.map(({ fact }) => `${fact.left.unit}=${fact.right.number}`);
		writeInto('Your own fact, such as 1 bale = 9.5 kg', '1 bale = 9.5 kg');
		pressNamed('Keep it');
		expect(own()).toEqual(['bale=9.5']);
		pressNamed('1 bale = 9.5 kg1 kg = 1/9.5 bale ≈ 0.1053exact · added by you 1 bale is 9.5 kilograms', 'Change 1bale');
		writeInto('Change the fact', '1 bale = 9.8 kg');
		pressNamed('Keep the change');
		expect(own()).toEqual(['bale=9.8']);
		pressNamed('Undo on the Shelf');
		expect(own()).toEqual(['bale=9.5']);
		pressNamed('Remove 1bale=9.5kg');
		expect(own()).toEqual([]);
		pressNamed('Undo on the Shelf', 'Undo on the Shelf');
		expect(own()).toEqual([]);
		pressNamed('Redo on the Shelf');
		expect(own()).toEqual(['bale=9.5']);
		writeInto('Your own fact, such as 1 bale = 9.5 kg', '1 bale');
		expect(pageSays()).toContain('A fact has two sides');
	});

	it('says which tables the class knows, and of a fact that it is not among them', () => {
		const store = show(<FactsScreen title="Facts" link={{ search: 'mile' }} />);
		pressNamed('customary');
		expect(shelfIn(store.getState().works).allowed).not.toContain('customary');
		expect(pageSays()).toContain('not on the class list');
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
		pressNamed(
			'1 gal = 4 qt1 qt = 1/4 gal = 0.25exact · NIST Handbook 44, Appendix C 1 gallon is 4 quarts',
			'4 qt 1 gal',
		);
		expect(wentTo(store).name).toMatch(/^own-/);
	});

	it('does not put a block where nothing has its place yet: it begins a line of one’s own', () => {
		const store = makeStore();
		store.dispatch(opened('tank-empty'));
		show(<FactsScreen title="Facts" link={{ search: 'gallon' }} />, store);
		pressNamed(
			'1 gal = 4 qt1 qt = 1/4 gal = 0.25exact · NIST Handbook 44, Appendix C 1 gallon is 4 quarts',
			'4 qt 1 gal',
		);
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
		writeInto('From', '90 km/h');
		writeInto('To a unit of the same kind', 'mi/h');
		unmount();
		show(<RateScreen title="Rate" link={{}} />);
		expect([typedIn('From'), typedIn('To a unit of the same kind')]).toEqual(['90 km/h', 'mi/h']);
		await act(async () => pressNamed('Copy link'));
		expect(pageSays()).toContain('/shelf/rate?from=90+km%2Fh&to=mi%2Fh');
		pressNamed('Shelf with all its parts');
		expect(mockNavigate).toHaveBeenLastCalledWith('/shelf');
	});
});
