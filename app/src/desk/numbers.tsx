import { type Exact, printUnrounded, printWritten, sidesOfStart } from '@tidy-sum/core';
import { memo, useEffect, useState } from 'react';
import { View } from 'react-native';
import { GAP } from '../theme/tokens';
import { makeStyles } from '../theme/use-styles';
import { afterPaint } from '../ui/after-paint';
import { Fraction } from '../ui/fraction';
import { Words } from '../ui/words';
import { sayFigures } from './describe';
import type { DeskView } from './use-desk';

/** How many digits of a product or quotient are shown before it is cut with … */
const SHOWN = 10;

function shown(exact: Exact | null): string {
	return exact ? `${printWritten(printUnrounded(exact.value, SHOWN))}${exact.pi ? ' π' : ''}` : '…';
}

/** The numbers of one side of the line, each as often as its power; a 1 changes nothing and is left out. */
function product(view: DeskView, side: 'top' | 'bottom'): string {
	const start = sidesOfStart(view.exercise.start)[side];
	const numbers = [
		...(start ? [start.number] : []),
		...view.blocks.flatMap(({ factor }) => Array<string>(factor.power ?? 1).fill(factor[side].number)),
	].filter((number) => number !== '1');
	return numbers.length ? numbers.map(printWritten).join(' × ') : '1';
}

/** The numbers of the line, drawn in the frame after the line itself. */
export function Numbers({ view }: { readonly view: DeskView }) {
	const [shown, setShown] = useState(view);
	useEffect(() => afterPaint(() => setShown(view)), [view]);
	return <Products view={shown} />;
}

/** The products across the top and the bottom, one division, and how many figures the result may have and why. */
const Products = memo(function Products({ view }: { readonly view: DeskView }) {
	const styles = useStyles();
	const { worked, exercise } = view;
	const [above, below] = [product(view, 'top'), product(view, 'bottom')];
	return (
		<View style={styles.numbers} testID="numbers">
			<View style={styles.row}>
				<Fraction
					top={<Words style={styles.side}>{above}</Words>}
					bottom={<Words style={styles.side}>{below}</Words>}
				/>
				{above === shown(worked.top) && below === shown(worked.bottom) ? null : (
					<>
						<Words>=</Words>
						<Fraction
							top={<Words style={styles.side}>{shown(worked.top)}</Words>}
							bottom={<Words style={styles.side}>{shown(worked.bottom)}</Words>}
						/>
					</>
				)}
				<Words>=</Words>
				<Words strong testID="quotient">
					{shown(worked.value)}
				</Words>
				<Words strong>{worked.unit.text}</Words>
			</View>
			<Words size="small" tone="soft" testID="figures-why">
				{sayFigures(worked, exercise)}
			</Words>
		</View>
	);
});

const useStyles = makeStyles(() => ({
	numbers: { gap: GAP.s, paddingVertical: GAP.m, maxWidth: 720 },
	row: { flexDirection: 'row', flexWrap: 'wrap', alignItems: 'center', columnGap: GAP.s, rowGap: GAP.s },
	side: { paddingHorizontal: GAP.xs, textAlign: 'center', fontVariant: ['tabular-nums'] },
}));
