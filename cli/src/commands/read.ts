import { bad, type Exercise, either, goalOf, good, type Outcome, printQuantity, sayWanted } from '@tidy-sum/core';
import { sidesInParts } from '@tidy-sum/core/help';
import { cutSheet, PROBLEM_LIMIT, type ProblemRead, readProblem, type SheetProblem } from '@tidy-sum/core/problem';
import type { PagesRead } from '@tidy-sum/exchange/page';
import { bytesOf } from '../files';
import { json, type PeopleCommand, unread } from './command';
import * as words from './words';

/** The text of a page, what was read of it with doubt, and what there is to say. */
type PageRead = Pick<PagesRead, 'text' | 'doubts' | 'notes'>;

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

/** The text of a file: of a picture, a PDF or a Word file by what is on its pages, of any other as it is. */
async function pageOf(bytes: Uint8Array): Promise<Outcome<PageRead>> {
	const { isOfPages, readPages } = await import('@tidy-sum/exchange/page');
	// No text has a NUL.
	if (!isOfPages(bytes) && bytes.subarray(0, 4096).includes(0)) return bad('shape', words.thisIsNoText);
	if (!isOfPages(bytes)) return good({ text: new TextDecoder().decode(bytes), doubts: [], notes: [] });
	const { nodePageTools } = await import('../page-tools');
	const tools = await nodePageTools();
	try {
		return await readPages(bytes, tools);
	} finally {
		await tools.end();
	}
}

/** The words of a page that were read with doubt. */
const doubtful = ({ text, doubts }: PageRead): readonly string[] => [
	...new Set(doubts.map(({ at }) => text.slice(...at))),
];

/** A problem for programs; `unsure` has what was read with doubt in it, and `from` where that is on the page. */
function asJson({ at, label, text }: SheetProblem, page: PageRead) {
	const doubts = page.doubts.filter((doubt) => doubt.at[0] >= at[0] && doubt.at[1] <= at[1]);
	const unsure = doubts.map((doubt) => ({
		text: page.text.slice(...doubt.at),
		from: { page: doubt.page + 1, box: doubt.box },
	}));
	return { label, text, told: readProblem(text.slice(0, PROBLEM_LIMIT)), ...(unsure.length ? { unsure } : {}) };
}

/** What a problem tells, or each problem of a page, from a file or from standard input. */
export const read: PeopleCommand = {
	name: 'read',
	takes: [['file', words.aTextWithAProblemOrAPageOf]],
	flags: [['--json', words.theResultAsJson]],
	says: words.readAProblemOrEachProblem,
	examples: [words.tidySumReadProblemTxt, words.tidySumReadSheetJpg, words.echoFtToYdTidySumRead],
	run: async ([file = '-'], flags) => {
		const bytes = await bytesOf(file);
		if (!bytes.ok) return unread(bytes.fault.message);
		const page = await pageOf(bytes.value);
		if (!page.ok) return unread(`${file}: ${page.fault.message}`);
		const { text, doubts, notes } = page.value;
		const problems = cutSheet(text);
		if (!problems.length) return unread(words.thereIsNoProblemInThisText);
		const beside = [...notes, ...(doubts.length ? [words.readWithDoubt(doubtful(page.value))] : [])].join('\n');
		const more = beside === '' ? {} : { beside };
		if (flags.json) return { text: json(problems.map((problem) => asJson(problem, page.value))), code: 0, ...more };
		const said = problems.map(({ label, text: one }) => (label === null ? '' : `${label}. `) + sayTold(one));
		return { text: said.join('\n\n'), code: 0, ...more };
	},
};
