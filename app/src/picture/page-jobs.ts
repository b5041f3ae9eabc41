import type { Outcome } from '@tidy-sum/core';
import type { PagesSoFar } from '@tidy-sum/exchange/page';

/** A file that was brought, with its bytes. */
export type FileBrought = { readonly name: string; readonly bytes: Uint8Array };

/** A word that was read with doubt: its place in the text, and a picture of it as a data address; null if it has no picture. */
export type DoubtFound = { readonly at: readonly [number, number]; readonly strip: string | null };

/** Files that were read: one text, what of it is in doubt, and notes. */
export type PagesFound = {
	readonly text: string;
	readonly doubts: readonly DoubtFound[];
	readonly notes: readonly string[];
};

/** How far reading is: which file of how many, and how far in it. */
export type ReadSoFar = PagesSoFar & { readonly file: number; readonly files: number };

/** What the worker that reads pictures, PDFs and Word files does. */
export type PageJobs = {
	readPages(files: readonly FileBrought[], onSoFar: (soFar: ReadSoFar) => void): Promise<Outcome<PagesFound>>;
};
