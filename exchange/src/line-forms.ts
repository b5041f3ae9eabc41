import { type Chain, type DecimalMark, inMark, type WorkedChain } from '@tidy-sum/core';
import temml from 'temml';
import { lineLatex, lineLatexPieces } from './line-latex';
import { lineText } from './line-text';

/** A worked line to be handed in: the line itself, and the words round it where a form has room for them. */
export type LinePaper = {
	readonly title: string;
	readonly prompt: string;
	/** What is wanted, in words. */
	readonly wanted: string;
	/** The answer as written; '' where there is none yet. */
	readonly answer: string;
	readonly chain: Chain;
	readonly worked: WorkedChain;
};

/** A form a worked line can be handed in as. */
export type LineForm = {
	readonly name: string;
	readonly label: string;
	/** The file it is saved as. */
	readonly extension: string;
	readonly type: string;
	readonly make: (paper: LinePaper) => string;
	/** Several lines as one file, each with what it is called on the paper. */
	readonly together: (title: string, papers: readonly LabelledPaper[], says: string) => string;
};

/** A line of a paper with several, with what it is called there. */
export type LabelledPaper = { readonly label: string; readonly paper: LinePaper };

function pageText({ title, prompt, wanted, answer, chain, worked }: LinePaper): string {
	return [title, prompt, `Wanted: ${wanted}`, lineText(chain, worked), answer ? `Answer: ${answer}` : '']
		.filter(Boolean)
		.join('\n');
}

/** Several lines under each other, each behind what it is called. */
function allLatex(papers: readonly LabelledPaper[]): string {
	const rows = papers.map(({ label, paper: { chain, worked } }) => {
		const called = label.replace(/[^\p{L}\p{N} ().,-]/gu, '');
		return `\\text{${called}} & ${lineLatex(chain, worked)}`;
	});
	return `\\begin{array}{ll} ${rows.join(' \\\\ ')} \\end{array}`;
}

/** A formula as a MathML file of its own, which other programs know by its namespace. */
function mathmlFile(latex: string): string {
	return temml.renderToString(latex, { displayMode: true, xml: true });
}

/** The forms, in the order they are offered. To add one is to add a row. */
export const LINE_FORMS: readonly LineForm[] = [
	{
		name: 'text',
		label: 'text',
		extension: 'txt',
		type: 'text/plain',
		make: pageText,
		together: (title, papers, says) =>
			[title, ...papers.map(({ label, paper }) => `${label}. ${pageText(paper)}`), says].join('\n\n'),
	},
	{
		name: 'latex',
		label: 'LaTeX',
		extension: 'tex',
		type: 'application/x-tex',
		make: ({ chain, worked }) => lineLatex(chain, worked),
		together: (_, papers) =>
			papers.map(({ label, paper }) => `% ${label}\n${lineLatex(paper.chain, paper.worked)}`).join('\n\n'),
	},
	{
		name: 'mathml',
		label: 'MathML',
		extension: 'mml',
		type: 'application/mathml+xml',
		make: ({ chain, worked }) => mathmlFile(lineLatex(chain, worked)),
		together: (_, papers) => mathmlFile(allLatex(papers)),
	},
];

/** A number in MathML. */
const NUMBER = /(?<=<mn>)[^<]+(?=<\/mn>)/gu;

/**
 * The line as MathML for a page, piece by piece, so that it breaks where it is wider than the paper.
 * @param mark the decimal mark of its numbers.
 */
export function lineMathml(
	{ chain, worked }: Pick<LinePaper, 'chain' | 'worked'>,
	mark: DecimalMark = 'point',
): string {
	return lineLatexPieces(chain, worked)
		.map((piece) => temml.renderToString(`\\displaystyle ${piece}`))
		.join(' ')
		.replace(NUMBER, (number) => inMark(number, mark));
}
