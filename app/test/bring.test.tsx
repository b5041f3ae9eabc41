import { act, fireEvent, render, screen, waitFor } from '@testing-library/react';
import { bad, good, type Outcome } from '@tidy-sum/core';
import { handedLink } from '@tidy-sum/exchange/handed-link';
import { TEXT_LIMIT } from '@tidy-sum/schema';
import { Provider } from 'react-redux';
import { BringScreen } from '../src/bring/bring-screen';
import { SheetScreen } from '../src/bring/sheet-screen';
import { HandInScreen } from '../src/hand-in/hand-in-screen';
import type { PagesFound } from '../src/picture/page-jobs';
import { ProblemsScreen } from '../src/problems/problems-screen';
import { type AppStore, makeStore } from '../src/store/store';
import { WithExercise } from '../src/store/with-exercise';
import { broughtIn } from '../src/work/brought';
import { workNamed } from '../src/work/how-far';
import { DRAFT } from '../src/work/list-names';
import { problemName, sheetOf } from '../src/work/sheet';
import { did } from '../src/work/works-reducer';
import { atRest } from './at-rest';
import { fileOf } from './files-here';
import { found, lookFor, pageSays, pressNamed } from './found';
import { pressButton } from './on-desk';

const mockNavigate = jest.fn();
jest.mock('expo-router', () => ({ useRouter: () => ({ navigate: mockNavigate, setParams: () => {} }) }));

jest.mock('../src/worker/core-worker', () => jest.requireActual('./jobs-here').jobsHere());
jest.mock('../src/worker/form-worker', () => jest.requireActual('./files-here').filesHere());

const mockRead = jest.fn<Promise<Outcome<PagesFound>>, unknown[]>();
jest.mock('../src/picture/pages-worker', () => ({
	workOnPages: (job: (jobs: object) => unknown) => job({ readPages: mockRead }),
	stopPages: () => {},
}));

beforeEach(() => {
	jest.clearAllMocks();
	globalThis.history.replaceState(null, '', '/bring');
});

// What is typed last is still read when a test has seen what it came for.
afterEach(atRest);

const HONEY = 'There are 12 jars to a crate and 1 jar holds 454 g. How many kg of honey are in 36 crates, to 3 s.f.?';

const PAGE = 'Convert to metres:\n1. 3.2 km\n2. 45 cm\n3. 1.5 mi';

function show(what: React.ReactNode, store: AppStore = makeStore()): AppStore {
	render(<Provider store={store}>{what}</Provider>);
	return store;
}

/** Types into the one field, and waits until what was typed is read. */
async function bring(text: string, store: AppStore, name = DRAFT): Promise<void> {
	fireEvent.change(found('A problem, a whole sheet, or a written working'), { target: { value: text } });
	const read = () => expect(workNamed(store.getState().works, name)).toMatchObject({ text, told: {} });
	await waitFor(read, { timeout: 3000 });
	await act(async () => {});
}

const press = (id: string) => fireEvent.click(screen.getByTestId(id));

const own = (store: AppStore, name = DRAFT) => workNamed(store.getState().works, name);

/** Where the last navigation led to. */
const wentTo = (): string => mockNavigate.mock.lastCall?.[0] as string;

const WHOLE_PAGE =
	'Ridge units\nConvert to metres:\n1. 3.2 km\n2. 45 cm\n3. 1.5 mi\nAnswer: ______\nPage 2 of 3\n4. 7 ft';

