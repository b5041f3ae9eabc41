import { type Chain, type Factor, turnedFactor } from '../chain/chain';
import { readChain } from '../chain/read-chain';
import { workChain } from '../chain/work-chain';
import type { Asking } from '../exercise/exercise';
import { isStated } from '../exercise/is-stated';
import { lineTo } from '../key/line-to';
import type { FoundSlip, Judged, VerdictLine } from '../key/verdict';
import { bad, good, type Outcome, within } from '../numeral/fault';
import { rationalText } from '../numeral/rational';
import { writtenQuantity } from '../quantity/quantity';
import { ANSWER_LIMIT } from '../read/read-answer';
import { readFactorText } from '../read/read-factor';
import { unitInSentence, unitTextInSentence } from '../say/in-sentence';
import { printUnitText } from '../say/say';
import { worthOf } from '../slip/evidence';
import type { AnswerKind, Solution } from './answer-kind';

declare module '../exercise/exercise' {
	interface Wants {
		/** A unit; the answer is the one factor that takes the start there. */
		readonly factor: { readonly factor: string };
	}
}

/** A factor as an answer is typed: "1 kJ / 10^3 J", "(100 cm / 1 m)^2". */
export function writtenFactor({ top, bottom, power = 1 }: Factor): string {
	const over = `${writtenQuantity(top)} / ${writtenQuantity(bottom)}`;
	return power > 1 ? `(${over})^${power}` : over;
}

/** Judges the one factor that takes the start to a unit: that its sides are equal, and that it leads there. */
function judgeOneFactor(exercise: Asking<'factor'>, text: string): Outcome<Judged> {
	const { start, want } = exercise;
	if (!start) return bad('no-key', 'This exercise has nothing to start from.');
	if (text.length > ANSWER_LIMIT)
		return {
			ok: false,
			fault: { code: 'too-large', message: `An answer here can have up to ${ANSWER_LIMIT} characters.`, in: 'answer' },
		};
	const bare = workChain({ start, factors: [], want: want.factor });
	if (!bare.ok) return { ok: false, fault: within(bare.fault, 'exercise') };
	const figures: VerdictLine = { verdict: 'not-asked', why: 'You are asked for a factor, so figures are not checked.' };
	const factor = readFactorText(text);
	if (!factor) {
		const why = 'A factor is one quantity over another, such as 1 kg / 1000 g.';
		const absent: VerdictLine = { verdict: 'absent', why, at: [0, text.length] };
		return good({ lines: { value: absent, figures, unit: absent } });
	}
	const lay = (one: Factor): Chain => ({ start, factors: [one], want: want.factor });
	const worked = workChain(lay(factor));
	if (!worked.ok) return { ok: false, fault: { ...worked.fault, in: 'answer' } };
	const [read] = worked.value.read.factors;
	const equal = worked.value.factors[0]?.equal;
	const holds = equal === true || (read !== undefined && isStated(read, exercise));
	const over = workChain(lay(turnedFactor(factor)));
	const flipped = !worked.value.reached && over.ok && over.value.reached === true;
	const value: VerdictLine = holds
		? { verdict: 'right', why: 'Top and bottom are equal, so this factor changes only the units.' }
		: { verdict: 'wrong', why: 'Top and bottom of this factor are not equal.', at: [0, text.length] };
	const unit: VerdictLine = worked.value.reached
		? { verdict: 'right', why: `It turns the start into ${unitTextInSentence(want.factor)}.` }
		: {
				verdict: 'wrong',
				why: flipped
					? 'The factor is upside down. Put the unit you want to cancel on the other side.'
					: `This factor leaves ${unitInSentence(worked.value.unit)}. It should leave ${unitTextInSentence(want.factor)}.`,
				at: [0, text.length],
			};
	const slips: FoundSlip[] = [];
	if (flipped) slips.push({ code: 'flipped-factor', factor: 0, why: unit.why });
	// Which slip made its sides unequal is told by the factor itself.
	if (!holds)
		slips.push({
			code: equal === false ? null : 'unequal-factor',
			factor: 0,
			why: value.why,
			...(read ? { block: read } : {}),
		});
	return good({ lines: { value, figures, unit }, slips });
}

function solveOneFactor(exercise: Asking<'factor'>): Outcome<Solution> {
	const { start, want } = exercise;
	if (!start) return bad('no-key', 'This exercise has nothing to start from.');
	const chain = lineTo(exercise, start, want.factor);
	if (!chain.ok) return chain;
	const [factor] = chain.value.factors;
	if (!factor) return bad('no-key', 'The start is already there.');
	return good({ chain: { ...chain.value, factors: [factor] }, answer: writtenFactor(factor) });
}

/** An answer that is one factor: on the Desk the block on the line. */
export const oneFactor: AnswerKind<'factor'> = {
	field: 'factor',
	judge: judgeOneFactor,
	solve: solveOneFactor,
	keyText: (_, { chain }) => {
		const read = chain && readChain(chain);
		const worth = read?.ok && read.value.factors[0] ? worthOf(read.value.factors[0]) : null;
		return good(worth ? rationalText(worth) : '');
	},
	goal: ({ factor }) => factor,
	units: ({ factor }) => [factor],
	countedIn: () => [],
	line: () => 'may-lack',
	adding: 'nothing',
	lacks: () => null,
	says: ({ want }) => `the one factor that leads to ${printUnitText(want.factor)}`,
	form: () => null,
	nudges: null,
	nudgesAtEnd: null,
	nudgesOnForm: () => null,
	answering: () => ({ by: 'placing', written: writtenFactor }),
};
