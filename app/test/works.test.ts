import { type Step, type StoredWork, type WorkBody, workBodySchema } from '@tidy-sum/schema';
import { canRedo, canUndo, continues, freshBody, historyOf, withStep } from '../src/work/history';
import { workOf } from '../src/work/work';
import {
	acknowledged,
	did,
	opened,
	parted,
	redid,
	swapped,
	undid,
	type WorkEntry,
	type WorksState,
	worksSlice,
} from '../src/work/works-slice';

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

const reduce = worksSlice.reducer;

function after(...actions: Parameters<typeof reduce>[1][]): WorksState {
	return actions.reduce(reduce, undefined) as WorksState;
}

function only(state: WorksState): WorkEntry {
	const [entry, ...more] = Object.values(state.byId);
	if (!entry || more.length) throw new Error('one piece of work is expected');
	return entry;
}

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
