import { act, fireEvent, render, screen } from '@testing-library/react';
import type { Piece } from '@tidy-sum/exchange/my-data';
import type { KeptTry, Step } from '@tidy-sum/schema';
import fc from 'fast-check';
import { Provider } from 'react-redux';
import { SettingsScreen } from '../src/settings/settings-screen';
import { sayMerged, sizeText } from '../src/settings/your-data';
import { type AppStore, makeStore } from '../src/store/store';
import { mergedIn } from '../src/work/merged';
import { shelfIn } from '../src/work/my-shelf';
import { did, loaded, renamed, tried, type WorksState } from '../src/work/works-reducer';
import { atRest } from './at-rest';
import { found, pageSays } from './found';
import { layGust } from './on-desk';

jest.mock('expo-router', () => ({ useRouter: () => ({ navigate: () => {} }) }));
jest.mock('../src/worker/core-worker', () => jest.requireActual('./jobs-here').jobsHere());
jest.mock('../src/worker/form-worker', () => jest.requireActual('./files-here').filesHere());

const mockSaved: { content: string | Uint8Array; name: string }[] = [];
jest.mock('../src/ui/save-file', () => ({
	saveFile: (content: string, name: string) => mockSaved.push({ content, name }),
}));

const NOTHING: WorksState = { byId: {}, open: {}, last: null };

const made = (when: number, answer = '1 m'): KeptTry => ({
	when,
	seconds: 30,
	right: true,
	slips: [],
	nudges: 0,
	shown: false,
	answer,
	start: null,
	factors: [],
});

let ids = 0;
const freshId = () => `fresh-id-${ids++}`;

const piecesOf = ({ byId }: WorksState): Piece[] => Object.values(byId).map(({ id, body }) => ({ id, body }));
const take = (works: WorksState, from: WorksState) => mergedIn(works, piecesOf(from), from.open, freshId);

function worked(): AppStore {
	const store = makeStore();
	layGust(store);
	store.dispatch(tried({ exercise: 'wind-gust', made: made(5) }));
	store.dispatch(did('own-a', { do: 'pose', text: 'Convert 2 km to m.' }));
	store.dispatch(did('my-shelf', { do: 'support', level: 'light' }));
	return store;
}

describe('work that is taken in', () => {
	it('is all there on an empty desk, and lies on the Desk as it lay', () => {
		const { works } = worked().getState();
		const { works: here, added, followed, known } = take(NOTHING, works);
		expect([added, followed, known]).toEqual([3, 0, 0]);
		expect(here.open).toEqual(works.open);
		expect(piecesOf(here)).toEqual(piecesOf(works));
		expect(Object.values(here.byId).every(({ ahead, version }) => ahead && version === 0)).toBe(true);
	});

	it('is not doubled when it comes twice, nor where it came from', () => {
		const { works } = worked().getState();
		const once = take(NOTHING, works).works;
		expect(take(once, works)).toMatchObject({ added: 0, followed: 0, known: 3, works: { byId: once.byId } });
		expect(take(works, works)).toMatchObject({ added: 0, followed: 0, known: 3 });
	});

	it('follows what went on in the file, and keeps what went on here, with the tries of both', () => {
		const store = worked();
		const before = store.getState().works;
		store.dispatch(did('wind-gust', { do: 'answer', text: '27.1 ft/s' }));
		store.dispatch(tried({ exercise: 'wind-gust', made: made(9) }));
		const after = store.getState().works;
		const gust = ({ byId, open }: WorksState) => byId[open['wind-gust'] ?? '']?.body;
		const forward = take(before, after);
		expect(forward).toMatchObject({ followed: 1, added: 0 });
		expect(gust(forward.works)).toEqual(gust(after));
		expect(gust(take(after, before).works)).toEqual(gust(after));
		// Tries that were made here since are kept beside those of the file.
		const mine = makeStore();
		mine.dispatch(loaded(before));
		mine.dispatch(tried({ exercise: 'wind-gust', made: made(7) }));
		expect(gust(take(mine.getState().works, after).works)?.tries?.map(({ when }) => when)).toEqual([5, 7, 9]);
	});

	it('that went another way is kept beside, once, and the Desk stays as it is', () => {
		const store = worked();
		const before = store.getState().works;
		const go = (block: string) => {
			const other = makeStore();
			other.dispatch(loaded(before));
			other.dispatch(did('wind-gust', { do: 'turn', block }));
			return other.getState().works;
		};
		const [mine, theirs] = [go('b0'), go('b1')];
		const both = take(mine, theirs);
		expect(both).toMatchObject({ added: 1, followed: 0, known: 2 });
		expect(both.works.open['wind-gust']).toBe(mine.open['wind-gust']);
		expect(take(both.works, theirs)).toMatchObject({ added: 0, followed: 0, known: 3 });
	});

	it('that went on under another name lies under that name alone', () => {
		const store = makeStore();
		store.dispatch(did('own-draft', { do: 'pose', text: 'Convert 2 km to m.' }));
		const before = store.getState().works;
		store.dispatch(renamed({ from: 'own-draft', as: 'own-a' }));
		const { works, added, followed } = take(before, store.getState().works);
		expect([added, followed]).toEqual([0, 1]);
		expect(works.open).toEqual(store.getState().works.open);
	});

	it('puts facts and choices of two Shelves together', () => {
		const shelf = (unit: string) => {
			const store = makeStore();
			const fact = { left: { number: '1', unit }, right: { number: '9.5', unit: 'kg' } };
			store.dispatch(did('my-shelf', { do: 'keep', id: unit, fact }));
			return store.getState().works;
		};
		const { works } = take(shelf('bale'), shelf('sack'));
		expect(shelfIn(works).own.map(({ id }) => id)).toEqual(['bale', 'sack']);
		expect(Object.keys(works.byId)).toHaveLength(1);
	});

	it('that is like a piece here which followed another of the file is not taken for it', () => {
		const piece = (id: string, tries: number[]) => {
			const body = {
				exercise: 'wind-gust',
				steps: [],
				...(tries.length ? { tries: tries.map((when) => made(when)) } : {}),
			};
			return { id, body, version: 1, ahead: false };
		};
		const state = (...pieces: ReturnType<typeof piece>[]): WorksState => ({
			byId: Object.fromEntries(pieces.map((one) => [one.id, one])),
			open: {},
			last: null,
		});
		const [follows, beside] = [piece('id-aaaaaa', [1]), piece('id-bbbbbb', [])];
		for (const file of [state(follows, beside), state(beside, follows)]) {
			const first = take(state(piece('id-aaaaaa', [])), file);
			expect(first).toMatchObject({ followed: 1, added: 1 });
			expect(take(first.works, file)).toMatchObject({ followed: 0, added: 0, known: 2 });
		}
	});

	it('never loses a step or a try, whatever both did, and never doubles it', () => {
		const step = fc.constantFrom<Step>({ do: 'undo' }, { do: 'check' }, { do: 'answer', text: '1' }, { do: 'show' });
		const work = fc.record({
			steps: fc.array(step, { maxLength: 5 }),
			tries: fc.uniqueArray(fc.nat(9), { maxLength: 3 }),
		});
		const desk = fc.array(fc.tuple(fc.constantFrom('id-aaaaaa', 'id-bbbbbb', 'id-cccccc'), work), { maxLength: 3 });
		const stateOf = (pieces: readonly (readonly [string, { steps: Step[]; tries: number[] }])[]): WorksState => {
			const byId = Object.fromEntries(
				pieces.map(([id, { steps, tries }]) => {
					const sorted = [...tries].sort((a, b) => a - b).map((when) => made(when));
					const body = { exercise: 'wind-gust', steps, ...(sorted.length ? { tries: sorted } : {}) };
					return [id, { id, body, version: 1, ahead: false }];
				}),
			);
			return { byId, open: {}, last: null };
		};
		fc.assert(
			fc.property(desk, desk, (mine, theirs) => {
				const [here, file] = [stateOf(mine), stateOf(theirs)];
				const { works } = take(here, file);
				const whens = (state: WorksState) =>
					new Set(piecesOf(state).flatMap(({ body }) => (body.tries ?? []).map(({ when }) => when)));
				const lines = (state: WorksState) => piecesOf(state).map(({ body }) => JSON.stringify(body.steps));
				for (const when of [...whens(here), ...whens(file)]) expect(whens(works)).toContain(when);
				for (const line of [...lines(here), ...lines(file)])
					expect(lines(works).some((other) => other.startsWith(line.slice(0, -1)))).toBe(true);
				expect(take(works, file)).toMatchObject({ added: 0, followed: 0 });
			}),
			{ numRuns: 300 },
		);
	});
});

