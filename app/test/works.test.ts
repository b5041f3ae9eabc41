import { type Step, type StoredWork, type WorkBody, workBodySchema } from '@tidy-sum/schema';
import { besideId } from '../src/work/beside';
import { canRedo, canUndo, continues, freshBody, historyOf, withStep } from '../src/work/history';
import { howFarNamed } from '../src/work/how-far';
import { mergedBody } from '../src/work/merged-body';
import { piecesOfSheet } from '../src/work/sheet';
import { workOf } from '../src/work/work';
import {
	acknowledged,
	came,
	did,
	erased,
	foundBeside,
	listed,
	opened,
	parted,
	redid,
	swapped,
	triesCame,
	undid,
	type WorkEntry,
	type WorksState,
	worksReducer,
} from '../src/work/works-reducer';
import { linesOn } from '../src/work/works-state';

const PLACE: Step = {
	do: 'place',
	block: 'b1',
	factor: { top: { number: '12', unit: 'in' }, bottom: { number: '1', unit: 'ft' } },
};
const TURN: Step = { do: 'turn', block: 'b1' };

const UNDO: Step = { do: 'undo' };
const REDO: Step = { do: 'redo' };
const NUDGE: Step = { do: 'nudge', steps: 1 };

function body(...steps: Step[]): WorkBody {
	return steps.reduce(withStep, freshBody('new-snow'));
}

/** A step as a file or another server may write it: with its keys in another order. */
const turned = (step: Step): Step => Object.fromEntries(Object.entries(step).reverse()) as unknown as Step;

describe('what the steps come to', () => {
	it('places, turns, raises and removes a block', () => {
		expect(workOf(body(PLACE)).blocks).toMatchObject([{ id: 'b1', factor: { top: { unit: 'in' } } }]);
		expect(workOf(body(PLACE, TURN)).blocks).toMatchObject([
			{ factor: { top: { unit: 'ft' }, bottom: { unit: 'in' } } },
		]);
		expect(workOf(body(PLACE, { do: 'raise', block: 'b1', power: 2 })).blocks).toMatchObject([
			{ factor: { power: 2 } },
		]);
		expect(workOf(body(PLACE, { do: 'remove', block: 'b1' })).blocks).toEqual([]);
	});

	it('is checked only until something changes', () => {
		const checked = body(PLACE, { do: 'answer', text: '5' }, { do: 'check' });
		expect(workOf(checked)).toMatchObject({ answer: '5', checked: true });
		expect(workOf(withStep(checked, TURN)).checked).toBe(false);
		expect(workOf(withStep(checked, { do: 'answer', text: '6' })).checked).toBe(false);
	});

	it('takes typing on as one step, but not across an undo', () => {
		const typed = body({ do: 'answer', text: '1' }, { do: 'answer', text: '12' });
		expect(typed.steps).toEqual([{ do: 'answer', text: '12' }]);
		const again = body({ do: 'answer', text: '1' }, UNDO, { do: 'answer', text: '2' });
		expect(again.steps).toHaveLength(3);
		expect(workOf(again).answer).toBe('2');
	});

	it('knows a history that goes on from another', () => {
		expect(continues(body(PLACE, TURN), body(PLACE))).toBe(true);
		expect(continues(body(PLACE, { do: 'answer', text: '12' }), body(PLACE, { do: 'answer', text: '1' }))).toBe(true);
		expect(continues(body(TURN), body(PLACE))).toBe(false);
		expect(continues(body(PLACE), body(PLACE, TURN))).toBe(false);
	});
});

