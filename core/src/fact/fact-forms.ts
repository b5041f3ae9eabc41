import type { Rational } from '../numeral/rational';
import { readQuantity } from '../quantity/quantity';
import type { Fact } from './fact';

/** A fact in the ways it can be written: 1 kg = 1000 g and 1 kg = 10³ g. */
export type FactForms<F extends Fact> = readonly [F, ...F[]];

/** How many of one unit go with one of the other, with both units in order, so that both ways round compare equal. */
type Ratio = { readonly units: string; readonly value: Rational };

function ratioOf({ left, right }: Fact): Ratio | null {
	const [a, b] = [left, right].map((side) => readQuantity(side, { counted: true }));
	if (!a?.ok || !b?.ok) return null;
	const [top, bottom] = a.value.unit.text < b.value.unit.text ? [a.value, b.value] : [b.value, a.value];
	const [over, under] = [top.number, bottom.number];
	// A multiple of π has no fraction to compare.
	if (!over || !under || over.pi !== 0 || under.pi !== 0 || under.value.sign === 0) return null;
	return { units: `${top.unit.text} ${bottom.unit.text}`, value: over.value.div(under.value) };
}

/**
 * Facts that say the same in other numbers, put together; each is where its first form was.
 * @example factForms([{ 1 kg = 1000 g }, { 1 lb = 453.59237 g }, { 1 kg = 10^3 g }]) // two: of two forms, of one
 */
export function factForms<F extends Fact>(facts: readonly F[]): readonly FactForms<F>[] {
	const groups: { readonly ratio: Ratio | null; readonly exact: boolean | undefined; readonly forms: [F, ...F[]] }[] =
		[];
	for (const fact of facts) {
		const ratio = ratioOf(fact);
		const same = groups.find(
			(group) =>
				ratio !== null &&
				group.ratio?.units === ratio.units &&
				group.exact === fact.exact &&
				group.ratio.value.equals(ratio.value),
		);
		if (same) same.forms.push(fact);
		else groups.push({ ratio, exact: fact.exact, forms: [fact] });
	}
	return groups.map(({ forms }) => forms);
}
