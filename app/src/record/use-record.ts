import { useEffect, useState } from 'react';
import { useAppSelector } from '../store/store';
import { bodiesIn } from '../work/bodies-in';
import type { RecordMade } from '../worker/core-jobs';
import { work } from '../worker/core-worker';

/** The Record as it was worked out: still under way, there, or why it is not. */
export type RecordState =
	| { readonly is: 'coming' }
	| { readonly is: 'here'; readonly record: RecordMade }
	| { readonly is: 'none'; readonly why: string };

/** Minutes the device's clock is ahead of UTC. */
function zoneNow(): number {
	return -new Date().getTimezoneOffset();
}

/** What follows from all tries that are kept; the worker works it out. */
export function useRecord(): RecordState {
	const works = useAppSelector((state) => state.works);
	const [state, setState] = useState<RecordState>({ is: 'coming' });
	useEffect(() => {
		let gone = false;
		// Only what the Record goes by crosses to the worker.
		const tried = bodiesIn(works).flatMap(({ exercise, tries = [] }) =>
			tries.length ? [{ exercise, tries: tries.map(({ answer: _, start: __, factors: ___, ...one }) => one) }] : [],
		);
		work((jobs) => jobs.record(tried, Date.now(), zoneNow())).then(
			(record) => !gone && setState({ is: 'here', record }),
			() => !gone && setState({ is: 'none', why: 'The Record could not be worked out here. Open it once more.' }),
		);
		return () => {
			gone = true;
		};
	}, [works]);
	return state;
}
