import { useEffect, useState } from 'react';
import type { DeskHere } from '../sync/device-store';
import { openDevice } from './device';
import { useAppSelector } from './store';

/** A desk of this device, with how many pieces of work of it are here. */
export type ListedDesk = DeskHere & { readonly pieces: number };

async function readDesks(): Promise<readonly ListedDesk[]> {
	const { device } = await openDevice();
	const desks = (await device.desks()).filter(({ ends }) => !ends);
	const counted = await Promise.all(desks.map(async (desk) => ({ ...desk, pieces: await device.count(desk.id) })));
	return counted.sort((a, b) => b.opened - a.opened);
}

/** The desks of this device, the one opened last first; none until they are read. `here` is the one that is open. */
export function useDesksHere(): { readonly here: DeskHere | null; readonly desks: readonly ListedDesk[] } {
	const { desk: open, onServer } = useAppSelector(({ sync }) => sync);
	const [desks, setDesks] = useState<readonly ListedDesk[]>([]);
	useEffect(() => {
		let gone = false;
		readDesks().then(
			(read) => gone || setDesks(read),
			() => {},
		);
		return () => {
			gone = true;
		};
	}, []);
	const found = desks.find(({ id }) => id === open);
	// The server may have got it since the list was read.
	return { here: found ? { ...found, kept: onServer } : null, desks };
}
