import { useCallback, useState } from 'react';
import type { FileRead } from '../worker/form-jobs';
import { workOnFiles } from '../worker/form-worker';
import * as words from './words';

/** A set that came in a file, with its name, until it is kept or left. */
export type SetBrought = Extract<FileRead, { readonly is: 'set' }> & { readonly name: string };

/** The files that can be read, as a browser takes them. */
export const READ_FILES =
	'image/*,.pdf,.docx,.txt,.md,.csv,.json,.zip,.xml,application/pdf,text/plain,text/csv,application/json,application/zip';

/** The longest file that is read, in bytes. */
const FILE_LIMIT = 50_000_000;

/**
 * Files that are brought: pictures, PDFs and Word files are read as pages; a text goes into the field; a set is shown first, and
 * nothing of it is kept.
 * @param takePages reads files if all of them are of pages; whether they are.
 */
export function useFile(onText: (text: string) => void, takePages: (files: readonly File[]) => Promise<boolean>) {
	const [brought, setBrought] = useState<SetBrought | null>(null);
	const [said, setSaid] = useState('');
	const takeOne = useCallback(
		async (file: File): Promise<string> => {
			if (/^(?:image|audio|video)\//u.test(file.type)) return words.theFileCannotBeReadAsAPage;
			setSaid(words.readingTheFile);
			const bytes = new Uint8Array(await file.arrayBuffer());
			const read = await workOnFiles((jobs) => jobs.readFile(bytes, file.name)).catch(() => null);
			if (!read) return words.theFileCouldNotBeRead;
			if (!read.ok) return `${file.name}: ${read.fault.message}`;
			if (read.value.is === 'text') onText(read.value.text);
			else setBrought({ ...read.value, name: file.name });
			return '';
		},
		[onText],
	);
	const take = useCallback(
		async (files: readonly File[]) => {
			const [first, ...others] = files;
			setBrought(null);
			setSaid('');
			if (files.some(({ size }) => size > FILE_LIMIT)) return setSaid(words.thisFileIsTooLongToRead);
			if (!first || (await takePages(files))) return;
			const fault = await takeOne(first);
			setSaid(fault || (others.length ? words.onlyThisFileWasRead(first.name) : ''));
		},
		[takeOne, takePages],
	);
	const leave = useCallback(() => setBrought(null), []);
	return { brought, said, take, leave };
}
