import type { Chain, WorkedChain } from '@tidy-sum/core';
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
};

function pageText({ title, prompt, wanted, answer, chain, worked }: LinePaper): string {
	return [title, prompt, `Wanted: ${wanted}`, lineText(chain, worked), answer ? `Answer: ${answer}` : '']
		.filter(Boolean)
		.join('\n');
}

/** The forms, in the order they are offered. To add one is to add a row. */
export const LINE_FORMS: readonly LineForm[] = [
	{ name: 'text', label: 'text', extension: 'txt', type: 'text/plain', make: pageText },
	{
		name: 'latex',
		label: 'LaTeX',
		extension: 'tex',
		type: 'application/x-tex',
		make: ({ chain, worked }) => lineLatex(chain, worked),
	},
	{
		name: 'mathml',
		label: 'MathML',
		extension: 'mml',
		type: 'application/mathml+xml',
		make: ({ chain, worked }) => temml.renderToString(lineLatex(chain, worked), { displayMode: true }),
	},
];

/** The line as MathML for a page, piece by piece, so that it breaks where it is wider than the paper. */
export function lineMathml({ chain, worked }: Pick<LinePaper, 'chain' | 'worked'>): string {
	return lineLatexPieces(chain, worked)
		.map((piece) => temml.renderToString(`\\displaystyle ${piece}`))
		.join(' ');
}
