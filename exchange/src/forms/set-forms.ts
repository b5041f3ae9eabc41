import { bad, type Outcome } from '@tidy-sum/core';
import { cutSheet } from '@tidy-sum/core/problem';
import { isArchive } from '../qti/archive';
import { setPackage } from '../qti/package';
import { readItemFile, readPackage } from '../qti/read-package';
import { type ExerciseSet, orNone, type ReadSet, type RowTold, setOfHanded } from '../set/exercise-set';
import { readSetCsv, setCsv } from '../set/set-csv';
import { readSetJson, setJson } from '../set/set-json';
import { UTF8_MARK } from '../set/table';
import { textOf } from '../set/text-of';
import { FORM_NAMES, type FormName } from './form-rows';
import { fitsPicture, type SheetAsk, sheetHtml } from './sheet-html';

/** What a form came to: its bytes or its text, and what of the set it cannot say. */
export type Taken = { readonly content: string | Uint8Array; readonly report: readonly RowTold[] };

const TOO_LONG = 'This set is too long to fit in a code picture.';

/** What writes each form. */
const WRITES: { readonly [N in FormName]: (set: ExerciseSet, ask: SheetAsk) => Taken } = {
	html: (set, ask) => ({
		content: sheetHtml(set, ask),
		report:
			ask.url && !fitsPicture(set, ask.url)
				? [{ where: 'the sheet', name: set.title, taken: true, says: TOO_LONG }]
				: [],
	}),
	csv: (set) => ({ content: UTF8_MARK + setCsv(set), report: [] }),
	qti: (set) => {
		const { bytes, report } = setPackage(set);
		return { content: bytes, report };
	},
	json: (set) => ({ content: setJson(set), report: [] }),
};

/** Whether a name is that of a form. */
export function isFormName(name: string): name is FormName {
	return (FORM_NAMES as readonly string[]).includes(name);
}

/** A set written in a form. */
export function writeSet(form: FormName, set: ExerciseSet, ask: SheetAsk = {}): Taken {
	return WRITES[form](set, ask);
}

/** Whether a file holds problems as they are typed, by its name. */
export function isTyped(name: string): boolean {
	return /\.(?:txt|md)$/iu.test(name);
}

/** The problems of a page as they are typed, each read by its text. */
function readPage(text: string): Outcome<ReadSet> {
	const problems = cutSheet(text).map(({ label, text: one }) => ({ label, text: one }));
	return orNone(setOfHanded({ tidySum: 1, title: '', problems }));
}

/**
 * A set from a file, whichever of the forms it is in.
 * @param name what the file is called: a text is read as problems that are typed.
 * @returns it with what came of each row; or what the form ends with, `encoding` for bytes that are no text.
 */
export function readSetFile(bytes: Uint8Array, name = ''): Outcome<ReadSet> {
	if (isArchive(bytes)) return readPackage(bytes);
	if (!bytes.length) return bad('empty', 'This file is empty.');
	const text = textOf(bytes);
	if (!text.ok) return text;
	return isTyped(name) ? readPage(text.value) : readSetText(text.value);
}

/** The same of a text. */
export function readSetText(text: string): Outcome<ReadSet> {
	const begins = text.trimStart()[0];
	if (begins === '{' || begins === '[') return readSetJson(text);
	if (begins === '<') return readItemFile(text);
	return readSetCsv(text);
}
