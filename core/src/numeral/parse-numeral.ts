import { bad, good, type Outcome, type Span } from './fault';
import { figuresOfDigits } from './figures-of-digits';
import { EXPONENT, plainSigns, SIGN, SPACE, TEN_POWER, TIMES } from './number-signs';
import { EXPONENT_LIMIT, NUMERAL_LIMIT, type Numeral, type NumeralForm, type NumeralOutcome } from './numeral';
import { decimal, ONE, type Rational, rational, tenTo } from './rational';
import { fromSuperscript } from './superscript';
import { VULGAR, VULGAR_SIGNS } from './vulgar';

const POWER = new RegExp(`^(${SIGN}?)(${TEN_POWER})$`);
const PI = new RegExp(`^(${SIGN}?)(\\d*)[${SPACE}]?(?:pi|π)(?:/(\\d+))?$`, 'i');
const FRACTION = new RegExp(`^(${SIGN}?)(?:(\\d+)[${SPACE}]+)?(\\d+)[${SPACE}]?[/⁄][${SPACE}]?(\\d+)$`);
const VULGAR_FORM = new RegExp(`^(${SIGN}?)(\\d*)[${SPACE}]?([${VULGAR_SIGNS}])$`);
const MANTISSA = new RegExp(`^(${SIGN}?)([\\d.,${SPACE}]*)`);
const EXPONENT_E = new RegExp(`^${EXPONENT}$`);
const EXPONENT_TEN = new RegExp(`^[${SPACE}]*${TIMES}[${SPACE}]*(${TEN_POWER})$`);

/**
 * Reads one number in any of the writings a student uses (contract, "numeral"), keeping its figures.
 * @param text what was typed; spaces round it do not matter.
 * @returns the numeral, or a fault with code `empty`, `not-a-number`, `two-points`, `comma-unclear`,
 *   `spacing`, `exponent`, `zero-below` or `too-large`, and its place in `text`.
 */
export function parseNumeral(text: string): NumeralOutcome {
	const known = memory.get(text);
	if (known) return known;
	const read = readNumeral(text);
	if (memory.size >= MEMORY_LIMIT) memory.clear();
	if (text.length <= REMEMBERED) memory.set(text, read);
	return read;
}

/** Numerals come again and again (1, 60, the start of a line drawn anew), so those read are remembered. */
const MEMORY_LIMIT = 4000;
const REMEMBERED = 40;
const memory = new Map<string, NumeralOutcome>();

function readNumeral(text: string): NumeralOutcome {
	const typed = plainSigns(text.trim());
	const from = text.length - text.trimStart().length;
	const whole: Span = [from, from + typed.length];
	if (typed === '') return bad('empty', 'Write a number first.', [0, text.length]);
	if (text.length > NUMERAL_LIMIT)
		return bad('too-large', `A number here can have up to ${NUMERAL_LIMIT} characters; this one is longer.`, whole);

	const power = POWER.exec(typed);
	if (power) return powerNumeral(typed, isMinus(power[1]), exponentOf(power[2] as string), whole);
	const pi = PI.exec(typed);
	if (pi)
		return fractionNumeral(typed, { sign: pi[1], whole: null, top: pi[2] || '1', bottom: pi[3] ?? '1' }, 1, whole);
	const vulgar = VULGAR_FORM.exec(typed);
	if (vulgar) {
		const [top, bottom] = VULGAR[vulgar[3] as string] as readonly [string, string];
		return fractionNumeral(typed, { sign: vulgar[1], whole: vulgar[2] || null, top, bottom }, 0, whole);
	}
	const fraction = FRACTION.exec(typed);
	if (fraction)
		return fractionNumeral(
			typed,
			{ sign: fraction[1], whole: fraction[2] ?? null, top: fraction[3] as string, bottom: fraction[4] as string },
			0,
			whole,
		);
	return decimalNumeral(typed, from);
}

