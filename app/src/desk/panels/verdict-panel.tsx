import { solutionOf, VERDICT_LINES, workChain } from '@tidy-sum/core';
import { sayLine } from '@tidy-sum/core/help';
import { View } from 'react-native';
import { FourLinesShown, SlipShown } from '../../line/four-lines';
import { useFollowing } from '../../store/use-following';
import { GAP } from '../../theme/tokens';
import { makeStyles } from '../../theme/use-styles';
import { Button } from '../../ui/button';
import { Words } from '../../ui/words';
import type { DeskView } from '../../work/desk-view';
import { Guided } from '../guide';
import { PanelFrame } from '../panel-frame';
import type { PanelProps } from '../panel-row';
import { ThinkRight } from '../think-right';
import { useNaming } from '../use-naming';
import * as words from './words';

declare module '../../work/panel-slice' {
	interface Panels {
		readonly verdict: object;
	}
}

/** The key: its line in sentences, and the answer; shown only when asked for, and kept as shown. */
function WorkedLine({ view: { exercise } }: { readonly view: DeskView }) {
	const styles = useStyles();
	const solved = solutionOf(exercise);
	if (!solved.ok) return null;
	const { chain, answer } = solved.value;
	const worked = chain && workChain(chain);
	return (
		<View style={styles.lines} testID="worked-line">
			<Words strong role="heading" aria-level={3}>
				{words.theWorkedLineTitle}
			</Words>
			{worked?.ok ? sayLine(worked.value).map((sentence) => <Words key={sentence}>{sentence}</Words>) : null}
			<Words strong>{answer}</Words>
			<Words size="small" tone="soft">
				{words.youLookedAtTheWorkedLine}
			</Words>
		</View>
	);
}

/** The check: a line for each thing that is asked, with its reason and its place. */
export function VerdictPanel({ view, acts, wide }: PanelProps<'verdict'>) {
	const styles = useStyles();
	const { verdict } = view;
	const naming = useNaming(view);
	const { among, next } = useFollowing(view.exercise.name);
	const onNext = () => (next === null ? acts.go(among?.path ?? '/rounds') : acts.open(next));
	const onBlock = (index: number) => acts.onBlock(view.blocks[index]?.id ?? '');
	if (!verdict) return null;
	// What the four lines have told already is not told twice; the slip still has its name.
	const told = VERDICT_LINES.map((name) => verdict[name].why);
	const [slip, other] = naming.slips;
	const foot = (
		<>
			{verdict.right ? (
				<Button
					label={next === null ? (among?.label ?? words.nextExercise) : words.nextExercise}
					kind="strong"
					onPress={onNext}
					testID="next"
				/>
			) : null}
			<Button
				label={words.changeIt}
				say={words.theAnswerItself}
				kind={verdict.right ? 'plain' : 'strong'}
				onPress={acts.onAnswer}
				testID="change-answer"
			/>
			{verdict.right || wide ? null : <Button label={words.lookAtTheLine} onPress={acts.close} testID="look-at-line" />}
			{verdict.right ? null : (
				<Button label={words.leaveItAndGoOn} say={words.itComesBackUnderToday} onPress={onNext} testID="leave-it" />
			)}
		</>
	);
	return (
		<PanelFrame {...(verdict.right ? { title: words.allRight } : {})} foot={foot}>
			<Guided at={['answer', 'done']} />
			<FourLinesShown lines={verdict} onBlock={onBlock} />
			{naming.looking ? (
				<View style={styles.looking} role="status" testID="looking">
					<Words tone="soft">{words.lookingForTheSlip}</Words>
					<Button label={words.stop} say={words.looking} onPress={naming.stop} testID="stop-looking" />
				</View>
			) : null}
			{slip ? <SlipShown slip={slip} other={other} isTold={told.includes(slip.why)} /> : null}
			{naming.rulesOut ? <Words testID="rules-out">{naming.rulesOut}</Words> : null}
			<View style={styles.next}>
				{verdict.right || view.work.shown ? null : (
					<Button label={words.showTheWorkedLine} onPress={() => acts.onDo({ do: 'show' })} testID="show-worked" />
				)}
				<Button label={words.sideBySide} onPress={() => acts.show({ kind: 'beside' })} testID="open-beside" />
				<Button label={words.useThisResult} onPress={() => acts.show({ kind: 'take' })} testID="open-take" />
				<Button label={words.handIn} onPress={acts.onHandIn} testID="open-hand-in" />
				{verdict.right ? null : <ThinkRight view={view} verdict={verdict} />}
			</View>
			{view.work.shown ? <WorkedLine view={view} /> : null}
		</PanelFrame>
	);
}

const useStyles = makeStyles((palette) => ({
	lines: { gap: GAP.m },
	looking: { flexDirection: 'row', flexWrap: 'wrap', alignItems: 'center', gap: GAP.m },
	next: {
		flexDirection: 'row',
		flexWrap: 'wrap',
		gap: GAP.s,
		borderTopColor: palette.rule,
		borderTopWidth: 1,
		paddingTop: GAP.m,
	},
}));
