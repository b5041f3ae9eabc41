import { parseUnit, sayUnit } from '@tidy-sum/core';
import type { Rung } from '@tidy-sum/core/shelf';
import { type Climb, climbMoved, type End } from '@tidy-sum/core/shelf';
import { memo, useCallback, useEffect, useRef, useState } from 'react';
import { afterPaint } from '../../quick/after-paint';
import { useMovesAhead } from '../../quick/use-moves-ahead';
import { GAP } from '../../theme/tokens';
import { makeStyles } from '../../theme/use-styles';
import { Box } from '../../ui/box';
import { Button } from '../../ui/button';
import { Words } from '../../ui/words';
import { LadderPicture, SEEN } from './ladder-picture';
import { shortOf } from './short-of';
import * as words from './words';

/** The upper edge that has the common prefixes in view. */
const NEAR_TOP = 10;

type Props = {
	readonly climb: Climb;
	/** Whether the number at the target is to be guessed. */
	readonly hidden: boolean;
	/** Told where an end has come to, once that has been painted. */
	readonly onSettled: (climb: Climb) => void;
};

function sayRung({ unit, at }: Rung): string {
	const read = parseUnit(unit);
	return words.toTheOfTheBase(read.ok ? sayUnit(read.value, true) : unit, at, Math.abs(at));
}

type MoversProps = { readonly onStep: (end: End, by: 1 | -1) => void };

/** Moves either end a rung, for whom it is easier to touch than to drag. */
const Movers = memo(function Movers({ onStep }: MoversProps) {
	const styles = useStyles();
	return (
		<>
			<Words size="small" tone="soft">
				{words.dragAnEndToMoveItDragPast}
			</Words>
			<Box style={styles.movers}>
				{(['value', 'target'] as const).map((end) => (
					<Box key={end} style={styles.mover} role="group" aria-label={words.moveThe(end)}>
						<Words size="small" tone="soft" aria-hidden>
							{end}
						</Words>
						<Box style={styles.row}>
							<Button label="↑" say={words.theARungUp(end)} onPress={() => onStep(end, 1)} testID={`${end}-up`} />
							<Button label="↓" say={words.theARungDown(end)} onPress={() => onStep(end, -1)} testID={`${end}-down`} />
						</Box>
					</Box>
				))}
			</Box>
		</>
	);
});

/** The picture of the Ladder while it is worked: it moves at once, and what follows from it comes in the frame after. */
export const LiveLadder = memo(function LiveLadder({ climb: settled, hidden, onSettled }: Props) {
	const [ahead, setAhead] = useState<Climb | null>(null);
	const [top, setTop] = useState(NEAR_TOP);
	const pending = useRef<(() => void) | null>(null);
	const now = ahead ?? settled;
	const last = useRef(now);
	last.current = now;
	// What has settled is ahead no more.
	useEffect(() => {
		if (!pending.current) setAhead((now) => (now === settled ? now : null));
	}, [settled]);
	const onMove = useCallback(
		(end: End, rung: Rung) => {
			const next = climbMoved(last.current, end, rung);
			last.current = next;
			setAhead(next);
			// Past an edge the Ladder comes along.
			setTop((at) => Math.min(Math.max(at, rung.power + 1), rung.power + SEEN - 1));
			pending.current?.();
			pending.current = afterPaint(() => {
				pending.current = null;
				onSettled(next);
			});
		},
		[onSettled],
	);
	const rehearse = useCallback((number: number) => {
		const { rungs } = last.current.ladder;
		const rung = rungs[number % rungs.length];
		if (rung) sayRung(climbMoved(last.current, number % 2 ? 'value' : 'target', rung).to);
	}, []);
	useMovesAhead(rehearse);
	const onStep = useCallback(
		(end: End, by: 1 | -1) => {
			const { ladder, from, to } = last.current;
			const rung = ladder.rungs[ladder.rungs.indexOf(end === 'value' ? from : to) - by];
			if (rung) onMove(end, rung);
		},
		[onMove],
	);
	const { from, to, here, there, ladder } = now;
	return (
		<>
			<LadderPicture
				name={ladder.name}
				rungs={ladder.rungs}
				top={top}
				value={from}
				target={to}
				shows={{
					value: `${shortOf(here)} ${from.unit}`,
					target: hidden ? `? ${to.unit}` : `${shortOf(there)} ${to.unit}`,
				}}
				says={{
					value: `${shortOf(here)} ${sayRung(from)}`,
					target: `${hidden ? 'hidden' : shortOf(there)} ${sayRung(to)}`,
				}}
				onMove={onMove}
			/>
			<Movers onStep={onStep} />
		</>
	);
});

const useStyles = makeStyles(() => ({
	movers: { flexDirection: 'row', justifyContent: 'space-between', flexWrap: 'wrap', gap: GAP.m },
	mover: { gap: GAP.xs },
	row: { flexDirection: 'row', gap: GAP.s },
}));
