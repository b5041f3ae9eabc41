import type { Went } from '@tidy-sum/core/practice';
import type { WentCounts } from '@tidy-sum/core/record';
import { GAP, type Palette } from '../theme/tokens';
import { usePalette } from '../theme/use-palette';
import { makeStyles } from '../theme/use-styles';
import { Box } from '../ui/box';
import { Words } from '../ui/words';
import * as words from './words';

/** The ways an exercise can go, in the order they are drawn and said. */
export const WAYS_IT_WENT: readonly (readonly [Exclude<Went, 'untouched'>, string])[] = [
	['at-once', words.rightAtOnce],
	['after-nudge', words.rightAfterAHint],
	['uncovered', words.rightWithNumbersUncovered],
	['after-try', words.rightAfterAnotherTry],
	['shown', words.rightAfterSeeingTheLine],
	['not-yet', words.notRightYet],
];

/** Counts in words: "8 right at once, 2 after another try"; a way that never came is left out. */
export function sayWent(counts: WentCounts): string {
	return WAYS_IT_WENT.flatMap(([went, says]) => (counts[went] ? [`${counts[went]} ${says}`] : [])).join(', ');
}

export function colourOf({ pine, fern, edge, look }: Palette, went: Exclude<Went, 'untouched'>): string {
	return {
		'at-once': pine,
		'after-nudge': fern,
		uncovered: fern,
		'after-try': edge,
		shown: look,
		'not-yet': look,
	}[went];
}

/** What the colours of the columns mean; each is said in words as well. */
const LEGEND = [
	['at-once', words.rightAtOnce],
	['after-nudge', words.rightWithHelp],
	['after-try', words.rightAfterAnotherTry],
	['not-yet', words.lineShownOrNotRightYet],
] as const;

/** What the colours of the bars mean. */
export function WentLegend() {
	const styles = useStyles();
	const palette = usePalette();
	return (
		<Box role="list" aria-label={words.whatTheColoursMean} style={styles.legend}>
			{LEGEND.map(([went, says]) => (
				<Box key={went} role="listitem" style={styles.entry}>
					<Box aria-hidden style={[styles.swatch, { backgroundColor: colourOf(palette, went) }]} />
					<Words size="small">{says}</Words>
				</Box>
			))}
		</Box>
	);
}

const useStyles = makeStyles(() => ({
	legend: { flexDirection: 'row', flexWrap: 'wrap', columnGap: GAP.l, rowGap: GAP.xs },
	entry: { flexDirection: 'row', alignItems: 'center', gap: GAP.s },
	swatch: { width: 12, height: 12, borderRadius: 2 },
}));
