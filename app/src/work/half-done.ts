import { exerciseOf } from './exercises';
import { historyOf } from './history';
import { type HowFar, howFarNamed, isBegun, workNamed } from './how-far';
import { DRAFT, QUERIES, SHELF } from './list-names';
import { isList } from './merged-body';
import { isSheet, placeInSheet, sheetTitle } from './sheet';
import * as words from './words';
import type { WorksState } from './works-reducer';

/** Something that was left half done: what it is called, how far it is, and the address that leads into it. */
export type HalfDone = {
	readonly name: string;
	readonly title: string;
	readonly prompt: string;
	readonly state: HowFar;
	readonly path: string;
};

/** How many of the pieces touched last are looked at: what was left longer ago stands among the problems. */
const LOOKED_AT = 80;

/** The block that was last worked on, where the line was what one was at; null where it was the answer. */
function lastBlock(works: WorksState, name: string): string | null {
	const body = works.byId[works.open[name] ?? '']?.body;
	const blocks = new Set((workNamed(works, name)?.blocks ?? []).map(({ id }) => id));
	const steps = body ? historyOf(body).done : [];
	for (const step of [...steps].reverse()) {
		if (step.do === 'answer' || step.do === 'check') return null;
		const of = step.do === 'together' ? step.steps.at(-1) : step;
		if (of && 'block' in of && of.block !== null && blocks.has(of.block)) return of.block;
	}
	return null;
}

/** What a problem of a sheet is called: the sheet, and what it is listed by there; null for any other. */
function onSheet(works: WorksState, name: string): string | null {
	const place = placeInSheet(works, name);
	const problem = place?.sheet.problems[place.at];
	return place && problem ? `${sheetTitle(place.sheet)}, ${problem.label ?? place.at + 1}` : null;
}

/** What was left half done, the one touched last first; each leads to the very block one was at. */
export function halfDone(works: WorksState, most: number): readonly HalfDone[] {
	const names = Object.keys(works.open)
		.filter((name) => !isList(name) && !isSheet(name))
		.map((name) => ({ name, touched: works.byId[works.open[name] ?? '']?.touched ?? 0 }))
		.sort((a, b) => (b.name === works.last ? 1 : 0) - (a.name === works.last ? 1 : 0) || b.touched - a.touched)
		.slice(0, LOOKED_AT);
	const found: HalfDone[] = [];
	for (const { name } of names) {
		if (found.length === most) break;
		const work = workNamed(works, name);
		if (name === DRAFT) {
			if (work?.text)
				found.push({ name, title: words.aProblemYouWereBringing, prompt: work.text, state: 'begun', path: '/bring' });
			continue;
		}
		const exercise = work && exerciseOf(name, work);
		if (!exercise || !isBegun(name, work)) continue;
		const state = howFarNamed(works, name);
		if (state !== 'begun' && state !== 'not-right') continue;
		const block = lastBlock(works, name);
		const path = `/desk/${name}${block ? `?block=${encodeURIComponent(block)}` : ''}`;
		found.push({ name, title: onSheet(works, name) ?? exercise.title, prompt: exercise.prompt, state, path });
	}
	return found;
}

/** Whether nothing was done here yet: the first day. */
export function isFirstDay(works: WorksState): boolean {
	const isWorked = (name: string, id: string) => {
		const entry = works.byId[id];
		if (entry?.away) return entry.away.here !== 'not-begun';
		return entry?.body.tries?.length || isSheet(name) || isBegun(name, workNamed(works, name));
	};
	return !Object.entries(works.open).some(([name, id]) => name !== SHELF && name !== QUERIES && isWorked(name, id));
}
