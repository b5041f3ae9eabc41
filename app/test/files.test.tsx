import { act, fireEvent, render, screen, waitFor } from '@testing-library/react';
import { bookExercise } from '@tidy-sum/core';
import { bookInSet, setCsv, setOf, writeSet } from '@tidy-sum/exchange/set';
import Papa from 'papaparse';
import { Provider } from 'react-redux';
import { BringScreen } from '../src/bring/bring-screen';
import { SheetScreen } from '../src/bring/sheet-screen';
import { HandInScreen } from '../src/hand-in/hand-in-screen';
import { MarkingScreen } from '../src/marking/marking-screen';
import { RoundsScreen } from '../src/rounds/rounds-screen';
import { type AppStore, makeStore } from '../src/store/store';
import { WithExercise } from '../src/store/with-exercise';
import { broughtIn } from '../src/work/brought';
import { deskIn } from '../src/work/desk-view';
import { problemName, sheetOf } from '../src/work/sheet';
import { did, tried } from '../src/work/works-reducer';
import { atRest } from './at-rest';
import { fileOf, savedFiles } from './files-here';
import { found, lookFor, pageSays, plain, pressNamed } from './found';

const mockNavigate = jest.fn();
jest.mock('expo-router', () => ({ useRouter: () => ({ navigate: mockNavigate }) }));

jest.mock('../src/worker/core-worker', () => jest.requireActual('./jobs-here').jobsHere());
jest.mock('../src/worker/form-worker', () => jest.requireActual('./files-here').filesHere());

beforeEach(() => {
	jest.clearAllMocks();
	globalThis.history.replaceState(null, '', '/bring');
});

const BOOK = bookInSet(['wind-gust', 'honey-jar', 'roof-beam'].flatMap((name) => bookExercise(name) ?? []));

function show(what: React.ReactNode, store: AppStore = makeStore()): AppStore {
	render(<Provider store={store}>{what}</Provider>);
	return store;
}

const press = (id: string) => fireEvent.click(screen.getByTestId(id));
const wentTo = (): string => mockNavigate.mock.lastCall?.[0] as string;

/** Gives a file to the field that takes it, and waits until it is read. */
async function give(id: string, file: File): Promise<void> {
	await act(async () => void fireEvent.change(screen.getByTestId(id), { target: { files: [file] } }));
	await atRest();
}

/** Saves the page in a form. */
async function take(form: string): Promise<void> {
	if (!screen.queryByTestId('take-forms')) pressNamed('Save a copy');
	await act(async () => press(`take-${form}`));
	await waitFor(() => expect(pageSays()).not.toContain('One moment'));
}

/** How long is waited where many answers are marked. */
const SLOW = { timeout: 10_000 };

