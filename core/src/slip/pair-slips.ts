import type { Slip } from '../key/verdict';
import type { Rational } from '../numeral/rational';
import type { Chance } from './chance';
import type { Evidence, SlipKind, Suspect } from './slip-kind';

/** A single slip as what it multiplies the true value by. */
type Single = {
	readonly code: string;
	readonly title: string;
	/** How many likelier ones there are: kinds before its own, and ways of its own kind on the same block. */
	readonly order: number;
	readonly rank: number;
	readonly suspect: Suspect;
	readonly ratio: number;
};

/** The figures an answer must show before two slips together are more than a coincidence. */
const ENOUGH_FIGURES = 3;
/** How far a product of two ratios may lie from the answer before the exact numbers are compared. */
const NEAR = 0.006;
/** How much less likely each slip is than the one before it in the order of the contract. */
const RARER = 0.8;

function singlesOf(evidence: Evidence, kinds: readonly SlipKind[]): readonly Single[] {
	const truth = evidence.truth.nearly();
	return kinds.flatMap(({ code, title, suspects }, order) => {
		const seen = new Map<number | undefined, number>();
		return (suspects?.(evidence) ?? [])
			.filter(({ value }) => value.sign === evidence.truth.sign)
			.map((suspect): Single => {
				const before = seen.get(suspect.factor) ?? 0;
				seen.set(suspect.factor, before + 1);
				return { code, title, order, rank: order + before, suspect, ratio: suspect.value.nearly() / truth };
			});
	});
}

/** Two slips on the same block, or two lost powers of ten, are not told apart from one. */
function together(a: Single, b: Single): boolean {
	if (a.code === 'place-slip' && b.code === 'place-slip') return false;
	return a.suspect.factor === undefined || b.suspect.factor === undefined || a.suspect.factor !== b.suspect.factor;
}

/** Single slips by their rank, the likeliest first. */
function grouped(singles: readonly Single[]): readonly (readonly Single[])[] {
	const most = Math.max(-1, ...singles.map(({ rank }) => rank));
	const groups: Single[][] = Array.from({ length: most + 1 }, () => []);
	for (const single of singles) groups[single.rank]?.push(single);
	return groups;
}

/** One of two slips, told as one of two: neither alone would have given the number. */
function named({ code, title, suspect: { factor } }: Single, other: Single): Slip {
	const [one, two] = [title, other.title].map((each) => each.toLowerCase());
	const both = one === two ? `${one}, twice` : `${one}, and ${two}`;
	const why = `No single slip gives this number, but two together do: ${both}. Fix one, then check again.`;
	return { code, ...(factor === undefined ? {} : { factor }), why, also: other.code };
}

/**
 * The slips that would have given an answer two at a time, to be asked only where no single one does; each once, with
 * the other of its likeliest pair, those first that stand in the likeliest pairs.
 * @param fits whether a value is the answer as far as that is written.
 * @param chance how many values may be explained.
 */
export function pairSlips(
	evidence: Evidence,
	kinds: readonly SlipKind[],
	fits: (value: Rational) => boolean,
	chance: Chance,
): readonly Slip[] {
	const { answer, truth } = evidence;
	if ((answer.significant ?? 0) < ENOUGH_FIGURES || truth.sign === 0 || answer.value.sign !== truth.sign) return [];
	if (chance.isSpent()) return [];
	const singles = singlesOf(evidence, kinds);
	const asked = answer.value.nearly() / truth.nearly();
	const right = truth.nearly();
	const pairs: { readonly a: Single; readonly b: Single; readonly weight: number }[] = [];
	const byRank = grouped(singles);
	// The likeliest pairs first, as many as chance allows; of those the ones that are the answer.
	for (let rank = 0; rank <= 2 * (byRank.length - 1) && !chance.isSpent(); rank++)
		for (let one = Math.max(0, rank - byRank.length + 1); 2 * one <= rank; one++)
			for (const [i, a] of (byRank[one] as Single[]).entries())
				for (const b of 2 * one === rank ? (byRank[one] as Single[]).slice(i + 1) : (byRank[rank - one] as Single[])) {
					const ratio = a.ratio * b.ratio;
					if (!together(a, b) || !chance.admits(right * ratio) || Math.abs(ratio / asked - 1) > NEAR) continue;
					if (fits(a.suspect.value.mul(b.suspect.value).div(truth))) pairs.push({ a, b, weight: RARER ** rank });
				}
	const weights = new Map<string, { weight: number; readonly first: Single; readonly other: Single }>();
	for (const { a, b, weight } of pairs)
		for (const [one, other] of a.code === b.code
			? [[a, b] as const]
			: ([
					[a, b],
					[b, a],
				] as const)) {
			const seen = weights.get(one.code);
			if (seen) seen.weight += weight;
			else weights.set(one.code, { weight, first: one, other });
		}
	return [...weights.values()].sort((x, y) => y.weight - x.weight).map(({ first, other }) => named(first, other));
}
