import { readProblem } from '@tidy-sum/core/problem';
import { handedLink, readHandedLink } from '@tidy-sum/exchange/handed-link';
import type { KeptProblem, Step, WorkBody } from '@tidy-sum/schema';
import { canBeWorked } from '../src/bring/can-be-worked';
import { takeIn, workedOf } from '../src/bring/take-in';
import { type AppStore, makeStore } from '../src/store/store';
import { broughtIn, pathOf, titleNamed } from '../src/work/brought';
import { exerciseOf, titleOf } from '../src/work/exercises';
import { followingOf } from '../src/work/following';
import { handedOf, handedTitle, layStep, posingStep, takingIn } from '../src/work/handed';
import { canUndo } from '../src/work/history';
import { howFarNamed, workNamed } from '../src/work/how-far';
import { BROUGHT, DRAFT } from '../src/work/list-names';
import { setReader } from '../src/work/own-reader';
import { placeInSheet, problemName, sheetName, sheetNameOf, sheetOf } from '../src/work/sheet';
import { begunAnew, did, parted, redid, renamed, undid, type WorksState } from '../src/work/works-reducer';
import { toldOf } from '../src/worker/told-of';

const HONEY = '12 jars go to a crate. How many jars are in 36 crates, to 2 s.f.?';
const WIND = 'Write 3.6 m/s in km/h.';
const SHEET = 'sheet-week7';

function pose(text: string): Step {
	return { do: 'pose', text, told: toldOf(readProblem(text)) };
}

function storeWith(...done: readonly (readonly [name: string, step: Step])[]): AppStore {
	const store = makeStore();
	for (const [name, step] of done) store.dispatch(did(name, step));
	return store;
}

const worksOf = (store: AppStore): WorksState => store.getState().works;
const work = (store: AppStore, name: string) => workNamed(worksOf(store), name);
const exercise = (store: AppStore, name: string) => {
	const of = work(store, name);
	return of && exerciseOf(name, of);
};

/** A sheet of two, the first of which was opened. */
function sheetStore(): AppStore {
	return storeWith(
		[
			SHEET,
			layStep([
				{ label: '1', text: HONEY },
				{ label: null, text: WIND },
			]),
		],
		[problemName(SHEET, 'p1'), { ...pose(HONEY), given: true } as Step],
	);
}

describe('a problem as it is told and said', () => {
	it('is an exercise: start, facts, wanted, rounding, each quantity of the text with its place', () => {
		const store = storeWith(['own-a', pose(HONEY)]);
		expect(exercise(store, 'own-a')).toMatchObject({
			prompt: HONEY,
			start: { number: '36', unit: 'crate' },
			facts: [{ left: { number: '12', unit: 'jar' }, right: { number: '1', unit: 'crate' } }],
			want: { unit: 'jar' },
			rounding: { significant: 2 },
			marks: [{ role: 'fact' }, { role: 'start' }],
		});
	});

	it('keeps what was said by hand when its text is read anew', () => {
		const fact = { left: { number: '6', unit: 'jar' }, right: { number: '1', unit: 'box' } };
		const store = storeWith(
			['own-a', pose(HONEY)],
			['own-a', { do: 'ask', want: { unit: 'kg', form: 'scientific' } }],
			['own-a', { do: 'round', rounding: 'none' }],
			['own-a', { do: 'state', fact }],
			['own-a', { do: 'unstate', fact: work(storeWith(['x', pose(HONEY)]), 'x')?.stated[0] ?? fact }],
			['own-a', pose(`${HONEY} Hurry.`)],
		);
		expect(exercise(store, 'own-a')).toMatchObject({
			want: { unit: 'kg', form: 'scientific' },
			rounding: 'none',
			facts: [fact],
		});
	});

	it('has one start: what was read for it is none where another was given by hand', () => {
		const at: [number, number] = [0, 7];
		const start = { number: '12', unit: 'jars' };
		const store = storeWith(
			['own-a', pose(HONEY)],
			[
				'own-a',
				{
					do: 'together',
					steps: [
						{ do: 'mark', at, role: 'start' },
						{ do: 'start', start },
					],
				},
			],
			['own-a', pose(`${HONEY} Hurry.`)],
		);
		expect(work(store, 'own-a')?.placed.filter(({ role }) => role === 'start')).toEqual([{ at, role: 'start' }]);
		expect(exercise(store, 'own-a')?.start).toEqual(start);
	});

	it('drops what was said by hand when another problem takes its place', () => {
		const store = storeWith(
			['own-a', pose(HONEY)],
			['own-a', { do: 'round', rounding: 'none' }],
			['own-a', pose(WIND)],
		);
		expect(exercise(store, 'own-a')).toMatchObject({ rounding: 'figures', want: { unit: 'km/h' } });
	});

	it('moves a place that was given with its words, and lets it go where they went', () => {
		const at: [number, number] = [0, 7];
		const store = storeWith(['own-a', pose(HONEY)], ['own-a', { do: 'mark', at, role: 'spare' }]);
		store.dispatch(did('own-a', pose(`Now ${HONEY}`)));
		expect(work(store, 'own-a')?.placed).toContainEqual({ at: [4, 11], role: 'spare' });
		store.dispatch(did('own-a', pose(`Now 24 pots${HONEY.slice(7)}`)));
		expect(work(store, 'own-a')?.placed.some(({ role }) => role === 'spare')).toBe(false);
	});

	it('of a number whose figures are counted says the number, where it has no text', () => {
		const store = storeWith(['own-a', { do: 'ask', want: { figures: '0.0450' } }]);
		expect(exercise(store, 'own-a')?.prompt).toBe('How many significant figures has 0.0450?');
	});

	it('is called by its title, else by its first words', () => {
		expect(titleOf({ title: '', text: '  One two\nthree four five six ' }, 'x')).toBe('One two three four five …');
		expect(titleOf({ title: 'Mast', text: 'One' }, 'x')).toBe('Mast');
		expect(titleOf({ title: ' ', text: ' ' }, 'Nothing')).toBe('Nothing');
		const store = storeWith(['own-b', { do: 'start', start: { number: '5', unit: 'km' } }]);
		expect(titleNamed(worksOf(store), 'own-b')).toBe('5 km');
	});
});

