import { readFile } from 'node:fs/promises';
import { text as textOf } from 'node:stream/consumers';
import { type Exercise, either, goalOf, printQuantity, sayWanted } from '@tidy-sum/core';
import { sidesInParts } from '@tidy-sum/core/help';
import { cutSheet, PROBLEM_LIMIT, type ProblemRead, readProblem } from '@tidy-sum/core/problem';
import { json, type PeopleCommand, unread } from './command';
import * as words from './words';

function sayStart({ start, until, terms }: ProblemRead): string {
	if (!start) return words.cannotBeTold;
	const { above, below } = sidesInParts(start, terms);
	const [over, under] = [above, below].map((side) => side.map(printQuantity).join(' + '));
	return `${over}${until ? words.to(printQuantity(until)) : ''}${under ? words.over(under) : ''}`;
}

/** What a choice would start from; nothing where it starts nowhere else. */
function sayChoice({ start }: NonNullable<ProblemRead['choices']>[number]): readonly string[] {
	if (!start) return [];
	return ['top' in start ? `${printQuantity(start.top)} / ${printQuantity(start.bottom)}` : printQuantity(start)];
}

function sayWant(exercise: Exercise): string {
	return sayWanted(exercise, goalOf(exercise));
}

/** What one problem tells, a line each. */
function sayTold(text: string): string {
	const told = readProblem(text);
	const { want, rounding, facts, numbers } = told;
	const spare = numbers.filter(({ role }) => role === 'spare').map(printQuantity);
	const wanted = want ? sayWant({ prompt: '', facts: [], want, rounding: rounding ?? 'figures' }) : words.cannotBeTold;
	return [
		text.length > 160 ? `${text.slice(0, 160)}…` : text,
		words.start(sayStart(told)),
		...(told.choices?.length ? [words.notSure(either(told.choices.flatMap(sayChoice)))] : []),
		...facts.map(({ left, right }) => words.fact(printQuantity(left), printQuantity(right))),
		...(spare.length ? [words.notNeeded(spare.join(', '))] : []),
		words.wanted(wanted),
	].join('\n');
}

/** What a problem tells, or each problem of a page, from a file or from standard input. */
export const read: PeopleCommand = {
	name: 'read',
	takes: [['file', words.aTextWithAProblemOrAPageOf]],
	flags: [['--json', words.theResultAsJson]],
	says: words.readAProblemOrEachProblem,
	examples: [words.tidySumReadProblemTxt, words.echoFtToYdTidySumRead],
	run: async ([file = '-'], flags) => {
		const page = await (file === '-' ? textOf(process.stdin) : readFile(file, 'utf8')).catch(() => null);
		if (page === null) return unread(words.theFileCannotBeRead(file));
		const problems = cutSheet(page);
		if (!problems.length) return unread(words.thereIsNoProblemInThisText);
		if (flags.json)
			return {
				text: json(
					problems.map(({ label, text }) => ({ label, text, told: readProblem(text.slice(0, PROBLEM_LIMIT)) })),
				),
				code: 0,
			};
		const said = problems.map(({ label, text }) => (label === null ? '' : `${label}. `) + sayTold(text));
		return { text: said.join('\n\n'), code: 0 };
	},
};
