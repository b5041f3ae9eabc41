import type { ComponentType } from 'react';
import { later } from '../ui/later';
import { useAppSelector } from './store';

/** Whether what the device has of the desk is read. */
function useDeskRead(): boolean {
	return useAppSelector(({ sync }) => sync.desk !== null);
}

/**
 * A page that is drawn ahead as far as it is the same for everybody: its script, and what the device has of the desk, come
 * after it.
 * @param Ahead what is shown until then.
 */
export function laterPage<P extends object>(
	load: () => Promise<ComponentType<P>>,
	Ahead: ComponentType<P>,
): ComponentType<P> {
	return later(load, { Ahead, useReady: useDeskRead });
}
