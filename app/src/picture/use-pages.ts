import { isOfPages } from '@tidy-sum/exchange/kind-of-file';
import { useCallback, useEffect, useRef, useState } from 'react';
import { Stopped } from '../worker/worker-door';
import { type Doubt, doubtsAfter } from './doubts';
import type { FileBrought, ReadSoFar } from './page-jobs';
import { stopPages, workOnPages } from './pages-worker';
import * as words from './words';

/** Pictures, PDFs and Word files that are brought: how far reading them is, and what of their text is in doubt. */
export type Pages = {
	/** How far it is; null while nothing is read. */
	readonly soFar: ReadSoFar | null;
	/** What there is to say of what was read. */
	readonly said: string;
	/** The words that were hard to read, until they are looked at. */
	readonly doubts: readonly Doubt[];
	/** Reads files if all of them are of pages, and adds their text; whether they are. */
	readonly take: (files: readonly File[]) => Promise<boolean>;
	readonly stop: () => void;
	/** Settles a doubt as it was read; all of them without one. */
	readonly settle: (doubt?: Doubt) => void;
};

const BEGUN: ReadSoFar = { file: 0, files: 1, done: 0, of: 1, text: '' };

async function filesOf(files: readonly File[]): Promise<readonly FileBrought[]> {
	return Promise.all(files.map(async (file) => ({ name: file.name, bytes: new Uint8Array(await file.arrayBuffer()) })));
}

/**
 * Reads pictures, PDFs and Word files in a worker.
 * @param text the text as it is now: a doubt is settled where it is changed.
 * @param onText called with the text and what was read, behind it.
 */
export function usePages(text: string, onText: (text: string) => void): Pages {
	const [soFar, setSoFar] = useState<ReadSoFar | null>(null);
	const [said, setSaid] = useState('');
	const [doubts, setDoubts] = useState<readonly Doubt[]>([]);
	const known = useRef(text);
	useEffect(() => {
		const before = known.current;
		known.current = text;
		setDoubts((now) => (now.length ? doubtsAfter(before, text, now) : now));
	}, [text]);
	const count = useRef(0);
	const take = useCallback(
		async (files: readonly File[]) => {
			const brought = await filesOf(files);
			if (!brought.every(({ bytes }) => isOfPages(bytes))) return false;
			setSaid('');
			setSoFar(BEGUN);
			try {
				const { proxy } = await import('comlink');
				const read = await workOnPages((jobs) => jobs.readPages(brought, proxy(setSoFar)));
				if (!read.ok) setSaid(read.fault.message);
				else {
					// A further page is added: nothing that is there is lost, nor what is still to be looked at.
					const before = known.current.trim() === '' ? '' : `${known.current}\n\n`;
					known.current = before + read.value.text;
					onText(known.current);
					const found = read.value.doubts.map(({ at: [from, to], strip }): Doubt => {
						count.current += 1;
						return { id: count.current, at: [before.length + from, before.length + to], strip };
					});
					setDoubts((now) => [...now, ...found]);
					setSaid(read.value.notes.join(' '));
				}
			} catch (fault) {
				setSaid(fault instanceof Stopped ? words.stopped : words.itCouldNotBeRead);
			}
			setSoFar(null);
			return true;
		},
		[onText],
	);
	const settle = useCallback(
		(doubt?: Doubt) => setDoubts((now) => (doubt ? now.filter(({ id }) => id !== doubt.id) : [])),
		[],
	);
	useEffect(() => () => stopPages(), []);
	return { soFar, said, doubts, take, stop: stopPages, settle };
}
