import { type Chain, type Factor, START, type Start } from '../../chain/chain';
import type { Exact, WorkedChain } from '../../chain/work-chain';
import { workChain } from '../../chain/work-chain';
import type { Exercise } from '../../exercise/exercise';
import { isStated } from '../../exercise/is-stated';
import type { Numeral } from '../../numeral/numeral';
import { withPi } from '../../numeral/pi';
import { type Rational, tenTo } from '../../numeral/rational';
import { isRoundingOf } from '../../numeral/round';
import { readQuantity } from '../../quantity/quantity';
import { labelsClash, likeUnits, sameSize } from '../../unit/like-units';
import { parseUnit } from '../../unit/parse-unit';
import type { Unit } from '../../unit/unit';
import { mayBeDose } from './may-be-dose';
import type { WrittenValue } from './parse-chain';

/** A value written on the way, behind which factor; -1 is the start. */
export type Claim = WrittenValue & { readonly after: number };

/** Where a working by itself first fails: a factor, a claim, or the answer. */
export type Failing = { readonly what: 'factor' | 'claim' | 'answer'; readonly at?: number };

type Line = {
	readonly start: Start;
	readonly factors: readonly Factor[];
	readonly claims: readonly Claim[];
	readonly answer: WrittenValue | null;
	/** What the words beside the line tell, which need not be true elsewhere. */
	readonly told: Pick<Exercise, 'facts'>;
};

function worked(chain: Chain): WorkedChain | null {
	const made = workChain(chain);
	return made.ok ? made.value : null;
}

/** Whether a number is a value with its last digits left out. */
function isCutOf({ value, lastPlace }: Numeral, truth: Rational): boolean {
	if (lastPlace === null || value.sign * truth.sign < 0) return false;
	const left = truth.abs().sub(value.abs());
	return left.sign >= 0 && left.compare(tenTo(lastPlace)) < 0;
}

/** Whether a number is a value, to the figures it is written with. */
function isValue(number: Numeral, { value, pi }: Exact, cut: boolean): boolean {
	const truth = withPi(value, pi - number.pi);
	if (number.value.equals(truth) || (cut && isCutOf(number, truth))) return true;
	const { significant, atMost } = number;
	if (significant === null || atMost === null) return false;
	for (let count = significant; count <= atMost; count++)
		if (isRoundingOf(number.value, truth, { significant: count })) return true;
	return false;
}

/** Whether a value may be read in a unit: the unit of the line, or after a shift the other scale of the same degrees. */
function isReadIn(unit: Unit, stands: Unit, factor: Factor | undefined): boolean {
	if (sameSize(unit, stands)) return true;
	return factor?.shift !== undefined && likeUnits(unit, stands) && unit.factor.equals(stands.factor);
}

/** Whether a value written after a factor follows from the line, or from the value written last. */
function follows(claim: WrittenValue, after: number, line: Line, whole: WorkedChain, last: Claim | null): boolean {
	const read = readQuantity(claim, { counted: true });
	const running = whole.running[after + 1];
	if (!read.ok || !read.value.number || !running) return false;
	const stands = parseUnit(running.unit, { counted: true });
	const { number, unit } = read.value;
	// A number by itself on the way has the unit of the line at that point.
	const isBare = claim.unit === '' && claim !== line.answer;
	const isReadable = stands.ok && (isBare || isReadIn(unit, stands.value, line.factors[after]));
	if (!stands.ok || !isReadable || labelsClash(unit, stands.value)) return false;
	if (running.value && isValue(number, { value: running.value, pi: running.pi }, claim.cut ?? false)) return true;
	if (!last) return false;
	const from = worked({
		start: { number: last.number, unit: last.unit },
		factors: line.factors.slice(last.after + 1, after + 1),
	});
	return from?.value ? isValue(number, from.value, claim.cut ?? false) : false;
}

/** Whether a value written at the end is what was set aside before: 8 ft, in 8 ft 9 in. */
function isSetAside(claim: Claim, line: Line, whole: WorkedChain): boolean {
	if (claim.after !== line.factors.length - 1) return false;
	const mine = readQuantity(claim, { counted: true });
	return line.factors.some(({ shift = '' }, i) => {
		const unit = whole.running[i]?.unit ?? '';
		const aside = readQuantity({ number: shift.replace(/^[-−]/u, ''), unit }, { counted: true, mayLack: true });
		if (!/^[-−]/u.test(shift) || !mine.ok || !aside.ok) return false;
		const [a, b] = [mine.value, aside.value];
		return !!a.number && !!b.number && a.number.value.equals(b.number.value) && sameSize(a.unit, b.unit);
	});
}

/** Whether a factor fails by itself: its sides are not equal, or it cancels nothing on the whole line. */
function failsAt(i: number, line: Line, whole: WorkedChain): boolean {
	const read = whole.read.factors[i];
	if (!read || read.step) return false;
	if (whole.factors[i]?.equal === false && !isStated(read, line.told) && !mayBeDose(read)) return true;
	const mine = whole.pieces.filter(({ block }) => block === i);
	return mine.length > 0 && mine.every(({ pair }) => pair === null);
}

/** Whether a factor of a line that only multiplies has no unit at all: × 12. */
function isBare(i: number, { factors }: Line): boolean {
	const factor = factors[i];
	return factor?.top.unit === '' && factor.bottom.unit === '' && factors.every(({ shift }) => shift === undefined);
}

/**
 * Where a working by itself first fails, in the order it is read; null where all of it holds (contract, "working").
 */
export function firstFailing(line: Line): Failing | null {
	const whole = worked({ start: line.start, factors: line.factors });
	if (!whole) return null;
	let last: Claim | null = null;
	for (let i = START; i < line.factors.length; i++) {
		// A bare number may be a factor whose units are left out: nothing is said of it, or of what follows.
		if (i > START && isBare(i, line)) return null;
		if (i > START && failsAt(i, line, whole)) return { what: 'factor', at: i };
		for (const [at, claim] of line.claims.entries()) {
			if (claim.after !== i) continue;
			if (follows(claim, i, line, whole, last)) last = claim;
			else if (!isSetAside(claim, line, whole)) return { what: 'claim', at };
		}
	}
	if (line.answer && !follows(line.answer, line.factors.length - 1, line, whole, last)) return { what: 'answer' };
	return null;
}
