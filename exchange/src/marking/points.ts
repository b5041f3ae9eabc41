import { bad, type FourLines, good, type Outcome, VERDICT_LINES } from '@tidy-sum/core';

/** How many points each line of a check gives. */
export type Points = { readonly [L in (typeof VERDICT_LINES)[number]]: number };

/** What was got of what there was to get. */
export type Scored = { readonly got: number; readonly of: number };

/**
 * Points as they are typed: "line 1, value 2, figures 1, unit 1"; a line that is left out gives none.
 * @returns them, or `shape` with what cannot be read.
 */
export function readPoints(text: string): Outcome<Points> {
	const points: { -readonly [L in keyof Points]: number } = { line: 0, value: 0, figures: 0, unit: 0 };
	for (const part of text.split(/[,;]/u)) {
		const found = /^\s*([a-z]+)[\s=:]+(\d{1,3}(?:\.\d{1,2})?)\s*$/iu.exec(part);
		const line = VERDICT_LINES.find((name) => name === found?.[1]?.toLowerCase());
		if (!line)
			return bad(
				'shape',
				`“${part.trim()}” is not a line with its points. Write them like this: line 1, value 2, figures 1, unit 1.`,
			);
		points[line] = Number(found?.[2]);
	}
	return good(points);
}

/** The points of a check: each line that is right gives its own; a line that is not asked is left out of both. */
export function scored(lines: FourLines, points: Points): Scored {
	const asked = VERDICT_LINES.filter((line) => lines[line].verdict !== 'not-asked');
	const sum = (names: typeof asked) => names.reduce((total, line) => total + points[line], 0);
	return { got: sum(asked.filter((line) => lines[line].verdict === 'right')), of: sum(asked) };
}