describe('one’s data, in the settings', () => {
	const show = async (store: AppStore) => {
		await act(async () => {
			render(
				<Provider store={store}>
					<SettingsScreen />
				</Provider>,
			);
		});
	};

	const give = async (content: string) => {
		const file = new File([content], 'work.json');
		// jsdom reads no files by itself.
		Object.defineProperty(file, 'text', { value: async () => content });
		await act(async () => {
			fireEvent.change(screen.getByTestId('bring-data'), { target: { files: [file] } });
		});
		await atRest();
	};

	beforeEach(() => {
		localStorage.clear();
		mockSaved.length = 0;
	});

	it('is saved as one file and taken in again on a fresh desk: everything is back, and no desk is named', async () => {
		const store = worked();
		await show(store);
		expect(pageSays()).toContain('3 pieces of work, checked 1 time.');
		await act(async () => void fireEvent.click(found('dark')));
		await act(async () => void fireEvent.click(found('All my work as a file')));
		await atRest();
		const [saved] = mockSaved;
		expect(saved?.name).toMatch(/^tidy-sum-\d{4}-\d\d-\d\d\.json$/);
		expect(Object.keys(JSON.parse(`${saved?.content}`))).toEqual([
			'tidySum',
			'holds',
			'made',
			'works',
			'open',
			'settings',
		]);
		document.body.innerHTML = '';
		localStorage.clear();
		const fresh = makeStore();
		await show(fresh);
		await give(`${saved?.content}`);
		expect(pageSays()).toContain('3 pieces of work are new here.');
		expect(piecesOf(fresh.getState().works)).toEqual(piecesOf(store.getState().works));
		expect(fresh.getState().settings.theme).toBe('dark');
		await give(`${saved?.content}`);
		expect(pageSays()).toContain('3 already here.');
	});

	it('is not touched by a file that is none, and that is said', async () => {
		const store = worked();
		await show(store);
		const before = store.getState().works;
		await give('{"tidySum":1');
		expect(pageSays()).toContain('Nothing was changed');
		await give('{"exercises":[]}');
		expect(pageSays()).toContain('has no saved work in it');
		expect(store.getState().works).toBe(before);
	});

	it('says in words what came of it, and how much there is', () => {
		expect(sayMerged({ works: NOTHING, added: 1, followed: 2, known: 1 }, 1)).toBe(
			'1 piece of work is new here; 2 newer than what was here; 1 already here. 1 piece of work in the file could not be read and was left out.',
		);
		expect([sizeText(300), sizeText(12_400), sizeText(3_450_000)]).toEqual(['1 kB', '12 kB', '3.5 MB']);
	});
});
