import { createContext, type RefObject, useContext, useEffect, useRef } from 'react';

/** How far each page was scrolled, by its address, since the app was opened. */
const kept = new Map<string, number>();

/** The address of the page that is shown, as the router has it: the browser's own follows it a moment later. */
export const AddressContext = createContext('');

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
	const address = useContext(AddressContext);
	useEffect(() => {
		const [element, held] = [scroll.current, content.current];
		if (!element || !held) return;
		let wanted = kept.get(address) ?? 0;
		const go = () => {
			element.scrollTop = wanted;
		};
		go();
		const onScroll = () => {
			if (element.scrollTop < wanted) return;
			wanted = 0;
			kept.set(address, element.scrollTop);
		};
		// Whoever scrolls by hand is left where they are.
		const byHand = () => {
			wanted = 0;
		};
		const listeners = [
			['scroll', onScroll],
			['wheel', byHand],
			['touchmove', byHand],
			['keydown', byHand],
		] as const;
		for (const [name, listener] of listeners) element.addEventListener(name, listener, { passive: true });
		const observer = globalThis.ResizeObserver && new ResizeObserver(() => wanted > 0 && go());
		observer?.observe(held);
		return () => {
			observer?.disconnect();
			for (const [name, listener] of listeners) element.removeEventListener(name, listener);
		};
	}, [address]);
	return { scroll, content };
}
