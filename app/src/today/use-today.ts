import { nanoid } from '@reduxjs/toolkit';
import { useEffect, useState } from 'react';
import { afterPaint } from '../quick/after-paint';
import { useAppSelector } from '../store/store';
import { triedIn } from '../work/bodies-in';
import { zoneNow } from '../work/zone-now';
import type { TodayMade } from '../worker/core-jobs';
import { work } from '../worker/core-worker';

/** What is due and how the week went, worked out by the worker; null until it is there, or where it cannot be. */
export function useToday(): TodayMade | null {
	const works = useAppSelector((state) => state.works);
	const [made, setMade] = useState<TodayMade | null>(null);
	useEffect(() => {
		let gone = false;
		const ask = () =>
			work((jobs) => jobs.today(triedIn(works), Date.now(), zoneNow(), nanoid())).then(
				(today) => gone || setMade(today),
				() => {},
			);
		// What crosses to the worker is gathered once the page is painted.
		const stop = afterPaint(() => void ask());
		return () => {
			gone = true;
			stop();
		};
	}, [works]);
	return made;
}
