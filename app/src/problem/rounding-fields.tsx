import { figuresText, placeText, type Rounding } from '@tidy-sum/core';
import { GAP } from '../theme/tokens';
import { makeStyles } from '../theme/use-styles';
import { Box } from '../ui/box';
import { Button } from '../ui/button';
import { Choices } from '../ui/choices';
import { Words } from '../ui/words';
import type { FieldProps } from './field-props';
import * as words from './words';

type Round = 'figures' | 'significant' | 'place' | 'none';

const ROUNDS: readonly { readonly value: Round; readonly label: string }[] = [
	{ value: 'figures', label: words.bySignificantFigures },
	{ value: 'significant', label: words.toANumberOfFigures },
	{ value: 'place', label: words.toAPlace },
	{ value: 'none', label: words.notRounded },
];

function roundOf(rounding: Rounding | null): Round {
	if (rounding === null || rounding === 'figures') return 'figures';
	if (rounding === 'none') return 'none';
	return 'place' in rounding ? 'place' : 'significant';
}

const STARTS: Readonly<Record<Round, Rounding>> = {
	figures: 'figures',
	significant: { significant: 3 },
	place: { place: -1 },
	none: 'none',
};

/** How the answer is rounded: by the figures, to a number of figures, to a place, or not rounded. */
export function RoundingFields({ own, onDo }: Pick<FieldProps, 'own' | 'onDo'>) {
	const styles = useStyles();
	const { rounding } = own;
	const round = roundOf(rounding);
	const at =
		rounding && typeof rounding === 'object' ? ('place' in rounding ? rounding.place : rounding.significant) : 0;
	const says = round === 'place' ? placeText(at) : figuresText(at);
	const step = (by: number) =>
		onDo({ do: 'round', rounding: round === 'place' ? { place: at + by } : { significant: at + by } });
	// A place is stepped as it is written: further right is finer.
	const [less, more] = round === 'place' ? [1, -1] : [-1, 1];
	return (
		<>
			<Choices
				label={words.theAnswerIsRounded}
				choices={ROUNDS}
				chosen={round}
				onChoose={(next) => onDo({ do: 'round', rounding: STARTS[next] })}
				testID="own-round"
			/>
			{round === 'place' || round === 'significant' ? (
				<Box style={styles.row} role="group" aria-label={words.howFarItIsRounded}>
					<Button
						label="−"
						say={round === 'place' ? words.onePlaceCoarser : words.oneFigureFewer}
						disabled={round === 'significant' ? at <= 1 : at >= 9}
						onPress={() => step(less)}
						testID="round-less"
					/>
					<Words aria-live="polite" testID="round-says">
						{words.to(says)}
					</Words>
					<Button
						label="+"
						say={round === 'place' ? words.onePlaceFiner : words.oneFigureMore}
						disabled={round === 'significant' ? at >= 12 : at <= -12}
						onPress={() => step(more)}
						testID="round-more"
					/>
				</Box>
			) : null}
		</>
	);
}

const useStyles = makeStyles(() => ({
	row: { flexDirection: 'row', flexWrap: 'wrap', alignItems: 'center', gap: GAP.s },
}));
