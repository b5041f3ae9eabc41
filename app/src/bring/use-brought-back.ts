import type { LeftOut, SheetProblem } from '@tidy-sum/core/problem';
import { useCallback, useMemo, useState } from 'react';
import type { Brought } from '../worker/core-jobs';

/** A page with the lines that were brought back, and those that are still left out. */
export type BroughtBack = {
	readonly problems: readonly SheetProblem[];
	readonly leftOut: readonly LeftOut[];
	readonly onBringBack: (line: LeftOut) => void;
};

const NOTHING: readonly LeftOut[] = [];

/** The problems of a page with some lines that were left out, each in its place. */
function withLines(problems: readonly SheetProblem[], lines: readonly LeftOut[]): readonly SheetProblem[] {
	return [...problems, ...lines.map(({ at, text }) => ({ at, label: null, text }))].sort((a, b) => a.at[0] - b.at[0]);
}

/** The problems of a page with those lines that a student brings back; another text begins without any. */
export function useBroughtBack(brought: Brought | null, text: string): BroughtBack {
	const [back, setBack] = useState({ of: text, lines: NOTHING });
	const lines = back.of === text ? back.lines : NOTHING;
	const onBringBack = useCallback(
		(line: LeftOut) =>
			setBack((before) => ({ of: text, lines: [...(before.of === text ? before.lines : NOTHING), line] })),
		[text],
	);
	return useMemo(() => {
		const isBack = (line: LeftOut) => lines.some(({ at }) => at[0] === line.at[0]);
		return {
			problems: brought ? withLines(brought.problems, lines) : [],
			leftOut: (brought?.about ?? NOTHING).filter((line) => !isBack(line)),
			onBringBack,
		};
	}, [brought, lines, onBringBack]);
}
