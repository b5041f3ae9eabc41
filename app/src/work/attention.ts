/** How long without a touch or a key still counts as working: whoever is away for longer is not timed. */
const IDLE_MS = 3 * 60_000;

/** A clock of the time somebody works: it goes while the page is seen, and for at most three minutes without a touch. */
export type Attention = {
	/** Something was touched, or typed. */
	readonly touched: () => void;
	/** The page is seen from now on, or is not. */
	readonly seen: (isSeen: boolean) => void;
	/** The time worked so far, in milliseconds. */
	readonly worked: () => number;
};

/**
 * A clock of the time somebody works.
 * @param now the time, in milliseconds; the device's own where it is left out.
 * @example const clock = attention(); clock.worked() // 0, and later more
 */
export function attention(now: () => number = () => Date.now()): Attention {
	let counted = 0;
	let from = now();
	let isSeen = true;
	const since = () => (isSeen ? Math.min(Math.max(0, now() - from), IDLE_MS) : 0);
	const count = () => {
		counted += since();
		from = now();
	};
	return {
		touched: count,
		seen: (next) => {
			count();
			isSeen = next;
		},
		worked: () => counted + since(),
	};
}

/** The clock of this page. */
export const pageAttention = attention();

for (const name of ['pointerdown', 'keydown'] as const)
	globalThis.addEventListener?.(name, pageAttention.touched, { capture: true, passive: true });
globalThis.document?.addEventListener('visibilitychange', () =>
	pageAttention.seen(globalThis.document.visibilityState === 'visible'),
);
