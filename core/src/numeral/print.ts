import { withPi } from './pi';
import { type Rational, tenTo } from './rational';
import { type RoundedFigures, round, roundFigures } from './round';
import { toSuperscript } from './superscript';
import { digitsOf } from './whole';

/** The most characters a plain form may have before it is left out (contract, "round"). */
const PLAIN_LIMIT = 24;
/** The most figures an exact result may end within and still be written out. */
const EXACT_LIMIT = 15;
/** The figures an endless exact result is shown to, after ≈. */
const NEARLY_FIGURES = 6;

const ZERO = 48;

/** Between which powers of ten plain form is preferred. */
const PLAIN_FROM = -4;
const PLAIN_UNDER = 6;
const EXACT_PLAIN_TO = tenTo(15);

/** A number in the writings of the contract; `text` is the preferred one as print has it. */
export type Printed = {
	readonly plain: string | null;
	readonly scientific: string | null;
	/** Whether the plain form, read by the rules, shows just these figures. */
	readonly clear: boolean;
	readonly preferred: 'plain' | 'scientific';
	readonly text: string;
};

/** Digits before and after the point for steps of ten to the `place`; no sign. */
function plainDigits(digits: string, place: number): string {
	if (place >= 0) return digits === '0' ? '0' : digits + '0'.repeat(place);
	const padded = digits.length > -place ? digits : digits.padStart(1 - place, '0');
	return `${padded.slice(0, place)}.${padded.slice(place)}`;
}

function mantissaOf(digits: string): string {
	return digits.length > 1 ? `${digits[0]}.${digits.slice(1)}` : digits;
}

function scientificOf(sign: string, digits: string, place: number): string {
	return `${sign}${mantissaOf(digits)}e${place + digits.length - 1}`;
}

/** A plain or `1.5e3` text as print has it: true minus, `1.5 × 10³`. */
export function printForm(text: string): string {
	const [mantissa = '', power] = text.replace('-', '−').split('e');
	if (power === undefined) return mantissa;
	return `${mantissa} × 10${toSuperscript(Number(power.replace('−', '-')))}`;
}

/** How many figures a number shows that is no zero and is written plainly: final zeros count where there is a point. */
function shows(digits: string, place: number): number {
	let end = digits.length;
	if (place >= 0) while (digits.charCodeAt(end - 1) === ZERO) end -= 1;
	return end;
}

/** A rounded value in plain and scientific form, and which of the two says it honestly. */
export function printRounded({ negative, digits: all, place, significant }: RoundedFigures): Printed {
	const sign = negative ? '-' : '';
	const digits = plainDigits(all, place);
	const plain = sign.length + digits.length > PLAIN_LIMIT ? null : sign + digits;
	if (all === '0') return { plain, scientific: null, clear: true, preferred: 'plain', text: printForm(digits) };
	const clear = plain !== null && shows(all, place) === significant;
	const leading = place + all.length - 1;
	const within = leading >= PLAIN_FROM && leading < PLAIN_UNDER;
	const mantissa = mantissaOf(all);
	const preferred = clear && within ? 'plain' : 'scientific';
	const size = preferred === 'plain' ? digits : `${mantissa} × 10${toSuperscript(leading)}`;
	return {
		plain,
		scientific: `${sign}${mantissa}e${leading}`,
		clear,
		preferred,
		text: negative ? `−${size}` : size,
	};
}

/** A reading of a scale, which stays in plain form, whatever its zeros would otherwise leave unsaid. */
export function printInPlain(rounded: RoundedFigures): Printed {
	const printed = printRounded(rounded);
	return printed.plain === null ? printed : { ...printed, preferred: 'plain', text: printForm(printed.plain) };
}

/** A value times pi^`pi` in print, to a count of figures; null figures mean it is exact. */
export function printValue(value: Rational, pi: number, significant: number | null): Printed {
	if (significant !== null) return printRounded(roundFigures(withPi(value, pi), { significant }));
	return pi === 0 ? printExact(value) : printNearly(withPi(value, pi));
}

