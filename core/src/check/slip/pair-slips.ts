import type { Rational } from '../../numeral/rational';
import type { Slip } from '../verdict';
import type { Scene, SlipKind, Suspect } from './suspect';

/** A single slip as what it multiplies the true value by. */
type Single = { readonly code: string; readonly order: number; readonly suspect: Suspect; readonly ratio: number };

/** The figures an answer must show before two slips together are more than a coincidence. */
const ENOUGH_FIGURES = 3;
/** How far a product of two ratios may lie from the answer before the exact numbers are compared. */
const NEAR = 0.006;
/** The most pairs that are named. */
const PAIRS_LIMIT = 2;

function singlesOf(scene: Scene, kinds: readonly SlipKind[]): readonly Single[] {
	const truth = scene.truth.nearly();
	return kinds.flatMap(({ code, suspects }, order) =>
		suspects(scene)
			.filter(({ value }) => value.sign === scene.truth.sign)
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
 * The slips that would have given an answer two at a time; to be asked only where no single one does.
 * @param fits whether a value is the answer as far as that is written.
 */
export function pairSlips(
	scene: Scene,
	kinds: readonly SlipKind[],
	fits: (value: Rational) => boolean,
): readonly Slip[] {
	const { answer, truth } = scene;
	if ((answer.significant ?? 0) < ENOUGH_FIGURES || truth.sign === 0 || answer.value.sign !== truth.sign) return [];
	const singles = singlesOf(scene, kinds);
	const asked = answer.value.nearly() / truth.nearly();
	const pairs: { readonly a: Single; readonly b: Single }[] = [];
	for (const [i, a] of singles.entries())
		for (const b of singles.slice(i + 1)) {
			if (Math.abs((a.ratio * b.ratio) / asked - 1) > NEAR || !together(a, b)) continue;
			if (fits(a.suspect.value.mul(b.suspect.value).div(truth))) pairs.push({ a, b });
		}
	pairs.sort((x, y) => x.a.order + x.b.order - y.a.order - y.b.order);
	const slips = pairs.slice(0, PAIRS_LIMIT).flatMap(({ a, b }) => [named(a), named(b)]);
	return slips.filter(
		(slip, i) => slips.findIndex(({ code, factor }) => code === slip.code && factor === slip.factor) === i,
	);
}