describe('undo and redo, which are steps', () => {
	const blocks = (...steps: Step[]) => workOf(body(...steps)).blocks.length;

	it('take back and bring back, and cut nothing', () => {
		expect([blocks(PLACE, UNDO), blocks(PLACE, UNDO, REDO), blocks(PLACE, UNDO, REDO, UNDO)]).toEqual([0, 1, 0]);
		expect(body(PLACE, UNDO, TURN).steps).toEqual([PLACE, UNDO, TURN]);
	});

	it('go to either end and no further', () => {
		expect(workOf(body(PLACE, TURN, UNDO, UNDO, UNDO)).blocks).toEqual([]);
		expect(workOf(body(PLACE, TURN, UNDO, UNDO, UNDO, REDO, REDO, REDO))).toEqual(workOf(body(PLACE, TURN)));
		expect([canUndo(body(PLACE, UNDO)), canRedo(body(PLACE, UNDO))]).toEqual([false, true]);
		expect([canUndo(body(PLACE, UNDO, REDO)), canRedo(body(PLACE, UNDO, REDO))]).toEqual([true, false]);
	});

	it('bring nothing back once something else was done', () => {
		expect(canRedo(body(PLACE, UNDO, { do: 'answer', text: '5' }))).toBe(false);
		expect(blocks(PLACE, UNDO, { do: 'answer', text: '5' }, REDO)).toBe(0);
	});

	it('pass over what nobody sees, which goes with the step before it', () => {
		expect(workOf(body(PLACE, NUDGE, UNDO))).toMatchObject({ blocks: [], nudged: 0 });
		expect(workOf(body(PLACE, NUDGE, UNDO, REDO))).toMatchObject({ blocks: [{ id: 'b1' }], nudged: 1 });
		expect(canUndo(body(NUDGE))).toBe(false);
		expect(canRedo(body(PLACE, UNDO, NUDGE))).toBe(true);
	});

	it('are how work that was kept before is read: it comes to what it was', () => {
		const steps = [PLACE, TURN, { do: 'answer', text: '5' } as const];
		for (const at of [0, 1, 2, 3]) {
			const read = workBodySchema.parse({ exercise: 'new-snow', steps, at });
			expect(workOf(read)).toEqual(workOf(body(...steps.slice(0, at))));
			expect(historyOf(read).undone).toHaveLength(3 - at);
			expect(workOf(steps.slice(at).reduce((now) => withStep(now, REDO), read))).toEqual(workOf(body(...steps)));
		}
	});
});

const reduce = worksReducer;

function after(...actions: Parameters<typeof reduce>[1][]): WorksState {
	return actions.reduce<WorksState | undefined>(reduce, undefined) as WorksState;
}

function only(state: WorksState): WorkEntry {
	const [entry, ...more] = Object.values(state.byId);
	if (!entry || more.length) throw new Error('one piece of work is expected');
	return entry;
}

describe('steps that came with their keys in another order', () => {
	it('are the same steps: one history goes on from the other, and a list has each once', () => {
		expect(continues(body(PLACE, TURN), body(turned(PLACE)))).toBe(true);
		const keep = (id: string): Step => ({
			do: 'keep',
			id,
			fact: { left: { number: '1', unit: 'bale' }, right: { number: '9.5', unit: 'kg' } },
		});
		const list = (...steps: Step[]): WorkBody => ({ exercise: 'my-shelf', steps });
		const merged = mergedBody(list(keep('f1'), keep('f2')), list(turned(keep('f2')), keep('f3')));
		expect(merged?.steps.map((step) => 'id' in step && step.id)).toEqual(['f1', 'f2', 'f3']);
	});

	it('leave nothing to be sent where the server has just what is here', () => {
		const state = after(did('new-snow', PLACE));
		const { id } = only(state);
		const kept = {
			id,
			version: 3,
			body: { steps: [turned(PLACE)], exercise: 'new-snow' },
			kept: '2026-01-01T00:00:00.000Z',
		};
		expect(only(reduce(state, parted(kept)))).toMatchObject({ version: 3, ahead: false });
	});
});

describe('the works of a desk', () => {
	it('begin with the first thing done, and stay ahead until acknowledged', () => {
		const state = after(opened('new-snow'), did('new-snow', PLACE));
		const entry = only(state);
		expect(entry).toMatchObject({ version: 0, ahead: true, body: { steps: [PLACE] } });
		expect(only(reduce(state, acknowledged({ sent: entry, version: 1 })) as WorksState)).toMatchObject({
			version: 1,
			ahead: false,
		});
	});

	it('stay ahead when something was done after it was sent', () => {
		const state = after(did('new-snow', PLACE));
		const later = reduce(state, did('new-snow', TURN));
		expect(only(reduce(later, acknowledged({ sent: only(state), version: 1 })) as WorksState)).toMatchObject({
			version: 1,
			ahead: true,
		});
	});

	it('undo and redo where there is something to, and are else left as they are', () => {
		const done = after(did('new-snow', PLACE), did('new-snow', TURN), undid('new-snow'));
		expect(only(done).body.steps).toEqual([PLACE, TURN, UNDO]);
		const first = reduce(done, undid('new-snow'));
		expect(reduce(first, undid('new-snow'))).toBe(first);
		const again = reduce(done, redid('new-snow'));
		expect(reduce(again, redid('new-snow'))).toBe(again);
		expect(reduce(done, undid('mast-log'))).toBe(done);
	});

	const kept = (id: string, version: number, of: WorkBody): StoredWork => ({
		id,
		version,
		body: of,
		kept: '2026-01-01T00:00:00Z',
	});

	it('take the version of the server where nothing is ahead here', () => {
		const state = after(parted(kept('w1-00000', 3, body(PLACE))));
		expect(only(state)).toMatchObject({ id: 'w1-00000', version: 3, ahead: false });
		expect(state.open['new-snow']).toBe('w1-00000');
	});

	it('follow the server where the work here goes on from its version', () => {
		const state = after(did('new-snow', PLACE), did('new-snow', TURN));
		const { id } = only(state);
		expect(only(reduce(state, parted(kept(id, 1, body(PLACE)))) as WorksState)).toMatchObject({
			version: 1,
			ahead: true,
			body: { steps: [PLACE, TURN] },
		});
	});

	it('keep both where they part, with the one from here on the Desk, and show either', () => {
		const state = after(did('new-snow', PLACE));
		const { id } = only(state);
		const both = reduce(state, parted(kept(id, 1, body(TURN)))) as WorksState;
		const mine = both.open['new-snow'] as string;
		expect(mine).not.toBe(id);
		expect(both.byId[mine]).toMatchObject({ version: 0, ahead: true, body: { steps: [PLACE] } });
		expect(both.byId[id]).toMatchObject({ version: 1, ahead: false, body: { steps: [TURN] } });
		expect((reduce(both, swapped({ exercise: 'new-snow', id })) as WorksState).open['new-snow']).toBe(id);
	});
});

