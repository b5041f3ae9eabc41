import { type DeviceStore, deviceStore } from '../sync/device-store';
import { memoryStore } from '../sync/memory-store';

let opened: { readonly device: DeviceStore; readonly lasting: boolean } | null = null;

/** The device's store; one in memory where the browser gives none. */
export async function openDevice(): Promise<{ readonly device: DeviceStore; readonly lasting: boolean }> {
	if (opened) return opened;
	try {
		const device = deviceStore();
		await device.currentDesk();
		opened = { device, lasting: true };
	} catch {
		opened = { device: memoryStore(), lasting: false };
	}
	return opened;
}

let stop: (keeps?: boolean) => void = () => {};
let leave = () => {};
let isStopped = false;

/**
 * What ends the keeping that has begun.
 * @param left tells the other windows of the desk that it was taken off this device; it stays as it is where it is left out.
 */
export function keepsUntil(end: (keeps?: boolean) => void, left = leave): void {
	stop = end;
	leave = left;
	// It was being left already while this was still on its way.
	if (isStopped) end();
}

/** Stops keeping what is done: the desk that is open is being left, and nothing more of it is to be written here. */
export function stopKeeping(keeps = true): void {
	isStopped = true;
	stop(keeps);
}

/** Stops keeping in this window and in every other of the desk: it is taken off this device. */
export function stopEverywhere(): void {
	leave();
	stopKeeping();
}
