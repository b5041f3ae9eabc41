import { useEffect, useRef } from 'react';
import { FACES } from '../theme/fonts';
import { FACES_KEY } from './settings';

/** How long after the start the faces are fetched: what is touched first comes first. */
const AFTER_MS = 1500;

function noteHere(): void {
	try {
		globalThis.localStorage?.setItem(FACES_KEY, 'here');
	} catch {
		// Where nothing can be noted, the next page fetches them again.
	}
}

/**
 * Fetches the faces of the app once it stands, and writes with them from the next page on: what somebody is reading stays as
 * it is.
 * @param address the address of the page.
 */
export function useFaces(address: string): void {
	useEffect(() => {
		const { fonts } = globalThis.document;
		if (!fonts?.load) return undefined;
		const timer = setTimeout(() => {
			const faces = FACES.map(({ family, weight }) => fonts.load(`${weight} 17px '${family}'`));
			Promise.all(faces).then(noteHere, () => {});
		}, AFTER_MS);
		return () => clearTimeout(timer);
	}, []);
	const first = useRef(address);
	useEffect(() => {
		// The page itself has looked for the first address.
		if (address === first.current) return;
		try {
			if (globalThis.localStorage?.getItem(FACES_KEY) === 'here')
				globalThis.document.documentElement.dataset.faces = 'here';
		} catch {
			// As above.
		}
	}, [address]);
}
