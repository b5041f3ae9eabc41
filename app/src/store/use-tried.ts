import type { Tried } from '@tidy-sum/core/practice';
import { useEffect, useRef, useState } from 'react';
import { afterPaint } from '../quick/after-paint';
import { triedIn } from '../work/bodies-in';
import { useAppSelector } from './store';

/**
 * What was tried so far, gathered once the page is painted; null until then. It changes only when something was tried, and
 * not with each piece of work that the server says it has kept.
 */
export function useTried(): readonly Tried[] | null {
	const works = useAppSelector((state) => state.works);
	const [tried, setTried] = useState<readonly Tried[] | null>(null);
	// While it waits for the paint more may change: what is gathered then is the latest.
	const waiting = useRef<typeof works | null>(null);
	useEffect(() => {
		const isWaiting = waiting.current !== null;
		waiting.current = works;
		if (isWaiting) return;
		afterPaint(() => {
			if (waiting.current) setTried(triedIn(waiting.current));
			waiting.current = null;
		});
	}, [works]);
	return tried;
}
