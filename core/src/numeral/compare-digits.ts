import type { Numeral } from './numeral';
import { round } from './round';

/** Two numbers as written, digit by digit: aligned at the point, and where they part. */
export type DigitsCompared = {
	/** The digits of each from the first place either has, with its point; a place that one does not show is a space. */
	readonly first: string;
	readonly second: string;
	/** The place (a power of ten) of the first digit that differs; null where none does. */
	readonly parts: number | null;
	/** By how many places the point of the second is further right, if the digits are the same; null if they are not. */
	readonly shifted: number | null;
};

/** The most digits that are laid under each other. */
const DIGITS_LIMIT = 40;

/** The digits that count, without point and without zeros before or behind. */
function bare({ value }: Numeral, lastPlace: number): string {
	const { units } = round(value.abs(), { place: lastPlace });
	return `${units}`.replace(/0+$/, '');
}

/**
 * Lays two numbers under each other, digit by digit.
 * @returns null where one has no decimal digits of its own (a fraction, pi) or they are too far apart to be laid so.
 * @example compareDigits(58.67, 58.76) // parts at the tenths, -1
 */
export function compareDigits(first: Numeral, second: Numeral): DigitsCompared | null {
	const places = [first, second].map(({ lastPlace, ambiguous }) =>
		ambiguous ? Math.min(0, lastPlace ?? 0) : lastPlace,
	);
	const [one, other] = places;
	if (typeof one !== 'number' || typeof other !== 'number' || first.pi || second.pi) return null;
	const last = Math.min(one, other);
	const leading = ({ value }: Numeral) => (value.sign === 0 ? 0 : value.leadingPlace());
	const high = Math.max(leading(first), leading(second), 0);
	if (high - last > DIGITS_LIMIT) return null;
	const laid = (numeral: Numeral, lastShown: number): readonly string[] => {
		const { units } = round(numeral.value.abs(), { place: last });
		const digits = `${units}`.padStart(high - last + 1, '0');
		return [...digits].map((digit, i) => (high - i < Math.min(lastShown, 0) ? ' ' : digit));
	};
	const [a, b] = [laid(first, one), laid(second, other)];
	const at = a.findIndex((digit, i) => digit !== b[i]);
	const withPoint = (digits: readonly string[]) =>
		digits.map((digit, i) => (high - i === 0 && last < 0 ? `${digit}.` : digit)).join('');
	const [m, n] = [bare(first, last), bare(second, last)];
	const moved = at >= 0 && m !== '' && m === n ? leading(second) - leading(first) : null;
	return { first: withPoint(a), second: withPoint(b), parts: at < 0 ? null : high - at, shifted: moved || null };
}
