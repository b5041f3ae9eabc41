import type { Step, StoredWork, WorkBody } from '@tidy-sum/schema';
import { continues, freshBody, withStep, workOf } from '../src/desk/work';
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
} from '../src/desk/works-slice';

const PLACE: Step = {
	do: 'place',
	block: 'b1',
	factor: { top: { number: '12', unit: 'in' }, bottom: { number: '1', unit: 'ft' } },
};
const TURN: Step = { do: 'turn', block: 'b1' };

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

	it('takes typing on as one step, and drops what was undone when something else is done', () => {
		const typed = body({ do: 'answer', text: '1' }, { do: 'answer', text: '12' });
		expect(typed.steps).toEqual([{ do: 'answer', text: '12' }]);
		const undone = { ...body(PLACE, TURN), at: 1 };
		expect(withStep(undone, { do: 'check' }).steps).toEqual([PLACE, { do: 'check' }]);
	});

	it('knows a history that goes on from another', () => {
		expect(continues(body(PLACE, TURN), body(PLACE))).toBe(true);
		expect(continues(body(PLACE, { do: 'answer', text: '12' }), body(PLACE, { do: 'answer', text: '1' }))).toBe(true);
		expect(continues(body(TURN), body(PLACE))).toBe(false);
		expect(continues(body(PLACE), body(PLACE, TURN))).toBe(false);
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

	it('undo and redo to either end and no further', () => {
		const done = after(did('new-snow', PLACE), did('new-snow', TURN), undid('new-snow'));
		expect(only(done).body.at).toBe(1);
		expect(only(reduce(reduce(done, undid('new-snow')), undid('new-snow')) as WorksState).body.at).toBe(0);
		expect(only(reduce(reduce(done, redid('new-snow')), redid('new-snow')) as WorksState).body.at).toBe(2);
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
