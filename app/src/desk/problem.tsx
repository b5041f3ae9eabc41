import type { BookExercise } from '@tidy-sum/core';
import { memo } from 'react';
import { View } from 'react-native';
import { GAP } from '../theme/tokens';
import { makeStyles } from '../theme/use-styles';
import { Words } from '../ui/words';

type Piece = { readonly text: string; readonly role: string | null };

/** The prompt cut at its marked quantities. */
function pieces({ prompt, marks = [] }: BookExercise): Piece[] {
	const out: Piece[] = [];
	let from = 0;
	for (const { at, role } of [...marks].sort((a, b) => a.at[0] - b.at[0])) {
		out.push({ text: prompt.slice(from, at[0]), role: null }, { text: prompt.slice(at[0], at[1]), role });
		from = at[1];
	}
	return [...out, { text: prompt.slice(from), role: null }].filter(({ text }) => text !== '');
}

/** The problem's text, its quantities underlined: the start with a firm line, a fact with a broken one. */
export const Problem = memo(function Problem({ exercise }: { readonly exercise: BookExercise }) {
	const styles = useStyles();
	return (
		<View style={styles.problem}>
			<Words testID="problem">
				{pieces(exercise).map(({ text, role }) => (
					<Words key={text} strong={role !== null} style={role === 'start' ? styles.start : role ? styles.fact : null}>
						{role ? text.replace(/ /g, '\u00a0') : text}
					</Words>
				))}
			</Words>
		</View>
	);
});

const useStyles = makeStyles((palette) => ({
	problem: { paddingVertical: GAP.m, maxWidth: 720 },
	start: { textDecorationLine: 'underline', textDecorationColor: palette.pine, textDecorationStyle: 'solid' },
	fact: { textDecorationLine: 'underline', textDecorationColor: palette.edge, textDecorationStyle: 'dashed' },
}));
