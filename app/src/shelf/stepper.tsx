import { stepNumber } from '@tidy-sum/core/shelf';
import { useState } from 'react';
import { GAP } from '../theme/tokens';
import { makeStyles } from '../theme/use-styles';
import { Box } from '../ui/box';
import { Button } from '../ui/button';
import { Field } from '../ui/field';
import { Words } from '../ui/words';
import * as words from './words';

type Props = {
	/** The number that is stepped, as written. */
	readonly number: string;
	readonly onStep: (number: string) => void;
	readonly first?: string;
};

/** Steps a number up and down by an amount one chooses. */
export function Stepper({ number, onStep, first = '1' }: Props) {
	const styles = useStyles();
	const [by, setBy] = useState(first);
	const up = stepNumber(number, by, 1);
	const down = stepNumber(number, by, -1);
	// What is wrong with the number is said where it is typed.
	const fault = up.ok || by.trim() === '' || up.fault.in === 'number' ? null : up.fault;
	return (
		<Box style={styles.row} role="group" aria-label={words.stepTheValue}>
			<Button
				label="−"
				say={words.oneStepDown}
				disabled={!down.ok}
				onPress={() => down.ok && onStep(down.value)}
				testID="step-down"
			/>
			<Button
				label="+"
				say={words.oneStepUp}
				disabled={!up.ok}
				onPress={() => up.ok && onStep(up.value)}
				testID="step-up"
			/>
			<Words size="small" tone="soft" aria-hidden>
				{words.by}
			</Words>
			<Box style={styles.by}>
				<Field label={words.stepBy} value={by} onChange={setBy} fault={fault} testID="step-by" />
			</Box>
		</Box>
	);
}

const useStyles = makeStyles(() => ({
	row: { flexDirection: 'row', flexWrap: 'wrap', alignItems: 'center', gap: GAP.s },
	by: { width: 120 },
}));
