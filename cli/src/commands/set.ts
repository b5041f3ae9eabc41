import { cannotSay, type ExerciseSet, FORM_NAMES, FORM_ROWS, isFormName, writeSet } from '@tidy-sum/exchange/set';
import { paperNamed, sayRows, setNamed, writeWhole } from '../files';
import { type Flags, type PeopleCommand, type Said, textOf, unread } from './command';

/** What both commands that write sets are asked. */
export const FORM_FLAGS: PeopleCommand['flags'] = [
	['-f, --form <form>', `${FORM_NAMES.join(', ')}; json where it is left out`],
	['-o, --out <file>', 'where it is written to; standard output where it is left out'],
	['--url <address>', 'where the app is found: a work sheet then has a picture of the code that opens it there'],
	['--paper <size>', 'a4 or letter, for a work sheet; a4 where it is left out'],
];

/** Writes a set in the form asked, and tells what that form cannot say. */
export async function written(set: ExerciseSet, flags: Flags, beside: string): Promise<Said> {
	const name = textOf(flags, 'form') ?? 'json';
	if (!isFormName(name)) return unread(`There is no form “${name}”; there are ${FORM_NAMES.join(', ')}.`);
	const form = FORM_ROWS[name];
	const paper = paperNamed(textOf(flags, 'paper'));
	if (!paper.ok) return unread(paper.fault.message);
	const url = textOf(flags, 'url');
	const { content, report } = writeSet(name, set, { paper: paper.value, ...(url ? { url } : {}) });
	const left = sayRows({ rows: report.filter(({ taken }) => !taken) });
	const told = [beside, left, ...cannotSay(report)].filter(Boolean).join('\n');
	const out = textOf(flags, 'out');
	if (out === undefined) {
		if (typeof content !== 'string')
			return unread(`A form of this kind is no text. Say where it goes: -o ${name}.${form.extension}`);
		// The mark of UTF-8 belongs to a file.
		return { text: content.replace(/^\uFEFF/u, '').trimEnd(), beside: told, code: 0 };
	}
	const done = await writeWhole(out, content);
	if (!done.ok) return unread(done.fault.message);
	const count = set.exercises.length;
	return {
		text: `${out}: ${count} ${count === 1 ? 'exercise' : 'exercises'} as ${form.extension === 'html' ? 'a work sheet' : form.label}.`,
		beside: told,
		code: 0,
	};
}

/** A set of exercises in another form. */
export const set: PeopleCommand = {
	name: 'set',
	takes: [
		['set', 'a file with exercises (json, csv, a package or an item of QTI, a text), the code of a Round, or book'],
	],
	flags: FORM_FLAGS,
	says: 'a set of exercises in another form, with what came of each row',
	examples: ['tidy-sum set sheet.csv --form html -o sheet.html', 'tidy-sum set book --form qti -o book.zip'],
	run: async ([named = ''], flags) => {
		const read = await setNamed(named);
		if (!read.ok) return unread(read.fault.message);
		const said = await written(read.value.set, flags, sayRows(read.value));
		return said.code === 0 && read.value.rows.some(({ taken }) => !taken) ? { ...said, code: 1 } : said;
	},
};
