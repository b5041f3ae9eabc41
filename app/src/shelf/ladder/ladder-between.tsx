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
					? 'Value and target are on the same rung: nothing changes.'
					: factors.length === 1
						? `${sayClimb(from, to)}, one factor: the 1 stands with the prefix, the power of ten with ${base}.`
						: `${sayClimb(from, to)}, by way of ${base}: the 1 stands with each prefix, the power of ten with ${base}.`}
			</Words>
			<WorkedLine chain={{ start: quantity, factors, want: to.unit }} testID="between" />
			<Words size="small" tone="soft">
				{ladder.raised > 1
					? `The whole factor is raised to the ${ORDINALS[ladder.raised] ?? `${ladder.raised}th`} power, so each power of ten of the prefix counts ${ladder.raised} times.`
					: `One step of ten of the unit is one power: 10${toSuperscript(from.at)} and 10${toSuperscript(to.at)} are ${Math.abs(from.at - to.at)} apart.`}
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
			{hidden ? (
				<Words testID="between-hidden">
					Guess first: what would stand at the target, and which power of ten goes where? Then show it.
				</Words>
			) : (
				<Between climb={climb} />
			)}
			<Button
				label={hidden ? 'Show the target and the factors' : 'Hide the target, to guess first'}
				on={hidden}
				onPress={onHide}
				testID="hide"
			/>
			<Send
				send={hidden ? null : { start: quantity, blocks: factors, want: to.unit }}
				blocks={factors.length > 1 ? 'these factors' : 'this factor'}
				start={`${shortOf(here)} ${from.unit}`}
			/>
		</>
	);
});

const useStyles = makeStyles(() => ({ part: { gap: GAP.m } }));
