import type { UnknownAction } from '@reduxjs/toolkit';
import { exerciseOf } from './exercises';
import { chainOf } from './line-of-work';
import { nameSent } from './name-sent';
import { sentOf, verdictOf } from './sent';
import { workOf } from './work';
import { did, slipsNamed, tried, type WorksState } from './works-reducer';

type Dispatch = (action: UnknownAction) => unknown;
type GetState = () => { readonly works: WorksState };

/**
 * Sends an exercise to the check, and keeps what came of it: whether it was right and how long it took at once, which
 * slips as soon as they are found.
 * @param seconds how long it was worked on since it was opened, or sent to the check before.
 * @param painted is done when the check has been shown: what is kept of it may follow.
 */
export function checkWork(name: string, seconds: number, painted: () => Promise<void> = async () => {}) {
	return async (dispatch: Dispatch, getState: GetState): Promise<void> => {
		dispatch(did(name, { do: 'check' }));
		const { works } = getState();
		const when = Date.now();
		await painted();
		const id = works.open[name] ?? '';
		const body = works.byId[id]?.body;
		const work = body && workOf(body);
		const exercise = work && exerciseOf(name, work);
		if (!work || !exercise) return;
		const chain = chainOf(exercise, work);
		const judged = verdictOf(exercise, work, chain);
		if (!judged?.ok) return;
		const { right } = judged.value;
		const made = {
			when,
			seconds: Math.max(0, Math.round(seconds)),
			right,
			slips: [],
			...(right ? {} : { unnamed: true as const }),
			nudges: work.nudged,
			shown: work.shown,
			...(work.uncovered.length ? { uncovered: work.uncovered.length } : {}),
			answer: work.answer,
			start: chain.factors.length ? chain.start : null,
			factors: chain.factors,
		};
		dispatch(tried({ exercise: name, made }));
		if (right) return;
		// A search that is broken off names nothing: the try goes on saying that its slips are not known.
		const naming = await nameSent(sentOf(exercise, work, chain)).catch(() => null);
		if (naming) dispatch(slipsNamed({ id, when, slips: naming.slips.map(({ code }) => code) }));
	};
}
