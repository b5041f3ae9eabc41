import type { AppStore } from '../store/store';
import { nameSent } from './named-slips';
import { exerciseOf, sentOf, verdictOf } from './use-desk';
import { chainOf, workOf } from './work';
import { did, tried } from './works-slice';

type Thunk = (dispatch: AppStore['dispatch'], getState: AppStore['getState']) => Promise<void>;

/**
 * Sends an exercise to the check, and keeps what came of it: whether it was right, how long it took, which slips.
 * @param since when the exercise was opened, or sent to the check before.
 */
export function checkWork(name: string, since: number): Thunk {
	return async (dispatch, getState) => {
		dispatch(did(name, { do: 'check' }));
		const { works } = getState();
		const body = works.byId[works.open[name] ?? '']?.body;
		if (!body) return;
		const work = workOf(body);
		const exercise = exerciseOf(name, work);
		const chain = chainOf(exercise, work);
		const judged = verdictOf(exercise, work, chain);
		if (!judged?.ok) return;
		const { right } = judged.value;
		const when = Date.now();
		const naming = right ? null : await nameSent({ exercise, ...sentOf(exercise, work, chain) }).catch(() => null);
		const made = {
			when,
			seconds: Math.max(0, Math.round((when - since) / 1000)),
			right,
			slips: (naming?.slips ?? []).map(({ code }) => code),
			nudges: work.nudged,
			shown: work.shown,
			answer: work.answer,
			start: chain.factors.length ? chain.start : null,
			factors: [...chain.factors],
		};
		dispatch(tried({ exercise: name, made: JSON.parse(JSON.stringify(made)) }));
	};
}
