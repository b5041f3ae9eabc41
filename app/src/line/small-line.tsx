import {
	isBareStep,
	printQuantity,
	printWritten,
	type ShownUnit,
	START,
	shownStep,
	shownUnits,
	sidesOfStart,
	toSuperscript,
} from '@tidy-sum/core';
import { GAP } from '../theme/tokens';
import { makeStyles } from '../theme/use-styles';
import { Box } from '../ui/box';
import { Fraction } from '../ui/fraction';
import { Words } from '../ui/words';
import type { DeskView } from '../work/desk-view';
import { isCovered } from '../work/numbers';
import { shownValue } from './shown-value';
import * as words from './words';

type SideProps = { readonly text: string; readonly units: readonly ShownUnit[] };

/** One side of a factor, its units struck where they cancel. */
function Side({ text, units }: SideProps) {
	const styles = useStyles();
	return (
		<Words size="small" style={styles.side}>
			{text}
			{units.map(({ key, symbol, state }) => (
				<Words key={key} size="small" style={state === 'cancelled' ? styles.struck : null}>
					{`\u2009${symbol}`}
				</Words>
			))}
		</Words>
	);
}

/** A number, or both ends of a range. */
function range(low: string, high: string | null): string {
	return high === null ? low : words.toOfNumber(low, high);
}

/** The value of a line, of a range both ends, where its numbers are shown. */
function resultOf({ worked, shown, high, numbers, work }: DeskView): string {
	if (!shown.value || isCovered(numbers, work.uncovered, 'result')) return '';
	return `= ${range(shownValue(shown.value), high?.value ? shownValue(high.value) : null)} ${worked.unit.text}`;
}

type Props = {
	readonly view: DeskView;
	/** What is wanted, in words. */
	readonly wanted: string;
};

/** The line and its result in one small row that moves sideways, with what is wanted: while the answer is typed on a small phone. */
export function SmallLine({ view, wanted }: Props) {
	const styles = useStyles();
	const { chain, worked, shown, columns } = view;
	const start = sidesOfStart(chain.start);
	const unitsOf = (index: number, side: 'top' | 'bottom', power = 1) => shownUnits(worked, columns, index, side, power);
	const below = unitsOf(START, 'bottom');
	const { until } = view.exercise;
	const above = (
		<Side
			text={range(printWritten(start.top.number), until ? printWritten(until.number) : null)}
			units={unitsOf(START, 'top')}
		/>
	);
	return (
		<Box style={styles.all} testID="small-line">
			<Words size="small" tone="soft">
				{wanted}
			</Words>
			<Box
				style={styles.row}
				tabIndex={0}
				role="img"
				aria-label={words.theLineFrom(printQuantity(start.top), resultOf(view))}
			>
				{start.bottom || below.length ? (
					<Fraction top={above} bottom={<Side text={printWritten(start.bottom?.number ?? '')} units={below} />} />
				) : (
					above
				)}
				{view.blocks.map(({ id, factor }, i) => {
					if (isBareStep(factor))
						return (
							<Words key={id} size="small">
								{shownStep(shown, i, null)?.text}
							</Words>
						);
					const power = factor.power ?? 1;
					return (
						<Box key={id} style={styles.factor}>
							<Words size="small">×</Words>
							<Fraction
								top={<Side text={printWritten(factor.top.number)} units={unitsOf(i, 'top', power)} />}
								bottom={<Side text={printWritten(factor.bottom.number)} units={unitsOf(i, 'bottom', power)} />}
							/>
							{power > 1 ? <Words size="small">{toSuperscript(power)}</Words> : null}
						</Box>
					);
				})}
				<Words size="small" strong>
					{resultOf(view)}
				</Words>
			</Box>
		</Box>
	);
}

const useStyles = makeStyles((palette) => ({
	all: {
		gap: GAP.xs,
		paddingHorizontal: GAP.l,
		paddingVertical: GAP.xs,
		borderTopWidth: 2,
		borderTopColor: palette.pine,
	},
	row: {
		flexDirection: 'row',
		alignItems: 'center',
		gap: GAP.s,
		...({ overflowX: 'auto', scrollbarWidth: 'none' } as object),
	},
	factor: { flexDirection: 'row', alignItems: 'center', gap: GAP.xs },
	side: { paddingHorizontal: 2, fontVariant: ['tabular-nums'] },
	struck: { textDecorationLine: 'line-through', color: palette.soft },
}));
