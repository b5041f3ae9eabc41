import type { Asking } from '../exercise/exercise';
import type { Judged, VerdictLine } from '../key/verdict';
import { bad, good, type Outcome, within } from '../numeral/fault';
import { parseNumeral } from '../numeral/parse-numeral';
import { rational, rationalText } from '../numeral/rational';
import { figuresText } from '../say/say-figures';
import type { AnswerKind, Solution } from './answer-kind';
import { emptyFault } from './quantity/quantity';

const COUNT =
	/^(?:(?:=|≈|it\s{1,3}has|is)\s{0,3})?([-+−]?\d+)\s{0,3}(?:(?:significant|sig\.?)?\s{0,3}(?:figures?|figs?\.?|digits?|s\.?\s?f\.?))?\s{0,3}\.?$/iu;

declare module '../exercise/exercise' {
	interface Wants {
		/** A numeral; the answer is how many of its figures count. */
		readonly figures: { readonly figures: string };
	}
}

const NOT_ASKED: VerdictLine = { verdict: 'not-asked', why: 'You are asked for a count, so this is not checked.' };

/** Judges how many significant figures a numeral is said to have: "3", "3 figures". */
function judgeCount(exercise: Asking<'figures'>, text: string): Outcome<Judged> {
	const asked = parseNumeral(exercise.want.figures);
	if (!asked.ok) return { ok: false, fault: within(asked.fault, 'exercise.want.figures') };
	const { significant, ambiguous, atMost } = asked.value;
	if (significant === null || atMost === null)
		return bad('no-key', 'This number is exact as written, so its figures are not counted.');
	const lines = { figures: NOT_ASKED, unit: NOT_ASKED };
	const match = COUNT.exec(text.trim());
	if (!match) {
		const why = text.trim() === '' ? 'Write how many figures count.' : 'Write a count as one whole number, such as 3.';
		return good({ lines: { ...lines, value: { verdict: 'absent', why, at: [0, text.length] } } });
	}
	const right = rational(BigInt((match[1] as string).replace('−', '-'))).equals(rational(BigInt(significant)));
	const zeros = ambiguous ? ' Zeros at the end of a whole number count only when a point says so.' : '';
	const value: VerdictLine = right
		? { verdict: 'right', why: `${exercise.want.figures} has ${figuresText(significant)}.${zeros}` }
		: {
				verdict: 'wrong',
				why: 'Count from the first figure that is not 0 to the last one that counts.',
				at: [0, text.length],
			};
	return good({ lines: { ...lines, value } });
}

function solveCount({ want }: Asking<'figures'>): Outcome<Solution> {
	const read = parseNumeral(want.figures);
	return read.ok ? good({ chain: null, answer: `${read.value.significant ?? ''}` }) : read;
}

/** The exact value of an answer that is a count or the number of a block, by its digits. */
export function countText({ answer }: Solution): Outcome<string> {
	const read = parseNumeral(answer.replace(/\D/g, ''));
	return read.ok ? good(rationalText(read.value.value)) : read;
}

/** An answer that is a count of significant figures. */
export const count: AnswerKind<'figures'> = {
	field: 'figures',
	judge: judgeCount,
	solve: solveCount,
	keyText: (_, solved) => countText(solved),
	goal: () => null,
	units: () => [],
	countedIn: () => [],
	line: () => 'none',
	adding: 'nothing',
	lacks: () => null,
	says: () => 'how many figures count',
	form: () => null,
	nudges: [
		'Begin at the first figure that is not 0; zeros in front of it only hold the place.',
		'Zeros between other figures count, and so do zeros at the end after a point.',
		'At the end of a whole number without a point, zeros do not count.',
	],
	nudgesAtEnd: null,
	nudgesOnForm: () => null,
	answering: () => ({
		by: 'typing',
		label: 'Your count',
		placeholder: 'how many',
		example: 'A whole number, such as 3.',
		units: [],
		keys: [],
		quantity: false,
		reads: null,
		joins: '',
		fault: emptyFault,
	}),
};
