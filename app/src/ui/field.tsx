import type { Fault } from '@tidy-sum/core';
import { type Ref, useId } from 'react';
import { TextInput, View } from 'react-native';
import { CORNER, FONT, GAP, SIZE, TARGET } from '../theme/tokens';
import { usePalette } from '../theme/use-palette';
import { makeStyles } from '../theme/use-styles';
import { useMarked } from './decimal';
import { Words } from './words';

type Props = {
	readonly label: string;
	readonly value: string;
	readonly onChange: (text: string) => void;
	readonly testID: string;
	readonly onSubmit?: () => void;
	readonly onSelect?: (from: number, to: number) => void;
	/** What cannot be read, with its place. */
	readonly fault?: Fault | null;
	/** What the field reads as, while nothing is wrong with it. */
	readonly reads?: string;
	readonly placeholder?: string;
	/** Whether the device's own keyboard comes up; it does unless told otherwise. */
	readonly keyboard?: boolean;
	/** Several lines of running text. */
	readonly lines?: number;
	/** Shows the label above the field as well. */
	readonly named?: boolean;
	readonly field?: Ref<TextInput>;
	/** Told when it is gone into. */
	readonly onEnter?: (() => void) | undefined;
};

/** A field to type into. What cannot be read is said in a sentence, and marked at its place; nothing is lost. */
export function Field({
	label,
	value: kept,
	onChange: onKept,
	testID,
	onSubmit,
	onSelect,
	fault = null,
	reads = '',
	placeholder,
	keyboard = true,
	lines = 1,
	named = false,
	field,
	onEnter,
}: Props) {
	const styles = useStyles();
	const palette = usePalette();
	const { value, onChange } = useMarked(kept, onKept);
	const id = useId();
	const [from, to] = fault?.at ?? [0, 0];
	const marked = fault && to > from;
	const says = fault ? fault.message : reads;
	return (
		<View style={styles.field}>
			{named ? (
				<Words size="small" tone="soft" aria-hidden>
					{label}
				</Words>
			) : null}
			<TextInput
				ref={field}
				accessibilityLabel={label}
				{...(says ? { 'aria-describedby': id } : {})}
				aria-invalid={fault !== null}
				value={value}
				onChangeText={onChange}
				onSubmitEditing={onSubmit}
				onSelectionChange={({ nativeEvent: { selection } }) => onSelect?.(selection.start, selection.end)}
				{...(onEnter ? { onFocus: onEnter } : {})}
				inputMode={keyboard ? 'text' : 'none'}
				autoCapitalize="none"
				autoCorrect={false}
				autoComplete="off"
				spellCheck={false}
				multiline={lines > 1}
				numberOfLines={lines}
				placeholder={placeholder ?? ''}
				placeholderTextColor={palette.soft}
				style={[styles.input, lines > 1 && styles.text, fault && styles.faulty]}
				testID={testID}
			/>
			{says ? (
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
					<Words size="small" tone={fault ? 'look' : 'soft'} testID={`${testID}-says`}>
						{says}
					</Words>
				</View>
			) : null}
		</View>
	);
}

const useStyles = makeStyles((palette) => ({
	field: { gap: GAP.xs, flexShrink: 1, minWidth: 0 },
	input: {
		minHeight: TARGET + 4,
		minWidth: TARGET,
		paddingHorizontal: GAP.s,
		borderWidth: 2,
		borderColor: palette.edge,
		borderRadius: CORNER,
		backgroundColor: palette.page,
		color: palette.ink,
		fontFamily: FONT.mono,
		fontSize: SIZE.title,
	},
	text: { fontFamily: FONT.regular, fontSize: SIZE.body, paddingVertical: GAP.s, minHeight: 110 },
	faulty: { borderColor: palette.look },
	place: { textDecorationLine: 'underline', textDecorationStyle: 'dotted' },
}));
