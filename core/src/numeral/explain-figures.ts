import type { Numeral } from './numeral';
import type { Rational } from './rational';
import { rational, tenTo } from './rational';
import { type Rounded, type RoundingTarget, round } from './round';

/** Whether a digit of a written number counts, only holds the place, or leaves it unclear. */
export type DigitState = 'counts' | 'holds' | 'unclear';

/** One digit of a written number, with why it counts or does not. */
export type DigitMark = {
	readonly digit: string;
	readonly state: DigitState;
	readonly why: string;
	/** Whether the decimal point stands right after it, or right before it as the first. */
	readonly point?: 'before' | 'after';
};

const WHY = {
	nonzero: 'it is not 0, so it counts',
	front: 'a zero in front only holds the place',
	between: 'a zero between others counts',
	after: 'a zero at the end after a point counts',
	point: 'the point at the end makes it count',
	unclear: 'a zero at the end of a whole number may or may not count',
	zero: 'a zero by itself counts its places after the point',
} as const;

/**
 * The digits of a number as it is written, each with whether it counts and why (NIST SP 811, 7.9, and the classroom
 * convention for zeros at the end). Null for what is exact as written, such as 3/4 or 10^-3.
 */
export function explainFigures({ form }: Numeral): readonly DigitMark[] | null {
	if (form.kind !== 'decimal') return null;
	const { digits } = form;
	const point = digits.indexOf('.');
	const places = [...digits].flatMap((digit, i) => (digit === '.' ? [] : [{ digit, i }]));
	const first = places.find(({ digit }) => digit !== '0')?.i ?? -1;
	const last = [...places].reverse().find(({ digit }) => digit !== '0')?.i ?? -1;
	const told = ({ digit, i }: { readonly digit: string; readonly i: number }): Omit<DigitMark, 'point'> => {
		if (first < 0) {
			const counts = point >= 0 && i > point ? true : point < 0 || point === digits.length - 1;
			return { digit, state: counts ? 'counts' : 'holds', why: WHY.zero };
		}
		if (digit !== '0') return { digit, state: 'counts', why: WHY.nonzero };
		if (i < first) return { digit, state: 'holds', why: WHY.front };
		if (i < last) return { digit, state: 'counts', why: WHY.between };
		if (point < 0) return { digit, state: 'unclear', why: WHY.unclear };
		return { digit, state: 'counts', why: point === digits.length - 1 ? WHY.point : WHY.after };
	};
	return places.map((place): DigitMark => {
		const beside = place.i === point - 1 ? 'after' : point === 0 && place.i === 1 ? 'before' : null;
		return { ...told(place), ...(beside ? { point: beside } : {}) };
	});
}

/** How a number is rounded: the digit that decides, whether the last kept one goes up, and how far that carries. */
export type RoundingSeen = {
	readonly rounded: Rounded;
	/** The first digit that goes; null where nothing is cut off. */
	readonly decides: number | null;
	readonly up: boolean;
	/** How many nines became zeros on the way. */
	readonly carries: number;
};

/** Rounds a value and tells how it was done; ties go away from zero (ISO 80000-1, B.3). */
export function seeRounding(value: Rational, target: RoundingTarget): RoundingSeen {
	const rounded = round(value, target);
	if (value.sign === 0) return { rounded, decides: null, up: false, carries: 0 };
	const place = 'place' in target ? target.place : value.leadingPlace() - target.significant + 1;
	const { whole } = value.steps(place);
	const cut = value.abs().sub(tenTo(place).mul(rational(whole)));
	if (cut.sign === 0) return { rounded, decides: null, up: false, carries: 0 };
	const decides = Number(value.steps(place - 1).whole % 10n);
	const up = decides >= 5;
	const carries = up ? (/9*$/.exec(`${whole}`)?.[0].length ?? 0) : 0;
	return { rounded, decides, up, carries };
}
