import type { ProblemRead } from '@tidy-sum/core/problem';

type ReadText = (text: string) => Pick<ProblemRead, 'numbers' | 'rounding'>;

let reader: ReadText | null = null;

/** What is told by a text that nothing has read yet. */
const UNREAD: ReturnType<ReadText> = { numbers: [], rounding: null };

/** Whether what reads the text of a problem is here. */
export function isReaderHere(): boolean {
	return reader !== null;
}

/** Takes what reads the text of a problem. */
export function setReader(read: ReadText): void {
	reader = read;
}

/** Brings what reads the text of a problem: it is not needed for the exercises of the book. */
export async function bringReader(): Promise<void> {
	if (!reader) setReader((await import('./problem-reader')).readProblem);
}

/** What the text of a problem of one's own tells of its quantities and of its rounding. */
export const readText: ReadText = (text) => (reader ?? (() => UNREAD))(text);