function isMinus(sign: string | undefined): boolean {
	return sign === '-' || sign === '−';
}

/** The whole power in "^-3", "^(-3)", "10⁻³" or "e-3"; its size is judged by the caller. */
function exponentOf(text: string): number {
	const raised = text
		.trim()
		.replace(/^(?:10|[eE])/, '')
		.replace(/[\s^()]/g, '');
	return Number(fromSuperscript(raised).replace('−', '-'));
}

function tooLarge(at: Span) {
	return bad('too-large', `Powers of ten here go up to ${EXPONENT_LIMIT}; this one is larger.`, at);
}

function powerNumeral(text: string, negative: boolean, exponent: number, at: Span): NumeralOutcome {
	if (Math.abs(exponent) > EXPONENT_LIMIT) return tooLarge(at);
	const size = tenTo(exponent);
	return good(exactNumeral(text, negative ? size.neg() : size, 0, { kind: 'power', negative, exponent }));
}

type FractionParts = {
	readonly sign: string | undefined;
	readonly whole: string | null;
	readonly top: string;
	readonly bottom: string;
};

function fractionNumeral(text: string, parts: FractionParts, pi: number, at: Span): NumeralOutcome {
	if (BigInt(parts.bottom) === 0n)
		return bad('zero-below', 'Nothing can be divided by zero: the bottom of this fraction is 0.', at);
	const size = rational(BigInt(parts.top), BigInt(parts.bottom)).add(rational(BigInt(parts.whole ?? 0)));
	const negative = isMinus(parts.sign);
	const form: NumeralForm = pi
		? { kind: 'pi', negative, times: parts.top, over: parts.bottom }
		: { kind: 'fraction', negative, whole: parts.whole, top: parts.top, bottom: parts.bottom };
	return good(exactNumeral(text, negative ? size.neg() : size, size.sign === 0 ? 0 : pi, form));
}

function exactNumeral(text: string, value: Rational, pi: number, form: NumeralForm): Numeral {
	return { text, value, pi, significant: null, atMost: null, ambiguous: false, lastPlace: null, form };
}

function decimalNumeral(typed: string, from: number): NumeralOutcome {
	const head = MANTISSA.exec(typed) as RegExpExecArray;
	const start = from + (head[1] as string).length;
	const written = (head[2] as string).replace(new RegExp(`[${SPACE}]+$`), '');
	const tail = typed.slice((head[1] as string).length + written.length);
	const end = start + written.length;
	const tailAt: Span = [end, from + typed.length];

	const grouping = digitsOf(written, start);
	if (!grouping.ok) return grouping;
	const { digits, comma } = grouping.value;

	let exponent: number | null = null;
	if (tail !== '') {
		const match = EXPONENT_TEN.exec(tail)?.[1] ?? EXPONENT_E.exec(tail)?.[0];
		if (match === undefined) return tailFault(tail, typed, written, from, tailAt);
		exponent = exponentOf(match);
		if (Math.abs(exponent) > EXPONENT_LIMIT) return tooLarge(tailAt);
	}
	if (!/\d/.test(digits)) return bad('not-a-number', `“${typed}” has no digits in it.`, [from, from + typed.length]);
	const figures = figuresOfDigits(digits, exponent ?? 0);
	const negative = isMinus(head[1]);
	const point = digits.indexOf('.');
	const after = point < 0 ? 0 : digits.length - point - 1;
	const size = decimal(BigInt(digits.replace('.', '')), (exponent ?? 0) - after);
	return good({
		text: typed,
		value: negative ? size.neg() : size,
		pi: 0,
		...figures,
		form: { kind: 'decimal', negative, digits, exponent },
		...(comma ? { comma: true as const } : {}),
	});
}

