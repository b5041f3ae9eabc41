import { type HowFar, howFarNamed, isRight } from './how-far';
import { problemName, type Sheet, sheetOf } from './sheet';
import type { WorksState } from './works-reducer';

/** How far a sheet is: each problem in its order, how many are right or begun, and where to go on, from 0. */
export type SheetProgress = {
	readonly states: readonly HowFar[];
	readonly right: number;
	readonly begun: number;
	/** What was begun and is not right comes first, then what was never begun; none where all is right. */
	readonly next: number | undefined;
};

/** How far a sheet is by the work on its problems. */
export function sheetProgress(
	works: WorksState,
	name: string,
	{ problems }: Sheet = sheetNamed(works, name),
): SheetProgress {
	const states = problems.map(({ id }) => howFarNamed(works, problemName(name, id)));
	const open = (['begun', 'not-right', 'not-begun'] as const).map((state) => states.indexOf(state));
	return {
		states,
		right: states.filter(isRight).length,
		begun: states.filter((state) => state !== 'not-begun').length,
		next: open.find((at) => at >= 0),
	};
}

/** The sheet of a name as it stands; an empty one where there is none. */
export function sheetNamed(works: WorksState, name: string): Sheet {
	return sheetOf(works.byId[works.open[name] ?? '']?.body);
}