describe('a problem that is tried anew', () => {
	it('stays posed as it was, with nothing on its line, and the line before is kept', () => {
		const factor = { top: { number: '12', unit: 'jar' }, bottom: { number: '1', unit: 'crate' } };
		const store = storeWith(
			['own-a', pose(HONEY)],
			[
				'own-a',
				{
					do: 'together',
					steps: [
						{ do: 'round', rounding: 'none' },
						{ do: 'answer', text: '5' },
					],
				},
			],
			['own-a', { do: 'place', block: 'a', factor }],
		);
		store.dispatch(begunAnew('own-a'));
		expect(work(store, 'own-a')).toMatchObject({ text: HONEY, rounding: 'none', blocks: [], answer: '' });
		expect(Object.values(worksOf(store).byId)).toHaveLength(2);
	});
});

describe('a draft', () => {
	it('becomes a problem under a name of its own, with all that was done to it', () => {
		const store = storeWith([DRAFT, pose(HONEY)], [DRAFT, { do: 'round', rounding: 'none' }]);
		store.dispatch(renamed({ from: DRAFT, as: 'own-new' }));
		expect(work(store, DRAFT)).toBeNull();
		expect(exercise(store, 'own-new')).toMatchObject({ prompt: HONEY, rounding: 'none' });
		store.dispatch(undid('own-new'));
		expect(exercise(store, 'own-new')?.rounding).toEqual({ significant: 2 });
		store.dispatch(redid('own-new'));
		expect(exercise(store, 'own-new')?.rounding).toBe('none');
	});

	it('that was named elsewhere is not open here under its old name any more', () => {
		const store = storeWith([DRAFT, pose(HONEY)]);
		const id = worksOf(store).open[DRAFT] ?? '';
		const body: WorkBody = { exercise: 'own-new', steps: [pose(HONEY)] };
		store.dispatch(parted({ id, body, version: 2, kept: '2026-01-01T00:00:00.000Z' }));
		expect(worksOf(store).open[DRAFT]).toBeUndefined();
		expect(exercise(store, 'own-new')?.prompt).toBe(HONEY);
	});
});

