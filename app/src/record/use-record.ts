import { useEffect, useState } from 'react';
import { useAllTries } from '../store/use-tried';
import { work } from '../worker/core-worker';
import { RECORD_PARTS, type RecordMade } from '../worker/record-parts';
import { zoneNow } from '../worker/zone-now';
import * as words from './words';

/** The Record as far as it is worked out: each part once it is there; how far it is, where that takes a while; and why it broke off. */
export type RecordSoFar = { readonly [P in keyof RecordMade]: RecordMade[P] | null } & {
	readonly now: number;
	readonly says: string;
	readonly fault: string;
};

const AWAY = words.theRecordCouldNotBeMade;

/** After how long it is said how far it is, in milliseconds. */
const SAID_AFTER_MS = 500;

function nothing(): RecordSoFar {
	return { skills: null, slips: null, times: null, due: null, now: Date.now(), says: '', fault: '' };
}

/** What follows from all tries that are kept; the worker works it out, a part after another. */
export function useRecord(): RecordSoFar {
	const tried = useAllTries();
	const [state, setState] = useState(nothing);
	useEffect(() => {
		if (!tried) return;
		let gone = false;
		const began = Date.now();
		const workOut = async () => {
			const { token, tries } = await work((jobs) => jobs.beginRecord(tried, began, zoneNow()));
			for (const [i, part] of RECORD_PARTS.entries()) {
				if (gone) return;
				const late = Date.now() - began > SAID_AFTER_MS;
				if (late) setState((before) => ({ ...before, says: sayHowFar(i, tries) }));
				const made = await work((jobs) => jobs.recordPart(token, part));
				if (gone || made === null) return;
				setState((before) => ({ ...before, ...made, now: began }));
			}
		};
		workOut().catch(() => gone || setState((before) => ({ ...before, fault: AWAY })));
		return () => {
			gone = true;
		};
	}, [tried]);
	return state;
}

function sayHowFar(done: number, tries: number): string {
	return words.readingTriesOfPartsAre(tries, done, RECORD_PARTS.length);
}
