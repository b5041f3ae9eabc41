import { useEffect } from 'react';

/** What another app shares, by the names the manifest gives its parts: the text comes first, an address last. */
const PARTS = ['title', 'text', 'url'] as const;

/**
 * A text that another app has shared, from the address it opened; '' where none has.
 * @example sharedText('?text=14+ft+to+yd') // "14 ft to yd"
 */
export function sharedText(search: string): string {
	const given = new URLSearchParams(search);
	const parts = PARTS.map((part) => given.get(part)?.trim() ?? '').filter(Boolean);
	return [...new Set(parts)].join('\n');
}

/** Puts a text that another app has shared into the field, once; the address is as it was without it. */
export function useShared(onText: (text: string) => void): void {
	useEffect(() => {
		const text = sharedText(globalThis.location?.search ?? '');
		if (text === '') return;
		globalThis.history.replaceState(
			globalThis.history.state,
			'',
			globalThis.location.pathname + globalThis.location.hash,
		);
		onText(text);
	}, [onText]);
}
