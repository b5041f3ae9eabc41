import { type Rational, rational } from '../numeral/rational';
import { round } from '../numeral/round';
import { numbersOf, replaced, worthOf } from './evidence';
import type { Evidence, SlipKind, Suspect } from './slip-kind';

const WHY = 'The first figures are right, but the last ones are off. Round only once, at the end.';

/** How far a result that was rounded on the way may lie from the true one. */
const NEAR = rational(1n).div(rational(20n));

function isNear(value: Rational, truth: Rational): boolean {
	const off = value.sub(truth).div(truth).abs();
	return off.sign !== 0 && off.compare(NEAR) <= 0;
}

/** The running values rounded at each step to so many figures, or to so many decimals. */
function roundedOnTheWay({ truth, factors }: Evidence): readonly Rational[] {
	const worths = factors.map(worthOf);
	let product = rational(1n);
	for (const worth of worths) {
		if (!worth || worth.sign === 0) return [];
		product = product.mul(worth);
	}
	const steps = [...[2, 3, 4].map((significant) => ({ significant })), ...[0, -1, -2, -3].map((place) => ({ place }))];
	return steps.map((step) => {
		let value = truth.div(product);
		for (const [i, worth] of worths.entries()) {
			value = value.mul(worth as Rational);
			if (i < worths.length - 1) value = round(value, step).value;
		}
		return value;
	});
}

/** A fact taken with fewer figures than it has: 2.5 for 2.54. */
function roundedFacts(evidence: Evidence): readonly Rational[] {
	return numbersOf(evidence).flatMap((placed) => {
		const { significant, value } = placed.number;
		if (significant === null || significant < 3) return [];
		return [2, 3]
			.filter((count) => count < significant)
			.map((count) => replaced(evidence.truth, placed, round(value, { significant: count }).value));
	});
}

/** The result rounded, and what came rounded again: 2.3449 as 2.345 as 2.35. */
function roundedTwice({ truth, answer: { significant } }: Evidence): readonly Rational[] {
	if (significant === null) return [];
	return [1, 2, 3].map((more) => {
		const first = round(truth, { significant: significant + more }).value;
		return round(first, { significant }).value;
	});
}

/** Rounded on the way, so that the last figures are off. */
export const roundedEarly: SlipKind = {
	code: 'rounded-early',
	title: 'Rounded on the way',
	nudge: 'Keep all digits in the calculator, and round once at the end.',
	suspects: (evidence) => {
		if (evidence.truth.sign === 0) return [];
		return [...roundedOnTheWay(evidence), ...roundedFacts(evidence), ...roundedTwice(evidence)]
			.filter((value) => isNear(value, evidence.truth))
			.map((value): Suspect => ({ value, why: WHY }));
	},
};
