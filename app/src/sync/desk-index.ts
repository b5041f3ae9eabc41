import { howFarOf } from '../work/how-far';
import { isNeededWhole } from '../work/read-first';
import type { WorkEntry } from '../work/works-reducer';
import type { HeadRow } from './kept-rows';

/**
 * The index of a desk tells what is there without its steps: it follows from the pieces of work, and can be made anew from them
 * at any time. It lies in parts, so that a step writes a small one. Beside it lie the tries of all pieces, in parts as well: the
 * Record goes by them.
 */

/** In how many parts it lies. */
export const PARTS = 32;

/** The part of the index a piece is in. */
export function partOf(id: string): number {
	let sum = 0;
	for (let i = 0; i < id.length; i++) sum = (sum * 31 + id.charCodeAt(i)) >>> 0;
	return sum % PARTS;
}

/** The numbers of the parts that pieces are in, each once. */
export function partsOf(ids: readonly string[]): readonly number[] {
	return [...new Set(ids.map(partOf))];
}

/**
 * A part of an index, or of the tries beside it, after pieces were written and others taken out.
 * @param text the part as it was; undefined for a new one.
 * @param rowOf what the part has of a piece.
 */
export function rewrittenPart<T>(
	part: number,
	text: string | undefined,
	entries: readonly WorkEntry[],
	gone: readonly string[],
	rowOf: (entry: WorkEntry) => T,
): string {
	const rows = (text ? JSON.parse(text) : {}) as Record<string, T>;
	for (const entry of entries) if (partOf(entry.id) === part) rows[entry.id] = rowOf(entry);
	for (const id of gone) delete rows[id];
	return JSON.stringify(rows);
}

/** What the index says of a piece. */
export function headOf(entry: WorkEntry): HeadRow {
	const { body, version, touched = 0, ahead, away } = entry;
	const isThere = away !== undefined && away.here === undefined;
	const steps = away?.steps ?? body.steps.length;
	const tries = away?.tries ?? body.tries?.length ?? 0;
	// What is read at once anyway is not worked through with each key that is typed.
	const here = isThere ? '' : isNeededWhole(body.exercise) ? 'begun' : howFarOf(entry);
	return [body.exercise, version, touched, steps, tries, here, isThere ? 2 : ahead ? 1 : 0];
}

/** The steps of every piece that is not read. */
const NO_STEPS: WorkEntry['body']['steps'] = [];

/** A piece as the index has it, its steps not read yet. */
export function entryOf(id: string, [exercise, version, touched, steps, tries, here, kind]: HeadRow): WorkEntry {
	return {
		id,
		body: { exercise, steps: NO_STEPS },
		version,
		ahead: kind === 1,
		...(touched ? { touched } : {}),
		away: kind === 2 ? { steps, tries } : { steps, tries, here },
	};
}
