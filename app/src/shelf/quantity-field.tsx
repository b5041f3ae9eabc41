import { type Fault, sayQuantity, writtenQuantity } from '@tidy-sum/core';
import { readKnownQuantityText } from '@tidy-sum/core/help';
import { memo } from 'react';
import { GAP } from '../theme/tokens';
import { makeStyles } from '../theme/use-styles';
import { Box } from '../ui/box';
import { Field } from '../ui/field';
import { Stepper } from './stepper';
import * as words from './words';

type Props = {
	readonly label: string;
	readonly text: string;
	readonly onChange: (text: string) => void;
	/** What can be read and yet not be used here. */
	readonly fault?: Fault | null;
	readonly placeholder: string;
	/** The first amount it is stepped by; left out, it is not stepped. */
	readonly step?: string;
	readonly testID: string;
};

/** Where a quantity is typed, and stepped: what cannot be read, or not be used, is said at its place. */
export const QuantityField = memo(function QuantityField({
	label,
	text,
	onChange,
	fault = null,
	placeholder,
	step,
	testID,
}: Props) {
	const styles = useStyles();
	const read = readKnownQuantityText(text);
	const wrong = text.trim() === '' ? null : read.ok ? fault : read.fault;
	return (
		<Box style={styles.part}>
			<Field
				label={label}
				named
				value={text}
				onChange={onChange}
				fault={wrong}
				reads={read.ok && !wrong ? words.readsAs(sayQuantity(read.value)) : ''}
				placeholder={placeholder}
				testID={testID}
			/>
			{step === undefined ? null : (
				<Stepper
					number={read.ok ? read.value.number : ''}
					first={step}
					onStep={(number) => onChange(writtenQuantity({ number, unit: read.ok ? read.value.unit : '' }))}
				/>
			)}
		</Box>
	);
});

const useStyles = makeStyles(() => ({ part: { gap: GAP.s } }));
