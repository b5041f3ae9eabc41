import { lineLatex, lineLatexPieces, lineText, sayLine } from '@tidy-sum/core';
import temml from 'temml';
import { sayWanted } from '../desk/problem';
import type { DeskView } from '../desk/use-desk';
import { answerOf, wantOf } from '../desk/work';

/** The same worked line in the forms it can be handed in as. */
export type Papers = {
	readonly text: string;
	readonly latex: string;
	readonly mathml: string;
	/** The line in sentences, one for each block. */
	readonly said: readonly string[];
};

/** A worked line as text, LaTeX and MathML, with the problem and the answer where the form has room for words. */
export function papersOf(view: DeskView): Papers {
	const { exercise, chain, worked, work } = view;
	const line = lineText(chain, worked);
	const answer = answerOf(exercise, work);
	const latex = lineLatex(chain, worked);
	return {
		text: [
			exercise.title,
			exercise.prompt,
			`Wanted: ${sayWanted(exercise, wantOf(exercise, work))}`,
			line,
			answer ? `Answer: ${answer}` : '',
		]
			.filter(Boolean)
			.join('\n'),
		latex,
		mathml: temml.renderToString(latex, { displayMode: true }),
		said: sayLine(worked),
	};
}

/** The line as mathematics on the page, piece by piece, so that it breaks where it is wider than the paper. */
export function mathOf({ chain, worked }: DeskView): string {
	return lineLatexPieces(chain, worked)
		.map((piece) => temml.renderToString(`\\displaystyle ${piece}`))
		.join(' ');
}
