import { readFile } from 'node:fs/promises';
import { text as textOf } from 'node:stream/consumers';
import { type Exercise, goalOf, printQuantity, sayWanted } from '@tidy-sum/core';
import { sidesInParts } from '@tidy-sum/core/help';
import { cutSheet, PROBLEM_LIMIT, type ProblemRead, readProblem } from '@tidy-sum/core/problem';
import { json, type PeopleCommand, unread } from './command';

function sayStart({ start, until, terms }: ProblemRead): string {
	if (!start) return 'cannot be told';
	const { above, below } = sidesInParts(start, terms);
	const [over, under] = [above, below].map((side) => side.map(printQuantity).join(' + '));
	return `${over}${until ? ` to ${printQuantity(until)}` : ''}${under ? ` over ${under}` : ''}`;
}

function sayWant(exercise: Exercise): string {
	return sayWanted(exercise, goalOf(exercise));
}

/** What one problem tells, a line each. */
function sayTold(text: string): string {
	const told = readProblem(text);
	const { want, rounding, facts, numbers } = told;
	const spare = numbers.filter(({ role }) => role === 'spare').map(printQuantity);
	const wanted = want ? sayWant({ prompt: '', facts: [], want, rounding: rounding ?? 'figures' }) : 'cannot be told';
	return [
		text.length > 160 ? `${text.slice(0, 160)}…` : text,
		`  start: ${sayStart(told)}`,
		...facts.map(({ left, right }) => `  fact: ${printQuantity(left)} = ${printQuantity(right)}`),
		...(spare.length ? [`  not needed: ${spare.join(', ')}`] : []),
		`  wanted: ${wanted}`,
	].join('\n');
}

/** What a problem tells, or each problem of a page, from a file or from standard input. */
export const read: PeopleCommand = {
	name: 'read',
	takes: [['file', 'a text with a problem or a page of them; - for standard input']],
	flags: [['--json', 'what was read, as JSON']],
	says: 'what a problem tells, or each problem of a page',
	examples: ['tidy-sum read problem.txt', 'echo "14 ft to yd" | tidy-sum read -'],
	run: async ([file = '-'], flags) => {
		const page = await (file === '-' ? textOf(process.stdin) : readFile(file, 'utf8')).catch(() => null);
		if (page === null) return unread(`The file ${file} cannot be read.`);
		const problems = cutSheet(page);
		if (!problems.length) return unread('There is no problem in it.');
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
