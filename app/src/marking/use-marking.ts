import { useCallback, useRef, useState } from 'react';
import type { MarkedSoFar, MarkedWhole, SetFrom } from '../worker/form-jobs';
import { workOnFiles } from '../worker/form-worker';
import * as words from './words';

/** How marking stands: nothing yet, under way, what came of it, or why it could not be begun. */
export type MarkingState =
	| { readonly is: 'idle' }
	| ({ readonly is: 'running' } & MarkedSoFar)
	| { readonly is: 'done'; readonly whole: MarkedWhole; readonly stopped: boolean }
	| { readonly is: 'fault'; readonly message: string };

/** How many answers are marked between two looks at whether to stop. */
const AT_ONCE = 100;

const BROKE_OFF = words.markingStoppedEarlyPlease;

/** Marks answers in the worker, a part at a time, so that it can be watched and stopped; what is done is kept. */
export function useMarking() {
	const [state, setState] = useState<MarkingState>({ is: 'idle' });
	const stopping = useRef(false);
	const start = useCallback(async (exercises: SetFrom, answers: Uint8Array, points: string) => {
		stopping.current = false;
		setState({ is: 'running', done: 0, of: 0 });
		try {
			const begun = await workOnFiles((jobs) => jobs.beginMarking(exercises, answers, points));
			if (!begun.ok) return setState({ is: 'fault', message: begun.fault.message });
			let soFar = begun.value;
			while (soFar.done < soFar.of && !stopping.current) {
				setState({ is: 'running', ...soFar });
				soFar = await workOnFiles((jobs) => jobs.markOn(AT_ONCE));
			}
			const whole = await workOnFiles((jobs) => jobs.endMarking());
			setState(whole ? { is: 'done', whole, stopped: soFar.done < soFar.of } : { is: 'fault', message: BROKE_OFF });
		} catch {
			setState({ is: 'fault', message: BROKE_OFF });
		}
	}, []);
	const stop = useCallback(() => {
		stopping.current = true;
	}, []);
	return { state, start, stop };
}
