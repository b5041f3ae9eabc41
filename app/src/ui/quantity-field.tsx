import type { Fault } from '@tidy-sum/core';
import { useId } from 'react';
import { TextInput, View } from 'react-native';
import { FONT, GAP, SIZE, TARGET } from '../theme/tokens';
import { usePalette } from '../theme/use-palette';
import { makeStyles } from '../theme/use-styles';
import { Words } from './words';

type Props = {
	readonly label: string;
	readonly value: string;
	readonly onChange: (text: string) => void;
	readonly onSubmit: () => void;
	readonly onSelect: (from: number, to: number) => void;
	readonly fault: Fault | null;
	/** What the field reads as, while nothing is wrong with it. */
	readonly reads: string;
	/** Whether the device's own keyboard comes up. */
	readonly keyboard: boolean;
};

/** A field for a number with its unit. What cannot be read is said in a sentence, and marked at its place. */
export function QuantityField({ label, value, onChange, onSubmit, onSelect, fault, reads, keyboard }: Props) {
	const styles = useStyles();
	const palette = usePalette();
	const id = useId();
	const [from, to] = fault?.at ?? [0, 0];
	const marked = fault && to > from;
	return (
		<View style={styles.field}>
			<TextInput
				accessibilityLabel={label}
				aria-describedby={id}
				aria-invalid={fault !== null}
				value={value}
				onChangeText={onChange}
				onSubmitEditing={onSubmit}
				onSelectionChange={({ nativeEvent: { selection } }) => onSelect(selection.start, selection.end)}
				inputMode={keyboard ? 'text' : 'none'}
				autoCapitalize="none"
				autoCorrect={false}
				autoComplete="off"
				spellCheck={false}
				placeholder="number and unit"
				placeholderTextColor={palette.soft}
				style={[styles.input, fault && styles.faulty]}
				testID="answer"
			/>
			<View nativeID={id} aria-live="polite">
				{marked ? (
					<Words mono aria-hidden testID="fault-place">
						{value.slice(0, from)}
						<Words mono tone="look" style={styles.place}>
							{value.slice(from, to)}
						</Words>
						{value.slice(to)}
					</Words>
				) : null}
				<Words size="small" tone={fault ? 'look' : 'soft'} testID="answer-says">
					{fault ? fault.message : reads}
				</Words>
			</View>
		</View>
	);
}

const useStyles = makeStyles((palette) => ({
	field: { gap: GAP.xs },
	input: {
		minHeight: TARGET + 4,
		paddingHorizontal: GAP.m,
		borderWidth: 2,
		borderColor: palette.edge,
		borderRadius: 8,
		backgroundColor: palette.page,
		color: palette.ink,
		fontFamily: FONT.mono,
		fontSize: SIZE.figure,
	},
	faulty: { borderColor: palette.look },
	place: { textDecorationLine: 'underline', textDecorationStyle: 'dotted' },
}));
