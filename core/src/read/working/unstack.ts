import type { Flat } from './flatten-latex';

/** A row of bars: runs of dashes, with what is between them. */
const BAR = /[-–—─_]{2,}/gu;
/** A row that has nothing but bars, signs of the line and what it gives. */
const ROW = /^[^\n]*[-–—─_]{3,}[^\n]*$/u;
const BETWEEN = /[|│┼+]/gu;

type Line = { readonly text: string; readonly from: number };

function linesOf(text: string): readonly Line[] {
	const lines: Line[] = [];
	let from = 0;
	for (const line of text.split('\n')) {
		lines.push({ text: line, from });
		from += line.length + 1;
	}
	return lines;
}

/** What is above or below a bar: the part of a line between two columns, with where it is. */
function partOf({ text, from }: Line, left: number, right: number): { readonly text: string; readonly at: number } {
	const part = text.slice(left, right).replace(BETWEEN, ' ');
	const lead = part.length - part.trimStart().length;
	return { text: part.trim(), at: from + left + lead };
}

/** Whether a line may be the upper or the lower half of stacked fractions: it has a number, and no sign that a line ends with. */
function isHalf(line: Line | undefined): line is Line {
	return line !== undefined && /\d/.test(line.text) && !/[=≈×]/.test(line.text);
}

/**
 * A text with each fraction that is stacked over three lines written in one: 12 in over a row of dashes over 1 ft is (12 in)/(1 ft).
 * Each sign keeps its place in the original.
 */
export function unstacked(flat: Flat): Flat {
	const lines = linesOf(flat.text);
	const out: { text: string; at: number[] } = { text: '', at: [] };
	const put = (text: string, at: (i: number) => number) => {
		out.text += text;
		for (let i = 0; i < text.length; i++) out.at.push(flat.at[at(i)] ?? flat.at.at(-1) ?? 0);
	};
	for (let n = 0; n < lines.length; n++) {
		const [above, bar, below] = [lines[n], lines[n + 1], lines[n + 2]];
		if (n > 0) put('\n', () => (above?.from ?? 1) - 1);
		if (!isHalf(above) || !bar || !ROW.test(bar.text) || !below || !/\d/.test(below.text) || /[=≈]/.test(below.text)) {
			if (above) put(above.text, (i) => above.from + i);
			continue;
		}
		const runs = [...bar.text.matchAll(BAR)].map(({ 0: run, index }) => [index, index + run.length] as const);
		let end = 0;
		for (const [k, [from, to]] of runs.entries()) {
			const left = k === 0 ? 0 : Math.floor(((runs[k - 1]?.[1] ?? 0) + from) / 2);
			const right = k === runs.length - 1 ? Number.POSITIVE_INFINITY : Math.ceil((to + (runs[k + 1]?.[0] ?? to)) / 2);
			const [top, bottom] = [above, below].map((line) => partOf(line, left, right));
			const between = bar.text.slice(end, from).replace(BETWEEN, '×');
			put(between, (i) => bar.from + end + i);
			if (top) put(`(${top.text})`, (i) => top.at + Math.max(0, i - 1));
			if (bottom?.text) put(`/(${bottom.text})`, (i) => bottom.at + Math.max(0, i - 2));
			end = to;
		}
		put(bar.text.slice(end).replace(BETWEEN, ' '), (i) => bar.from + end + i);
		n += 2;
	}
	return out;
}
