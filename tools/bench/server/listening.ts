import { Agent, request } from 'node:http';
import { median } from '../measure';

const listeners = new Agent({ keepAlive: false, maxSockets: 200 });

/** Listens to the events of an address as a device does; hears each place they name, with the moment. Gives what ends it. */
export function listen(url: string, path: string, key: string, hear: (seq: number, when: number) => void): () => void {
	const sent = request(
		`${url}${path}`,
		{ agent: listeners, headers: { authorization: `Bearer ${key}` } },
		(response) => {
			response.on('data', (part: Buffer) => {
				for (const [, seq] of part.toString().matchAll(/"seq":(\d+)/g)) hear(Number(seq), performance.now());
			});
			response.on('error', () => {});
		},
	);
	sent.on('error', () => {});
	sent.end();
	return () => sent.destroy();
}

/** The memory of a process at a moment since the begin, in milliseconds and KB. */
export type Memory = { readonly at: number; readonly kb: number };

/** By what share memory grew over the last two thirds of a time: the median of its last sixth over that of its first. */
export function grownOver(memory: readonly Memory[], ms: number): number {
	const last = memory.filter(({ at }) => at > ms / 3).map(({ kb }) => kb);
	const sixth = Math.max(1, Math.floor(last.length / 6));
	return median(last.slice(-sixth)) / median(last.slice(0, sixth)) - 1;
}
