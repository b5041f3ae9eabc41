import type { BookExercise, Role } from '@tidy-sum/core';
import { memo, type ReactNode, useLayoutEffect, useRef } from 'react';
import { View } from 'react-native';
import { CORNER, GAP } from '../theme/tokens';
import { makeStyles } from '../theme/use-styles';
import { Box, Touch } from '../ui/box';
import { takeLostFocus } from '../ui/by-keyboard';
import { Words } from '../ui/words';
import type { Placed } from '../work/work';
import * as words from './words';

type Piece = { readonly text: string; readonly at: readonly [number, number]; readonly quantity: boolean };

/** The prompt cut at its marked quantities. */
function pieces({ prompt, marks = [] }: Props['exercise']): Piece[] {
	const out: Piece[] = [];
	let from = 0;
	const add = (to: number, quantity: boolean) => {
		if (to > from) out.push({ text: prompt.slice(from, to), at: [from, to], quantity });
		from = Math.max(from, to);
	};
	for (const { at } of [...marks].sort((a, b) => a.at[0] - b.at[0])) {
		add(at[0], false);
		add(at[1], true);
	}
	add(prompt.length, false);
	return out;
}

const SAYS: Readonly<Record<Role, string>> = {
	start: words.theStartLabel,
	fact: words.aFact,
	spare: words.notNeeded,
};

type Props = {
	readonly exercise: Pick<BookExercise, 'prompt' | 'marks'>;
	/** The places the student has given; without any to give, those of the exercise. */
	readonly placed: readonly Placed[];
	/** What is wanted, in words. */
	readonly wanted: string;
	readonly title: string;
	/** Beside the title: its place in the book. */
	readonly aside: string;
	/** A sign behind it. */
	readonly sign?: ReactNode;
	/** Told which quantity was touched; nothing where there is nothing to place. */
	readonly onQuantity: ((from: number) => void) | null;
	/** A problem of one's own is changed here. */
	readonly onChange: (() => void) | null;
};

/**
 * The problem: its title, its text with the quantities underlined (the start with a firm line, a fact with
 * a broken one, one without a place with dots), and what is wanted.
 */
export const Problem = memo(function Problem({
	exercise,
	title,
	placed,
	wanted,
	aside,
	sign,
	onQuantity,
	onChange,
}: Props) {
	const styles = useStyles();
	const head = useRef<View>(null);
	// A layout effect comes before the effect of a panel that opens with the Desk: the problem is read first.
	useLayoutEffect(() => takeLostFocus(head.current), []);
	const roleAt = (from: number) => placed.find(({ at }) => at[0] === from)?.role ?? null;
	return (
		<>
			<View ref={head} tabIndex={-1} style={styles.head}>
				<Words strong size="title" role="heading" aria-level={1}>
					{title}
				</Words>
				<Box style={styles.aside}>
					<Words size="small" tone="soft">
						{aside}
					</Words>
					{sign}
				</Box>
			</View>
			<Box style={styles.problem}>
				<Words role="group" aria-label={words.theProblem} testID="problem">
					{exercise.prompt === '' && onChange ? words.typeOrPasteAProblemOrEnter : null}
					{pieces(exercise).map(({ text, at, quantity }) => {
						if (!quantity) return <Words key={at[0]}>{text}</Words>;
						const role = roleAt(at[0]);
						const shown = text.replace(/ /g, '\u00a0');
						const style = role ? styles[role] : onQuantity ? styles.open : styles.start;
						if (!onQuantity)
							return (
								<Words key={at[0]} strong style={style}>
									{shown}
								</Words>
							);
						return (
							<Touch
								key={at[0]}
								onTouch={() => onQuantity(at[0])}
								aria-label={words.sayWhatItIsFor(shown, role && SAYS[role])}
								style={styles.quantity}
								testID={`quantity-${at[0]}`}
							>
								<Words strong style={style}>
									{shown}
								</Words>
							</Touch>
						);
					})}
				</Words>
			</Box>
			<Box style={styles.wanted}>
				<Words size="small" tone="soft" testID="wanted">
					{wanted}
				</Words>
				{onChange ? (
					<Touch onTouch={onChange} style={styles.change} testID="change-problem">
						<Words strong tone="pine">
							{words.change}
						</Words>
					</Touch>
				) : null}
			</Box>
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
	aside: { flexDirection: 'row', alignItems: 'center', gap: GAP.s },
	problem: { paddingVertical: GAP.m, maxWidth: 720 },
	// As tall as a finger wants it, without pushing the lines of the text apart.
	quantity: {
		...({ display: 'inline-flex' } as object),
		minWidth: 44,
		paddingVertical: 10,
		marginVertical: -10,
	},
	start: { textDecorationLine: 'underline', textDecorationColor: palette.pine, textDecorationStyle: 'solid' },
	fact: { textDecorationLine: 'underline', textDecorationColor: palette.edge, textDecorationStyle: 'dashed' },
	spare: { textDecorationLine: 'line-through', textDecorationColor: palette.edge, color: palette.soft },
	open: {
		backgroundColor: palette.apricot,
		color: palette.onApricot,
		borderRadius: CORNER,
		textDecorationLine: 'underline',
		textDecorationColor: palette.apricotEdge,
		textDecorationStyle: 'dotted',
	},
	wanted: { flexDirection: 'row', alignItems: 'center', justifyContent: 'space-between', gap: GAP.m },
	change: { minHeight: 44, minWidth: 64, justifyContent: 'center', alignItems: 'center' },
}));
