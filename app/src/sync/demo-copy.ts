import type { WorkEntry } from '../work/works-reducer';
import { keepDesk, newDesk } from './desks-here';
import type { DeviceStore } from './device-store';
import type { ServerStore } from './server-store';

/** How many bodies are asked for at a time. */
const AT_ONCE = 50;

/** The work of a demo desk: as it was changed on this device before it was a copy, else as the server has it. */
async function demoWorks(
	demo: string,
	device: DeviceStore,
	server: ServerStore,
): Promise<readonly Pick<WorkEntry, 'id' | 'body'>[]> {
	const here = await device.pieces(demo);
	if (here.length) return here;
	const changes = await server.changes(0);
	if (changes.came !== 'here') return [];
	const ids = changes.value.works.map(({ id }) => id);
	const pages = Array.from({ length: Math.ceil(ids.length / AT_ONCE) }, (_, i) =>
		server.bodies(ids.slice(i * AT_ONCE, (i + 1) * AT_ONCE)),
	);
	const answers = await Promise.all(pages);
	return answers.flatMap((answer) => (answer.came === 'here' ? answer.value.works : []));
}

/**
 * The copy of a demo desk that this device has. It is made when the link is first opened, so that what one does there
 * is one's own and the demo stays as it is for everybody.
 * @returns the id of the copy, or null where the server cannot be asked for what to copy.
 */
export async function demoCopy(
	demo: string,
	device: DeviceStore,
	server: ServerStore,
	now: number,
): Promise<string | null> {
	const known = await device.copyOf(demo);
	if (known) return known;
	const works = await demoWorks(demo, device, server);
	if (!works.length) return null;
	const copy = newDesk(now);
	await device.keepEntries(
		copy.id,
		works.map(({ id, body }) => ({ id, body, version: 0, ahead: true })),
	);
	await keepDesk(device, copy);
	await device.setCopyOf(demo, copy.id);
	return copy.id;
}
