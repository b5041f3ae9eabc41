import type { SentTry } from '@tidy-sum/schema/class';
import { problemName, sheetName } from './sheet';
import { sheetNamed } from './sheet-progress';
import type { WorkEntry, WorksState } from './works-reducer';

/** The ids of problems on a sheet count from 1, in the order they were laid. */
const PLACE = /^p(\d+)$/;

/** The name of the sheet that a set of a class becomes on a desk: the same on each of its devices. */
export function sheetOfHanded(handed: string): string {
	return sheetName(handed);
}

/** All tries at the exercises of a set that was handed out, on whichever line of theirs they were made. */
export function triesAt(works: WorksState, handed: string): readonly SentTry[] {
	const sheet = sheetOfHanded(handed);
	const places = new Map(
		sheetNamed(works, sheet).problems.flatMap(({ id }) => {
			const place = Number(PLACE.exec(id)?.[1] ?? 0);
			return place ? [[problemName(sheet, id), place - 1] as const] : [];
		}),
	);
	return Object.values<WorkEntry>(works.byId).flatMap(({ body: { exercise, tries = [] } }) => {
		const problem = places.get(exercise);
		return problem === undefined ? [] : tries.map((made) => ({ handed, problem, try: made }));
	});
}
