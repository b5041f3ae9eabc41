import { useEffect, useState } from 'react';
import { afterPaint } from './after-paint';

/** How many frames are spent on moves nobody sees, and how many moves in each. */
const FRAMES = 12;
const MOVES = 4;

/**
 * Works moves nobody sees in the frames after the start: by the first true one what works them has been compiled.
 * @param move works one move, by its number from 0; it stays the same function.
 */
export function useMovesAhead(move: (number: number) => void): void {
	const [frame, setFrame] = useState(0);
	useEffect(() => {
		if (frame === FRAMES) return undefined;
		return afterPaint(() => {
			for (let i = 0; i < MOVES; i++) move(frame * MOVES + i);
			setFrame(frame + 1);
		});
	}, [frame, move]);
}
