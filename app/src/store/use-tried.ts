import { useEffect, useMemo, useRef, useState } from 'react';
import { afterPaint } from '../quick/after-paint';
import { freshTries } from '../work/bodies-in';
import type { AllTries } from '../worker/kept-tries';
import { openDevice } from './device';
import { useAppSelector } from './store';

/** The tries that lie on the device; none where it keeps none by itself. */
async function textsOf(desk: string | null): Promise<readonly string[]> {
	if (desk === null) return [];
	const { device } = await openDevice();
	return device.tries(desk);
}

/**
 * What was tried so far, gathered once the page is painted; null until then. It changes only when something was tried, and
 * not with each piece of work that the server says it has kept.
 */
export function useAllTries(): AllTries | null {
	const works = useAppSelector((state) => state.works);
	const desk = useAppSelector(({ sync }) => sync.desk);
	const [texts, setTexts] = useState<readonly string[] | null>(null);
	const [fresh, setFresh] = useState<AllTries['fresh'] | null>(null);
	// What was erased is to count no more: what lies on the device is read again.
	const [erased, setErased] = useState(0);
	const count = Object.keys(works.byId).length;
	const before = useRef(count);
	useEffect(() => {
		if (count < before.current) setErased((times) => times + 1);
		before.current = count;
	}, [count]);
	const asked = useMemo(() => ({ desk, erased }), [desk, erased]);
	useEffect(() => {
		let gone = false;
		const take = (read: readonly string[]) => gone || setTexts(read);
		const stop = afterPaint(() => void textsOf(asked.desk).then(take, () => take([])));
		return () => {
			gone = true;
			stop();
		};
	}, [asked]);
	// While it waits for the paint more may change: what is gathered then is the latest.
	const waiting = useRef<typeof works | null>(null);
	useEffect(() => {
		const isWaiting = waiting.current !== null;
		waiting.current = works;
		if (isWaiting) return;
		afterPaint(() => {
			if (waiting.current) setFresh(freshTries(waiting.current));
			waiting.current = null;
		});
	}, [works]);
	return useMemo(() => texts && fresh && { texts, fresh }, [texts, fresh]);
}
