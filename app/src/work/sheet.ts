import type { KeptProblem, Step } from '@tidy-sum/schema';
import { titleOf } from './exercises';
import { folding } from './history';
import { arranged } from './listing';
import * as words from './words';
import type { WorksState } from './works-reducer';

/** Sheets have names that begin so. */
const SHEET = 'sheet-';

/** A list of problems brought in together. */
export type Sheet = { readonly title: string; readonly problems: readonly KeptProblem[] };

const EMPTY: Sheet = { title: '', problems: [] };

/** Whether a name is that of a sheet. */
export function isSheet(name: string): boolean {
	return name.startsWith(SHEET);
}

/** The name of a sheet, from a fresh id. */
export function sheetName(id: string): string {
	return `${SHEET}${id.toLowerCase().replace(/[^a-z0-9]/g, '')}`;
}

/** The name under which a problem of a sheet is worked. */
export function problemName(sheet: string, id: string): string {
	return `own-${sheet.slice(SHEET.length)}-${id}`;
}

const DOES: { readonly [K in Step['do']]?: (sheet: Sheet, step: Extract<Step, { do: K }>) => Sheet } = {
	lay: (sheet, { problems }) => ({ ...sheet, problems }),
	entitle: (sheet, { title }) => ({ ...sheet, title }),
	arrange: (sheet, { what, to }) => ({
		...sheet,
		problems: arranged(sheet.problems, ({ id }) => id === what, to),
	}),
	leave: (sheet, { what }) => ({ ...sheet, problems: sheet.problems.filter(({ id }) => id !== what) }),
};

function after(sheet: Sheet, step: Step): Sheet {
	const does = DOES[step.do] as ((sheet: Sheet, step: Step) => Sheet) | undefined;
	return does ? does(sheet, step) : sheet;
}

/** The sheet that the steps of a body come to. */
export const sheetOf = folding(EMPTY, after);

/** What a sheet is called: its title, else its first words. */
export function sheetTitle({ title, problems }: Sheet): string {
	return titleOf({ title, text: problems[0]?.text ?? '' }, words.anEmptySheet);
}

/** How the name of a problem begins that stands on a sheet: with the sheet's own id, which has no hyphen. */
const ON_SHEET = /^own-([a-z0-9]+)-/;

/** The name of the sheet a problem stands on; null for any other. */
export function sheetNameOf({ open }: Pick<WorksState, 'open'>, name: string): string | null {
	const sheet = `${SHEET}${ON_SHEET.exec(name)?.[1] ?? ''}`;
	return open[sheet] === undefined ? null : sheet;
}

/** Where a problem stands: its sheet, the sheet's name, and its place on it, from 0; -1 where it was taken out. */
export type PlaceInSheet = { readonly name: string; readonly sheet: Sheet; readonly at: number };

/** Where a problem stands on a sheet; null for a problem that is on none. */
export function placeInSheet(works: WorksState, name: string): PlaceInSheet | null {
	const of = sheetNameOf(works, name);
	if (of === null) return null;
	const sheet = sheetOf(works.byId[works.open[of] ?? '']?.body);
	return { name: of, sheet, at: sheet.problems.findIndex(({ id }) => problemName(of, id) === name) };
}

/** The ids of all that was done with a sheet: itself, and each line on each of its problems. */
export function piecesOfSheet({ byId }: Pick<WorksState, 'byId'>, name: string): readonly string[] {
	const beginning = problemName(name, '');
	return Object.values(byId).flatMap(({ id, body: { exercise } }) =>
		exercise === name || exercise.startsWith(beginning) ? [id] : [],
	);
}