describe('a page that is brought', () => {
	it('says its instruction once, and what is in no problem; a line is brought back at a touch', async () => {
		const store = show(<BringScreen />);
		await bring(WHOLE_PAGE, store);
		expect(screen.getAllByRole('list')[0]?.textContent?.split('Convert to metres:')).toHaveLength(2);
		expect(pageSays()).toContain('These lines are in no problem:');
		expect(pageSays()).toContain('4 problems found');
		fireEvent.click(screen.getByRole('button', { name: /Add as a problem.*Page 2 of 3/ }));
		expect(pageSays()).toContain('5 problems found');
		expect(screen.queryByRole('button', { name: /Add as a problem.*Page 2 of 3/ })).toBeNull();
		pressNamed('Keep as a sheet');
		const [name = ''] = broughtIn(store.getState().works);
		const sheet = sheetOf(store.getState().works.byId[store.getState().works.open[name] ?? '']?.body);
		expect(sheet.title).toBe('Ridge units');
		expect(sheet.problems.map(({ text }) => text)).toContain('Page 2 of 3');
	});
});

describe('a unit that the text names', () => {
	it('becomes what is asked for when it is touched', async () => {
		const store = show(<BringScreen />);
		await bring('A cask holds 40 L. The label gives pints. What is on it?', store);
		const field = found('A problem, a whole sheet, or a written working') as HTMLTextAreaElement;
		const place = field.value.indexOf('pints') + 2;
		field.setSelectionRange(place, place);
		fireEvent.click(field);
		pressNamed('This is the unit asked for');
		expect(own(store)).toMatchObject({ asked: { unit: 'pints' } });
	});
});

describe('a problem that cannot be worked', () => {
	it('says what is missing before the line', async () => {
		const store = show(<BringScreen />);
		await bring('Convert 3.0 gallons to tanks.', store);
		expect(pageSays()).toContain('I see no fact that leads from gal to tank.');
		await bring('Convert 3.0 gallons to litres.', store);
		expect(pageSays()).not.toContain('I see no fact');
	});
});

