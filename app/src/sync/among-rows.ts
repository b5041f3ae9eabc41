import type { WorkBody } from '@tidy-sum/schema';
import { dequal } from 'dequal';
import { besideOf, isKeptBeside, keepsId } from '../work/beside';
import { mergedBody } from '../work/merged-body';
import type { WorkEntry } from '../work/works-reducer';
import type { Opened } from './device-store';

/** A piece that another window has changed. Where the two parted, `fresh` is the id under which this window's line was kept beside it. */
export type Found = { readonly theirs: WorkEntry; readonly fresh?: string | undefined };

/** The result of holding a piece against the row that another window may have written. */
export type Among = {
	/** Pieces to be written whole. */
	readonly write: readonly WorkEntry[];
	/** A piece of which only the index entry is new: its row already has these steps. */
	readonly head?: WorkEntry;
	/** Pieces that this window does not know yet. */
	readonly found: readonly Found[];
};

const NOTHING: Among = { write: [], found: [] };

/** Whether a body has all steps and tries of the merged one. */
function hasAll(body: WorkBody, merged: WorkBody): boolean {
	return dequal(merged.steps, body.steps) && dequal(merged.tries ?? [], body.tries ?? []);
}

/** A piece that is to be written, held against what is there. Where both went on by themselves both are kept. */
export function amongRows(entry: WorkEntry, there: WorkEntry | null, isHead = false): Among {
	// Of one that another window took away nothing is left to be acknowledged.
	if (!there || entry.away) return isHead ? NOTHING : { ...NOTHING, write: [entry] };
	const version = Math.max(there.version, entry.version);
	const merged = mergedBody(there.body, entry.body);
	if (merged) {
		const [isMine, isTheirs] = [hasAll(entry.body, merged), hasAll(there.body, merged)];
		if (!isTheirs)
			return {
				write: [{ ...entry, body: merged, version, ahead: entry.ahead || !isMine }],
				found: isMine ? [] : [{ theirs: there }],
			};
		// Typed in both at one place: the later holds.
		if (!isMine || (there.touched ?? 0) > (entry.touched ?? 0)) return { ...NOTHING, found: [{ theirs: there }] };
		// The row and the index must tell of one moment.
		if (there.touched !== entry.touched) return { ...NOTHING, write: [{ ...entry, version }] };
		const isKnown = there.version === entry.version && there.ahead === entry.ahead;
		return isKnown && !isHead ? NOTHING : { ...NOTHING, head: { ...entry, version } };
	}
	if (keepsId(entry, there) === 'mine') {
		const beside = isKeptBeside(there, entry) ? [besideOf(there)] : [];
		return { write: [entry, ...beside], found: beside.map((theirs) => ({ theirs })) };
	}
	const mine = isKeptBeside(entry, there) ? [besideOf(entry)] : [];
	return { write: mine, found: [{ theirs: there, fresh: mine[0]?.id }] };
}

/** A line that is kept beside another, held against what is there under its id; null where that has all of it. */
export function besideAmong(line: WorkEntry, there: WorkEntry | null): WorkEntry | null {
	if (!there) return line;
	const merged = mergedBody(there.body, line.body);
	return merged && !hasAll(there.body, merged) ? { ...there, body: merged, ahead: true } : null;
}

/** What is open where beside other windows: only what this one changed, since it last wrote, is changed in what is there. */
export function openedAmong(there: Opened, next: Opened, before: Opened): Opened {
	const names = new Set([...Object.keys(next.open), ...Object.keys(before.open)]);
	const changed = [...names].filter((name) => next.open[name] !== before.open[name]);
	const open: Record<string, string> = { ...there.open };
	for (const name of changed) {
		const id = next.open[name];
		if (id === undefined) delete open[name];
		else open[name] = id;
	}
	const isToldOf = (id: string) => before.erasing.includes(id) && !next.erasing.includes(id);
	const erasing = [...new Set([...there.erasing, ...next.erasing])].filter((id) => !isToldOf(id));
	return { open, last: next.last === before.last ? there.last : next.last, erasing };
}
