import { forgetClasses } from '../device/class-notes';
import { forgetSeen } from '../device/last-seen';
import { demoCopy } from '../sync/demo-copy';
import { deskOnServer, joinWithCode } from '../sync/desk-on-server';
import { endDesk, keepDesk, leaveDesk, nameDesk, newDesk } from '../sync/desks-here';
import type { DeskHere } from '../sync/device-store';
import { hashOf } from '../sync/key-hash';
import { deviceSays, newKey } from '../sync/keys';
import { serverStore } from '../sync/server-store';
import type { WorksState } from '../work/works-reducer';
import { unreadOf } from './all-works';
import { openDevice, stopEverywhere } from './device';
import * as words from './words';

type NotDone = { readonly done: false; readonly why: string };

/** What came of something that was asked for: it is done, or a sentence says why not. */
export type Done = { readonly done: true } | NotDone;

/** What came of joining a desk: its id. */
export type Joined = { readonly done: true; readonly desk: string } | NotDone;

const DONE: Done = { done: true };

const AWAY = words.theServerCannotBeReached;

/** What kept the server from doing something, in a sentence. */
export function sayFailed(failed: { readonly came: string; readonly why?: string; readonly ms?: number }): string {
	switch (failed.came) {
		case 'shut':
			return words.theServerNoLongerLetsThis;
		case 'erased':
			return words.thisDeskWasErased;
		case 'later':
			return words.thatWasTooMuchAtOnceTry(Math.ceil((failed.ms ?? 1000) / 1000));
		case 'refused':
			return failed.why || AWAY;
		default:
			return AWAY;
	}
}

/** Makes a desk of this device the one that is open: the page is loaded anew, at Today or where it is said. */
export async function openDeskHere(id: string, path = '/'): Promise<void> {
	const { device } = await openDevice();
	// A desk that was begun and never worked on is not worth a place in the list.
	for (const desk of await device.desks())
		if (desk.id !== id && !desk.kept && (await device.count(desk.id)) === 0) await leaveDesk(device, desk.id);
	await device.setCurrentDesk(id);
	globalThis.location.assign(path);
}

/** Where the link led that this page was opened with. */
function pathOfLink(): string {
	return globalThis.location?.pathname ?? '/';
}

/** Calls a desk of this device something, so that it can be told from another. */
export async function callDesk(id: string, name: string): Promise<void> {
	const { device } = await openDevice();
	await nameDesk(device, id, name);
}

/** Begins one more desk. */
export async function beginDesk(now: number): Promise<void> {
	const { device } = await openDevice();
	const desk = newDesk(now);
	await keepDesk(device, desk);
	await openDeskHere(desk.id);
}

/** Opens a copy of a desk of made-up work. */
export async function openDemo(demo: string, now: number): Promise<Done> {
	const { device } = await openDevice();
	const copy = await demoCopy(demo, device, serverStore(demo, null), now);
	if (!copy) return { done: false, why: AWAY };
	await openDeskHere(copy, pathOfLink());
	return DONE;
}

/** Opens the desk of a link from before there were keys: it is this device's where no other has claimed it. */
export async function openOther(id: string, now: number): Promise<Done> {
	const desk: DeskHere = { id, key: newKey(), kept: true, begun: now, opened: now };
	const answer = await serverStore(id, desk.key, deviceSays()).changes(0);
	if (answer.came === 'shut')
		return {
			done: false,
			why: words.thisDeviceHasNoKeyToThat,
		};
	if (answer.came !== 'here') return { done: false, why: sayFailed(answer) };
	const { device } = await openDevice();
	await keepDesk(device, desk);
	await openDeskHere(id, pathOfLink());
	return DONE;
}

/** Puts a desk that was joined among those of this device: its key of it is the new one. */
async function keepJoined(id: string, key: string, now: number): Promise<Joined> {
	const { device } = await openDevice();
	const before = (await device.desks()).find((desk) => desk.id === id);
	await keepDesk(device, { id, key, kept: true, begun: before?.begun ?? now, opened: now });
	return { done: true, desk: id };
}

/** Joins a desk with a one-time code. */
export async function joinByCode(code: string, now: number): Promise<Joined> {
	const key = newKey();
	const answer = await joinWithCode(code, hashOf(key), deviceSays());
	if (answer.came !== 'here') return { done: false, why: sayFailed(answer) };
	return keepJoined(answer.value, key, now);
}

/** Joins a desk with its recovery sheet, whose key lets this device's own key in. */
export async function joinBySheet(id: string, sheetKey: string, now: number): Promise<Joined> {
	const key = newKey();
	const answer = await deskOnServer(id, sheetKey).addKey(hashOf(key), 'device', deviceSays());
	if (answer.came === 'shut') return { done: false, why: words.thisRecoverySheetDoesNot };
	if (answer.came !== 'here') return { done: false, why: sayFailed(answer) };
	return keepJoined(id, key, now);
}

/** Goes on apart from a desk that does not open to this device any more: all its work that is here goes to a new desk. */
export async function goOnApart({ byId, open, last }: WorksState, of: string | null, now: number): Promise<void> {
	const { device } = await openDevice();
	const desk = newDesk(now);
	const here = [...(await unreadOf(of, byId)), ...Object.values(byId).filter(({ away }) => !away)];
	await device.keepEntries(
		desk.id,
		here.map((entry) => ({ ...entry, version: 0, ahead: true })),
	);
	await device.keepOpen(desk.id, { open, last, erasing: [] });
	await keepDesk(device, desk);
	await openDeskHere(desk.id);
}

/** The other desk that is opened next: the one opened last; a new one where there is none. */
async function openNext(without: string, now: number): Promise<void> {
	const { device } = await openDevice();
	const others = (await device.desks()).filter(({ id, ends }) => id !== without && !ends);
	const [next] = [...others].sort((a, b) => b.opened - a.opened);
	if (next) await openDeskHere(next.id);
	else await beginDesk(now);
}

/** The desk that is open, as this device has it. */
export async function deskOpen(id: string | null): Promise<DeskHere | null> {
	const { device } = await openDevice();
	return (await device.desks()).find((desk) => desk.id === id) ?? null;
}

/** Takes a desk off this device, with everything of it; on the server and on other devices it stays. */
export async function leave({ id, key, kept }: DeskHere, now: number): Promise<void> {
	const { device } = await openDevice();
	if (kept) {
		const server = deskOnServer(id, key);
		const devices = await server.devices();
		const here = devices.came === 'here' ? devices.value.devices.find((one) => one.here) : undefined;
		if (here) await server.shutOut(here.id);
	}
	stopEverywhere();
	forgetSeen();
	forgetClasses(id);
	await leaveDesk(device, id);
	await openNext(id, now);
}

/** Erases a desk, here at once and on the server as soon as that can be reached. */
export async function erase({ id, kept }: DeskHere, now: number): Promise<void> {
	const { device } = await openDevice();
	stopEverywhere();
	forgetSeen();
	forgetClasses(id);
	if (kept) await endDesk(device, id);
	else await leaveDesk(device, id);
	await openNext(id, now);
}