describe('a file of exercises', () => {
	const CSV = `${setCsv(setOf('Week 9', BOOK, { goesBy: { ties: 'even', support: 'none', numbers: 'covered' } })).trimEnd()}\r\n`;

	it('shows what came of each row, and nothing is kept until it is taken', async () => {
		const store = show(<BringScreen />);
		await give('bring-file', fileOf('start,wanted\n3.2 kg,g\nabout 3,g\n', 'Monday.csv'));
		expect(pageSays()).toContain('Monday: 1 exercise was read, 1 left out. Nothing is saved yet.');
		expect(pageSays()).toContain('row 3: it cannot be worked');
		expect(pageSays()).toContain('3.2 kg → g');
		expect(broughtIn(store.getState().works)).toEqual([]);
		pressNamed('Not now');
		expect(lookFor('The file Monday.csv')).toBeNull();
		expect(broughtIn(store.getState().works)).toEqual([]);
	});

	it.each([
		['CSV', () => fileOf(CSV, 'week9.csv')],
		['a package', () => fileOf(writeSet('qti', setOf('Week 9', BOOK)).content as Uint8Array, 'week9.zip')],
		['JSON', () => fileOf(`${writeSet('json', setOf('Week 9', BOOK)).content}`, 'week9.json')],
	])('becomes a sheet whose problems are as they were in it: %s', async (_, file) => {
		const store = show(<BringScreen />);
		await give('bring-file', file());
		pressNamed('Keep as a sheet');
		const [name = ''] = broughtIn(store.getState().works);
		expect(wentTo()).toBe(`/sheet/${name}`);
		const works = store.getState().works;
		expect(sheetOf(works.byId[works.open[name] ?? '']?.body)).toMatchObject({
			title: 'Week 9',
			problems: { length: 3 },
		});
		const first = problemName(name, 'p1');
		show(<WithExercise name={first}>{(view) => view.exercise.prompt}</WithExercise>, store);
		const view = deskIn(store.getState(), first);
		expect(view?.exercise).toMatchObject({ start: BOOK[0]?.start, want: BOOK[0]?.want, line: BOOK[0]?.line });
	});

	it('brings what its class goes by: it holds on the Desk, before what one has chosen', async () => {
		const store = show(<BringScreen />);
		await give('bring-file', fileOf(CSV, 'week9.csv'));
		pressNamed('Keep as a sheet');
		const [name = ''] = broughtIn(store.getState().works);
		const first = problemName(name, 'p1');
		show(<WithExercise name={first}>{(view) => view.exercise.prompt}</WithExercise>, store);
		expect(deskIn(store.getState(), first)).toMatchObject({
			support: 'none',
			numbers: 'covered',
			exercise: { goesBy: { ties: 'even' } },
		});
		expect(deskIn(store.getState(), 'wind-gust')).toMatchObject({ support: 'close', numbers: 'worked' });
	});

	it.each([
		['sound', fileOf(new Uint8Array([0x49, 0x44]), 'a.mp3', 'audio/mpeg'), 'This kind of file cannot be read'],
		['a table of something else', fileOf('a,b\n1,2\n', 'a.csv'), 'a.csv: The first row names the columns'],
		[
			'half a package',
			fileOf(new Uint8Array([0x50, 0x4b, 3, 4]), 'a.zip'),
			'a.zip: A part of this package is missing or broken',
		],
		['a set of a later version', fileOf('{"tidySum":9}', 'a.json'), 'newer version'],
	])('that cannot be read is told: %s', async (_, file, says) => {
		show(<BringScreen />);
		await give('bring-file', file);
		expect(pageSays()).toContain(plain(says));
		expect(lookFor('The file Monday.csv')).toBeNull();
	});

	it('of problems as they are typed goes into the field', async () => {
		show(<BringScreen />);
		await give('bring-file', fileOf('1. 14 ft to yd\n2. How many mL are 0.35 L?', 'page.txt'));
		await waitFor(() => expect(pageSays()).toContain('2 problems'));
	});
});

describe('Save a copy', () => {
	it('gives a sheet in every form, and says what a form cannot', async () => {
		const saved = savedFiles();
		const store = show(<BringScreen />);
		await give('bring-file', fileOf(setCsv(setOf('Week 9', BOOK)), 'week9.csv'));
		pressNamed('Keep as a sheet');
		const [name = ''] = broughtIn(store.getState().works);
		render(
			<Provider store={store}>
				<SheetScreen name={name} />
			</Provider>,
		);
		for (const form of ['problems', 'html', 'csv', 'qti', 'json']) await take(form);
		expect([...saved.keys()].sort()).toEqual(['week-9.csv', 'week-9.html', 'week-9.json', 'week-9.zip']);
		expect(Papa.parse<string[]>(`${saved.get('week-9.csv')}`.trim()).data).toHaveLength(4);
		await take('qti');
		expect(pageSays()).toContain('A unit is taken in its common writings');
	});

	it('gives one’s own answers with their lines, to be marked', async () => {
		const saved = savedFiles();
		const store = makeStore();
		store.dispatch(
			did('honey-jar', {
				do: 'place',
				block: 'a',
				factor: { top: { number: '1', unit: 'kg' }, bottom: { number: '10^3', unit: 'g' } },
			}),
		);
		store.dispatch(did('honey-jar', { do: 'answer', text: '0.454 kg' }));
		show(<HandInScreen name="honey-jar" />, store);
		await take('answers');
		expect(saved.get('a-jar-of-honey-answers.csv')).toBe(
			'student,exercise,answer,working\r\n,honey-jar,0.454 kg,454 g × (1 kg / 10³ g) = 0.454 kg\r\n',
		);
		await take('latex');
		expect(saved.get('a-jar-of-honey.tex')).toContain('\\frac');
	});

	it('gives what one has worked, each try; on the first day it says that there is nothing yet', async () => {
		const saved = savedFiles();
		const { unmount } = render(
			<Provider store={makeStore()}>
				<RoundsScreen />
			</Provider>,
		);
		pressNamed('Your past work');
		await take('csv');
		expect(pageSays()).toContain('nothing to save');
		unmount();
		const store = makeStore();
		const one = { when: 1_790_000_000_000, seconds: 40, right: false, slips: ['digits-many'], nudges: 1, shown: false };
		store.dispatch(did('honey-jar', { do: 'check' }));
		store.dispatch(tried({ exercise: 'honey-jar', made: { ...one, answer: '0.4540 kg', start: null, factors: [] } }));
		show(<RoundsScreen />, store);
		pressNamed('Your past work');
		await take('csv');
		const { data } = Papa.parse<Record<string, string>>(`${saved.get('what-i-worked.csv')}`, { header: true });
		expect(data[0]).toMatchObject({
			exercise: 'honey-jar',
			title: 'A jar of honey',
			skill: 'one-prefix',
			answer: '0.4540 kg',
			right: 'no',
			slips: 'digits-many',
			nudges: '1',
		});
	});
});

