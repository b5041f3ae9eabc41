import { cannotSay, type ExerciseSet, FORM_NAMES, FORM_ROWS, isFormName, writeSet } from '@tidy-sum/exchange/set';
import { paperNamed, sayRows, setNamed, writeWhole } from '../files';
import { type Flags, type PeopleCommand, type Said, textOf, unread } from './command';
import * as words from './words';

/** What both commands that write sets are asked. */
export const FORM_FLAGS: PeopleCommand['flags'] = [
	['-f, --form <form>', words.jsonByDefault(FORM_NAMES.join(', '))],
	['-o, --out <file>', words.whereToWriteItStandard],
	['--url <address>', words.theAddressOfTheAppForACode],
	['--paper <size>', words.a4OrLetterForAWorkSheetA4],
];

/** Writes a set in the form asked, and tells what that form cannot say. */
export async function written(set: ExerciseSet, flags: Flags, beside: string): Promise<Said> {
	const name = textOf(flags, 'form') ?? 'json';
	if (!isFormName(name)) return unread(words.thereIsNoFormThereAre(name, FORM_NAMES.join(', ')));
	const form = FORM_ROWS[name];
	const paper = paperNamed(textOf(flags, 'paper'));
	if (!paper.ok) return unread(paper.fault.message);
	const url = textOf(flags, 'url');
	const { content, report } = writeSet(name, set, { paper: paper.value, ...(url ? { url } : {}) });
	const left = sayRows({ rows: report.filter(({ taken }) => !taken) });
	const told = [beside, left, ...cannotSay(report)].filter(Boolean).join('\n');
	const out = textOf(flags, 'out');
	if (out === undefined) {
		if (typeof content !== 'string') return unread(words.thisFormIsNotTextSoGiveA(name, form.extension));
		// The mark of UTF-8 belongs to a file.
		return { text: content.replace(/^\uFEFF/u, '').trimEnd(), beside: told, code: 0 };
	}
	const done = await writeWhole(out, content);
	if (!done.ok) return unread(done.fault.message);
	const count = set.exercises.length;
	return {
		text: words.as(out, count, form.extension, form.label),
		beside: told,
		code: 0,
	};
}

/** A set of exercises in another form. */
export const set: PeopleCommand = {
	name: 'set',
	takes: [['set', words.aFileWithExercisesJsonCsvA]],
	flags: FORM_FLAGS,
	says: words.writeASetOfExercisesIn,
	examples: [words.tidySumSetSheetCsvFormHtml, words.tidySumSetBookFormQtiOBook],
	run: async ([named = ''], flags) => {
		const read = await setNamed(named);
		if (!read.ok) return unread(read.fault.message);
		const said = await written(read.value.set, flags, sayRows(read.value));
		return said.code === 0 && read.value.rows.some(({ taken }) => !taken) ? { ...said, code: 1 } : said;
	},
};
