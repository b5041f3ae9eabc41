import { firstUnit } from '../src/desk/first-unit';
import { mayAdd } from '../src/desk/may-add';
import { hint, nextBlock, panelFor } from '../src/desk/what-next';
import { makeStore } from '../src/store/store';
import type { DeskView } from '../src/work/desk-view';
import type { Panel } from '../src/work/panel-slice';
import { did } from '../src/work/works-reducer';
import { viewOf } from './on-desk';

const mockRouter = { navigate: () => {} };
jest.mock('expo-router', () => ({ useRouter: () => mockRouter }));

const q = (text: string) => ({ number: text.split(' ')[0] as string, unit: text.split(' ')[1] ?? '' });
const NONE: Panel = { kind: 'none' };

/** The Desk of an exercise after some blocks, an answer, and perhaps the check. */
function worked(exercise: string, blocks: readonly string[] = [], answer = ''): DeskView {
	const store = makeStore();
	for (const [i, text] of blocks.entries()) {
		const [top = '', bottom = ''] = text.split(' / ');
		store.dispatch(did(exercise, { do: 'place', block: `b${i}`, factor: { top: q(top), bottom: q(bottom) } }));
	}
	if (answer) {
		store.dispatch(did(exercise, { do: 'answer', text: answer }));
		store.dispatch(did(exercise, { do: 'check' }));
	}
	return viewOf(exercise, store);
}

const OPENS = { next: true, guided: false };

const GUST = ['5280 ft / 1 mi', '1 h / 3600 s'];

describe('what is to be done next', () => {
	it.each<[string, DeskView, string]>([
		['a start', worked('honey-crates'), 'First choose what the line starts from.'],
		['units to get rid of', worked('wind-gust'), 'Touch a unit that still has to go: mi or h.'],
		['one left', worked('wind-gust', GUST.slice(0, 1)), 'Touch a unit that still has to go: h.'],
		['a closed line', worked('wind-gust', GUST), 'The line is complete. Work out the numbers, then write the answer.'],
		['all right', worked('wind-gust', GUST, '27.1 ft/s'), 'Checked: all right.'],
		['checked', worked('wind-gust', GUST, '2.71 ft/s'), 'Checked. Open Answer to see what was found.'],
	])('with %s is said in a sentence', (_, view, says) => {
		expect(hint(view, false)).toBe(says);
	});

	it('opens by itself: places first, then on a wide screen the Shelf, the answer, the verdict', () => {
		expect(panelFor(NONE, worked('honey-crates'), false, OPENS)).toEqual({ kind: 'places' });
		expect(panelFor(NONE, worked('own-x'), false, OPENS)).toEqual({ kind: 'own' });
		expect(panelFor(NONE, worked('wind-gust'), false, OPENS)).toEqual(NONE);
		expect(panelFor(NONE, worked('wind-gust'), true, OPENS)).toEqual({ kind: 'facts', unit: 'mi' });
		expect(panelFor(NONE, worked('wind-gust', GUST), true, OPENS)).toEqual({ kind: 'answer' });
		expect(panelFor(NONE, worked('wind-gust', GUST, '27.1 ft/s'), true, OPENS)).toEqual({ kind: 'verdict' });
	});

	it('opens on a phone the facts of the one unit left, and the answer of a complete line', () => {
		const open = (view: DeskView, opens = OPENS, chosen = NONE) => panelFor(chosen, view, false, opens);
		expect(open(worked('beam-length'))).toEqual({ kind: 'facts', unit: 'ft' });
		expect(open(worked('wind-gust', GUST.slice(0, 1)))).toEqual({ kind: 'facts', unit: 'h' });
		expect(open(worked('wind-gust', GUST))).toEqual({ kind: 'answer' });
		expect(open(worked('wind-gust', GUST), OPENS, { kind: 'none', shut: true })).toEqual({ kind: 'none', shut: true });
		expect(open(worked('wind-gust', GUST), { next: false, guided: false })).toEqual(NONE);
		// The guide asks for the first touch, and the line is finished with its last.
		expect(open(worked('honey-jar'), { next: true, guided: true })).toEqual(NONE);
		expect(open(worked('honey-jar', ['1 kg / 1000 g']), { next: true, guided: true })).toEqual({ kind: 'answer' });
	});

	it('opens nothing by itself where two units must go, one factor wants a power, or there is no help', () => {
		const open = (view: DeskView) => panelFor(NONE, view, false, OPENS);
		expect(open(worked('wind-gust', ['1 mi / 5280 ft']))).toEqual(NONE);
		expect(open(worked('vent-pane', ['100 cm / 1 m']))).toEqual(NONE);
		expect(open({ ...worked('wind-gust', GUST), support: 'none' })).toEqual(NONE);
	});

	it('is what was chosen, while that is there', () => {
		const view = worked('wind-gust', GUST);
		expect(panelFor({ kind: 'block', id: 'b1' }, view, false, OPENS)).toEqual({ kind: 'block', id: 'b1' });
		expect(panelFor({ kind: 'block', id: 'gone' }, view, false, OPENS)).toEqual({ kind: 'answer' });
		expect(panelFor({ kind: 'verdict' }, view, false, OPENS)).toEqual({ kind: 'answer' });
		expect(panelFor({ kind: 'line' }, view, false, OPENS)).toEqual({ kind: 'line' });
	});
});

describe('walking the line', () => {
	it('goes from block to block, round at the ends', () => {
		const view = worked('wind-gust', GUST);
		expect([nextBlock(view, null, 1), nextBlock(view, null, -1)]).toEqual(['b0', 'b1']);
		expect([nextBlock(view, 'b0', 1), nextBlock(view, 'b1', 1), nextBlock(view, 'b0', -1)]).toEqual(['b1', 'b0', 'b1']);
		expect(nextBlock(worked('wind-gust'), null, 1)).toBeUndefined();
	});

	it('opens the Shelf on what must go, else on what stands', () => {
		expect(firstUnit(worked('wind-gust'))).toBe('mi');
		expect(firstUnit(worked('wind-gust', GUST))).toBe('ft');
	});

	it('may add only where something shifts or is in parts', () => {
		expect(['seed-store', 'roof-beam', 'own-x'].map((name) => mayAdd(worked(name)))).toEqual([true, true, true]);
		expect(['wind-gust', 'vent-pane'].map((name) => mayAdd(worked(name)))).toEqual([false, false]);
	});
});
