import { parseUnit, sayUnit } from '@tidy-sum/core';
import type { Rung } from '@tidy-sum/core/shelf';
import { memo, useCallback, useEffect, useRef, useState } from 'react';
import { afterPaint } from '../ui/after-paint';
import { type Climb, climbMoved, type End } from './climb-of';
import { LadderPicture, SEEN } from './ladder-picture';
import { shortOf } from './written';

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
	return `${read.ok ? sayUnit(read.value, true) : unit}, 10 to the ${at < 0 ? 'minus ' : ''}${Math.abs(at)} of the base`;
}

/** The picture of the Ladder while it is worked: it moves at once, and what follows from it comes in the frame after. */
export const LiveLadder = memo(function LiveLadder({ climb: settled, hidden, onSettled }: Props) {
	const [ahead, setAhead] = useState<Climb | null>(null);
	const [top, setTop] = useState(NEAR_TOP);
	const pending = useRef<(() => void) | null>(null);
	const now = ahead ?? settled;
	const last = useRef(now);
	last.current = now;
	// biome-ignore lint/correctness/useExhaustiveDependencies: what has settled is ahead no more.
	useEffect(() => {
		if (!pending.current) setAhead(null);
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
	const { from, to, here, there, ladder } = now;
	return (
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
	);
});
