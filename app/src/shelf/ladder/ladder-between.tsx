import { toSuperscript } from '@tidy-sum/core';
import type { Climb } from '@tidy-sum/core/shelf';
import { climbFactors, sayClimb } from '@tidy-sum/core/shelf';
import { memo } from 'react';
import { WorkedLine } from '../../line/worked-line';
import { GAP } from '../../theme/tokens';
import { makeStyles } from '../../theme/use-styles';
import { Box } from '../../ui/box';
import { Button } from '../../ui/button';
import { Words } from '../../ui/words';
import { Send } from '../send';
import { shortOf } from './short-of';
import * as words from './words';

const ORDINALS: Readonly<Record<number, string>> = { 2: 'second', 3: 'third' };

/** The factor line between value and target, by way of the unit itself. */
function Between({ climb: { ladder, quantity, from, to } }: { readonly climb: Climb }) {
	const styles = useStyles();
	const factors = climbFactors(ladder, from, to);
	const base = ladder.rungs.find(({ power }) => power === 0)?.unit ?? ladder.base;
	return (
		<Box style={styles.part}>
			<Words testID="between-says">
				{factors.length === 0
					? words.valueAndTargetAreOnTheSame
					: factors.length === 1
						? words.oneFactorTheGoesWithThe(sayClimb(from, to), base)
						: words.throughTheGoesWithEach(sayClimb(from, to), base)}
			</Words>
			<WorkedLine chain={{ start: quantity, factors, want: to.unit }} testID="between" />
			<Words size="small" tone="soft">
				{ladder.raised > 1
					? words.raiseTheWholeFactorToThe(ORDINALS[ladder.raised], ladder.raised)
					: words.oneStepOfTenOfTheUnitIsOne(toSuperscript(from.at), toSuperscript(to.at), Math.abs(from.at - to.at))}
			</Words>
		</Box>
	);
}

type Props = {
	readonly climb: Climb;
	/** Whether the target and the factors are to be guessed. */
	readonly hidden: boolean;
	readonly onHide: () => void;
};

/** What stands between the ends, to be shown or guessed, and taken to the Desk. */
export const LadderBetween = memo(function LadderBetween({ climb, hidden, onHide }: Props) {
	const { ladder, quantity, from, to, here } = climb;
	const factors = climbFactors(ladder, from, to);
	return (
		<>
			{hidden ? <Words testID="between-hidden">{words.guessFirstWhichNumber}</Words> : <Between climb={climb} />}
			<Button
				label={hidden ? words.showTheTargetAndTheFactors : words.hideTheTargetToGuessFirst}
				on={hidden}
				onPress={onHide}
				testID="hide"
			/>
			<Send
				send={hidden ? null : { start: quantity, blocks: factors, want: to.unit }}
				blocks={factors.length > 1 ? words.theseFactors : words.thisFactor}
				start={`${shortOf(here)} ${from.unit}`}
			/>
		</>
	);
});

const useStyles = makeStyles(() => ({ part: { gap: GAP.m } }));
