import { printForm, readAnswer, toMixed } from '@tidy-sum/core';
import { inForm, NUMBER_FORMS, type NumberForm } from '@tidy-sum/core/help';
import { View } from 'react-native';
import { GAP } from '../../theme/tokens';
import { makeStyles } from '../../theme/use-styles';
import { Button } from '../../ui/button';
import { Words } from '../../ui/words';
import * as words from './words';

const LABELS: Readonly<Record<NumberForm, string>> = {
	plain: words.plain,
	scientific: words.scientific,
	engineering: words.engineeringNotation,
	fraction: words.fraction,
};

/** Smaller units a measure is mixed with, by the larger one. */
const MIXES: Readonly<Record<string, readonly string[]>> = {
	ft: ['ft', 'in'],
	lb: ['lb', 'oz'],
	h: ['h', 'min'],
	min: ['min', 's'],
	d: ['d', 'h'],
	'°': ['°', '′'],
	gal: ['gal', 'qt'],
};

/** Switches what is typed among the forms a number can be written in; the figures stay as they are. */
export function NumberForms({ text, onWrite }: { readonly text: string; readonly onWrite: (text: string) => void }) {
	const styles = useStyles();
	const read = readAnswer(text);
	if (!read.ok || !read.value.number) return null;
	const { number, unit, written } = read.value;
	const typed = written.unit;
	const mix = unit && MIXES[unit.text];
	const mixed = mix && toMixed({ number: number.text, unit: typed }, mix);
	return (
		<View style={styles.forms} role="group" aria-label={words.theFormOfTheNumber}>
			<Words size="small" tone="soft" style={styles.word}>
				{words.writeIt}
			</Words>
			{NUMBER_FORMS.map((form) => {
				const shown = inForm(number, form);
				return shown === null || printForm(shown) === printForm(number.text) ? null : (
					<Button
						key={form}
						label={LABELS[form]}
						say={printForm(shown)}
						onPress={() => onWrite(`${printForm(shown)} ${typed}`.trim())}
						testID={`form-${form}`}
					/>
				);
			})}
			{mix && mixed?.ok ? (
				<Button
					label={words.inLabel(mix.join(' and '))}
					onPress={() => onWrite(mixed.value.parts.map((part) => `${part.number} ${part.unit}`).join(' '))}
					testID="form-mixed"
				/>
			) : null}
		</View>
	);
}

const useStyles = makeStyles(() => ({
	word: { ...({ whiteSpace: 'nowrap' } as object) },
	// One row that moves sideways: it comes while one types, and the keys below it stay where they are.
	forms: {
		flexDirection: 'row',
		alignItems: 'center',
		gap: GAP.s,
		...({ overflowX: 'auto', scrollbarWidth: 'none' } as object),
	},
}));