describe('one’s own Shelf, begun on two devices that knew nothing of each other', () => {
	it('has the steps of both, and is then left alone', () => {
		const keep = (id: string): Step => ({
			do: 'keep',
			id,
			fact: { left: { number: id.slice(-1), unit: 'cm' }, right: { number: '1', unit: 'in' } },
		});
		const mine = worksReducer(undefined, did('my-shelf', keep('fact-1'))) as WorksState;
		const theirs: StoredWork = {
			id: 'shelf-of-before',
			version: 4,
			kept: '2026-01-01T00:00:00.000Z',
			body: { exercise: 'my-shelf', steps: [keep('fact-2'), keep('fact-3'), UNDO] },
		};
		const both = worksReducer(mine, parted(theirs)) as WorksState;
		const shelf = both.byId[both.open['my-shelf'] ?? ''];
		expect(shelf).toMatchObject({ id: 'list-my-shelf', ahead: true });
		expect(shelf?.body.steps).toEqual([keep('fact-2'), keep('fact-3'), UNDO, keep('fact-1')]);
		expect(worksReducer(both, parted({ ...theirs, version: 5 })).byId['list-my-shelf']).toBe(shelf);
	});
});

describe('one’s own Shelf, gone on with in two places', () => {
	const kept = (id: string): Step => ({
		do: 'keep',
		id,
		fact: { left: { number: id.slice(-1), unit: 'cm' }, right: { number: '1', unit: 'in' } },
	});
	const shelf = (...steps: Step[]): WorkBody => ({ exercise: 'my-shelf', steps });

	it('does not grow however often its two forms are merged, undoing included', () => {
		const [mine, theirs] = [
			shelf(kept('fact-1'), kept('fact-2'), UNDO, kept('fact-3')),
			shelf(kept('fact-1'), kept('fact-4'), UNDO),
		];
		const once = mergedBody(theirs, mine) as WorkBody;
		const other = mergedBody(mine, theirs) as WorkBody;
		expect(historyOf(once).done).toEqual([kept('fact-1'), kept('fact-3')]);
		for (const step of [kept('fact-2'), kept('fact-3'), kept('fact-4')]) expect(once.steps).toContainEqual(step);
		expect(mergedBody(once, other)).toEqual(once);
		expect(mergedBody(other, once)).toEqual(other);
	});
});

