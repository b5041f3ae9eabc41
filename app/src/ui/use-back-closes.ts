import { useEffect, useRef } from 'react';

type Marked = { readonly opens?: boolean } | null;

function isMarked(state: unknown): boolean {
	return (state as Marked)?.opens === true;
}

/**
 * Lets Back close what is open before it leaves the page. What opens adds an entry to the browser's history, of the same
 * address; going back from it closes. An entry whose panel was closed by hand is passed over, so that Back then leaves.
 */
export function useBackCloses(isOpen: boolean, close: () => void): void {
	const now = useRef({ isOpen, close });
	now.current = { isOpen, close };
	const onEntry = useRef(isMarked(globalThis.history?.state));
	useEffect(() => {
		if (!isOpen) return;
		const { history, location } = globalThis;
		// The router may have gone on to an entry of its own since.
		if (!isMarked(history.state))
			history.pushState({ ...(history.state as object | null), opens: true }, '', location.href);
		onEntry.current = true;
	}, [isOpen]);
	useEffect(() => {
		const onPop = ({ state }: PopStateEvent) => {
			const left = onEntry.current;
			onEntry.current = isMarked(state);
			if (!left || onEntry.current) return;
			if (now.current.isOpen) now.current.close();
			else globalThis.history.back();
		};
		globalThis.addEventListener('popstate', onPop);
		return () => globalThis.removeEventListener('popstate', onPop);
	}, []);
}
