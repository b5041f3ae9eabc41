import type { Slip } from '../key/verdict';
import type { Rational } from '../numeral/rational';
import type { Evidence, SlipKind, Suspect } from './slip-kind';

/** A single slip as what it multiplies the true value by. */
type Single = { readonly code: string; readonly order: number; readonly suspect: Suspect; readonly ratio: number };

/** The figures an answer must show before two slips together are more than a coincidence. */
const ENOUGH_FIGURES = 3;
/** How far a product of two ratios may lie from the answer before the exact numbers are compared. */
const NEAR = 0.006;
/** How much less likely each slip is than the one before it in the order of the contract. */
const RARER = 0.8;
/** Beyond so many different pairs that fit, each is a coincidence. */
const PAIRS_LIMIT = 40;

function singlesOf(evidence: Evidence, kinds: readonly SlipKind[]): readonly Single[] {
	const truth = evidence.truth.nearly();
	return kinds.flatMap(({ code, suspects }, order) =>
		(suspects?.(evidence) ?? [])
			.filter(({ value }) => value.sign === evidence.truth.sign)
			.map((suspect): Single => ({ code, order, suspect, ratio: suspect.value.nearly() / truth })),
	);
}

/** Two slips on the same block, or two lost powers of ten, are not told apart from one. */
function together(a: Single, b: Single): boolean {
	if (a.code === 'place-slip' && b.code === 'place-slip') return false;
	return a.suspect.factor === undefined || b.suspect.factor === undefined || a.suspect.factor !== b.suspect.factor;
}

function named({ code, suspect: { factor, why } }: Single): Slip {
	return { code, ...(factor === undefined ? {} : { factor }), why };
}

/**
 * The slips that would have given an answer two at a time, to be asked only where no single one does; each once,
 * those first that stand in the likeliest pairs.
 * @param fits whether a value is the answer as far as that is written.
 */
export function pairSlips(
	evidence: Evidence,
	kinds: readonly SlipKind[],
	fits: (value: Rational) => boolean,
): readonly Slip[] {
	const { answer, truth } = evidence;
	if ((answer.significant ?? 0) < ENOUGH_FIGURES || truth.sign === 0 || answer.value.sign !== truth.sign) return [];
	const singles = singlesOf(evidence, kinds);
	const asked = answer.value.nearly() / truth.nearly();
	const byRatio = [...singles].sort((a, b) => a.ratio - b.ratio);
	const pairs: { readonly a: Single; readonly b: Single; readonly weight: number }[] = [];
	for (const a of singles) {
		const wanted = asked / a.ratio;
		for (let i = from(byRatio, wanted * (1 - NEAR)); i < byRatio.length; i++) {
			const b = byRatio[i] as Single;
			if (b.ratio > wanted * (1 + NEAR)) break;
			if (b.order < a.order || b === a || !together(a, b)) continue;
			if (!fits(a.suspect.value.mul(b.suspect.value).div(truth))) continue;
			pairs.push({ a, b, weight: RARER ** (a.order + b.order) });
		}
	}
	if (pairs.length > PAIRS_LIMIT * 10) return [];
	pairs.sort((x, y) => y.weight - x.weight);
	const weights = new Map<string, { weight: number; readonly first: Single }>();
	for (const { a, b, weight } of pairs)
		for (const one of a.code === b.code ? [a] : [a, b]) {
			const seen = weights.get(one.code);
			if (seen) seen.weight += weight;
			else weights.set(one.code, { weight, first: one });
		}
	return [...weights.values()].sort((x, y) => y.weight - x.weight).map(({ first }) => named(first));
}

/** The first place of a sorted list from which the ratios are not below a bound. */
function from(sorted: readonly Single[], bound: number): number {
	let [low, high] = [0, sorted.length];
	while (low < high) {
		const middle = (low + high) >> 1;
		if ((sorted[middle] as Single).ratio < bound) low = middle + 1;
		else high = middle;
	}
	return low;
}
