import { printUnrounded, type Rational } from '@tidy-sum/core';
import { calculate } from '@tidy-sum/core/help';
import { useAppSelector } from '../../store/store';
import { GAP } from '../../theme/tokens';
import { makeStyles } from '../../theme/use-styles';
import { Box } from '../../ui/box';
import { Button } from '../../ui/button';
import { Words } from '../../ui/words';
import type { PanelProps } from '../panel-row';
import * as words from './words';

/** How many digits a result is shown with before it is cut. */
const DIGITS = 12;

/** A result as the calculator shows it, with … where digits are cut. */
export function shownResult(value: Rational): string {
	return printUnrounded(value, DIGITS);
}

/** The same as it goes into an answer: rounding it is left to the student. */
export function wholeResult(value: Rational): string {
	return shownResult(value).replace('…', '');
}

/** What was keyed into the calculator on the Desk of this exercise; '' where nothing was. */
export function useKeyed(exercise: string): string {
	return useAppSelector(({ desk: { keyed } }) => (keyed.exercise === exercise ? keyed.text : ''));
}

/** What was keyed, beside the answer, and a way to take its result there. */
export function KeyedBeside({ view, acts }: Pick<PanelProps<'answer'>, 'view' | 'acts'>) {
	const styles = useStyles();
	const text = useKeyed(view.exercise.name);
	const result = calculate(text);
	if (!result.ok) return null;
	const taken = wholeResult(result.value);
	return (
		<Box style={styles.row} role="group" aria-label={words.keyedBefore}>
			<Words size="small" style={styles.keyed}>
				{`${text.trim()} = ${shownResult(result.value)}`}
			</Words>
			{taken === view.work.answer ? null : (
				<Button label={words.takeIt} say={words.toTheAnswer(taken)} onPress={() => acts.onTakeNumber(taken)} />
			)}
		</Box>
	);
}

const useStyles = makeStyles(() => ({
	row: { flexDirection: 'row', alignItems: 'center', justifyContent: 'space-between', gap: GAP.s },
	keyed: { flexShrink: 1 },
}));