function tailFault(tail: string, typed: string, written: string, from: number, at: Span): NumeralOutcome {
	if (/\d/.test(written) && /^[\s]*([eExX×*·⋅]|10)/.test(tail))
		return bad('exponent', 'The power of ten is not clear. Write it as e3, × 10^3 or × 10³.', at);
	if (/\d/.test(written)) return bad('not-a-number', `I can read “${written}”, but not “${tail.trim()}” after it.`, at);
	return bad('not-a-number', `“${typed}” is not a number I can read.`, [from, from + typed.length]);
}

const SPACES = new RegExp(`[${SPACE}]`);

type Digits = { readonly digits: string; readonly comma: boolean };

/** The digits of a mantissa with the grouping taken out and a point for its decimal mark, or the fault in it. */
function digitsOf(written: string, start: number): Outcome<Digits> {
	const comma = decimalComma(written);
	if (comma) return good({ digits: comma, comma: true });
	const firstPoint = written.indexOf('.');
	const secondPoint = firstPoint < 0 ? -1 : written.indexOf('.', firstPoint + 1);
	if (secondPoint >= 0)
		return bad('two-points', 'A number has only one decimal point. This is a second one.', [
			start + secondPoint,
			start + secondPoint + 1,
		]);
	const head = firstPoint < 0 ? written : written.slice(0, firstPoint);
	const part = firstPoint < 0 ? '' : written.slice(firstPoint + 1);
	const at = written.indexOf(',');
	const space = written.search(SPACES);
	if (at >= 0 && (space >= 0 || part.includes(',') || !groupedByThrees(head, ',')))
		return bad(
			'comma-unclear',
			'The comma could mean two things. Write decimals as 1.25 or 1,25, and group digits in threes (1,250).',
			[start + at, start + at + 1],
		);
	if (space >= 0 && !(spacedHead(head) && spacedPart(part)))
		return bad('spacing', 'Put a space only between groups of three digits, as in 1 250.', [
			start + space,
			start + space + 1,
		]);
	return good({ digits: ungrouped(written).replace(/,/g, ''), comma: false });
}

function ungrouped(written: string): string {
	return written.replace(new RegExp(SPACES, 'g'), '');
}

/**
 * The digits of a mantissa whose one comma can only be its decimal mark, since it cannot group (contract, "numeral"):
 * 1,25 and 0,125 and 1.250,75; null for any other, as 1,250.
 */
function decimalComma(written: string): string | null {
	const [head = '', part, ...more] = written.split(',');
	if (part === undefined || more.length || part.includes('.') || !/\d/.test(written)) return null;
	const byPoints = head.includes('.');
	if (byPoints ? !groupedByThrees(head, '.') || SPACES.test(written) : !spacedHead(head) || !spacedPart(part))
		return null;
	const canGroup = !byPoints && !SPACES.test(written) && groupedByThrees(written, ',');
	return canGroup ? null : `${ungrouped(head).replaceAll('.', '')}.${ungrouped(part)}`;
}

function groupedByThrees(head: string, separator: string): boolean {
	const [first = '', ...rest] = head.split(separator);
	return /^[1-9]\d{0,2}$/.test(first) && rest.every((group) => /^\d{3}$/.test(group));
}

function spacedHead(head: string): boolean {
	const plain = head.replace(new RegExp(SPACES, 'g'), ' ');
	return !plain.includes(' ') || groupedByThrees(plain, ' ');
}

/** After the point the groups count from the point, and the last may be short (SI Brochure 5.4.4). */
function spacedPart(part: string): boolean {
	return !SPACES.test(part) || /^(\d{3} )+\d{1,3}$/.test(part.replace(new RegExp(SPACES, 'g'), ' '));
}

/** The written one of a fact (a bare 1) or a bare power of ten: inside a factor it limits no figures. */
export function isUnitNumber(numeral: Numeral): boolean {
	if (numeral.form.kind === 'power') return !numeral.form.negative;
	return numeral.form.kind === 'decimal' && numeral.form.digits === '1' && numeral.value.equals(ONE);
}
