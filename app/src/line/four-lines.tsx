import { type FourLines, type Judgement, VERDICT_LINES, type VerdictLine } from '@tidy-sum/core';
import type { LucideIconData } from 'lucide-react-native';
import { __iconData as CheckIcon } from 'lucide-react-native/icons/check';
import { __iconData as EyeIcon } from 'lucide-react-native/icons/eye';
import { __iconData as QuestionIcon } from 'lucide-react-native/icons/message-circle-question-mark';
import { View } from 'react-native';
import { GAP } from '../theme/tokens';
import { usePalette } from '../theme/use-palette';
import { makeStyles } from '../theme/use-styles';
import { Button } from '../ui/button';
import { Icon } from '../ui/icon';
import { Words } from '../ui/words';
import type { NamedSlip } from '../worker/core-jobs';
import * as words from './words';

const NAMES = { line: words.line, value: words.value, figures: words.figures, unit: words.unit } as const;

/** What is judged of a line that is asked. */
type Asked = Exclude<Judgement, 'not-asked'>;

const SAYS: Readonly<Record<Asked, string>> = {
	right: 'right',
	wrong: words.lookAgain,
	unclear: words.notClear,
	absent: 'missing',
};

const ICONS: Readonly<Record<Asked, LucideIconData>> = {
	right: CheckIcon,
	wrong: EyeIcon,
	unclear: QuestionIcon,
	absent: EyeIcon,
};

/**
 * How a check went, in one sentence: the lines that are asked, each with what was found.
 * @example sayVerdict(lines) // 'Line: right. Value: right. Figures: look again. Unit: right.'
 */
export function sayVerdict(lines: FourLines): string {
	return VERDICT_LINES.flatMap((name) => {
		const { verdict } = lines[name];
		return verdict === 'not-asked' ? [] : [`${NAMES[name]}: ${SAYS[verdict]}.`];
	}).join(' ');
}

/** One of the four lines: its verdict, its reason and its place. */
function Row({
	name,
	line,
	verdict,
	onBlock,
}: {
	readonly name: keyof typeof NAMES;
	readonly line: VerdictLine;
	readonly verdict: Asked;
	readonly onBlock: ((index: number) => void) | undefined;
}) {
	const styles = useStyles();
	const palette = usePalette();
	const icon = ICONS[verdict];
	const fine = verdict === 'right';
	const { factor } = line;
	return (
		<View style={styles.row} testID={`verdict-${name}`}>
			<View style={styles.icon} aria-hidden>
				<Icon icon={icon} size={22} color={fine ? palette.pine : palette.look} />
			</View>
			<View style={styles.words}>
				<Words strong>
					{NAMES[name]}: {SAYS[verdict]}
				</Words>
				<Words size="small">{line.why}</Words>
				{onBlock && factor !== undefined && factor >= 0 ? (
					<View style={styles.place}>
						<Button label={words.showFactor(factor + 1)} onPress={() => onBlock(factor)} />
					</View>
				) : null}
			</View>
		</View>
	);
}

type LinesProps = {
	readonly lines: FourLines;
	/** Shows a block of the line; left out where it cannot be shown. */
	readonly onBlock?: (index: number) => void;
};

/** The lines of a check that are asked, each with its reason and its place. */
export function FourLinesShown({ lines, onBlock }: LinesProps) {
	const styles = useStyles();
	return (
		<View aria-live="polite" style={styles.lines}>
			{VERDICT_LINES.map((name) => {
				const { verdict } = lines[name];
				return verdict === 'not-asked' ? null : (
					<Row key={name} name={name} line={lines[name]} verdict={verdict} onBlock={onBlock} />
				);
			})}
		</View>
	);
}

type SlipProps = {
	readonly slip: NamedSlip;
	/** What it may have been else. */
	readonly other: NamedSlip | undefined;
	/** Whether the four lines have said its sentence already. */
	readonly isTold: boolean;
};

/** What may have happened: a slip by name, its place, and what to look at. */
export function SlipShown({ slip, other, isTold }: SlipProps) {
	const styles = useStyles();
	return (
		<View style={styles.slip} testID="slip" aria-live="polite">
			<Words strong>{words.thisMayBeWhy(slip.also, slip.title.toLowerCase())}</Words>
			{isTold ? null : <Words>{slip.why}</Words>}
			<Words size="small" tone="soft">
				{slip.nudge}
			</Words>
			{other && other.code !== slip.also ? <Words size="small">{words.or(other.title.toLowerCase())}</Words> : null}
		</View>
	);
}

const useStyles = makeStyles((palette) => ({
	lines: { gap: GAP.m },
	row: { flexDirection: 'row', gap: GAP.m },
	icon: { paddingTop: 1 },
	words: { flex: 1 },
	place: { alignSelf: 'flex-start', paddingTop: GAP.xs },
	slip: {
		gap: GAP.xs,
		padding: GAP.m,
		borderLeftWidth: 4,
		borderLeftColor: palette.look,
		backgroundColor: palette.lookWash,
	},
}));
