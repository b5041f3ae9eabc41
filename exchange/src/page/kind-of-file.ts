/** What a file is, by its first bytes and never by its name. */
export type KindOfFile = 'picture' | 'heic' | 'pdf' | 'word' | 'old word' | 'svg' | 'other';

const latin = (bytes: Uint8Array, from: number, to: number): string =>
	String.fromCharCode(...bytes.subarray(from, Math.min(to, bytes.length)));

/** Whether bytes occur in others. */
function holds(bytes: Uint8Array, text: string): boolean {
	const codes = [...text].map((sign) => sign.charCodeAt(0));
	for (let at = bytes.indexOf(codes[0] ?? 0); at >= 0; at = bytes.indexOf(codes[0] ?? 0, at + 1))
		if (codes.every((code, i) => bytes[at + i] === code)) return true;
	return false;
}

type Kind = { readonly kind: KindOfFile; readonly is: (bytes: Uint8Array) => boolean };

const begins = (text: string) => (bytes: Uint8Array) => latin(bytes, 0, text.length) === text;

/** The kinds of files that are known, in the order they are tried. */
const KINDS: readonly Kind[] = [
	{ kind: 'picture', is: begins('\x89PNG\r\n') },
	{ kind: 'picture', is: begins('\xff\xd8\xff') },
	{ kind: 'picture', is: (bytes) => latin(bytes, 0, 4) === 'RIFF' && latin(bytes, 8, 12) === 'WEBP' },
	{ kind: 'heic', is: (bytes) => /^ftyp(?:hei[csxm]|hev|mif1|msf1)/u.test(latin(bytes, 4, 12)) },
	// A PDF may have some bytes before its mark (ISO 32000-2, annex I).
	{ kind: 'pdf', is: (bytes) => latin(bytes, 0, 1024).includes('%PDF-') },
	{ kind: 'word', is: (bytes) => begins('PK\x03\x04')(bytes) && holds(bytes, 'word/document.xml') },
	{ kind: 'old word', is: begins('\xd0\xcf\x11\xe0') },
	{
		kind: 'svg',
		is: (bytes) =>
			/^\W*<(?:\?xml[^>]*>\s*(?:<!--.*?-->\s*|<!DOCTYPE[^>]*>\s*)*<)?svg[\s>]/su.test(latin(bytes, 0, 1024)),
	},
];

/** Whether a file is of pages: a picture, a PDF or a Word file, readable or not; other files are texts and sets. */
export const isOfPages = (bytes: Uint8Array): boolean => kindOfFile(bytes) !== 'other';

/**
 * What a file is.
 * @example kindOfFile(new TextEncoder().encode('%PDF-1.7')) // 'pdf'
 */
export function kindOfFile(bytes: Uint8Array): KindOfFile {
	return KINDS.find(({ is }) => is(bytes))?.kind ?? 'other';
}