describe('a problem that is brought', () => {
	it('is read as it is typed: each token with its place, the line’s beginning, the facts as equations', async () => {
		const store = show(<BringScreen />);
		await bring(HONEY, store);
		for (const said of [
			'12 jars · a fact',
			'454 g · a fact',
			'kg · wanted',
			'36 crates · the start',
			'3 s.f. · the rounding',
		])
			expect(screen.getByRole('button', { name: new RegExp(said.replace(/\s/g, '\\s')) })).toBeTruthy();
		expect(pageSays()).toContain('36crate');
		expect(pageSays()).toContain('Wanted: kg, to 3 figures.');
		expect(pageSays()).toContain('12 jar = 1 crate');
		expect(lookFor('What does the line start from?')).toBeNull();
		pressNamed('To the line');
		const [name] = broughtIn(store.getState().works);
		expect(wentTo()).toBe(`/desk/${name}`);
		expect(own(store, name)).toMatchObject({ text: HONEY, start: { number: '36' }, rounding: { significant: 3 } });
		expect(own(store)).toBeNull();
	});

	it('gives a token another place at a touch, and keeps it while one types on', async () => {
		const store = show(<BringScreen />);
		await bring(HONEY, store);
		press(`token-${HONEY.indexOf('12 jars')}`);
		pressNamed('Start from it');
		expect(own(store)).toMatchObject({ start: { number: '12', unit: 'jars' } });
		expect(own(store)?.stated).toHaveLength(1);
		await bring(`At the hut: ${HONEY}`, store);
		expect(own(store)).toMatchObject({ start: { number: '12' }, byHand: { start: true } });
		const first = HONEY.indexOf('12 jars') + 'At the hut: '.length;
		expect(own(store)?.placed.find(({ at }) => at[0] === first)?.role).toBe('start');
		// A text that has nothing in common with it is another problem.
		await bring('Write 3.6 m/s in km/h.', store);
		expect(own(store)).toMatchObject({ start: { number: '3.6', unit: 'm/s' }, stated: [], byHand: { start: false } });
	});

	it('makes a fact of a token and another one of the text', async () => {
		const store = show(<BringScreen />);
		await bring('One sack lasts 14 days. 9.5 kg of feed are in it. How many kg go in 35 days?', store);
		pressNamed('9.5 kg · not sorted yet change what it is for');
		pressNamed('It is part of a fact');
		pressNamed('= 14 days');
		expect(own(store)?.stated).toContainEqual({
			left: { number: '9.5', unit: 'kg' },
			right: { number: '14', unit: 'days' },
		});
	});

	it('asks what it could not tell, one thing at a time', async () => {
		const store = show(<BringScreen />);
		await bring('One tank holds 5 L and the other 7 L.', store);
		expect(pageSays()).toContain('What does the line start from?');
		expect(found('To the line').getAttribute('aria-disabled')).toBe('true');
		pressNamed('5 L');
		expect(pageSays()).toContain('What should the answer be in?');
		fireEvent.change(found('The unit of the answer'), { target: { value: 'mL' } });
		pressNamed('Use this');
		expect(lookFor('What does the line start from?')).toBeNull();
		expect(own(store)).toMatchObject({ start: { number: '5', unit: 'L' }, asked: { unit: 'mL' } });
		pressNamed('To the line');
		expect(mockNavigate).toHaveBeenCalledTimes(1);
	});

	it('stays as it was left, and undo takes back what was typed', async () => {
		const store = show(<BringScreen />);
		await bring(HONEY, store);
		await act(async () => pressNamed('Undo'));
		await waitFor(() =>
			expect((found('A problem, a whole sheet, or a written working') as HTMLTextAreaElement).value).toBe(''),
		);
		await act(async () => pressNamed('Redo'));
		await waitFor(() =>
			expect((found('A problem, a whole sheet, or a written working') as HTMLTextAreaElement).value).toBe(HONEY),
		);
	});

	it('that is too long to keep stays in the field, and that is told', async () => {
		const store = show(<BringScreen />);
		const long = 'x'.repeat(TEXT_LIMIT + 1);
		fireEvent.change(found('A problem, a whole sheet, or a written working'), { target: { value: long } });
		await waitFor(() => expect(pageSays()).toContain('200001 characters'));
		expect((found('A problem, a whole sheet, or a written working') as HTMLTextAreaElement).value).toBe(long);
		expect(own(store)).toBeNull();
	});

	it.each([
		['no numbers', 'The glasshouse is warm.'],
		['another language', 'Wie viele Gläser passen in drei Kisten?'],
		['marks of direction', '\u200f45 cm\u202c = ___ m'],
		['500 numbers', Array.from({ length: 500 }, (_, i) => `${i} kg`).join(', ')],
	])('is kept whatever it is: %s', async (_, text) => {
		const store = show(<BringScreen />);
		await bring(text, store);
		expect(own(store)?.text).toBe(text);
	});

	describe('as a picture', () => {
		const PNG = new Uint8Array([0x89, 0x50, 0x4e, 0x47, 0x0d, 0x0a]);
		const paste = async (read: Outcome<PagesFound>) => {
			mockRead.mockResolvedValue(read);
			await act(async () => {
				fireEvent.paste(found('A problem, a whole sheet, or a written working'), {
					clipboardData: { getData: () => '', files: [fileOf(PNG, 'a.png', 'image/png')] },
				});
			});
			await atRest();
		};
		const goes = () => (found('To the line') as HTMLButtonElement).getAttribute('aria-disabled') !== 'true';

		it('is read into the field, and nothing is worked before the words that were hard to read are looked at', async () => {
			const store = show(<BringScreen />);
			await paste(good({ text: '14 ft to yd', doubts: [{ at: [0, 2], strip: null }], notes: [] }));
			await waitFor(() => expect(own(store)?.text).toBe('14 ft to yd'));
			expect(pageSays()).toContain('One word was hard to read');
			expect(goes()).toBe(false);
			pressNamed('It is right');
			expect(goes()).toBe(true);
		});

		it('has a word changed at its place', async () => {
			const store = show(<BringScreen />);
			await paste(good({ text: '1A ft to yd', doubts: [{ at: [0, 2], strip: null }], notes: [] }));
			fireEvent.change(found('Read as 1A'), { target: { value: '14' } });
			pressNamed('Change it');
			await waitFor(() => expect(own(store)?.text).toBe('14 ft to yd'));
			expect(pageSays()).not.toContain('hard to read');
		});

		it('is added to what is there, and what is still to be looked at stays', async () => {
			const store = show(<BringScreen />);
			await paste(good({ text: '14 ft to yd', doubts: [{ at: [0, 2], strip: null }], notes: [] }));
			await paste(good({ text: '25 mm to cm', doubts: [{ at: [0, 2], strip: null }], notes: [] }));
			await waitFor(() => expect(own(store)?.text).toBe('14 ft to yd\n\n25 mm to cm'));
			expect(lookFor('Read as 14')).toBeTruthy();
			expect(lookFor('Read as 25')).toBeTruthy();
		});

		it('that cannot be read is told, and what was typed stays', async () => {
			const store = show(<BringScreen />);
			await bring('3 kg to g', store);
			await paste(bad('empty', 'a.png: There is no writing to read on this page.'));
			expect(pageSays()).toContain('There is no writing to read on this page.');
			expect(own(store)?.text).toBe('3 kg to g');
		});
	});

	it('takes a text that another app has shared, once, and leaves the address as it was', async () => {
		globalThis.history.replaceState(null, '', '/bring?title=Sheet&text=1.+14+ft+to+yd%0A2.+How+many+mL+are+0.35+L%3F');
		show(<BringScreen />);
		await waitFor(() => expect(pageSays()).toContain('2 problems found'));
		expect(globalThis.location.search).toBe('');
	});

	it('takes the text of a file that is dropped', async () => {
		show(<BringScreen />);
		const file = fileOf(PAGE, 'sheet.txt', 'text/plain');
		fireEvent.drop(found('A problem, a whole sheet, or a written working'), { dataTransfer: { files: [file] } });
		await screen.findByTestId('page');
	});
});

