import type { LeftOut, SheetProblem } from '@tidy-sum/core/problem';
import { SHEET_PROBLEMS_LIMIT } from '@tidy-sum/schema';
import { useMemo } from 'react';
import { Box } from '../ui/box';
import { Button } from '../ui/button';
import { Notice } from '../ui/notice';
import { Words } from '../ui/words';
import { instructed } from './instructions';
import { ProblemRow } from './problem-row';
import { useRowStyles } from './rows';
import { useTold } from './use-told';
import * as words from './words';

/** How many problems of a page are shown before it is kept; the sheet has them all. */
const SHOWN = 40;

type Props = {
	readonly problems: readonly SheetProblem[];
	/** The lines of the page that are in no problem, and what makes one of them a problem. */
	readonly leftOut: readonly LeftOut[];
	readonly onBringBack: (line: LeftOut) => void;
};

/** The lines that are left out, each of which becomes a problem at a touch. */
function LeftOutLines({ leftOut, onBringBack }: Omit<Props, 'problems'>) {
	const styles = useRowStyles();
	const lines = leftOut.filter(({ toFillIn }) => !toFillIn);
	if (!leftOut.length) return null;
	return (
		<Box style={styles.part} role="group" aria-label={words.leftOut}>
			{lines.length ? (
				<Words size="small" strong>
					{words.notOnTheSheet}
				</Words>
			) : null}
			<Box role="list">
				{lines.map((line) => (
					<Box key={line.at[0]} role="listitem" style={[styles.item, styles.middle]}>
						<Box style={styles.words}>
							<Words size="small">{line.text}</Words>
						</Box>
						<Button
							label={words.addAsAProblem}
							say={line.text}
							onPress={() => onBringBack(line)}
							testID={`bring-back-${line.at[0]}`}
						/>
					</Box>
				))}
			</Box>
			{lines.length < leftOut.length ? (
				<Words size="small" tone="soft">
					{words.linesToFillIn}
				</Words>
			) : null}
		</Box>
	);
}

/** A page as it was cut into problems, each with what was read of it, and what was left out of it. */
export function PageDraft({ problems, leftOut, onBringBack }: Props) {
	const styles = useRowStyles();
	const shown = useMemo(() => problems.slice(0, SHOWN), [problems]);
	const said = useMemo(() => instructed(shown.map(({ text }) => text)), [shown]);
	const told = useTold(useMemo(() => shown.map(({ text }) => text), [shown]));
	return (
		<Box style={styles.part}>
			<Words role="status" aria-live="polite" testID="page-says">
				{words.problemsFoundKeepThemAsA(problems.length)}
			</Words>
			<Box role="list" testID="page">
				{shown.map(({ at, label, text }, i) => (
					<Box key={at[0]} role="listitem" style={styles.item}>
						<Box style={styles.label}>
							<Words strong size="small">
								{label ?? `${i + 1}`}
							</Words>
						</Box>
						<Box style={styles.words}>
							<ProblemRow text={text} {...said[i]} told={told.get(text)} />
						</Box>
					</Box>
				))}
			</Box>
			{problems.length === SHEET_PROBLEMS_LIMIT ? (
				<Notice>{words.aSheetTakesProblemsTheRest(SHEET_PROBLEMS_LIMIT)}</Notice>
			) : null}
			{problems.length > SHOWN ? <Words size="small">{words.andMore(problems.length - SHOWN)}</Words> : null}
			<LeftOutLines leftOut={leftOut} onBringBack={onBringBack} />
		</Box>
	);
}
