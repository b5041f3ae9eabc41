import { bad, good, type Outcome } from '@tidy-sum/core';
import {
	answerReader,
	answersCsv,
	Counted,
	type MarkedRow,
	type Marker,
	markedCsv,
	markerOf,
	type Report,
	readPoints,
	reportHtml,
} from '@tidy-sum/exchange/marking';
import { type MyWork, readMyData, writeMyData } from '@tidy-sum/exchange/my-data';
import { type TryTaken, triesCsv, triesJson } from '@tidy-sum/exchange/record';
import {
	type ExerciseSet,
	type FormName,
	handedOfSet,
	isTyped,
	lookedOver,
	NO_ROWS,
	orNone,
	type ReadSet,
	readSetFile,
	readTable,
	type SheetAsk,
	setOfBook,
	setOfHanded,
	setOfRound,
	type Taken,
	textOf,
	UTF8_MARK,
	writeSet,
} from '@tidy-sum/exchange/set';
import type { Handed } from '@tidy-sum/schema/handed';
import * as words from './words';

/** A file that was brought: a set of exercises with what came of each row, ready to be taken in; or a text. */
export type FileRead =
	| { readonly is: 'set'; readonly read: ReadSet; readonly handed: Handed }
	| { readonly is: 'text'; readonly text: string };

/** How far marking is. */
export type MarkedSoFar = { readonly done: number; readonly of: number };

/** What came of marking: in numbers, as CSV, and as a page to print. */
export type MarkedWhole = { readonly report: Report; readonly csv: string; readonly html: string };

/** Answers that are being marked. */
type Marking = {
	readonly marker: Marker;
	readonly counted: Counted;
	readonly rows: readonly { readonly at: number; readonly cells: readonly string[] }[];
	readonly reader: (cells: readonly string[], at: number) => Parameters<Marker['mark']>[0];
	readonly withPoints: boolean;
	readonly marked: MarkedRow[];
};

let marking: Marking | null = null;

/** Where the exercises of answers come from. */
export type SetFrom =
	| { readonly from: 'file'; readonly bytes: Uint8Array }
	| { readonly from: 'round'; readonly code: string }
	| { readonly from: 'book' };

function setFrom(from: SetFrom): Outcome<ExerciseSet> {
	if (from.from === 'book') return good(setOfBook());
	if (from.from === 'round') return setOfRound(from.code);
	const read = readSetFile(from.bytes);
	return read.ok ? good(read.value.set) : bad(read.fault.code, words.theFileOfExercises(read.fault.message));
}

/** What is done with files away from the screen. */
export const formJobs = {
	/** All of a student's work as a file. */
	writeMyWork(work: MyWork, now: number): string {
		return writeMyData(work, new Date(now));
	},
	/** Reads a file of a student's work. */
	readMyWork(text: string) {
		return readMyData(text);
	},
	/** Reads a file of exercises, in whichever form; or the text of one that holds problems as they are typed. */
	readFile(bytes: Uint8Array, name: string): Outcome<FileRead> {
		if (isTyped(name)) {
			const text = textOf(bytes);
			return text.ok ? good({ is: 'text', text: text.value }) : text;
		}
		const file = readSetFile(bytes);
		const read = file.ok ? orNone(lookedOver(file.value)) : file;
		return read.ok ? good({ is: 'set', read: read.value, handed: handedOfSet(read.value.set) }) : read;
	},
	/** The problems of the device in a form. Those that do not say what is wanted yet are left out, and listed. */
	writeProblems(form: FormName, handed: Handed, ask: SheetAsk): Outcome<Taken> {
		const read = orNone(setOfHanded(handed));
		if (!read.ok) return read;
		const { content, report } = writeSet(form, read.value.set, ask);
		return good({ content, report: [...read.value.rows.filter(({ says }) => says !== ''), ...report] });
	},
	/** A Round in a form. */
	writeRound(form: FormName, code: string, ask: SheetAsk): Outcome<Taken> {
		const set = setOfRound(code);
		return set.ok ? good(writeSet(form, set.value, ask)) : set;
	},
	/** What one has worked, each try, as CSV or JSON. */
	writeTries(form: 'csv' | 'json', tries: readonly TryTaken[]): string {
		return form === 'csv' ? UTF8_MARK + triesCsv(tries) : triesJson(tries);
	},
	/** Answers to be handed in and marked. */
	writeAnswers(answers: Parameters<typeof answersCsv>[0]): string {
		return UTF8_MARK + answersCsv(answers);
	},
	/** Begins to mark the answers of a class. */
	beginMarking(exercises: SetFrom, answers: Uint8Array, points: string): Outcome<MarkedSoFar> {
		marking = null;
		const set = setFrom(exercises);
		if (!set.ok) return set;
		const text = textOf(answers);
		const table = text.ok ? readTable(text.value) : text;
		if (!table.ok) return bad(table.fault.code, words.theFileOfAnswers(table.fault.message));
		const reader = answerReader(table.value.columns);
		if (!reader.ok) return bad(reader.fault.code, words.theFileOfAnswers(reader.fault.message));
		if (!table.value.rows.length) return bad('empty', words.theFileOfAnswersOfRows(NO_ROWS));
		const by = points.trim() === '' ? null : readPoints(points);
		if (by && !by.ok) return by;
		const marker = markerOf(set.value, by?.value ?? null);
		const { columns } = table.value;
		const rows = table.value.rows.map(({ at, cells }) => ({ at, cells: columns.map((name) => cells.get(name) ?? '') }));
		const counted = new Counted(set.value.title, marker.exercises);
		marking = { marker, counted, rows, reader: reader.value, withPoints: by !== null, marked: [] };
		return good({ done: 0, of: rows.length });
	},
	/** Marks so many more. */
	markOn(count: number): MarkedSoFar {
		if (!marking) return { done: 0, of: 0 };
		const { marked, rows, marker, counted, reader } = marking;
		for (const { at, cells } of rows.slice(marked.length, marked.length + count)) {
			const one = marker.mark(reader(cells, at));
			counted.add(one);
			marked.push(one);
		}
		return { done: marked.length, of: rows.length };
	},
	/** The result so far. */
	endMarking(): MarkedWhole | null {
		if (!marking) return null;
		const { counted, marked, withPoints } = marking;
		const report = counted.report();
		return { report, csv: UTF8_MARK + markedCsv(marked, withPoints), html: reportHtml(report) };
	},
};

export type FormJobs = typeof formJobs;
