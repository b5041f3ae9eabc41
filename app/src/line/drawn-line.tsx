import {
	type Factor,
	isBareStep,
	type LaneColumn,
	printWritten,
	type Quantity,
	type ShownUnit,
	START,
	type Start,
	shownStep,
	shownUnits,
	sidesOfStart,
	toSuperscript,
	type WorkedChain,
} from '@tidy-sum/core';
import { GAP } from '../theme/tokens';
import { makeStyles } from '../theme/use-styles';
import { Box } from '../ui/box';
import { Fraction } from '../ui/fraction';
import { Words } from '../ui/words';
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

type Props = {
	readonly start: Start;
	/** The other end of a range that begins at the start. */
	readonly until?: Quantity | undefined;
	readonly worked: WorkedChain;
	/** The same with what is covered left out; the line as it is worked where it is left out. */
	readonly shown?: WorkedChain;
	readonly columns: readonly LaneColumn[];
	readonly blocks: readonly { readonly id: string; readonly factor: Factor }[];
	/** Its result, behind an equals sign; '' where nothing is shown. */
	readonly result: string;
};

/** A line drawn small in one row: its fractions, its struck units and its result. Nothing of it can be touched. */
export function DrawnLine({ start: given, until, worked, shown = worked, columns, blocks, result }: Props) {
	const styles = useStyles();
	const start = sidesOfStart(given);
	const unitsOf = (index: number, side: 'top' | 'bottom', power = 1) => shownUnits(worked, columns, index, side, power);
	const below = unitsOf(START, 'bottom');
	const above = (
		<Side
			text={range(printWritten(start.top.number), until ? printWritten(until.number) : null)}
			units={unitsOf(START, 'top')}
		/>
	);
	return (
		<>
			{start.bottom || below.length ? (
				<Fraction top={above} bottom={<Side text={printWritten(start.bottom?.number ?? '')} units={below} />} />
			) : (
				above
			)}
			{blocks.map(({ id, factor }, i) => {
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
			{result ? (
				<Words size="small" strong>
					{result}
				</Words>
			) : null}
		</>
	);
}

const useStyles = makeStyles((palette) => ({
	factor: { flexDirection: 'row', alignItems: 'center', gap: GAP.xs },
	side: { paddingHorizontal: 2, fontVariant: ['tabular-nums'] },
	struck: { textDecorationLine: 'line-through', color: palette.soft },
}));
