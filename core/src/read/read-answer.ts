import { bad, good, type Outcome, type Span } from '../numeral/fault';
import type { Numeral } from '../numeral/numeral';
import { parseNumeral } from '../numeral/parse-numeral';
import type { Quantity } from '../quantity/quantity';
import type { Unit } from '../unit/unit';
import { numberPart } from './number-part';
import { unitMeant } from './unit-meant';

/** An answer as written: its number and its unit, either of which may be missing. */
export type Answer = {
	readonly number: Numeral | null;
	readonly unit: Unit | null;
	readonly unitAt: Span;
	/** Both in a writing that reads so by itself. */
	readonly written: Quantity;
};

/** The most characters an answer may have. */
export const ANSWER_LIMIT = 1000;

/** Optional text before an answer: a name and =, a sign or a word for "about", "is". */
const BEFORE = [
	/^\s*(?:\p{L}[\p{L}\d_'’ ]*?\s*)?[=≈≃≅∼~]\s*/u,
	/^\s*(?:(?:it|that|this|(?:the|my)\s+answer|answer|result)\s+)?(?:is|are|comes\s+to)\s+/iu,
	/^\s*(?:about|approximately|approx\.?|roughly|around|circa|ca\.)\s+/iu,
	/^\s*(?:the\s+)?(?:ans(?:\.|wer)?|result)\s*:\s*/iu,
	/^\s*ans\.\s*/iu,
];

const ROUNDED =
	'\\d{1,2}\\s*(?:s\\.?\\s?f\\.?|d\\.?\\s?p\\.?|sig\\.?\\s?figs?\\.?|significant\\s+figures?|decimal\\s+places?)';
/** Optional text after an answer, saying how it is rounded: (3 s.f.), to 2 decimal places. */
const BEHIND = new RegExp(`(?:\\s*\\(\\s*(?:to\\s+)?${ROUNDED}\\s*\\)|[,;]?\\s+to\\s+${ROUNDED})\\s*$`, 'iu');
const MAY_BE_BEHIND = /\d\s*[sd]\D*$/iu;

/** Where an answer ends, before the optional text after it. */
export function endOf(text: string): number {
	const behind = MAY_BE_BEHIND.test(text) ? BEHIND.exec(text) : null;
	return behind?.index ? behind.index : text.trimEnd().length;
}

/** Where an answer begins, after the optional text before it. */
export function beginningOf(text: string): number {
	let from = 0;
	for (let again = !/^[\d.(]/.test(text); again; ) {
		again = false;
		for (const before of BEFORE) {
			const length = before.exec(text.slice(from))?.[0].length ?? 0;
			from += length;
			again ||= length > 0;
		}
	}
	return from;
}

/** Where the bracket that a text begins with is closed; -1 where it is not. */
function closing(text: string): number {
	let depth = 0;
	for (const [i, sign] of [...text].entries()) {
		if (sign === '(') depth += 1;
		else if (sign === ')') depth -= 1;
		if (depth === 0) return i;
	}
	return -1;
}

/** The answer itself: without the optional text before it, space, and brackets round all of it. */
function coreOf(text: string): Span {
	let [from, to] = [beginningOf(text), endOf(text)];
	for (;;) {
		from += text.slice(from, to).length - text.slice(from, to).trimStart().length;
		const inner = text.slice(from, to);
		if (!inner.startsWith('(') || closing(inner) !== inner.length - 1) return [Math.min(from, to), to];
		[from, to] = [from + 1, from + inner.slice(0, -1).trimEnd().length];
	}
}

const DECIMAL = '(?:\\d[\\d,]*(?:\\.\\d*)?|\\.\\d+)';
/** A number over a number, one of them at least with a point; a plain fraction is a numeral by itself. */
const QUOTIENT = new RegExp(`^([-−–+]?\\s*${DECIMAL})\\s*[/÷∕⁄]\\s*(${DECIMAL})(?![\\d^]|\\s*1/)`, 'u');

/** One number over another as a numeral, exact as written; null where it cannot be. */
function quotientOf(text: string, above: Numeral, below: Numeral): Numeral | null {
	if (below.value.sign === 0) return null;
	const value = above.value.div(below.value);
	const [top, bottom] = [above, below].map(({ text: digits }) => digits.replace(/^[-−+]\s*/, ''));
	return {
		text,
		value,
		pi: above.pi - below.pi,
		significant: null,
		atMost: null,
		ambiguous: false,
		lastPlace: null,
		form: { kind: 'fraction', negative: value.sign < 0, whole: null, top: top as string, bottom: bottom as string },
	};
}

type Head = { readonly number: Outcome<Numeral> | null; readonly length: number };

/** The number a piece begins with, in brackets or not, and how long it is. */
function headOf(piece: string): Head {
	const close = piece.startsWith('(') ? closing(piece) : -1;
	if (close > 0) {
		const inner = piece.slice(1, close);
		const { number, length } = headOf(inner.trim());
		if (number?.ok && length === inner.trim().length) return { number, length: close + 1 };
	}
	const quotient = QUOTIENT.exec(piece);
	if (quotient && /[.÷]/.test(quotient[0])) {
		const [above, below] = [quotient[1], quotient[2]].map((side) => parseNumeral((side as string).replace(/\s/g, '')));
		const number = above?.ok && below?.ok ? quotientOf(quotient[0], above.value, below.value) : null;
		if (number) return { number: good(number), length: quotient[0].length };
	}
	const written = numberPart(piece);
	return { number: written.trim() === '' ? null : parseNumeral(written), length: written.length };
}

/** A sign of money before its number: £4.20. */
const MONEY = /^([-−–]?)\s*([$€£¥])\s*(?=[\d.])/u;

/** A quantity over a quantity: 7 in / 2.54, 5.0 g ÷ 2 mL. */
const OVER = /\s*[/÷∕⁄]\s*(?=[\d.(])/gu;

function overQuantity(text: string, [from, to]: Span, wanted: readonly Unit[]): Outcome<Answer> | null {
	for (const { index, 0: sign } of text.slice(from, to).matchAll(OVER)) {
		if (index === 0) continue;
		const above = readAnswer(text.slice(from, from + index));
		const below = readAnswer(text.slice(from + index + sign.length, to));
		if (!above.ok || !below.ok || !above.value.number || !below.value.number) continue;
		const number = quotientOf(text.slice(from, to), above.value.number, below.value.number);
		if (!number) continue;
		const [top, bottom] = [above.value.written.unit, below.value.written.unit];
		const unitText = bottom === '' ? top : `(${top || '1'})/(${bottom})`;
		const unit = unitText === '' ? null : unitMeant(unitText, wanted);
		if (unit && !unit.ok) continue;
		const written = { number: text.slice(from, to), unit: unit?.value.text ?? '' };
		return good({ number, unit: unit?.value.unit ?? null, unitAt: [from + above.value.unitAt[0], to], written });
	}
	return null;
}

/**
 * Splits an answer into number and unit and reads both, in any writing a reader of homework takes without a word
 * (contract, "check", Writings). Unknown words of the unit are taken for counted things; whether the exercise knows them
 * is for the check to say.
 * @param wanted the units it may be of the kind of; a writing that can be read in two ways is read as one of these.
 * @returns the answer, or a fault of the number or of the unit with its place in the whole text.
 */
export function readAnswer(text: string, wanted: readonly Unit[] = []): Outcome<Answer> {
	if (text.length > ANSWER_LIMIT)
		return bad('too-large', `An answer here can have up to ${ANSWER_LIMIT} characters.`, [0, text.length]);
	const core = coreOf(text);
	const [from, to] = core;
	const piece = text.slice(from, to);
	const money = MONEY.exec(piece);
	if (money) return readMoney(text, core, money, wanted);
	const { number, length } = headOf(piece);
	const placed = (at: Span): Span => [from + at[0], from + at[1]];
	if (number && !number.ok)
		return { ok: false, fault: { ...number.fault, at: placed(number.fault.at ?? [0, length]) } };
	const rest = piece.slice(length);
	const unitText = rest.trim().replace(/(?<=[^\d\s])\s*[.!]$|(?<=\^-?\d)\.$/u, '');
	const unitFrom = from + length + (rest.length - rest.trimStart().length);
	const unitAt: Span = [unitFrom, unitFrom + unitText.length];
	const digits = number ? piece.slice(0, length).trim() : '';
	if (unitText === '')
		return good({ number: number?.value ?? null, unit: null, unitAt, written: { number: digits, unit: '' } });
	const unit = unitMeant(unitText, wanted);
	if (!unit.ok) {
		const over = number ? overQuantity(text, core, wanted) : null;
		if (over) return over;
		const at = unit.fault.at ?? [0, unitText.length];
		return { ok: false, fault: { ...unit.fault, at: [unitFrom + at[0], unitFrom + at[1]] } };
	}
	const written = { number: digits, unit: unit.value.text };
	return good({ number: number?.value ?? null, unit: unit.value.unit, unitAt, written });
}

/** An amount with the sign of money in front, read as if the sign came after: £4.20/kg is 4.20 £/kg. */
function readMoney(text: string, [from, to]: Span, money: RegExpExecArray, wanted: readonly Unit[]): Outcome<Answer> {
	const [before, sign = '', currency = ''] = money;
	const rest = text.slice(from + before.length, to);
	const length = numberPart(rest).length;
	const turned = `${sign}${rest.slice(0, length)} ${currency}${rest.slice(length)}`;
	const read = readAnswer(turned, wanted);
	if (!read.ok) return { ok: false, fault: { ...read.fault, at: [from, to] } };
	return good({ ...read.value, unitAt: [from, to] });
}
