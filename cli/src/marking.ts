import { once } from 'node:events';
import { createReadStream, createWriteStream } from 'node:fs';
import { rename, rm, stat } from 'node:fs/promises';
import type { Duplex, Readable, Writable } from 'node:stream';
import { finished } from 'node:stream/promises';
import { TextDecoder } from 'node:util';
import { bad, type Fault, good, type Outcome } from '@tidy-sum/core';
import {
	answerReader,
	Counted,
	type Marker,
	markedCells,
	markedColumns,
	type Report,
	tableLines,
} from '@tidy-sum/exchange/marking';
import { delimiterOf, encodingOf, isEmptyRow, UTF8_MARK } from '@tidy-sum/exchange/set';
import Papa from 'papaparse';
import * as words from './words';

/** How far marking is: bytes read of all there are (0 where that is not known). */
export type Progress = (read: number, of: number) => void;

export type MarkAsk = {
	readonly marker: Marker;
	readonly title: string;
	readonly withPoints: boolean;
	readonly progress: Progress;
	/** Whether it is to stop: what is done is kept. */
	readonly stopped: () => boolean;
};

export type MarkDone = { readonly report: Report; readonly stopped: boolean };

/** What cannot be marked at all, thrown through the stream to the one that asked. */
class MarkFault extends Error {
	constructor(readonly fault: Fault) {
		super(fault.message);
	}
}

function refused(code: Fault['code'], message: string): MarkFault {
	return new MarkFault({ code, message });
}

/** The text of a stream of bytes, piece by piece. */
async function* textsOf(input: Readable, onBytes: (count: number) => void): AsyncGenerator<string> {
	let decoder: TextDecoder | null = null;
	try {
		for await (const chunk of input) {
			const bytes = chunk as Uint8Array;
			decoder ??= new TextDecoder(encodingOf(bytes), { fatal: true });
			onBytes(bytes.length);
			yield decoder.decode(bytes, { stream: true });
		}
		if (decoder) yield decoder.decode();
	} catch (error) {
		if (error instanceof TypeError) throw refused('encoding', words.theseAnswersAreNotUtfText);
		throw refused('empty', words.theAnswersCannotBeRead);
	}
}

/** The rows of a table that comes piece by piece, each as its cells. */
async function* rowsOf(texts: AsyncGenerator<string>): AsyncGenerator<readonly string[]> {
	const first = await texts.next();
	if (first.done) return;
	// The types of the package know this stream by what it is read from only.
	const parser = Papa.parse(Papa.NODE_STREAM_INPUT, { delimiter: delimiterOf(first.value) }) as unknown as Duplex;
	const feed = async () => {
		if (!parser.write(first.value)) await once(parser, 'drain');
		for await (const text of texts) if (!parser.write(text)) await once(parser, 'drain');
		parser.end();
	};
	const feeding = feed().catch((error) => parser.destroy(error as Error));
	for await (const cells of parser) yield cells as string[];
	await feeding;
}

async function put(output: Writable, text: string): Promise<void> {
	if (!output.write(text)) await once(output, 'drain');
}

/** How many rows are written at once. */
const AT_ONCE = 200;

async function markRows(input: Readable, size: number, output: Writable, ask: MarkAsk): Promise<MarkDone> {
	const { marker, title, withPoints, progress, stopped } = ask;
	const counted = new Counted(title, marker.exercises);
	let [at, read, names] = [0, 0, false];
	let reader: ReturnType<typeof answerReader> | null = null;
	let lines: (readonly string[])[] = [];
	const flush = async () => {
		if (lines.length) await put(output, tableLines(lines));
		lines = [];
		progress(read, size);
	};
	const count = (bytes: number) => {
		read += bytes;
	};
	for await (const cells of rowsOf(textsOf(input, count))) {
		at += 1;
		if (isEmptyRow(cells)) continue;
		if (!names) {
			reader = answerReader(cells);
			if (!reader.ok) throw new MarkFault(reader.fault);
			lines.push(markedColumns(withPoints));
			names = true;
			continue;
		}
		if (!reader?.ok) continue;
		const marked = marker.mark(reader.value(cells, at));
		counted.add(marked);
		lines.push(markedCells(marked, withPoints));
		if (lines.length >= AT_ONCE) {
			await flush();
			if (stopped()) return { report: counted.report(), stopped: true };
		}
	}
	if (!names) throw refused('empty', words.theFileOfAnswersIsEmpty);
	await flush();
	return { report: counted.report(), stopped: false };
}

/**
 * Marks a file of answers as a stream, row by row, and writes each as it is marked: to a file, which is there whole or as
 * far as it came when it was stopped, or to standard output.
 * @returns what it comes to; `encoding`, `shape`, `empty` where the answers cannot be read or the file cannot be written,
 *   and then nothing is kept.
 */
export async function markFile(from: string, to: string | undefined, ask: MarkAsk): Promise<Outcome<MarkDone>> {
	const input = from === '-' ? process.stdin : createReadStream(from);
	const size =
		from === '-'
			? 0
			: await stat(from).then(
					(file) => file.size,
					() => 0,
				);
	const part = `${to}.part`;
	const output = to === undefined ? process.stdout : createWriteStream(part);
	try {
		if (to !== undefined) {
			await once(output, 'open').catch(() => {
				throw refused('empty', words.theFileCannotBeWrittenOfTo(to));
			});
			await put(output, UTF8_MARK);
		}
		const done = await markRows(input, size, output, ask);
		input.destroy();
		if (to !== undefined) {
			output.end();
			await finished(output);
			await rename(part, to).catch(() => {
				throw refused('empty', words.theFileCannotBeWrittenOfTo(to));
			});
		}
		return good(done);
	} catch (error) {
		if (to !== undefined) {
			// What was still to be written is not missed.
			output.on('error', () => {});
			output.destroy();
			await finished(output).catch(() => {});
			await rm(part, { force: true });
		}
		if (error instanceof MarkFault) return { ok: false, fault: error.fault };
		return bad('empty', words.theAnswersCannotBeMarked((error as Error).message));
	}
}
