import { bad, type Outcome } from '@tidy-sum/core';
import { isArchive } from '../qti/archive';
import { setPackage } from '../qti/package';
import { readItemFile, readPackage } from '../qti/read-package';
import type { ExerciseSet, ReadSet, RowTold } from './exercise-set';
import { readSetCsv, setCsv } from './set-csv';
import { readSetJson, setJson } from './set-json';
import { fitsPicture, type SheetAsk, sheetHtml } from './sheet-html';
import { textOf } from './text-of';

/** What a form came to: its bytes or its text, and what of the set it cannot say. */
export type Taken = { readonly content: string | Uint8Array; readonly report: readonly RowTold[] };

/** A form a set can be taken in. To add one is to add a row. */
export type SetForm = {
	readonly name: string;
	/** What it is called, and what it is good for, in a few words. */
	readonly label: string;
	readonly says: string;
	readonly extension: string;
	readonly type: string;
	/** Whether it is read again. */
	readonly reads: boolean;
	readonly write: (set: ExerciseSet, ask: SheetAsk) => Taken;
};

function whole(content: string): Taken {
	return { content, report: [] };
}

export const SET_FORMS: readonly SetForm[] = [
	{
		name: 'html',
		label: 'a work sheet to print',
		says: 'with room to work, and the key on a page of its own',
		extension: 'html',
		type: 'text/html',
		reads: false,
		write: (set, ask) => ({
			content: sheetHtml(set, ask),
			report:
				ask.url && !fitsPicture(set, ask.url)
					? [
							{
								where: 'the sheet',
								name: set.title,
								taken: true,
								says: 'For a picture of its code this set is too long.',
							},
						]
					: [],
		}),
	},
	{
		name: 'csv',
		label: 'CSV',
		says: 'a row an exercise, for a spreadsheet',
		extension: 'csv',
		type: 'text/csv',
		reads: true,
		write: (set) => whole(setCsv(set)),
	},
	{
		name: 'qti',
		label: 'QTI 3.0',
		says: 'a package for learning platforms',
		extension: 'zip',
		type: 'application/zip',
		reads: true,
		write: (set) => {
			const { bytes, report } = setPackage(set);
			return { content: bytes, report };
		},
	},
	{
		name: 'json',
		label: 'JSON',
		says: 'all of it, for this app and for programs',
		extension: 'json',
		type: 'application/json',
		reads: true,
		write: (set) => whole(setJson(set)),
	},
];

/** The form of a name. */
export function setForm(name: string): SetForm | undefined {
	return SET_FORMS.find((form) => form.name === name);
}

/** The name of a file for a set, from its title. */
export function fileName(title: string, extension: string): string {
	const plain = title
		.toLowerCase()
		.replace(/[^a-z0-9]+/g, '-')
		.replace(/^-+|-+$/g, '')
		.slice(0, 60);
	return `${plain || 'set'}.${extension}`;
}

/**
 * A set from a file, whichever of the forms it is in.
 * @returns it with what came of each row; or what the form ends with, `encoding` for bytes that are no text.
 */
export function readSetFile(bytes: Uint8Array): Outcome<ReadSet> {
	if (isArchive(bytes)) return readPackage(bytes);
	if (!bytes.length) return bad('empty', 'This file is empty.');
	const text = textOf(bytes);
	return text.ok ? readSetText(text.value) : text;
}

/** The same of a text. */
export function readSetText(text: string): Outcome<ReadSet> {
	const begins = text.trimStart()[0];
	if (begins === '{' || begins === '[') return readSetJson(text);
	if (begins === '<') return readItemFile(text);
	return readSetCsv(text);
}
