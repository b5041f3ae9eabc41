import { nanoid } from '@reduxjs/toolkit';
import { useEffect, useState } from 'react';
import { useAllTries } from '../store/use-tried';
import type { TodayMade } from '../worker/core-jobs';
import { work } from '../worker/core-worker';
import { zoneNow } from '../worker/zone-now';

/** What is due and how the week went, worked out by the worker; null until it is there, or where it cannot be. */
export function useToday(): TodayMade | null {
	const tried = useAllTries();
	const [made, setMade] = useState<TodayMade | null>(null);
	useEffect(() => {
		if (!tried) return;
		let gone = false;
		work((jobs) => jobs.today(tried, Date.now(), zoneNow(), nanoid())).then(
			(today) => gone || setMade(today),
			() => {},
		);
		return () => {
			gone = true;
		};
	}, [tried]);
	return made;
}
