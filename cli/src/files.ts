import { readFile, rename, rm, writeFile } from 'node:fs/promises';
import { buffer } from 'node:stream/consumers';
import { bad, good, type Outcome } from '@tidy-sum/core';
import { readRoundCode } from '@tidy-sum/core/practice';
import {
	lookedOver,
	orNone,
	PAPERS,
	type Paper,
	type ReadSet,
	readSetFile,
	setOfBook,
	setOfRound,
} from '@tidy-sum/exchange/set';
import * as words from './words';

/** The bytes of a file; - is standard input. */
export async function bytesOf(file: string): Promise<Outcome<Uint8Array>> {
	try {
		return good(file === '-' ? await buffer(process.stdin) : await readFile(file));
	} catch {
		return bad('empty', words.theFileCannotBeRead(file));
	}
}

/** What is written to a file is there whole or not at all. */
export async function writeWhole(file: string, content: string | Uint8Array): Promise<Outcome<null>> {
	const part = `${file}.part`;
	try {
		await writeFile(part, content);
		await rename(part, file);
		return good(null);
	} catch {
		await rm(part, { force: true });
		return bad('empty', words.theFileCannotBeWritten(file));
	}
}

/** The name by which the exercises of the book are asked for. */
const BOOK = 'book';

/**
 * A set by what a person names it by: a file in any form that is read, the code of a Round, or the book.
 * @returns it with the result of each row, or why it could not be made.
 */
export async function setNamed(named: string): Promise<Outcome<ReadSet>> {
	if (named === BOOK) return good({ set: setOfBook(), rows: [] });
	const bytes = await bytesOf(named);
	if (bytes.ok) {
		const file = readSetFile(bytes.value, named);
		const read = file.ok ? orNone(lookedOver(file.value)) : file;
		return read.ok ? read : bad(read.fault.code, `${named}: ${read.fault.message}`);
	}
	if (!readRoundCode(named).ok) return bytes;
	const made = setOfRound(named);
	return made.ok ? good({ set: made.value, rows: [] }) : made;
}

/** The paper a page is for, by its name; a4 by default. */
export function paperNamed(named = 'a4'): Outcome<Paper> {
	const paper = PAPERS.find((one) => one === named);
	return paper ? good(paper) : bad('shape', words.thePaperIs(PAPERS.join(' or ')));
}

/** What came of the rows of a file, as far as there is something to say: a line each, and how many more. */
export function sayRows({ rows }: Pick<ReadSet, 'rows'>): string {
	const told = rows.filter(({ says }) => says !== '');
	const shown = told.slice(0, ROWS).map(({ where, taken, says }) => `${where}: ${taken ? '' : words.leftOut}${says}`);
	return [...shown, ...(told.length > ROWS ? [words.andMore(told.length - ROWS)] : [])].join('\n');
}

/** How many rows are listed. */
const ROWS = 20;
