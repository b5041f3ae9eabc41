import type { Handed } from '@tidy-sum/schema/handed';
import type { AppStore } from '../store/store';
import { broughtIn } from '../work/brought';
import { deskIn } from '../work/desk-view';
import { posingStep } from '../work/handed';
import { isSheet, problemName, sheetOf } from '../work/sheet';
import { did, type WorksState, worksReducer } from '../work/works-reducer';
import { takeIn } from './take-in';

/**
 * Whether every problem that was handed on can be worked here: each is posed once, and one alone is sent to the check as well, on
 * a desk of its own that is then forgotten. What has the right shape may still hold a unit or a number that makes no line.
 */
export function canBeWorked(handed: Handed): boolean {
	let works: WorksState = { byId: {}, open: {}, last: null };
	const does = ((action: Parameters<typeof worksReducer>[1]) => {
		works = worksReducer(works, action);
		return action;
	}) as AppStore['dispatch'];
	try {
		takeIn(does, handed);
		const [name = ''] = broughtIn(works);
		const { problems } = isSheet(name) ? sheetOf(works.byId[works.open[name] ?? '']?.body) : { problems: [] };
		for (const problem of problems) does(did(problemName(name, problem.id), posingStep(problem)));
		if (!problems.length) {
			does(did(name, { do: 'answer', text: '1' }));
			does(did(name, { do: 'check' }));
		}
		for (const one of problems.length ? problems.map(({ id }) => problemName(name, id)) : [name])
			deskIn({ works }, one);
		return true;
	} catch {
		return false;
	}
}
