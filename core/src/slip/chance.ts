import type { Numeral } from '../numeral/numeral';
import type { Rational } from '../numeral/rational';

/** How near the truth a number is that has about the right size. */
const NEAR = 0.15;

/** How many numbers beside the truth may be explained, as a share of all that an answer could be: near the truth, and further off. */
type Share = { readonly near: number; readonly far: number };

/** For one slip by itself. */
export const ALONE: Share = { near: 0.05, far: 0.04 };
/** With a correct line of the student's own, or in a rounding exercise, fewer slips are possible, so more of them may be named. */
export const ON_OWN_LINE: Share = { near: 0.2, far: 0.2 };
/** For two slips together, which are rarer. */
export const IN_PAIRS: Share = { near: 0.003, far: 0.028 };

/** Wrong numbers further off are taken to spread evenly over this many powers of e. */
const FAR_SIZES = 6.8;

/** The fewest figures a number is compared by; what fits so few says little, so less is taken. */
const FEWEST = 2;
const FOR_FEW = 0.8;

/**
 * Which suspects may be named behind an answer. With many of them, some would fit any number: so the likeliest are
 * taken, until a number written by chance would be explained too often.
 */
export type Chance = {
	/** Whether a value may still be named; the likeliest are to be asked first. */
	readonly admits: (value: number) => boolean;
	/** Whether the answer is about as large as it should be. */
	readonly isNear: boolean;
	/** Whether no more can be admitted. */
	readonly isSpent: () => boolean;
};

/** A number for a value rounded to some figures, the same for the same figures and size. */
function roundedKey(value: number, figures: number): number {
	if (value === 0) return 0;
	const place = Math.floor(Math.log10(Math.abs(value))) - figures + 1;
	return Math.round(value * 10 ** -place) + place / 1000;
}

/**
 * Counts how many different values may still be named as the cause of a wrong answer.
 * @param truth the exact value of the key.
 * @param answer the number as written: with few figures it fits many values, so few are admitted.
 * @param share how many values may be explained, as a share of all that the answer could be.
 * @returns `admits` and `isSpent`; an exact answer, such as 3/4, fits only itself, and everything is admitted.
 * @example chanceOf(truth, answer).admits(26.4) // true while few other values have been admitted
 */
export function chanceOf(truth: Rational, { value: written, significant }: Numeral, share: Share = ALONE): Chance {
	const right = truth.nearly();
	const isNear = (value: number) => Math.abs(value / right - 1) <= NEAR;
	const size = Math.abs(written.nearly());
	const figures = Math.max(FEWEST, significant ?? 0);
	// An exact number fits nothing but itself.
	if (significant === null || right === 0 || size === 0 || !Number.isFinite(size) || !Number.isFinite(right))
		return { admits: () => true, isNear: false, isSpent: () => false };
	const width = 10 ** (Math.floor(Math.log10(size)) - figures + 1) / size;
	const near = isNear(written.nearly());
	const part = (near ? share.near * 2 * NEAR : share.far * FAR_SIZES) * (figures > FEWEST ? 1 : FOR_FEW);
	const most = part / width;
	const taken = new Set<number>();
	return {
		isNear: near,
		isSpent: () => taken.size + 1 > most,
		admits: (value) => {
			// A value in the other range cannot be the answer, so it uses up nothing.
			if (isNear(value) !== near || !Number.isFinite(value)) return true;
			const shown = roundedKey(value, figures);
			if (taken.has(shown)) return true;
			if (taken.size + 1 > most) return false;
			taken.add(shown);
			return true;
		},
	};
}