describe('a sheet', () => {
	it('has its problems under names of their own, and tells where each stands and what follows', () => {
		const store = sheetStore();
		const [first, second] = [problemName(SHEET, 'p1'), problemName(SHEET, 'p2')];
		expect(sheetNameOf(worksOf(store), first)).toBe(SHEET);
		expect(sheetNameOf(worksOf(store), 'own-other')).toBeNull();
		expect(followingOf(first, placeInSheet(worksOf(store), first))).toEqual({
			title: '12 jars go to a …',
			aside: '1 of 2',
			among: { path: `/sheet/${SHEET}`, label: 'How this sheet is going' },
			out: { path: `/sheet/${SHEET}`, says: 'to the sheet' },
			next: second,
		});
		expect(followingOf(second, placeInSheet(worksOf(store), second)).next).toBeNull();
	});

	it('gives its problems a text that no undo takes away', () => {
		const store = sheetStore();
		const name = problemName(SHEET, 'p1');
		const bodyOf = () => worksOf(store).byId[worksOf(store).open[name] ?? '']?.body as WorkBody;
		expect(canUndo(bodyOf())).toBe(false);
		store.dispatch(did(name, { do: 'answer', text: '430 jar' }));
		store.dispatch(undid(name));
		store.dispatch(undid(name));
		expect(work(store, name)).toMatchObject({ text: HONEY, answer: '' });
	});

	it('is put in order and thinned, with all of it taken back', () => {
		const store = sheetStore();
		const order = () =>
			sheetOf(worksOf(store).byId[worksOf(store).open[SHEET] ?? '']?.body).problems.map(({ id }) => id);
		store.dispatch(did(SHEET, { do: 'arrange', what: 'p2', to: 0 }));
		expect(order()).toEqual(['p2', 'p1']);
		store.dispatch(did(SHEET, { do: 'leave', what: 'p1' }));
		expect(order()).toEqual(['p2']);
		expect(placeInSheet(worksOf(store), problemName(SHEET, 'p1'))?.at).toBe(-1);
		store.dispatch(undid(SHEET));
		store.dispatch(undid(SHEET));
		expect(order()).toEqual(['p1', 'p2']);
	});

	it('tells how far each problem is', () => {
		const store = sheetStore();
		const name = problemName(SHEET, 'p1');
		expect(howFarNamed(worksOf(store), problemName(SHEET, 'p2'))).toBe('not-begun');
		expect(howFarNamed(worksOf(store), name)).toBe('not-begun');
		const factor = { top: { number: '12', unit: 'jar' }, bottom: { number: '1', unit: 'crate' } };
		store.dispatch(did(name, { do: 'place', block: 'a', factor }));
		expect(howFarNamed(worksOf(store), name)).toBe('begun');
		store.dispatch(did(name, { do: 'answer', text: '4 jar' }));
		store.dispatch(did(name, { do: 'check' }));
		expect(howFarNamed(worksOf(store), name)).toBe('not-right');
		store.dispatch(did(name, { do: 'answer', text: '4.3e2 jar' }));
		store.dispatch(did(name, { do: 'check' }));
		expect(howFarNamed(worksOf(store), name)).toBe('right');
		store.dispatch(did(name, { do: 'show' }));
		expect(howFarNamed(worksOf(store), name)).toBe('right-shown');
	});
});

describe('the list of what was brought', () => {
	it('has sheets and problems, the last brought first; not the draft, nor what stands on a sheet', () => {
		const store = sheetStore();
		for (const [name, step] of [
			[DRAFT, pose(WIND)],
			['own-a', pose(WIND)],
			['own-b', pose(HONEY)],
			[BROUGHT, { do: 'bring', what: 'own-a' }],
			[BROUGHT, { do: 'bring', what: 'own-b' }],
		] as const)
			store.dispatch(did(name, step));
		expect(broughtIn(worksOf(store))).toEqual(['own-b', 'own-a', SHEET]);
		expect([SHEET, 'own-a'].map(pathOf)).toEqual([`/sheet/${SHEET}`, '/desk/own-a']);
		// What was never put in order takes its place when it is moved.
		store.dispatch(did(BROUGHT, { do: 'arrange', what: SHEET, to: 1 }));
		expect(broughtIn(worksOf(store))).toEqual(['own-b', SHEET, 'own-a']);
		store.dispatch(undid(BROUGHT));
		store.dispatch(did(BROUGHT, { do: 'leave', what: 'own-b' }));
		expect(broughtIn(worksOf(store))).toEqual(['own-a', SHEET]);
		store.dispatch(undid(BROUGHT));
		expect(broughtIn(worksOf(store))).toHaveLength(3);
	});
});

