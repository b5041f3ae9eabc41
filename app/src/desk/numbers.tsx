import { fieldOf, hasStep, printWritten, sidesOfStart } from '@tidy-sum/core';
import { keysOf, sayCarry, sayFigures, unroundedText } from '@tidy-sum/core/help';
import { memo, useState } from 'react';
import { View } from 'react-native';
import { shownValue } from '../line/shown-value';
import { useAfterPaint } from '../quick/use-after-paint';
import { GAP } from '../theme/tokens';
import { makeStyles } from '../theme/use-styles';
import { Box } from '../ui/box';
import { Button } from '../ui/button';
import { Fraction } from '../ui/fraction';
import { Words } from '../ui/words';
import type { DeskView } from '../work/desk-view';
import { type Covered, isCovered } from '../work/numbers';
import { unclearStart, Zeros } from './panels/zeros';
import * as words from './words';

/** The numbers of one side of the line, each as often as its power; a 1 changes nothing and is left out. */
function product(view: DeskView, side: 'top' | 'bottom'): string {
	const start = sidesOfStart(view.chain.start)[side];
	const numbers = [
		...(start ? [start.number] : []),
		...view.chain.factors.flatMap((factor) => Array<string>(factor.power ?? 1).fill(factor[side].number || '?')),
	].filter((number) => number !== '1');
	return numbers.length ? numbers.map(printWritten).join(' × ') : '1';
}

type Props = {
	readonly view: DeskView;
	/** Told which figures of the start count. */
	readonly onZeros: (figures: number) => void;
	readonly onCalculator: () => void;
	/** Looks at a number that is covered. */
	readonly onUncover: (what: Covered) => void;
};

/** The numbers of the line, drawn in the frame after the line itself. */
export function Numbers({ view, ...acts }: Props) {
	return <Products view={useAfterPaint(view)} {...acts} />;
}

type UncoverProps = { readonly what: Covered; readonly say: string; readonly onUncover: (what: Covered) => void };

/** In place of a number that is covered: one touch shows it, and that is kept. */
function Uncover({ what, say, onUncover }: UncoverProps) {
	return <Button label={words.uncover} say={say} onPress={() => onUncover(what)} testID={`uncover-${what}`} />;
}

type StepsProps = Pick<Props, 'view' | 'onUncover'>;

/** The running value in its running unit after the start and after each block, and the keys of a calculator. */
function Steps({ view, onUncover }: StepsProps) {
	const styles = useStyles();
	const keys = keysOf(view.chain);
	const { numbers, work, shown: line } = view;
	const last = line.running.length - 1;
	const carry = view.closed && line.value && view.support === 'close' ? sayCarry(line, view.exercise) : null;
	return (
		<Box style={styles.steps} testID="running">
			<Box role="list" style={styles.steps}>
				{line.running.map(({ value, pi, unit, together }, i) => {
					const factor = view.chain.factors[i - 1];
					const name = i === 0 ? 'start' : factor && fieldOf(factor) ? words.afterStep(i) : words.afterFactor(i);
					const other = view.high?.running[i];
					const what: Covered = i === last ? 'result' : `after-${i - 1}`;
					const covered = i > 0 && view.worked.value !== null && isCovered(numbers, work.uncovered, what);
					return (
						<Box key={name} role="listitem" style={styles.step}>
							<Box style={styles.stepName}>
								<Words size="small" tone="soft">
									{name}
								</Words>
							</Box>
							{covered ? <Uncover what={what} say={words.theValue(name)} onUncover={onUncover} /> : null}
							<Words>
								{covered
									? [unit, together ? words.together : ''].join(' ').trim()
									: words.running(
											shownValue(value && { value, pi }),
											other?.value ? shownValue({ value: other.value, pi: other.pi }) : null,
											unit,
											together,
										)}
							</Words>
						</Box>
					);
				})}
			</Box>
			{line.aside.length && line.value && view.closed ? (
				<Words strong testID="parts-together">
					{unroundedText(line)}
				</Words>
			) : null}
			{carry ? <Words testID="carry">{carry}</Words> : null}
			{keys.ok && numbers !== 'covered' ? (
				<>
					<Words size="small" tone="soft">
						{words.onAScientificCalculator}
					</Words>
					<Words mono testID="calculator-keys">
						{keys.value.keys}
					</Words>
				</>
			) : null}
		</Box>
	);
}

/** The products across the top and the bottom, one division, and how many figures the result may have and why. */
const Products = memo(function Products({ view, onZeros, onCalculator, onUncover }: Props) {
	const styles = useStyles();
	const [steps, setSteps] = useState(false);
	const { worked, shown: line, chain, support, numbers, work } = view;
	const covered = (what: Covered) => worked.value !== null && isCovered(numbers, work.uncovered, what);
	const [above, below] = [product(view, 'top'), product(view, 'bottom')];
	const adds = hasStep(worked.read);
	const unclear = support === 'none' ? null : unclearStart(view);
	return (
		<View style={styles.numbers} testID="numbers">
			{adds ? <Steps view={view} onUncover={onUncover} /> : null}
			{adds ? null : covered('products') ? (
				<View style={styles.row}>
					<Words tone="soft">{words.workOutTheNumbersYourself}</Words>
					<Uncover what="products" say={words.theProductsAboveAndBelow} onUncover={onUncover} />
				</View>
			) : (
				<View style={styles.row}>
					<Fraction
						top={<Words style={styles.side}>{above}</Words>}
						bottom={<Words style={styles.side}>{below}</Words>}
					/>
					{above === shownValue(line.top) && below === shownValue(line.bottom) ? null : (
						<>
							<Words>=</Words>
							<Fraction
								top={<Words style={styles.side}>{shownValue(line.top)}</Words>}
								bottom={<Words style={styles.side}>{shownValue(line.bottom)}</Words>}
							/>
						</>
					)}
					<Words>=</Words>
					{covered('result') ? (
						<Uncover what="result" say={words.theResultOfTheLine} onUncover={onUncover} />
					) : (
						<Words strong testID="quotient">
							{shownValue(line.value)}
						</Words>
					)}
					<Words strong>{worked.unit.text}</Words>
				</View>
			)}
			{support === 'close' && worked.value ? (
				<Words size="small" tone="soft" testID="figures-why">
					{sayFigures(worked, chain.start)}
				</Words>
			) : null}
			{unclear === null ? null : <Zeros text={unclear} figures={view.work.startFigures} onChoose={onZeros} />}
			<Box style={styles.row}>
				{adds ? null : (
					<Button
						label={steps ? words.hideTheSteps : words.stepByStepAndKeys}
						on={steps}
						onPress={() => setSteps(!steps)}
						testID="steps"
					/>
				)}
				<Button label={words.calculator} onPress={onCalculator} testID="open-calculator" />
			</Box>
			{steps && !adds ? <Steps view={view} onUncover={onUncover} /> : null}
		</View>
	);
});

const useStyles = makeStyles(() => ({
	steps: { gap: GAP.s },
	step: { flexDirection: 'row', alignItems: 'baseline', gap: GAP.m },
	stepName: { minWidth: 100 },
	numbers: { gap: GAP.s, paddingVertical: GAP.m, maxWidth: 720 },
	row: { flexDirection: 'row', flexWrap: 'wrap', alignItems: 'center', columnGap: GAP.s, rowGap: GAP.s },
	side: { paddingHorizontal: GAP.xs, textAlign: 'center', fontVariant: ['tabular-nums'] },
}));
