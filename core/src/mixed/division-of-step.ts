import { fitsAfter } from '../chain/fits-after';
import type { Running, WorkedChain } from '../chain/work-chain';
import { type Rational, rational } from '../numeral/rational';
import { likeUnits, ratioOfUnits, sameSize } from '../unit/like-units';
import { parseUnit } from '../unit/parse-unit';
import type { Unit } from '../unit/unit';
import type { Division } from './divide-down';

/** A division with remainder as it is written out: 105 in by 12 is 8, since 8 × 12 is 96, and 9 are left. */
export type LongDivision = {
	readonly all: Rational;
	readonly by: Rational;
	readonly wholes: Rational;
	readonly times: Rational;
	readonly left: Rational;
	/** The unit that is divided, and that of the whole ones. */
	readonly unit: string;
	readonly of: string;
};

/** What a step that sets whole ones aside has done, to be drawn. */
export type DivisionOfStep = {
	/** In wholes and a part of one. */
	readonly division: Division;
	/** Written out, where what stood is in a smaller unit; null where the whole part was only set apart. */
	readonly long: LongDivision | null;
};

/** What a step takes its whole ones from: what stood before it, or what was set aside before. */
function sourceOf(worked: WorkedChain, index: number, from: string | null, kept: Rational, of: Unit): Running | null {
	if (from === null) return worked.running[index] ?? null;
	const left = worked.aside.find(({ unit }) => unit.text === from);
	if (!left?.value) return null;
	const taken = kept.mul(ratioOfUnits(of, left.unit).value);
	return { value: left.value.add(taken), pi: left.pi, unit: from };
}

/**
 * What a step that sets whole ones aside has done.
 * @param wanted the units of the measure, large to small: a part of one is drawn in so many of the next.
 * @returns null where the step is another, lacks its number, or does not fit.
 */
export function divisionOfStep(worked: WorkedChain, index: number, wanted: readonly string[]): DivisionOfStep | null {
	const factor = worked.read.factors[index];
	const number = factor?.step?.kind.keeps ? factor.step.quantity.number : null;
	if (!factor?.step || !number || fitsAfter(worked, index) !== 'fits') return null;
	const { unit: of } = factor.step.quantity;
	const source = sourceOf(worked, index, factor.step.kind.from(factor.written), number.value, of);
	const stood = parseUnit(source?.unit ?? '', { counted: true });
	if (!source?.value || !stood.ok || !likeUnits(stood.value, of)) return null;
	const size = source.value.abs();
	const by = ratioOfUnits(of, stood.value).value;
	const value = size.div(by);
	const whole = number.value.abs();
	const part = value.sub(whole);
	const same = sameSize(stood.value, of);
	const next = parseUnit(same ? (wanted[wanted.indexOf(of.text) + 1] ?? '') : stood.value.text, { counted: true });
	const fits = next.ok && likeUnits(next.value, of);
	return {
		division: {
			unit: of.text,
			value,
			whole,
			part: part.sign < 0 ? rational(0n) : part,
			next: fits ? { unit: next.value.text, size: ratioOfUnits(of, next.value).value } : null,
		},
		long: same
			? null
			: {
					all: size,
					by,
					wholes: whole,
					times: whole.mul(by),
					left: size.sub(whole.mul(by)),
					unit: stood.value.text,
					of: of.text,
				},
	};
}
