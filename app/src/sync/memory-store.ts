import type { WorkEntry, WorksState } from '../work/works-slice';
import type { DeviceStore } from './device-store';

/**
 * A store for a browser that gives none of its own (some private windows): it keeps the work while the page
 * is open, and the server has what was sent.
 */
export function memoryStore(): DeviceStore {
	let current: string | undefined;
	const entries = new Map<string, WorkEntry>();
	const opened = new Map<string, Pick<WorksState, 'open' | 'last'>>();
	const copies = new Map<string, string>();
	return {
		currentDesk: async () => current,
		setCurrentDesk: async (desk) => {
			current = desk;
		},
		load: async (desk) => {
			const byId = Object.fromEntries(
				[...entries].flatMap(([key, entry]) => (key === `${desk}:${entry.id}` ? [[entry.id, entry]] : [])),
			);
			const found = Object.values<WorkEntry>(byId).map(({ id, body }) => [body.exercise, id]);
			const { open = {}, last = null } = opened.get(desk) ?? {};
			return { works: { byId, open: { ...Object.fromEntries(found), ...open }, last }, aside: 0 };
		},
		copyOf: async (desk) => copies.get(desk),
		setCopyOf: async (desk, copy) => {
			copies.set(desk, copy);
		},
		keepEntry: async (desk, entry) => {
			entries.set(`${desk}:${entry.id}`, entry);
		},
		keepOpen: async (desk, open, last) => {
			opened.set(desk, { open, last });
		},
	};
}