describe('the answers of a class, on the screen', () => {
	const ANSWERS = 'student,exercise,answer\nAnn,wind-gust,27.1 ft/s\nBen,2,27.13 ft/s\nCy,flight,3 m\n';

	it('are marked from two files, and given back', async () => {
		const saved = savedFiles();
		show(<MarkingScreen />);
		expect(found('Mark them').getAttribute('aria-disabled')).toBe('true');
		await give('marking-set', fileOf(setCsv(setOf('Week 9', BOOK)), 'week9.csv'));
		await give('marking-answers', fileOf(ANSWERS.replace('Ben,2', 'Ben,1'), 'answers.csv'));
		fireEvent.change(found('Points for each line (optional)'), { target: { value: 'value 2, unit 1' } });
		await act(async () => pressNamed('Mark them'));
		await waitFor(() =>
			expect(pageSays()).toContain('3 answers: 1 right, 1 value right, not its figures or unit, 1 not read.'),
		);
		expect(pageSays()).toContain('Too many figures, 1 time');
		pressNamed('By student');
		expect(pageSays()).toContain('3 of 3 points');
		pressNamed('Not read');
		expect(pageSays()).toContain(': there is no exercise called “flight”');
		await take('marked');
		await take('report');
		expect([...saved.keys()]).toEqual(['week-9-marked.csv', 'week-9-marked.html']);
	});

	it('are marked against a Round, or the book', async () => {
		show(<MarkingScreen />);
		pressNamed('the book');
		await give('marking-answers', fileOf(ANSWERS, 'answers.csv'));
		await act(async () => pressNamed('Mark them'));
		await waitFor(() => expect(pageSays()).toContain('1 right'));
		pressNamed('a Round');
		fireEvent.change(found('Code of the Round'), { target: { value: '910k-s5fa-g' } });
		await act(async () => pressNamed('Mark them'));
		await waitFor(() => expect(pageSays()).toContain('No Round has this code'));
	});

	it.each([
		['a file that is no set', fileOf('a,b\n1,2', 'a.csv'), ANSWERS, 'The file of exercises: The first row names'],
		['answers without their columns', null, 'a,b\n1,2', 'The file of answers: The first row names'],
		['no answers', null, 'student,exercise,answer\n', 'The file of answers: There are no rows'],
	])('are told where they cannot be: %s', async (_, set, answers, says) => {
		show(<MarkingScreen />);
		if (set) await give('marking-set', set);
		else pressNamed('the book');
		await give('marking-answers', fileOf(answers, 'answers.csv'));
		await act(async () => pressNamed('Mark them'));
		await waitFor(() => expect(pageSays()).toContain(plain(says)));
	});

	it('stop when they are asked to, and show what was marked until then', async () => {
		const many = Array.from({ length: 1000 }, (_, i) => `S${i % 9},wind-gust,${i} ft/s`).join('\n');
		show(<MarkingScreen />);
		pressNamed('the book');
		await give('marking-answers', fileOf(`student,exercise,answer\n${many}\n`, 'answers.csv'));
		pressNamed('Mark them');
		// On a busy machine a page of answers takes longer than the second that is waited by itself.
		await waitFor(() => found('Stop keep what is marked'), SLOW);
		await act(async () => pressNamed('Stop keep what is marked'));
		const [, count = ''] =
			/^(\d+) answers/.exec((await screen.findByTestId('report-says', {}, SLOW)).textContent ?? '') ?? [];
		expect(Number(count)).toBeLessThan(1000);
		expect(pageSays()).toContain('Stopped');
	});
});
