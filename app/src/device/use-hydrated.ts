import { useSyncExternalStore } from 'react';

const never = () => () => {};

/**
 * Whether what is drawn may go by this device. A page that was drawn ahead is first taken over as it stands; in the same
 * breath it is drawn anew by what the device knows: how wide its screen is, what its address says.
 */
export function useHydrated(): boolean {
	return useSyncExternalStore(
		never,
		() => true,
		() => false,
	);
}