function printNearly(value: Rational): Printed {
	const shown = printRounded(roundFigures(value, { significant: NEARLY_FIGURES }));
	return { ...shown, plain: null, scientific: null, text: `≈ ${shown.text}` };
}

/** How many digits stand after the point when the value ends; null when it does not end. */
export function endingPlaces(value: Rational): number | null {
	const bits = value.d.toString(2);
	const twos = bits.length - 1 - bits.lastIndexOf('1');
	const fives = Math.round((bits.length - twos - 1) / Math.log2(5));
	const nearest = [fives, fives + 1, Math.max(0, fives - 1)].find((k) => 5n ** BigInt(k) === value.d >> BigInt(twos));
	return nearest === undefined ? null : Math.max(twos, nearest);
}

/** An exact value: all its digits where it ends within 15 figures, else ≈ and six figures. */
function printExact(value: Rational): Printed {
	if (value.sign === 0) return { plain: '0', scientific: null, clear: true, preferred: 'plain', text: '0' };
	const places = endingPlaces(value);
	if (places === null) return printNearly(value);
	const shown = shortest((value.n * 10n ** BigInt(places)) / value.d, -places);
	if (shown.significant > EXACT_LIMIT) return printNearly(value);
	const { units, place } = shown;
	const sign = units < 0n ? '-' : '';
	const all = digitsOf(units);
	const plainText = sign + plainDigits(all, place);
	const plain = plainText.length > PLAIN_LIMIT ? null : plainText;
	const within = value.leadingPlace() >= PLAIN_FROM && value.abs().compare(EXACT_PLAIN_TO) <= 0;
	const scientific = scientificOf(sign, all, place);
	return {
		plain,
		scientific,
		clear: true,
		preferred: within ? 'plain' : 'scientific',
		text: printForm(within && plain !== null ? plain : scientific),
	};
}

function shortest(units: bigint, place: number): { units: bigint; place: number; significant: number } {
	const text = digitsOf(units);
	const zeros = text.length - text.replace(/0+$/, '').length;
	return { units: units / 10n ** BigInt(zeros), place: place + zeros, significant: text.length - zeros };
}

/**
 * A value in plain digits without a sign: to a place, or exactly where no place is given; only for values
 * that end.
 */
export function plainText(value: Rational, place: number | null): string {
	const to = place ?? -(endingPlaces(value) ?? 0);
	return plainDigits(digitsOf(round(value, { place: to }).units), to);
}

/** A value above zero that ends, as a numeral that can be read again, with all its digits. */
export function decimalText(value: Rational): string {
	const places = endingPlaces(value) ?? 0;
	const { units, place } = shortest((value.n * 10n ** BigInt(places)) / value.d, -places);
	const digits = digitsOf(units);
	const leading = place + digits.length - 1;
	return leading < -4 || leading > 9 ? scientificOf('', digits, place) : plainDigits(digits, place);
}

/** The first digits of a value, cut, not rounded, with … when more follow: for showing a quotient unrounded. */
export function printUnrounded(value: Rational, figures: number): string {
	if (value.sign === 0) return '0';
	const places = endingPlaces(value);
	const place = value.leadingPlace() - figures + 1;
	if (places !== null) {
		const exact = shortest((value.n * 10n ** BigInt(places)) / value.d, -places);
		if (exact.significant <= figures) return printDigits(exact.units, exact.place);
	}
	const scaled = value.mul(tenTo(-place));
	return `${printDigits(scaled.n / scaled.d, place)}…`;
}

/** Plain where it is short enough to read (1e-4 up to 1e9), else scientific, in print form. */
function printDigits(units: bigint, place: number): string {
	const sign = units < 0n ? '-' : '';
	const digits = digitsOf(units);
	const leading = place + digits.length - 1;
	if (leading < -4 || leading >= 9) return printForm(scientificOf(sign, digits, place));
	return printForm(sign + plainDigits(digits, place));
}