describe('a page of problems', () => {
	it('becomes a sheet that is worked one after another, put in order, named, and handed in whole', async () => {
		const store = show(<BringScreen />);
		await bring(PAGE, store);
		await waitFor(() => expect(pageSays()).toContain('3 problems found'));
		pressNamed('Keep as a sheet');
		const [name = ''] = broughtIn(store.getState().works);
		expect(wentTo()).toBe(`/sheet/${name}`);
		const sheet = () => sheetOf(store.getState().works.byId[store.getState().works.open[name] ?? '']?.body);
		expect(sheet().problems.map(({ label, text }) => `${label} ${text}`)).toEqual([
			'1 Convert to metres: 3.2 km',
			'2 Convert to metres: 45 cm',
			'3 Convert to metres: 1.5 mi',
		]);

		show(<SheetScreen name={name} />, store);
		expect(pageSays()).toContain('3 problems: 0 right, 0 started, 3 still to do.');
		pressNamed('Start');
		const first = problemName(name, 'p1');
		expect(wentTo()).toBe(`/desk/${first}`);
		// Opened for the first time, it is posed as it is on the sheet.
		show(<WithExercise name={first}>{({ exercise }) => <>{exercise.prompt}</>}</WithExercise>, store);
		await waitFor(() =>
			expect(own(store, first)).toMatchObject({ start: { number: '3.2', unit: 'km' }, asked: { unit: 'metres' } }),
		);

		pressNamed('More of problem 3');
		pressNamed('Up problem 3');
		expect(sheet().problems.map(({ label }) => label)).toEqual(['1', '3', '2']);
		pressNamed('Remove problem 3');
		expect(sheet().problems).toHaveLength(2);
		pressNamed('Bring it back');
		expect(sheet().problems).toHaveLength(3);
		pressNamed('Rename');
		fireEvent.change(found('The title of the sheet'), { target: { value: 'Lengths' } });
		expect(screen.getAllByRole('heading', { level: 1 }).at(-1)?.textContent).toBe('Lengths');

		act(() => {
			store.dispatch(did(first, { do: 'answer', text: '3200 m' }));
			store.dispatch(did(first, { do: 'check' }));
		});
		show(<HandInScreen name={name} />, store);
		expect(pageSays()).toContain('Lengths');
		expect(pageSays()).toContain('Not done yet: 3 and 2 (2 of 3).');
		expect(pageSays()).toContain('Answer: 3200 m');
	});

	it('is told, where the sheet is not there', () => {
		show(<SheetScreen name="sheet-gone" />);
		expect(screen.getByText('There is no such sheet on this desk.')).toBeTruthy();
	});
});

