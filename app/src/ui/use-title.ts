import { useEffect } from 'react';
import * as words from './ui-words';

/** Gives the page its title, as a browser shows it in its tabs and in its history. */
export function useTitle(title: string): void {
	useEffect(() => {
		globalThis.document.title = title === '' ? words.tidySum : words.tidySumOfTitle(title);
	}, [title]);
}
