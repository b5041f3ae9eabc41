import { useCallback, useEffect, useState } from 'react';

/** How long a step stays, in milliseconds, by the pace. */
export const PACES = { slow: 3000, steady: 1500, quick: 600 } as const;
export type Pace = keyof typeof PACES;

/** Where a replay is among so many steps, and how it goes on: by itself at a pace, or step by step. */
export function usePlaying(count: number, from: number) {
	const [at, setAt] = useState(Math.min(count, from));
	const [playing, setPlaying] = useState(false);
	const [pace, setPace] = useState<Pace>('steady');
	const goTo = useCallback((place: number) => setAt(Math.max(0, Math.min(count, place))), [count]);
	const isOver = at >= count;
	useEffect(() => {
		if (!playing) return;
		if (isOver) {
			setPlaying(false);
			return;
		}
		const timer = setInterval(() => setAt((place) => Math.min(count, place + 1)), PACES[pace]);
		return () => clearInterval(timer);
	}, [playing, pace, isOver, count]);
	const toggle = useCallback(() => {
		// From the end it begins anew.
		if (!playing && isOver) setAt(0);
		setPlaying(!playing);
	}, [playing, isOver]);
	return { at, goTo, playing, toggle, pace, setPace };
}
