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

/** Files that are brought: a text goes into the field; a set is shown first, and nothing of it is kept. */
export function useFile(onText: (text: string) => void) {
	const [brought, setBrought] = useState<SetBrought | null>(null);
	const [said, setSaid] = useState('');
	const take = useCallback(
		async (file: File) => {
			setBrought(null);
			if (/^(?:image|audio|video)\//u.test(file.type)) return setSaid(words.theFileCannotBeReadAsAPage);
			if (file.size > FILE_LIMIT) return setSaid(words.thisFileIsTooLongToRead);
			setSaid(words.readingTheFile);
			const bytes = new Uint8Array(await file.arrayBuffer());
			const read = await workOnFiles((jobs) => jobs.readFile(bytes, file.name)).catch(() => null);
			if (!read) return setSaid(words.theFileCouldNotBeRead);
			if (!read.ok) return setSaid(`${file.name}: ${read.fault.message}`);
			setSaid('');
			if (read.value.is === 'text') onText(read.value.text);
			else setBrought({ ...read.value, name: file.name });
		},
		[onText],
	);
	const leave = useCallback(() => setBrought(null), []);
	return { brought, said, take, leave };
}
