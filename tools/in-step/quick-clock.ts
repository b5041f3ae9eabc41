import type { Clock } from '../../app/src/sync/clock';

/** A clock in which nobody waits: what waits is done, in its order, when the time is moved on. */
export function quickClock(): Clock & { readonly pass: (ms: number) => void; readonly next: () => number | null } {
	let now = 1_770_000_000_000;
	let waiting: { readonly at: number; readonly then: () => void }[] = [];
	const soonest = () => waiting.reduce<number | null>((at, one) => (at === null || one.at < at ? one.at : at), null);
	return {
		now: () => now,
		wait: (ms, then) => {
			const one = { at: now + ms, then };
			waiting.push(one);
			return () => {
				waiting = waiting.filter((other) => other !== one);
			};
		},
		pass: (ms) => {
			const until = now + ms;
			for (let at = soonest(); at !== null && at <= until; at = soonest()) {
				now = Math.max(now, at);
				const due = waiting.find((one) => one.at === at);
				waiting = waiting.filter((one) => one !== due);
				due?.then();
			}
			now = until;
		},
		next: () => {
			const at = soonest();
			return at === null ? null : Math.max(0, at - now);
		},
	};
}
