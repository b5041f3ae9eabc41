import type { DeviceStore } from './device-store';

/**
 * A store for a browser that gives none of its own (some private windows): it keeps the work while the page
 * is open, and the server has what was sent.
 */
export function memoryStore(): DeviceStore {
	let current: string | undefined;
	return {
		currentDesk: async () => current,
		setCurrentDesk: async (desk) => {
			current = desk;
		},
		load: async () => ({ byId: {}, open: {}, last: null }),
		// The page's own state holds the work; there is nothing else to write to.
		keepEntry: async () => {},
		keepOpen: async () => {},
	};
}
