import { dequal } from 'dequal';
import { continues } from '../work/history';
import { mergedBody } from '../work/merged-body';
import type { WorkEntry } from '../work/works-reducer';
import type { Opened } from './device-store';

/** A row of a piece of work, as far as it is one. */
function asEntry(row: unknown): WorkEntry | null {
	const entry = row as Partial<WorkEntry> | undefined;
	return entry?.body?.steps && typeof entry.id === 'string' ? (entry as WorkEntry) : null;
}

/**
 * A piece that is to be written, held against the row that is there: what is to be written, if anything, and what another
 * window has gone on with. Where both went on by themselves the one to be written goes under a fresh id.
 */
export function amongRows(
	entry: WorkEntry,
	row: unknown,
	fresh: string,
	isHead = false,
): { readonly write: WorkEntry | null; readonly found: WorkEntry | null } {
	const there = asEntry(row);
	if (!there || entry.away) return { write: entry, found: null };
	const version = Math.max(there.version, entry.version);
	const [follows, isFollowed] = [continues(entry.body, there.body), continues(there.body, entry.body)];
	if (follows && isFollowed) {
		const isSame =
			there.version === entry.version && there.ahead === entry.ahead && there.touched === entry.touched && !isHead;
		const sameTries = dequal(there.body.tries ?? [], entry.body.tries ?? []);
		if (isSame && sameTries && dequal(there.body.steps, entry.body.steps)) return { write: null, found: null };
		// Typed in both at one place: the later holds.
		if ((there.touched ?? 0) > (entry.touched ?? 0)) return { write: null, found: there };
		return { write: { ...entry, version }, found: null };
	}
	// The server acknowledged what was before: what another window did since is still to be sent.
	if (isHead) return { write: null, found: follows ? null : there };
	if (follows) return { write: { ...entry, version, ahead: true }, found: null };
	const merged = mergedBody(there.body, entry.body);
	const write = merged
		? { ...entry, body: merged, version, ahead: true }
		: { ...entry, id: fresh, version: 0, ahead: true };
	return { write, found: there };
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