describe('a line that two windows keep beside another', () => {
	const line = (version: number, ahead: boolean, ...steps: Step[]): WorkEntry => ({
		id: 'w1-00000',
		body: { exercise: 'new-snow', steps },
		version,
		ahead,
	});
	const has = (entry: WorkEntry): WorksState => ({
		byId: { [entry.id]: entry },
		open: { 'new-snow': entry.id },
		last: 'new-snow',
	});

	it('gets the same id in both, and is there once however often it is told of', () => {
		const theirs = line(1, true, TURN);
		const both = worksReducer(has(line(1, true, PLACE)), foundBeside(theirs)) as WorksState;
		const again = worksReducer(has(line(1, true, PLACE)), foundBeside(theirs)) as WorksState;
		expect(Object.keys(again.byId)).toEqual(Object.keys(both.byId));
		expect(Object.keys(both.byId)).toHaveLength(2);
		expect(worksReducer(both, foundBeside(theirs))).toEqual(both);
	});

	it('has that id whatever order the keys of its steps came in', () => {
		const ids = [PLACE, turned(PLACE)].map((step) => besideId(line(1, true, step)));
		expect(ids[0]).toBe(ids[1]);
		expect(besideId(line(1, true, TURN))).not.toBe(ids[0]);
	});

	it('leaves the id to the line that is further on the server, so that the two come to rest', () => {
		const [further, before] = [line(2, false, TURN), line(1, true, PLACE)];
		const here = worksReducer(has(further), foundBeside(before)) as WorksState;
		const there = worksReducer(has(before), foundBeside(further)) as WorksState;
		expect(here.byId['w1-00000']).toEqual(further);
		expect(Object.keys(here.byId).sort()).toEqual(Object.keys(there.byId).sort());
		expect(worksReducer(here, foundBeside(before))).toEqual(here);
	});

	it('knows from the other window what the server has acknowledged', () => {
		const state = worksReducer(has(line(1, true, PLACE)), foundBeside(line(2, false, PLACE))) as WorksState;
		expect(only(state)).toMatchObject({ version: 2, ahead: false });
	});
});

describe('what is erased', () => {
	const entry = (id: string, exercise: string): WorkEntry => ({
		id,
		body: { exercise, steps: [PLACE] },
		version: 1,
		ahead: false,
	});
	const works = (...entries: WorkEntry[]): WorksState => ({
		byId: Object.fromEntries(entries.map((one) => [one.id, one])),
		open: Object.fromEntries(entries.map(({ id, body: { exercise } }) => [exercise, id])),
		last: null,
	});

	it('of a sheet is the sheet and every line on its problems, and nothing of another', () => {
		const state = works(
			entry('a', 'sheet-one'),
			entry('b', 'own-one-p1'),
			entry('c', 'own-one-p2'),
			entry('d', 'own-onemore-p1'),
			entry('e', 'own-free'),
		);
		expect(piecesOfSheet(state, 'sheet-one')).toEqual(['a', 'b', 'c']);
		const next = worksReducer(state, erased(piecesOfSheet(state, 'sheet-one')));
		expect(Object.keys(next.byId)).toEqual(['d', 'e']);
		expect(next.erasing).toEqual(['a', 'b', 'c']);
		expect(next.open['own-one-p1']).toBeUndefined();
	});

	it('of a problem of one’s own is every line on it', () => {
		const state = works(entry('a', 'own-free'), entry('b', 'own-free'), entry('c', 'own-freed'));
		expect(linesOn(state, 'own-free')).toEqual(['a', 'b']);
	});

	it('leaves the other line of an exercise on the Desk', () => {
		const state = works(entry('a', 'new-snow'), entry('b', 'new-snow'));
		expect(worksReducer(state, erased(['b'])).open['new-snow']).toBe('a');
	});
});

describe('a piece whose steps are on the server alone', () => {
	const HEAD = {
		id: 'work-0001',
		version: 2,
		seq: 1,
		kept: '2026-01-01T00:00:00.000Z',
		steps: 3,
		tries: 1,
		gone: false,
	};
	const listedState = () => worksReducer(undefined, listed([{ ...HEAD, exercise: 'new-snow' }])) as WorksState;

	it('tells how far it is by its tries, once they come', () => {
		expect(howFarNamed(listedState(), 'new-snow')).toBe('begun');
		const made = {
			when: 1,
			seconds: 1,
			right: true,
			slips: [],
			nudges: 0,
			shown: false,
			answer: '1',
			start: null,
			factors: [],
		};
		const tried = worksReducer(listedState(), triesCame([{ id: HEAD.id, version: 2, tries: [made] }]));
		expect(howFarNamed(tried, 'new-snow')).toBe('right');
	});

	it('is not worked on blindly: what is done meanwhile lies beside it, and both are there when it comes', () => {
		const worked = worksReducer(listedState(), did('new-snow', TURN)) as WorksState;
		expect(Object.keys(worked.byId)).toHaveLength(2);
		const all = worksReducer(
			worked,
			came([{ id: HEAD.id, version: 2, kept: HEAD.kept, body: { exercise: 'new-snow', steps: [PLACE] } }]),
		) as WorksState;
		expect(all.byId[HEAD.id]).toMatchObject({ body: { steps: [PLACE] }, ahead: false });
		expect(all.byId[HEAD.id]?.away).toBeUndefined();
		expect(all.byId[all.open['new-snow'] ?? '']?.body.steps).toEqual([TURN]);
	});
});
