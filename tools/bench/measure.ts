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

/**
 * Microseconds for one call: the median of several runs, each long enough to trust the clock.
 * @param call what is timed; what it gives is kept from being optimised away.
 */
export function microseconds(call: () => unknown, runs = 7, atLeastMs = 60): number {
	let kept: unknown;
	let times = 1;
	for (;;) {
		const from = performance.now();
		for (let i = 0; i < times; i++) kept = call();
		if (performance.now() - from >= atLeastMs) break;
		times *= 2;
	}
	const each = Array.from({ length: runs }, () => {
		const from = performance.now();
		for (let i = 0; i < times; i++) kept = call();
		return ((performance.now() - from) * 1000) / times;
	});
	if (kept === undefined) throw new Error('nothing was computed');
	return median(each);
}

/** A table with a heading, its columns as wide as they need to be. */
export function table(title: string, rows: readonly (readonly string[])[]): string {
	const widths = (rows[0] ?? []).map((_, i) => Math.max(...rows.map((row) => (row[i] ?? '').length)));
	const lines = rows.map((row) =>
		row.map((cell, i) => (i === 0 ? cell.padEnd(widths[i] ?? 0) : cell.padStart(widths[i] ?? 0))).join('   '),
	);
	return `${title}\n${lines.join('\n')}\n`;
}