describe('what is handed on', () => {
	it('comes to the same exercises on another device, what was said by hand with it, and no work', () => {
		const store = sheetStore();
		const first = problemName(SHEET, 'p1');
		store.dispatch(did(first, { do: 'ask', want: { mixed: ['dozen', 'jar'] } }));
		store.dispatch(did(first, { do: 'answer', text: '432 jar' }));
		store.dispatch(did(SHEET, { do: 'entitle', title: 'Week 7' }));
		const read = readHandedLink(handedLink(handedOf(worksOf(store), SHEET)));
		if (!read.ok) throw new Error(read.fault.message);
		expect(handedTitle(read.value)).toBe('Week 7');

		const name = sheetName('Else-Where_1');
		const other = makeStore();
		other.dispatch(did(name, takingIn(read.value, name)));
		const laid = () => sheetOf(worksOf(other).byId[worksOf(other).open[name] ?? '']?.body).problems;
		// No piece of work is made of a problem until it is opened.
		expect(work(other, problemName(name, 'p1'))).toBeNull();
		other.dispatch(did(problemName(name, 'p1'), posingStep(laid()[0] as KeptProblem)));
		expect(titleNamed(worksOf(other), name)).toBe('Week 7');
		const there = exercise(other, problemName(name, 'p1'));
		expect({ ...there, name: '' }).toEqual({ ...exercise(store, first), name: '' });
		expect(work(other, problemName(name, 'p1'))?.answer).toBe('');
		// What was never opened goes as its text, and is read there.
		expect(work(other, problemName(name, 'p2'))).toBeNull();
		expect(laid()[1]?.text).toBe(WIND);
	});

	it('of one problem goes with each step of its working where that is asked for, what was undone included', () => {
		const store = storeWith(
			['own-a', pose(WIND)],
			['own-a', { do: 'answer', text: '1 m/s' }],
			['own-a', { do: 'check' }],
		);
		store.dispatch(undid('own-a'));
		const bodyOf = (from: typeof store, name: string) => worksOf(from).byId[worksOf(from).open[name] ?? '']?.body;
		const plain = readHandedLink(handedLink(handedOf(worksOf(store), 'own-a')));
		expect(plain.ok && workedOf(plain.value)).toBeNull();
		const read = readHandedLink(handedLink(handedOf(worksOf(store), 'own-a', true)));
		if (!read.ok) throw new Error(read.fault.message);
		const other = makeStore();
		const path = takeIn(other.dispatch, read.value);
		const [name = ''] = broughtIn(worksOf(other));
		expect(path).toBe(`/replay/${name}?at=0`);
		expect(bodyOf(other, name)?.steps).toEqual(bodyOf(store, 'own-a')?.steps);
		expect(bodyOf(other, name)?.steps.at(-1)).toEqual({ do: 'undo' });
	});

	it('of one problem is that problem, under a name of its own', () => {
		const store = storeWith(['own-a', pose(WIND)], ['own-a', { do: 'entitle', title: 'Gust' }]);
		const other = makeStore();
		other.dispatch(did('own-z', takingIn(handedOf(worksOf(store), 'own-a'), 'own-z')));
		expect(exercise(other, 'own-z')).toMatchObject({ title: 'Gust', start: { number: '3.6', unit: 'm/s' } });
	});

	it('is not refused because nothing has read its text yet', () => {
		setReader(() => ({ numbers: [], rounding: null }));
		for (const text of [WIND, '', 'no number at all'])
			expect([text, canBeWorked({ tidySum: 1, title: '', problems: [{ label: null, text }] })]).toEqual([text, true]);
		setReader(readProblem);
	});

	it('is worked once before it is taken in: what makes no line is not', () => {
		const store = storeWith(['own-a', pose(WIND)]);
		const handed = handedOf(worksOf(store), 'own-a');
		expect(canBeWorked(handed)).toBe(true);
		expect(
			canBeWorked({ ...handed, problems: [handed.problems[0], handed.problems[0]] as typeof handed.problems }),
		).toBe(true);
		const [good] = handed.problems;
		const spoiled = { ...good, told: { ...good?.told, start: { number: '3.6', unit: '###' } } };
		expect(canBeWorked({ ...handed, problems: [spoiled] } as typeof handed)).toBe(false);
	});
});
