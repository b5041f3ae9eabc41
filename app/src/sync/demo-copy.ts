import { nanoid } from '@reduxjs/toolkit';
import type { WorkEntry } from '../work/works-slice';
import type { DeviceStore } from './device-store';
import type { ServerStore } from './server-store';

/** The work of a demo desk: as it was changed on this device before it was a copy, else as the server has it. */
async function demoWorks(
	demo: string,
	device: DeviceStore,
	server: ServerStore,
): Promise<readonly Pick<WorkEntry, 'id' | 'body'>[]> {
	const { works } = await device.load(demo);
	const here = Object.values(works.byId);
	return here.length ? here : ((await server.list(demo))?.works ?? []);
}

/**
 * The copy of a demo desk that this device has. It is made when the link is first opened, so that what one does there
 * is one's own and the demo stays as it is for everybody.
 * @returns the id of the copy, or null where the server cannot be asked for what to copy.
 */
export async function demoCopy(demo: string, device: DeviceStore, server: ServerStore): Promise<string | null> {
	const known = await device.copyOf(demo);
	if (known) return known;
	const works = await demoWorks(demo, device, server);
	if (!works.length) return null;
	const copy = nanoid();
	for (const { id, body } of works) await device.keepEntry(copy, { id, body, version: 0, ahead: true });
	await device.setCopyOf(demo, copy);
	return copy;
}
