import type { Outcome } from '@tidy-sum/core';
import { cannotSay } from '@tidy-sum/exchange/cannot-say';
import { FORM_NAMES, FORM_ROWS, type FormName, fileName } from '@tidy-sum/exchange/form-rows';
import type { Taken } from '@tidy-sum/exchange/set';
import type { Handed } from '@tidy-sum/schema/handed';
import { workOnFiles } from '../worker/form-worker';
import * as words from './words';

/** A file that was made to be taken along, and what there is to say of it. */
export type TakenFile = {
	readonly content: string | Uint8Array;
	readonly name: string;
	readonly type: string;
	readonly says: readonly string[];
};

/** A form something can be taken along in. What makes it gives the file, or a sentence that says why there is none. */
export type TakeForm = {
	readonly name: string;
	readonly label: string;
	readonly says: string;
	readonly make: () => Promise<TakenFile | string>;
};

/** The most sentences that are shown of what a form cannot say. */
const SENTENCES = 4;

/** What is left out of a form, and what it cannot say. */
function saysOf({ report }: Taken): readonly string[] {
	const left = report.filter(({ taken }) => !taken).map(({ where, says }) => words.leftOut(where, says));
	return [...left, ...cannotSay(report)].slice(0, SENTENCES);
}

function fileOf(form: FormName, title: string, taken: Taken): TakenFile {
	const { extension, type } = FORM_ROWS[form];
	return { content: taken.content, name: fileName(title, extension), type, says: saysOf(taken) };
}

function rowsOf(make: (form: FormName) => Promise<TakenFile | string>): readonly TakeForm[] {
	return FORM_NAMES.map((name) => {
		const { label, says } = FORM_ROWS[name];
		return { name, label, says, make: () => make(name) };
	});
}

/** The address of this app, to which the picture of a code leads. */
function here() {
	return { url: globalThis.location.origin };
}

/** The forms of problems that stand on the device; they are asked for when a form is made of them. */
export function problemForms(handed: () => Handed): readonly TakeForm[] {
	return rowsOf(async (form) => {
		const problems = handed();
		const taken: Outcome<Taken> = await workOnFiles((jobs) => jobs.writeProblems(form, problems, here()));
		return taken.ok ? fileOf(form, problems.title || 'problems', taken.value) : taken.fault.message;
	});
}

/** The forms of a Round, which is made where it is written. */
export function roundForms(code: string): readonly TakeForm[] {
	return rowsOf(async (form) => {
		const taken: Outcome<Taken> = await workOnFiles((jobs) => jobs.writeRound(form, code, here()));
		return taken.ok ? fileOf(form, words.round(code), taken.value) : taken.fault.message;
	});
}
