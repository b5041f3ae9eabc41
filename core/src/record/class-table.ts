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

/** A seat of the table: a cell for each exercise, how many of them are right, and how many were tried and are not. */
export type ClassRow<T extends Try = Try> = {
	readonly seat: string;
	readonly cells: readonly ClassCell<T>[];
	readonly right: number;
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
 * @example classTable(['s1'], 2, tries)[0] // { seat: 's1', cells: [{ went: 'at-once', … }, { went: 'untouched', … }], right: 1, lost: 0 }
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
		return { seat, cells, right: count - lost - blank, lost };
	});
}
