import type { WorkEntry } from '../work/works-reducer';
import { type DeskHere, type DeviceStore, type Opened, worksAsKept } from './device-store';
import { NO_PLACE, type Place } from './place';

/**
 * A store for a browser that gives none of its own (some private windows): it keeps the work while the page
 * is open, and the server has what was sent.
 */
export function memoryStore(): DeviceStore {
	let current: string | undefined;
	let desks: readonly DeskHere[] = [];
	const entries = new Map<string, Map<string, WorkEntry>>();
	const opened = new Map<string, Opened>();
	const places = new Map<string, Place>();
	const copies = new Map<string, string>();
	const worksOf = (desk: string) => {
		const found = entries.get(desk) ?? new Map<string, WorkEntry>();
		entries.set(desk, found);
		return found;
	};
	const keepEntries: DeviceStore['keepEntries'] = async (desk, changed, gone = []) => {
		for (const entry of changed) worksOf(desk).set(entry.id, entry);
		for (const id of gone) worksOf(desk).delete(id);
	};
	return {
		desks: async () => desks,
		keepDesks: async (next) => {
			desks = next;
		},
		currentDesk: async () => current,
		setCurrentDesk: async (desk) => {
			current = desk;
		},
		load: async (desk) => ({
			works: worksAsKept([...worksOf(desk).values()], opened.get(desk) ?? { open: {}, last: null, erasing: [] }),
			aside: 0,
			place: places.get(desk) ?? NO_PLACE,
		}),
		pieces: async (desk, ids) => [...worksOf(desk).values()].filter(({ id }) => !ids || ids.includes(id)),
		piecesBeside: async (desk, ids) => [...worksOf(desk).values()].filter(({ id }) => ids.includes(id)),
		// Everything of it is in the works already.
		tries: async () => [],
		count: async (desk) => worksOf(desk).size,
		copyOf: async (desk) => copies.get(desk),
		setCopyOf: async (desk, copy) => {
			copies.set(desk, copy);
		},
		keepEntries,
		// Its rows are of this window alone.
		keepAmong: async (desk, changed, gone, heads) => {
			await keepEntries(desk, changed, gone, heads);
			return { wrote: changed.map(({ id }) => id), found: [] };
		},
		keepOpen: async (desk, next) => {
			opened.set(desk, next);
		},
		keepPlace: async (desk, place) => {
			places.set(desk, place);
		},
		forget: async (desk) => {
			for (const kept of [entries, opened, places, copies]) kept.delete(desk);
			for (const [demo, copy] of copies) if (copy === desk) copies.delete(demo);
		},
	};
}
