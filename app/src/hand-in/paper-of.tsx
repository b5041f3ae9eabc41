import { askedBy, sayWanted, type WorkedChain } from '@tidy-sum/core';
import { sayLine } from '@tidy-sum/core/help';
import { type LinePaper, lineMathml } from '@tidy-sum/exchange';
import { useContext, useMemo } from 'react';
import createElement from 'react-native-web/dist/exports/createElement';
import { sayVerdict } from '../line/four-lines';
import { GAP } from '../theme/tokens';
import { makeStyles } from '../theme/use-styles';
import { Box } from '../ui/box';
import { DecimalContext } from '../ui/decimal';
import { Words } from '../ui/words';
import type { DeskView } from '../work/desk-view';
import { answerOf, wantOf } from '../work/line-of-work';
import { printedAnswer } from '../work/printed-answer';
import * as words from './words';

/** The line with its numbers; until it is checked, what is covered on the Desk stays covered. */
function linedUp({ verdict, worked, shown }: DeskView): WorkedChain {
	return verdict ? worked : shown;
}

/** The answer as print has it: "27 ft/s" for 27ft/s; as it is written where it cannot be read. */
function answerText({ exercise, work }: Pick<DeskView, 'exercise' | 'work'>): string {
	const { answering } = askedBy(exercise);
	const typed = answerOf(exercise, work);
	return (answering.by === 'typing' && printedAnswer(answering, typed)) || typed;
}

/** The line as it is handed in, with the problem and the answer. */
export function paperOf(view: DeskView): LinePaper {
	const { exercise, chain, work } = view;
	return {
		title: exercise.title,
		prompt: exercise.prompt,
		wanted: sayWanted(exercise, wantOf(exercise, work)),
		answer: answerText(view),
		chain,
		worked: linedUp(view),
	};
}

/** One exercise on paper: its problem, its line, its sentences, its answer, and how the check went. */
export function PaperOf({ view, title }: { readonly view: DeskView; readonly title?: string }) {
	const styles = useStyles();
	const { exercise, work, verdict } = view;
	const paper = useMemo(() => paperOf(view), [view]);
	const { answer } = paper;
	const mark = useContext(DecimalContext);
	const sentences = useMemo(() => sayLine(linedUp(view)), [view]);
	return (
		<>
			<Words strong size="title" role="heading" aria-level={title ? 2 : 1} testID="hand-in-title">
				{title ?? exercise.title}
			</Words>
			{exercise.prompt ? <Words testID="problem">{exercise.prompt}</Words> : <Box testID="problem" />}
			<Words size="small" tone="soft">
				{words.wanted(paper.wanted)}
			</Words>
			{paper.chain.factors.length ? (
				<>
					<Box style={styles.math} tabIndex={0} role="group" aria-label={words.theLine}>
						{createElement('div', {
							style: styles.formula,
							'data-testid': 'hand-in-line',
							dangerouslySetInnerHTML: { __html: lineMathml(paper, mark) },
						})}
					</Box>
					<Box style={styles.said} role="list" testID="hand-in-said">
						{sentences.map((sentence) => (
							<Box key={sentence} role="listitem">
								<Words>{sentence}</Words>
							</Box>
						))}
					</Box>
				</>
			) : (
				<Words tone="soft">{words.thereIsNoLine}</Words>
			)}
			<Words strong size="title" testID="hand-in-answer">
				{answer ? words.answer(answer) : words.thereIsNoAnswerYet}
			</Words>
			{verdict ? (
				<Words size="small" tone="soft" testID="hand-in-check">
					{words.checked(sayVerdict(verdict), work.shown, work.nudged, work.uncovered.length)}
				</Words>
			) : null}
		</>
	);
}

const useStyles = makeStyles((palette) => ({
	math: { paddingVertical: GAP.m, ...({ overflowX: 'auto' } as object) },
	formula: { color: palette.ink, fontSize: 22, lineHeight: 64 },
	said: { gap: GAP.xs },
}));
