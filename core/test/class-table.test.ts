import { classExercises, classTable } from '../src/record';

const made = (when: number, right: boolean, slips: readonly string[] = [], more: object = {}) => ({
	when,
	seconds: 10,
	right,
	slips,
	nudges: 0,
	shown: false,
	...more,
});

describe('the table of a class', () => {
	const table = classTable(['heron', 'wren'], 3, [
		{ seat: 'wren', problem: 1, try: made(3, true) },
		{ seat: 'heron', problem: 0, try: made(1, true) },
		// Tries may come in any order: what was made first decides.
		{ seat: 'heron', problem: 1, try: made(9, true) },
		{ seat: 'heron', problem: 1, try: made(4, false, ['inverted']) },
		{ seat: 'wren', problem: 0, try: made(5, false, ['inverted']) },
		{ seat: 'wren', problem: 0, try: made(6, false, ['power', 'inverted']) },
		{ seat: 'nobody', problem: 0, try: made(6, true) },
	]);

	it('has a row for each seat and a cell for each exercise, those nobody tried among them', () => {
		expect(table.map(({ seat, cells }) => [seat, ...cells.map(({ went }) => went)])).toEqual([
			['heron', 'at-once', 'after-try', 'untouched'],
			['wren', 'not-yet', 'at-once', 'untouched'],
		]);
	});

	it('adds up what is right over all exercises, and tells what was lost from what was left blank', () => {
		expect(table.map(({ right, lost }) => [right, lost])).toEqual([
			[2, 0],
			[1, 1],
		]);
	});

	it('names the slip of the last try where it is not right yet, and keeps the tries in their order', () => {
		expect(table[1]?.cells[0]).toMatchObject({ slip: 'power', tries: [{ when: 5 }, { when: 6 }] });
		expect(table[0]?.cells[1]).toMatchObject({ slip: null, tries: [{ when: 4 }, { when: 9 }] });
	});

	it('tells how each exercise went, the one lost most first, with the slip that is most common', () => {
		expect(classExercises(table, 3)).toEqual([
			{ problem: 0, right: 1, lost: 1, blank: 0, slip: 'power' },
			{ problem: 1, right: 2, lost: 0, blank: 0, slip: null },
			{ problem: 2, right: 0, lost: 0, blank: 2, slip: null },
		]);
		expect(table.map(({ atOnce }) => atOnce)).toEqual([1, 1]);
	});

	it('has seats without anything, and sets without seats', () => {
		expect(classTable(['heron'], 2, [])).toMatchObject([{ right: 0, lost: 0, cells: [{ went: 'untouched' }, {}] }]);
		expect(classTable([], 2, [{ seat: 'heron', problem: 0, try: made(1, true) }])).toEqual([]);
	});
});
