import type { SheetProblem } from '@tidy-sum/core/problem';
import { SHEET_PROBLEMS_LIMIT } from '@tidy-sum/schema';
import { useMemo } from 'react';
import { Box } from '../ui/box';
import { Notice } from '../ui/notice';
import { Words } from '../ui/words';
import { ProblemRow } from './problem-row';
import { useRowStyles } from './rows';
import { useTold } from './use-told';
import * as words from './words';

/** How many problems of a page are shown before it is kept; the sheet has them all. */
const SHOWN = 40;

/** A page as it was cut into problems, each with what was read of it. */
export function PageDraft({ problems }: { readonly problems: readonly SheetProblem[] }) {
	const styles = useRowStyles();
	const shown = useMemo(() => problems.slice(0, SHOWN), [problems]);
	const told = useTold(useMemo(() => shown.map(({ text }) => text), [shown]));
	return (
		<Box style={styles.part}>
			<Words role="status" aria-live="polite" testID="page-says">
				{words.problemsFoundKeepThemAsA(problems.length)}
			</Words>
			<Box role="list" testID="page">
				{shown.map(({ at, label, text }, i) => (
					<Box key={at[0]} role="listitem" style={styles.item}>
						<Words strong size="small">
							{label ?? `${i + 1}`}
						</Words>
						<Box style={styles.words}>
							<ProblemRow text={text} told={told.get(text)} />
						</Box>
					</Box>
				))}
			</Box>
			{problems.length === SHEET_PROBLEMS_LIMIT ? (
				<Notice>{words.aSheetTakesProblemsTheRest(SHEET_PROBLEMS_LIMIT)}</Notice>
			) : null}
			{problems.length > SHOWN ? <Words size="small">{words.andMore(problems.length - SHOWN)}</Words> : null}
		</Box>
	);
}
