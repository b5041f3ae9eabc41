import { type RefObject, useEffect, useRef } from 'react';

/** How far each page was scrolled, by its address, since the app was opened. */
const kept = new Map<string, number>();

/**
 * Keeps the place a page is scrolled to: who comes back to an address stands where they were. What the page holds may
 * come piece by piece, so the place is gone to as soon as the page is long enough for it.
 * @returns the refs of what scrolls, and of what it holds.
 */
export function useKeptScroll(): {
	readonly scroll: RefObject<HTMLElement | null>;
	readonly content: RefObject<HTMLElement | null>;
} {
	const scroll = useRef<HTMLElement>(null);
	const content = useRef<HTMLElement>(null);
	useEffect(() => {
		const [element, held] = [scroll.current, content.current];
		if (!element || !held) return;
		const address = globalThis.location.pathname;
		let wanted = kept.get(address) ?? 0;
		const onScroll = () => {
			if (element.scrollTop < wanted) return;
			wanted = 0;
			kept.set(address, element.scrollTop);
		};
		element.addEventListener('scroll', onScroll, { passive: true });
		// Whoever scrolls by hand is left where they are.
		const byHand = () => {
			wanted = 0;
		};
		for (const name of ['wheel', 'touchmove', 'keydown'] as const)
			element.addEventListener(name, byHand, { passive: true });
		const observer = globalThis.ResizeObserver
			? new ResizeObserver(() => {
					if (wanted > 0) element.scrollTop = wanted;
				})
			: null;
		observer?.observe(held);
		return () => {
			observer?.disconnect();
			element.removeEventListener('scroll', onScroll);
			for (const name of ['wheel', 'touchmove', 'keydown'] as const) element.removeEventListener(name, byHand);
		};
	}, []);
	return { scroll, content };
}
