import { type Judgement, solutionOf, VERDICT_LINES, type VerdictLine, workChain } from '@tidy-sum/core';
import { sayLine } from '@tidy-sum/core/help';
import CheckIcon from 'lucide-react-native/icons/check';
import EyeIcon from 'lucide-react-native/icons/eye';
import QuestionIcon from 'lucide-react-native/icons/message-circle-question-mark';
import MinusIcon from 'lucide-react-native/icons/minus';
import type { ComponentType } from 'react';
import { View } from 'react-native';
import { GAP } from '../../theme/tokens';
import { usePalette } from '../../theme/use-palette';
import { makeStyles } from '../../theme/use-styles';
import { Button } from '../../ui/button';
import { Words } from '../../ui/words';
import type { DeskView } from '../../work/desk-view';
import { followingOf } from '../../work/following';
import { PanelFrame } from '../panel-frame';
import type { PanelProps } from '../panel-row';
import { useNaming } from '../use-naming';

declare module '../../work/panel-slice' {
	interface Panels {
		readonly verdict: object;
	}
}

const NAMES = { line: 'Line', value: 'Value', figures: 'Figures', unit: 'Unit' } as const;

const SAYS: Readonly<Record<Judgement, string>> = {
	right: 'right',
	wrong: 'look again',
	unclear: 'not clear',
	absent: 'missing',
	'not-asked': 'not asked',
};

const ICONS: Readonly<Record<Judgement, ComponentType<{ size?: number; color?: string }>>> = {
	right: CheckIcon,
	wrong: EyeIcon,
	unclear: QuestionIcon,
	absent: EyeIcon,
	'not-asked': MinusIcon,
};

function Row({
	name,
	line,
	onBlock,
}: {
	readonly name: keyof typeof NAMES;
	readonly line: VerdictLine;
	readonly onBlock: (index: number) => void;
}) {
	const styles = useStyles();
	const palette = usePalette();
	const Icon = ICONS[line.verdict];
	const fine = line.verdict === 'right' || line.verdict === 'not-asked';
	const { factor } = line;
	return (
		<View style={styles.row} testID={`verdict-${name}`}>
			<View style={styles.icon} aria-hidden>
				<Icon size={22} color={fine ? palette.pine : palette.look} />
			</View>
			<View style={styles.words}>
				<Words strong>
					{NAMES[name]}: {SAYS[line.verdict]}
				</Words>
				<Words size="small">{line.why}</Words>
				{factor !== undefined && factor >= 0 ? (
					<View style={styles.place}>
						<Button label={`Show block ${factor + 1}`} onPress={() => onBlock(factor)} />
					</View>
				) : null}
			</View>
		</View>
	);
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
				The worked line
			</Words>
			{worked?.ok ? sayLine(worked.value).map((sentence) => <Words key={sentence}>{sentence}</Words>) : null}
			<Words strong>{answer}</Words>
			<Words size="small" tone="soft">
				This exercise is kept as one whose line was shown.
			</Words>
		</View>
	);
}

/** The check in four lines, each with its reason and its place. */
export function VerdictPanel({ view, acts }: PanelProps<'verdict'>) {
	const styles = useStyles();
	const { verdict } = view;
	const naming = useNaming(view);
	const { round, next } = followingOf(view.exercise.name);
	const onNext = () => (next === null ? acts.go(`/round/${round}`) : acts.open(next));
	const onBlock = (index: number) => acts.onBlock(view.blocks[index]?.id ?? '');
	if (!verdict) return null;
	// What the four lines have told already is not told twice; the slip still has its name.
	const told = VERDICT_LINES.map((name) => verdict[name].why);
	const [slip, other] = naming.slips;
	return (
		<PanelFrame {...(verdict.right ? { title: 'All right' } : {})}>
			<View aria-live="polite" style={styles.lines}>
				{VERDICT_LINES.map((name) => (
					<Row key={name} name={name} line={verdict[name]} onBlock={onBlock} />
				))}
			</View>
			{naming.looking ? (
				<View style={styles.looking} role="status" testID="looking">
					<Words tone="soft">Looking for what may have happened…</Words>
					<Button label="Stop" say="looking" onPress={naming.stop} testID="stop-looking" />
				</View>
			) : null}
			{slip ? (
				<View style={styles.slip} testID="slip" aria-live="polite">
					<Words strong>What may have happened: {slip.title.toLowerCase()}</Words>
					{told.includes(slip.why) ? null : <Words>{slip.why}</Words>}
					<Words size="small" tone="soft">
						{slip.nudge}
					</Words>
					{other ? <Words size="small">Or else: {other.title.toLowerCase()}.</Words> : null}
				</View>
			) : null}
			{naming.rulesOut ? <Words testID="rules-out">{naming.rulesOut}</Words> : null}
			<View style={styles.next}>
				{verdict.right ? (
					<Button
						label={next === null ? 'How the Round went' : 'Next exercise'}
						kind="strong"
						onPress={onNext}
						testID="next"
					/>
				) : null}
				<Button label="Change the answer" onPress={acts.onAnswer} testID="change-answer" />
				{verdict.right || view.work.shown ? null : (
					<Button label="Show the worked line" onPress={() => acts.onDo({ do: 'show' })} testID="show-worked" />
				)}
				<Button label="Side by side" onPress={() => acts.show({ kind: 'beside' })} testID="open-beside" />
				<Button label="Take the result on" onPress={() => acts.show({ kind: 'take' })} testID="open-take" />
				<Button label="Hand in" onPress={acts.onHandIn} testID="open-hand-in" />
			</View>
			{view.work.shown ? <WorkedLine view={view} /> : null}
		</PanelFrame>
	);
}

const useStyles = makeStyles((palette) => ({
	lines: { gap: GAP.m },
	slip: {
		gap: GAP.xs,
		padding: GAP.m,
		borderLeftWidth: 4,
		borderLeftColor: palette.look,
		backgroundColor: palette.lookWash,
	},
	looking: { flexDirection: 'row', flexWrap: 'wrap', alignItems: 'center', gap: GAP.m },
	row: { flexDirection: 'row', gap: GAP.m },
	icon: { paddingTop: 1 },
	words: { flex: 1 },
	place: { alignSelf: 'flex-start', paddingTop: GAP.xs },
	next: {
		flexDirection: 'row',
		flexWrap: 'wrap',
		gap: GAP.s,
		borderTopColor: palette.rule,
		borderTopWidth: 1,
		paddingTop: GAP.m,
	},
}));
