import { type Chain, FACTOR_POWER_LIMIT, type Factor, turnedFactor } from '../chain/chain';
import { workChain } from '../chain/work-chain';
import type { Exercise } from '../exercise/exercise';
import { readQuantityText } from '../exercise/read-typed';
import { bad, good, type Outcome, within } from '../numeral/fault';
import { fromSuperscript } from '../numeral/superscript';
import { type Quantity, writtenQuantity } from '../quantity/quantity';
import { isStated } from './judge-line';
import type { FoundSlip, Judged, VerdictLine } from './verdict';

const BRACKETED = /^\s*\((.*)\)\s*(?:\^?\s*([²³⁴⁵⁶⁷⁸⁹]|[1-9]))?\s*$/u;
const LIMIT = 1000;

/** A quantity from one side of a fraction; null where there is none. */
function sideOf(text: string): Quantity | null {
	const read = readQuantityText(text.trim().replace(/^\((.*)\)$/u, '$1'));
	return read.ok ? read.value : null;
}

/** A factor as an answer writes it: "1 kJ / 10^3 J", "(100 cm / 1 m)^2", "12 in per 1 ft", "12 in/ft"; null when it is none. */
export function readFactorAnswer(text: string): Factor | null {
	const bracketed = BRACKETED.exec(text);
	const inner = bracketed && /[/÷]|\b(?:per|over)\b/iu.test(bracketed[1] as string) ? (bracketed[1] as string) : text;
	const power = bracketed?.[2] && inner !== text ? Number(fromSuperscript(bracketed[2])) : 1;
	for (const match of inner.matchAll(/[/÷⁄]|\s+(?:per|over)\s+/giu)) {
		const top = sideOf(inner.slice(0, match.index));
		const bottom = sideOf(inner.slice(match.index + match[0].length));
		if (top && bottom) return { top, bottom, ...(power > 1 ? { power: Math.min(power, FACTOR_POWER_LIMIT) } : {}) };
	}
	const whole = sideOf(inner);
	const slash = whole ? whole.unit.search(/[/÷]|\bper\b/iu) : -1;
	if (!whole || slash < 0) return null;
	const below = whole.unit.slice(slash).replace(/^(?:[/÷]|per)\s*/iu, '');
	const top = { number: whole.number, unit: whole.unit.slice(0, slash).trim() };
	return { top, bottom: { number: '1', unit: below }, ...(power > 1 ? { power } : {}) };
}

/** A factor as an answer is typed: "1 kJ / 10^3 J", "(100 cm / 1 m)^2". */
export function writtenFactor({ top, bottom, power = 1 }: Factor): string {
	const over = `${writtenQuantity(top)} / ${writtenQuantity(bottom)}`;
	return power > 1 ? `(${over})^${power}` : over;
}

/** Judges the one factor that takes the start to a unit: that its sides are equal, and that it leads there. */
export function judgeOneFactor(
	exercise: Exercise & { readonly want: { readonly factor: string } },
	text: string,
): Outcome<Judged> {
	const { start, want } = exercise;
	if (!start) return bad('no-key', 'This exercise has nothing to start from.');
	if (text.length > LIMIT)
		return {
			ok: false,
			fault: { code: 'too-large', message: `An answer here can have up to ${LIMIT} characters.`, in: 'answer' },
		};
	const bare = workChain({ start, factors: [], want: want.factor });
	if (!bare.ok) return { ok: false, fault: within(bare.fault, 'exercise') };
	const figures: VerdictLine = { verdict: 'not-asked', why: 'A factor is asked for, so figures are not counted.' };
	const factor = readFactorAnswer(text);
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
		? { verdict: 'right', why: 'Top and bottom are equal, so the factor changes only the units.' }
		: { verdict: 'wrong', why: 'Top and bottom of this factor are not equal.', at: [0, text.length] };
	const unit: VerdictLine = worked.value.reached
		? { verdict: 'right', why: `It takes the start to ${want.factor}.` }
		: {
				verdict: 'wrong',
				why: flipped
					? 'The factor is upside down: the unit to be rid of goes on the other side.'
					: `With this factor ${worked.value.unit.text || 'a plain number'} is left; ${want.factor} is wanted.`,
				at: [0, text.length],
			};
	const slips: FoundSlip[] = [];
	if (flipped) slips.push({ code: 'flipped-factor', factor: 0, why: unit.why });
	if (!holds) slips.push({ code: 'unequal-factor', factor: 0, why: value.why });
	return good({ lines: { value, figures, unit }, slips });
}
