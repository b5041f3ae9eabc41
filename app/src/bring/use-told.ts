import type { Told } from '@tidy-sum/schema';
import { useEffect, useState } from 'react';
import { work } from '../worker/core-worker';

/** What was read of texts once, by text. */
const known = new Map<string, Told>();

/** How many texts are read in one go, so that the first show soon. */
const AT_ONCE = 20;

/** How many texts are remembered. */
const REMEMBERED = 1000;

/** What the texts of a list of problems tell, as far as they are read: the worker reads them. */
export function useTold(texts: readonly string[]): ReadonlyMap<string, Told> {
	const [, setRead] = useState(0);
	useEffect(() => {
		const open = [...new Set(texts)].filter((text) => !known.has(text));
		if (!open.length) return;
		let gone = false;
		const read = async () => {
			for (let from = 0; from < open.length && !gone; from += AT_ONCE) {
				const some = open.slice(from, from + AT_ONCE);
				const told = await work((jobs) => jobs.tell(some)).catch(() => []);
				if (known.size > REMEMBERED) known.clear();
				for (const [i, one] of told.entries()) known.set(some[i] ?? '', one);
				if (!gone) setRead((n) => n + 1);
			}
		};
		void read();
		return () => {
			gone = true;
		};
	}, [texts]);
	return known;
}
