import { useCallback, useEffect, useState } from 'react';
import type { DeskHere } from '../sync/device-store';
import { openDevice } from './open-desk';
import { useAppSelector } from './store';

/** A desk of this device, with how many pieces of work of it are here. */
export type ListedDesk = DeskHere & { readonly pieces: number };

/** The desks of this device, the one opened last first; null until they are read. `here` is the one that is open. */
export function useDesksHere(): { readonly here: DeskHere | null; readonly desks: readonly ListedDesk[] } {
	const open = useAppSelector(({ sync }) => sync.desk);
	const [desks, setDesks] = useState<readonly ListedDesk[]>([]);
	const read = useCallback(async () => {
		const { device } = await openDevice();
		const kept = (await device.desks()).filter(({ ends }) => !ends);
		const counted = await Promise.all(kept.map(async (desk) => ({ ...desk, pieces: await device.count(desk.id) })));
		setDesks(counted.sort((a, b) => b.opened - a.opened));
	}, []);
	const keeping = useAppSelector(({ sync }) => sync.keeping);
	// Whether the server has the desk may change while it is open.
	// biome-ignore lint/correctness/useExhaustiveDependencies: it is read again when where work is kept changes.
	useEffect(() => {
		void read().catch(() => {});
	}, [read, keeping]);
	return { here: desks.find(({ id }) => id === open) ?? null, desks };
}
