import { printUnitText, type WorkedChain } from '@tidy-sum/core';
import { divisionOfStep, type LongDivision } from '@tidy-sum/core/help';
import { shownExactly } from '@tidy-sum/core/shelf';
import { GAP } from '../theme/tokens';
import { makeStyles } from '../theme/use-styles';
import { Box } from '../ui/box';
import { Words } from '../ui/words';
import { PartsPicture } from './parts-picture';
import * as words from './words';

/** A division with remainder written out as on paper: the divisor, what is divided, what is taken away, what is left. */
function Long({ long }: { readonly long: LongDivision }) {
	const styles = useStyles();
	const { all, by, wholes, times, left, unit, of } = long;
	const [divided, size, count, taken, rest] = [all, by, wholes, times, left].map(shownExactly);
	const says = words.dividedByIsWholeTimesIsSo(divided, unit, size, count, of, taken, rest);
	return (
		<Box style={styles.long} role="img" aria-label={says} testID="long-division">
			<Words mono style={styles.by}>
				{size}
			</Words>
			<Box style={styles.column}>
				<Words mono style={styles.digits}>
					{count}
				</Words>
				<Box style={styles.roof}>
					<Words mono style={styles.digits}>
						{divided}
					</Words>
				</Box>
				<Words mono style={styles.digits}>
					{`− ${taken}`}
				</Words>
				<Box style={styles.rule}>
					<Words mono style={styles.digits}>
						{rest}
					</Words>
				</Box>
			</Box>
			<Box style={styles.names}>
				<Words size="small">{words.whole(printUnitText(of))}</Words>
				<Words size="small">{printUnitText(unit)}</Words>
				<Words size="small" tone="soft">{`${count} × ${size}`}</Words>
				<Words size="small">{words.left(printUnitText(unit))}</Words>
			</Box>
		</Box>
	);
}

type Props = {
	readonly worked: WorkedChain;
	/** The units of the measure, large to small. */
	readonly wanted: readonly string[];
	readonly width: number;
};

/** Each time whole ones were set aside, drawn: in wholes and a part of one, and as long division where it was divided. */
export function PartsAlong({ worked, wanted, width }: Props) {
	const styles = useStyles();
	const drawn = worked.read.factors.flatMap((_, i) => {
		const made = worked.running[i + 1]?.value ? divisionOfStep(worked, i, wanted) : null;
		return made ? [{ ...made, at: i }] : [];
	});
	if (!drawn.length) return null;
	return (
		<Box style={styles.drawn} role="group" aria-label={words.theWholeOnesAndTheRest} testID="parts-along">
			{drawn.map(({ at, division, long }) => (
				<Box key={at} style={styles.one}>
					{long ? <Long long={long} /> : null}
					<PartsPicture division={division} width={width} />
				</Box>
			))}
		</Box>
	);
}

const LINE = 24;

const useStyles = makeStyles((palette) => ({
	drawn: { gap: GAP.m, paddingVertical: GAP.s },
	one: { flexDirection: 'row', flexWrap: 'wrap', alignItems: 'center', columnGap: GAP.xl, rowGap: GAP.s },
	long: { flexDirection: 'row', alignItems: 'flex-start', gap: GAP.xs },
	by: { lineHeight: LINE, paddingTop: LINE },
	column: { alignItems: 'stretch' },
	digits: { lineHeight: LINE, textAlign: 'right', paddingHorizontal: GAP.xs },
	roof: { borderTopWidth: 2, borderLeftWidth: 2, borderTopLeftRadius: 4, borderColor: palette.ink, paddingLeft: GAP.s },
	rule: { borderTopWidth: 2, borderColor: palette.ink },
	names: { justifyContent: 'space-between', alignSelf: 'stretch', paddingLeft: GAP.xs },
}));
