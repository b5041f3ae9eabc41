import { isDemoDesk } from '@tidy-sum/schema/desk-names';
import { DESK_NAME_LIMIT } from '@tidy-sum/schema/limits';
import type { DeskHere, DeviceStore } from './device-store';
import { newId, newKey } from './keys';

/** A desk that was only just begun here, with a key of its own: the server hears of it with the first that is kept. */
export function newDesk(now: number): DeskHere {
	return { id: newId(), key: newKey(), kept: false, begun: now, opened: now };
}

/** The list with a desk in it, in place of the one with its id; its name stays, unless it is given another. */
function withDesk(desks: readonly DeskHere[], desk: DeskHere): readonly DeskHere[] {
	const name = desk.name ?? desks.find(({ id }) => id === desk.id)?.name;
	return [...desks.filter(({ id }) => id !== desk.id), name === undefined ? desk : { ...desk, name }];
}

/** Puts a desk among those of this device, or changes it there. */
export async function keepDesk(device: DeviceStore, desk: DeskHere): Promise<void> {
	await device.keepDesks(withDesk(await device.desks(), desk));
}

/** Gives a desk of this device a name, cut to the length a name may have. */
export async function nameDesk(device: DeviceStore, id: string, name: string): Promise<void> {
	await device.keepDesks(
		(await device.desks()).map((desk) => (desk.id === id ? { ...desk, name: name.slice(0, DESK_NAME_LIMIT) } : desk)),
	);
}

/** Takes a desk off this device, with all that is kept of it. */
export async function leaveDesk(device: DeviceStore, id: string): Promise<void> {
	await device.forget(id);
	await device.keepDesks((await device.desks()).filter((desk) => desk.id !== id));
}

/**
 * Takes a desk off this device and remembers that it is to be erased on the server as well: where that cannot be reached now,
 * it is told when it can be.
 */
export async function endDesk(device: DeviceStore, id: string): Promise<void> {
	await device.forget(id);
	await device.keepDesks((await device.desks()).map((desk) => (desk.id === id ? { ...desk, ends: true } : desk)));
}

/** The desk this device had before there were keys gets one; it is asked for with it, and claimed. */
export async function withOldDesk(device: DeviceStore, now: number): Promise<readonly DeskHere[]> {
	const desks = await device.desks();
	const current = await device.currentDesk();
	if (current === undefined || isDemoDesk(current) || desks.some(({ id }) => id === current)) return desks;
	const old: DeskHere = { id: current, key: newKey(), kept: true, begun: now, opened: now };
	await keepDesk(device, old);
	return [...desks, old];
}
