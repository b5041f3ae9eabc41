import type { Exercise } from '../exercise/exercise';
import { bad, good, type Outcome, within } from '../numeral/fault';
import { parseNumeral } from '../numeral/parse-numeral';
import { rational } from '../numeral/rational';
import { figuresText } from './judge-figures';
import type { Judged, VerdictLine } from './verdict';

const COUNT = /^\s*([+-−]?\d+)\s*(?:(?:significant|sig\.?)?\s*(?:figures?|figs?\.?|digits?|s\.?\s?f\.?))?\s*$/iu;

const NOT_ASKED: VerdictLine = { verdict: 'not-asked', why: 'A count is asked for, so this is not looked at.' };

/** Judges how many significant figures a numeral is said to have: "3", "3 figures". */
export function judgeCount(
	exercise: Exercise & { readonly want: { readonly figures: string } },
	text: string,
): Outcome<Judged> {
	const asked = parseNumeral(exercise.want.figures);
	if (!asked.ok) return { ok: false, fault: within(asked.fault, 'exercise.want.figures') };
	const { significant, ambiguous, atMost } = asked.value;
	if (significant === null || atMost === null)
		return bad('no-key', 'This number is exact by its form, so its figures are not counted.');
	const lines = { figures: NOT_ASKED, unit: NOT_ASKED };
	const match = COUNT.exec(text);
	if (!match) {
		const why = text.trim() === '' ? 'There is no count here yet.' : 'A count is one whole number, such as 3.';
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
