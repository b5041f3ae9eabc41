/** The median of some numbers. */
export function median(values: readonly number[]): number {
	const sorted = [...values].sort((a, b) => a - b);
	const middle = Math.floor(sorted.length / 2);
	return sorted.length % 2
		? (sorted[middle] as number)
		: ((sorted[middle - 1] as number) + (sorted[middle] as number)) / 2;
}

/** The value that a share of the numbers is not above: 0.95 for the 95th percentile. */
export function percentile(values: readonly number[], share: number): number {
	const sorted = [...values].sort((a, b) => a - b);
	return sorted[Math.min(sorted.length - 1, Math.ceil(share * sorted.length) - 1)] as number;
}

/** How long one turn of a task is, so that the clock can be trusted. */
const TURN_MS = 25;
/** A machine that is shared slows for seconds at a time: many short turns, each task in each round. */
const ROUNDS = 21;

/** How often a task is called in one turn. */
function callsInTurn(call: () => unknown): number {
	for (let times = 1; ; times *= 2) {
		const from = performance.now();
		for (let i = 0; i < times; i++) kept = call();
		if (performance.now() - from >= TURN_MS) return times;
	}
}

/** What a task gives is kept, so that it is not optimised away. */
let kept: unknown;

/**
 * Microseconds for one call of each task: the median of its turns. The tasks take turns, so that what slows
 * the machine slows all of them alike.
 */
export function microseconds<K extends string>(tasks: Readonly<Record<K, () => unknown>>): Readonly<Record<K, number>> {
	const names = Object.keys(tasks) as K[];
	const calls = new Map(names.map((name) => [name, callsInTurn(tasks[name])]));
	const turns = new Map(names.map((name) => [name, [] as number[]]));
	for (let round = 0; round < ROUNDS; round++)
		for (const name of names) {
			const times = calls.get(name) as number;
			const call = tasks[name];
			const from = performance.now();
			for (let i = 0; i < times; i++) kept = call();
			turns.get(name)?.push(((performance.now() - from) * 1000) / times);
		}
	if (kept === undefined) throw new Error('nothing was computed');
	return Object.fromEntries(names.map((name) => [name, median(turns.get(name) ?? [])])) as Record<K, number>;
}

/** A table with a heading, its columns as wide as they need to be. */
export function table(title: string, rows: readonly (readonly string[])[]): string {
	const widths = (rows[0] ?? []).map((_, i) => Math.max(...rows.map((row) => (row[i] ?? '').length)));
	const lines = rows.map((row) =>
		row.map((cell, i) => (i === 0 ? cell.padEnd(widths[i] ?? 0) : cell.padStart(widths[i] ?? 0))).join('   '),
	);
	return `${title}\n${lines.join('\n')}\n`;
}

/** A figure held against its bar; a bar that is left empty holds nothing. */
export type Row = { readonly name: string; readonly measured: string; readonly bar: string; readonly met: boolean };

/** A measured figure held against its bar; the bar is at most or at least that much. */
export function row(
	name: string,
	measured: number,
	bar: { readonly most?: number; readonly least?: number },
	unit: string,
): Row {
	const { most, least } = bar;
	const met = (most === undefined || measured <= most) && (least === undefined || measured >= least);
	const text = most === undefined ? `at least ${least}` : `at most ${most}`;
	return { name, measured: `${measured.toPrecision(3)} ${unit}`, bar: `${text} ${unit}`, met };
}
