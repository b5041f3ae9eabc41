import { type Try, type Went, wentOf } from '../practice/outcome';

/** A try as a class has it: whose, and at which exercise of the set, by its place from 0. */
export type SeatTry<T extends Try = Try> = { readonly seat: string; readonly problem: number; readonly try: T };

/** How one exercise went at one seat. */
export type ClassCell<T extends Try = Try> = {
	readonly went: Went;
	/** The tries in the order they were made. */
	readonly tries: readonly T[];
	/** The code of the slip in the last try; null where it is right, or none was named. */
	readonly slip: string | null;
};

/** A seat of the table: a cell for each exercise, and how many of them are right, and tried and not right. */
export type ClassRow<T extends Try = Try> = {
	readonly seat: string;
	readonly cells: readonly ClassCell<T>[];
	readonly right: number;
	/** How many of the right ones were right at once. */
	readonly atOnce: number;
	readonly lost: number;
};

function cellOf<T extends Try>(unsorted: readonly T[]): ClassCell<T> {
	const tries = [...unsorted].sort((a, b) => a.when - b.when);
	const last = tries.at(-1);
	const went = wentOf(tries);
	return { went, tries, slip: went === 'not-yet' ? (last?.slips[0] ?? null) : null };
}

/**
 * The table of a set that a class works on: a row for each seat and a cell for each exercise, also for those nobody tried.
 * @param seats the seats, in the order of the rows.
 * @param count how many exercises the set has.
 * @example classTable(['s1'], 2, tries)[0] // { seat: 's1', cells: [{ went: 'at-once', … }, { went: 'untouched', … }], right: 1, atOnce: 1, lost: 0 }
 */
export function classTable<T extends Try>(
	seats: readonly string[],
	count: number,
	tries: readonly SeatTry<T>[],
): readonly ClassRow<T>[] {
	const byCell = new Map<string, T[]>();
	for (const { seat, problem, try: made } of tries) {
		const key = `${problem} ${seat}`;
		byCell.set(key, [...(byCell.get(key) ?? []), made]);
	}
	return seats.map((seat) => {
		const cells = Array.from({ length: count }, (_, problem) => cellOf(byCell.get(`${problem} ${seat}`) ?? []));
		const lost = cells.filter(({ went }) => went === 'not-yet').length;
		const blank = cells.filter(({ went }) => went === 'untouched').length;
		const atOnce = cells.filter(({ went }) => went === 'at-once').length;
		return { seat, cells, right: count - lost - blank, atOnce, lost };
	});
}

/** How one exercise went in a class: at how many seats it is right, not right, and not tried; and the slip that is most common. */
export type ClassExercise = {
	readonly problem: number;
	readonly right: number;
	readonly lost: number;
	readonly blank: number;
	/** The code of the slip; null where none was named. */
	readonly slip: string | null;
};

function mostCommon(slips: readonly string[]): string | null {
	const counts = new Map<string, number>();
	for (const slip of slips) counts.set(slip, (counts.get(slip) ?? 0) + 1);
	return [...counts].sort(([, a], [, b]) => b - a)[0]?.[0] ?? null;
}

/**
 * The exercises of a table, those that were lost at most seats first.
 * @example classExercises(rows, 3)[0] // { problem: 2, right: 8, lost: 5, blank: 1, slip: 'inverted' }
 */
export function classExercises(rows: readonly ClassRow[], count: number): readonly ClassExercise[] {
	return Array.from({ length: count }, (_, problem) => {
		const cells = rows.flatMap((row) => row.cells[problem] ?? []);
		const lost = cells.filter(({ went }) => went === 'not-yet').length;
		const blank = cells.filter(({ went }) => went === 'untouched').length;
		const slip = mostCommon(cells.flatMap((cell) => cell.slip ?? []));
		return { problem, right: cells.length - lost - blank, lost, blank, slip };
	}).sort((a, b) => b.lost - a.lost || a.problem - b.problem);
}