describe('what was brought', () => {
	it('is listed: named, put in order, searched, taken out and brought back', async () => {
		const store = makeStore();
		for (const i of [1, 2, 3, 4, 5, 6, 7]) {
			store.dispatch(did(`own-${i}`, { do: 'pose', text: `Problem ${i}: convert ${i} km to m.` }));
			store.dispatch(did('brought', { do: 'bring', what: `own-${i}` }));
		}
		show(<ProblemsScreen />, store);
		expect(broughtIn(store.getState().works)[0]).toBe('own-7');
		pressNamed('More of Problem 7: convert 7 km …');
		fireEvent.change(found('Its title'), { target: { value: 'Trail signs' } });
		pressNamed('Down Trail signs');
		expect(broughtIn(store.getState().works).slice(0, 3)).toEqual(['own-6', 'own-7', 'own-5']);
		fireEvent.change(found('Search the problems'), { target: { value: 'trail' } });
		expect(pageSays()).toContain('Trail signs');
		expect(screen.getByTestId('brought').querySelectorAll('[role="listitem"]')).toHaveLength(1);
		pressNamed('Remove Trail signs');
		expect(broughtIn(store.getState().works)).not.toContain('own-7');
		pressButton(/^Bring it back/);
		expect(broughtIn(store.getState().works)[1]).toBe('own-7');
	});

	it('shows the first forty of many, and all of them when asked', () => {
		const store = makeStore();
		for (let i = 1; i <= 60; i++) store.dispatch(did(`own-${i}`, { do: 'pose', text: `Convert ${i} km to m.` }));
		show(<ProblemsScreen />, store);
		const rows = () => screen.getByTestId('brought').querySelectorAll('[role="listitem"]').length;
		expect(rows()).toBe(40);
		pressNamed('Show all 60');
		expect(rows()).toBe(60);
	});

	it('comes in by a link, with what was said by hand, and nothing else', async () => {
		const told = {
			marks: [],
			start: { number: '7', unit: 'L' },
			facts: [],
			want: { unit: 'mL' },
			rounding: null,
			says: { want: null, rounding: null },
		};
		const link = handedLink({
			tidySum: 1,
			title: 'Tanks',
			problems: [
				{ label: '1', text: 'One tank holds 5 L and the other 7 L.', told },
				{ label: '2', text: 'Write 3.6 m/s in km/h.' },
			],
		});
		globalThis.history.replaceState(null, '', `/bring#p=${link}`);
		const store = show(<BringScreen />);
		expect(pageSays()).toContain('Tanks (2 problems)');
		pressNamed('Add them');
		const [name = ''] = broughtIn(store.getState().works);
		expect(wentTo()).toBe(`/sheet/${name}`);
		show(<WithExercise name={problemName(name, 'p1')}>{(view) => view.exercise.prompt}</WithExercise>, store);
		expect(own(store, problemName(name, 'p1'))).toMatchObject({ start: { number: '7' }, asked: { unit: 'mL' } });
		expect(globalThis.location.hash).toBe('');
	});

	it('says of a link that is not whole that a part of it is lost', () => {
		globalThis.history.replaceState(null, '', '/bring#p=abc');
		show(<BringScreen />);
		expect(screen.getByText(/Part of this link is missing/)).toBeTruthy();
	});
});
