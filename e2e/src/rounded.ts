const COUNTS: Readonly<Record<string, number>> = { two: 2, three: 3 };

/** The answer to a problem of rounding to figures, worked here from its words. */
export function rounded(problem: string): string {
	const [, number = '', unit = ''] = /(\d[\d.]*) (\S+?)[ .]/.exec(problem) ?? [];
	const [, count = ''] = /(two|three) significant/.exec(problem) ?? [];
	return `${Number(number).toExponential((COUNTS[count] as number) - 1)} ${unit}`;
}
