import { type BookExercise, printUnitText } from '@tidy-sum/core';
import { memo } from 'react';
import { GAP } from '../theme/tokens';
import { makeStyles } from '../theme/use-styles';
import { Box } from '../ui/box';
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

type Props = {
	readonly exercise: BookExercise;
	/** Its place in the book, from 1, and how many there are. */
	readonly place: number;
	readonly of: number;
};

/**
 * The problem: its title, its text with the quantities underlined (the start with a firm line, a fact with
 * a broken one), and what is wanted.
 */
export const Problem = memo(function Problem({ exercise, place, of }: Props) {
	const styles = useStyles();
	return (
		<>
			<Box style={styles.head}>
				<Words strong size="title" role="heading" aria-level={1}>
					{exercise.title}
				</Words>
				<Words size="small" tone="soft">
					{place} of {of}
				</Words>
			</Box>
			<Box style={styles.problem}>
				<Words testID="problem">
					{pieces(exercise).map(({ text, role }) => (
						<Words
							key={text}
							strong={role !== null}
							style={role === 'start' ? styles.start : role ? styles.fact : null}
						>
							{role ? text.replace(/ /g, '\u00a0') : text}
						</Words>
					))}
				</Words>
			</Box>
			<Words size="small" tone="soft">
				Wanted: {printUnitText(exercise.want.unit)}
			</Words>
		</>
	);
});

const useStyles = makeStyles((palette) => ({
	head: {
		flexDirection: 'row',
		alignItems: 'baseline',
		justifyContent: 'space-between',
		gap: GAP.m,
		paddingTop: GAP.m,
	},
	problem: { paddingVertical: GAP.m, maxWidth: 720 },
	start: { textDecorationLine: 'underline', textDecorationColor: palette.pine, textDecorationStyle: 'solid' },
	fact: { textDecorationLine: 'underline', textDecorationColor: palette.edge, textDecorationStyle: 'dashed' },
}));
