import { useEffect } from 'react';

/** Gives the page its title, as a browser shows it in its tabs and in its history. */
export function useTitle(title: string): void {
	useEffect(() => {
		globalThis.document.title = title === '' ? 'Tidy Sum' : `${title} · Tidy Sum`;
	}, [title]);
}
