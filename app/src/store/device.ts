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

let stop = () => {};
let isStopped = false;

/** What ends the keeping that has begun. */
export function keepsUntil(end: () => void): void {
	stop = end;
	// It was being left already while this was still on its way.
	if (isStopped) end();
}

/** Stops keeping what is done: the desk that is open is being left, and nothing more of it is to be written here. */
export function stopKeeping(): void {
	isStopped = true;
	stop();
}
