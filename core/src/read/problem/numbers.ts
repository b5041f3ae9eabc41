import type { Span } from '../../numeral/fault';
import { parseNumeral } from '../../numeral/parse-numeral';
import { VULGAR_SIGNS } from '../../numeral/vulgar';
import { sameDimension } from '../../unit/dimension';
import { parseUnit } from '../../unit/parse-unit';
import { singular } from '../../unit/singular';
import { hasDecimalComma } from '../as-written';
import type { Found, NumberAt } from './found';
import { withMeantUnits } from './meant-units';
import { frequencies, oftenAt } from './often';
import { roundingSpans } from './rounding';
import { spokenNumbers } from './spoken-numbers';
import { withUnitsOfTable } from './tables';
import { unitNamed } from './unit-kinds';
import { COUNTED, isUnit, JOINS, MONEY, type Word, wordsAfter } from './words';

/** The most quantities one text is read for. */
const NUMBERS_LIMIT = 60;

/** A power of ten; pasted, it may have lost what raised its exponent: 6.0 × 10-3. */
const TEN = `10(?:\\^\\(?[-−]?\\d+\\)?|[⁻]?[⁰¹²³⁴⁵⁶⁷⁸⁹]+|[-−]\\d+)`;

/** What is before a digit that belongs to a unit: cm^3, km h^-1, kg m-3. */
const EXPONENT = '(?<!\\^[-−]?|\\b(?:[kcdm]?m|s|h|min|d?L|mol)[-−])';

/** A number as a text has it. */
const NUMBER = new RegExp(
	`(?<![\\p{L}\\d.,])${EXPONENT}[-−]?(?:` +
		'10(?:\\^\\(?[-−]?\\d+\\)?|⁻?[⁰¹²³⁴⁵⁶⁷⁸⁹]+)|' +
		'\\d+/\\d+(?![\\d/.,])|' +
		`(?:\\d{1,3}(?:[,\\u00a0\\u2009\\u202f ]\\d{3})+|\\d+)(?:\\.\\d+|\\.(?=\\s(?:[kcmµ]?[gLm]|s|h|min|ft|in|lb)(?!\\p{L})))?(?:[eE][-+−]?\\d+|\\s*[×x*]\\s*${TEN})?` +
		`(?:\\s?[${VULGAR_SIGNS}]|\\s\\d+/\\d+(?!\\d))?|` +
		`\\d*[${VULGAR_SIGNS}]|\\.\\d+)`,
	'gu',
);

/** Whether the last word of a run is read for a substance, and the text names it only once: “600 mL last”. */
function isByTheWay(text: string, run: readonly Word[]): boolean {
	const last = run.at(-1);
	if (
		run.length < 2 ||
		!last ||
		!isUnit(
			run
				.slice(0, -1)
				.map((word) => word.text)
				.join(' '),
		)
	)
		return false;
	const read = parseUnit(run.map((word) => word.text).join(' '));
	const isLabel = read.ok && read.value.parts.some(({ label }) => label !== undefined && last.text.startsWith(label));
	return isLabel && text.split(new RegExp(`\\b${last.text.replace(/[^\p{L}]/gu, '')}\\b`, 'iu')).length < 3;
}

/** Whether a unit of two words is two of one kind, as in 250 mL cups: no product. */
function isOfLikeUnits(unit: string): boolean {
	const [first = '', second = '', third] = unit.split(' ');
	const [one, other] = third === undefined && second !== '' ? [unitNamed(first), unitNamed(second)] : [];
	return !!one && !!other && isUnit(second) && sameDimension(one.dimension, other.dimension);
}

/** How many of the words make the unit of the number before them: the longest run that is one. */
function unitLength(text: string, words: readonly Word[], nextIsNumber: (at: number) => boolean): number {
	const joins = words.findIndex(({ text: said, to }, i) => {
		const word = said.toLowerCase();
		if (word === 'per') return false;
		// “in” is an inch right after its number, and a joining word before another one.
		if (word === 'in') return i > 0 || nextIsNumber(to);
		// Behind its number a capital A is the ampere.
		return JOINS.has(word) && !(i === 0 && said === 'A');
	});
	const usable = joins < 0 ? words : words.slice(0, joins);
	for (let count = usable.length; count > 0; count--) {
		const run = usable.slice(0, count);
		// Two units side by side are a product only where one reads them so (kW h), not “m high”.
		const unit = run.map((word) => word.text).join(' ');
		if (isUnit(unit) && !isByTheWay(text, run) && !isOfLikeUnits(unit)) return count;
	}
	return 0;
}

/** The thing named before a number without a unit: nails are sold at 150 per box, seeds come 25 to a packet. */
const TOLD_OF = /\b(\p{L}[\p{Ll}-]+s)\s+(?:are|come|sell)\b(?:\s+\p{Ll}+){0,2}\s+$/u;

function countedAt(text: string, from: number, to: number, number: string): Found {
	const of = TOLD_OF.exec(text.slice(0, from))?.[1]?.toLowerCase();
	const behind = /^\s+(?:(per)\s+(\p{Ll}+)|(?:to|in|for)\b)/u.exec(text.slice(to));
	if (of === undefined || !behind || isUnit(of)) return { at: [from, to], number, unit: '' };
	const below = behind[2];
	const thing = singular(of);
	if (below === undefined) return { at: [from, to], number, unit: thing };
	return { at: [from, to + behind[0].length], number, unit: `${thing}/${isUnit(below) ? below : singular(below)}` };
}

/** The word for a rate in one breath: per jar, an hour. */
const PER = /^\s+(?:of\s+\p{Ll}+\s+(?=per\b))?(per|an?|each|every)\s+([\p{L}³²]+)/iu;

/** The unit a rate in one breath is for, with where it ends; null where none follows. “A” and “an” make a rate only of a time. */
function perAt(text: string, at: number): { readonly below: string; readonly to: number } | null {
	const match = PER.exec(text.slice(at));
	const word = match?.[2] ?? '';
	if (!match || JOINS.has(word.toLowerCase())) return null;
	const to = at + match[0].length;
	const unit = parseUnit(word);
	if (unit.ok && (match[1] === 'per' || sameDimension(unit.value.dimension, { s: 1 }))) return { below: word, to };
	return match[1] === 'per' && COUNTED.test(word) ? { below: singular(word), to } : null;
}

/** A quantity with what it is for one of, where the text says so in one breath: 340 g per jar, 55 miles an hour. */
function withPer(text: string, one: Found): Found {
	if (/\/|\bper\b/u.test(one.unit) || one.unit === '') return one;
	const per = perAt(text, one.at[1]);
	return per ? { at: [one.at[0], per.to], number: one.number, unit: `${one.unit}/${per.below}` } : one;
}

/** A unit of the tables with its substance in braces and its powers above and below a bar: g{salt}, kg/m³. */
function labelled(unit: string): string {
	const read = parseUnit(unit);
	const isPlain = !/\^\(?[-−]|⁻/u.test(unit);
	return read.ok && (!isPlain || read.value.parts.some(({ label }) => label !== undefined)) ? read.value.text : unit;
}

/** A quantity at a number, with the unit that follows it. */
function quantityAt(text: string, numeral: NumberAt): Found | null {
	const { from, to, number } = numeral;
	if (!parseNumeral(number).ok) return null;
	const often = oftenAt(text, numeral);
	if (often) return often;
	const words = wordsAfter(text, to);
	const nextIsNumber = (at: number) => /^\s*[-−]?\d/.test(text.slice(at));
	const count = unitLength(text, words, nextIsNumber);
	if (count > 0) {
		const last = words[count - 1] as Word;
		const unit = words
			.slice(0, count)
			.map((word) => word.text)
			.join(' ');
		return withPer(text, { at: [from, last.to], number, unit: labelled(unit) });
	}
	const [thing, per, of] = words;
	const inOne = /^(\p{Ll}[\p{Ll}-]*)\/(\p{L}+[³²]?)$/u.exec(thing?.text ?? '');
	if (thing && inOne) {
		const below = inOne[2] ?? '';
		return {
			at: [from, thing.to],
			number,
			unit: `${singular(inOne[1] ?? '')}/${isUnit(below) ? below : singular(below)}`,
		};
	}
	if (!thing || !COUNTED.test(thing.text) || JOINS.has(thing.text) || thing.text === 'per')
		return countedAt(text, from, to, number);
	const rate = per?.text === 'per' && of && (isUnit(of.text) || COUNTED.test(of.text));
	const named = (word: string) => MONEY.get(singular(word)) ?? singular(word);
	if (rate) return { at: [from, of.to], number, unit: `${named(thing.text)}/${named(of.text)}` };
	return withPer(text, { at: [from, thing.to], number, unit: named(thing.text) });
}

/** A number that is a name: Bus 17, Flight 212. */
const NAME = /(?<![\p{L}-])(\p{Lu}\p{Ll}+)[ \u00a0]$/u;
/** Words that begin a sentence before a number, and name nothing. */
const IMPERATIVES = new Set(
	'exchange swap convert change express write give find turn put quote rewrite take about from in of at for the is what how round add report state tell reckon compute calculate only some over nearly exactly with to by if all these those'.split(
		' ',
	),
);

/** Whether a number is part of a name, by the word before it. */
function isName(before: string): boolean {
	const word = NAME.exec(before)?.[1] ?? '';
	return word !== '' && !IMPERATIVES.has(word.toLowerCase());
}

/** The number an exercise is listed by, which is no quantity: "7.", "b)", "Problem 3:". */
function listedBy(text: string): readonly Span[] {
	const match =
		/^\s*(?:(?:problem|question|exercise|ex\.?|no\.?|q\.?|#)\s*\d{1,3}\s*[.):–-]?|\(?\d{1,3}[.)])(?=\s)/iu.exec(text);
	return match ? [[0, match[0].length]] : [];
}

/** The unit of a number beside a sign of money: the money, for one of the unit after a bar. */
function paidAt(text: string, { from, to, number }: NumberAt): Found | null {
	const money = /([$€£])\s?$/u.exec(text.slice(0, from));
	const behind = money ? null : /^\s?([$€£])/u.exec(text.slice(to));
	const sign = money?.[1] ?? behind?.[1];
	if (sign === undefined) return null;
	const [at, end] = [money?.index ?? from, to + (behind?.[0].length ?? 0)];
	const per = /^\s?(?:\/\s?|per\s+|an?\s+|each\s+)((?:(?:square|cubic|fluid)\s+)?[\p{L}²³]+)/u.exec(text.slice(end));
	const unit = per?.[1] ?? '';
	const isPer = unit !== '' && (isUnit(unit) || (COUNTED.test(unit) && !JOINS.has(unit)));
	const below = isPer ? (isUnit(unit) ? unit : singular(unit)) : '';
	return { at: [at, end + (isPer && per ? per[0].length : 0)], number, unit: `${sign}${below && `/${below}`}` };
}

/** Times of the clock, dates and what a problem is worth, which are no quantities. */
const NO_QUANTITY =
	/(?<![\d:.])\d{1,2}[:.]\d{2}\s?(?:[ap]\.?m\b\.?|o.clock)|(?<![\d:])[012]?\d:[0-5]\d(?![\d:])|\b(?:[0-3]?\d(?:st|nd|rd|th)?\s+(?:of\s+)?)?(?:January|February|March|April|May|June|July|August|September|October|November|December)\s+\d{1,4}(?:,?\s+\d{4})?|\b[0-3]?\d(?:st|nd|rd|th)?\s+(?:January|February|March|April|May|June|July|August|September|October|November|December)\b|\b(?:in|since|by|of|year|from|until)\s+(?:1[5-9]|20)\d\d(?=[\s,.;]+(?!\p{Ll}+s\b|[kcdmµn]?[gmLlsJWNVK]\b|(?:lbs?|oz|ft|in|mi|yd|h|min|mol|hPa|kPa|Pa)\b)|$)|[[(]\s*\d{1,2}(?:[.,]5)?\s*(?:points?|marks?|pts?)\s*[\])]/giu;

/** A number with a comma for its decimal mark, in a text that has one. */
const WITH_COMMA = /(?<![\p{L}\d.,])[-−]?(?:\d{1,3}(?:[.\u00a0 ]\d{3})+|\d+),\d+(?:\s*[×x]\s*10\^?[-−]?\d+)?/gu;

/** A scale: 1:25 000, 1 to 72. */
export const SCALE =
	/(?<![\d.,:])1\s?:\s?(\d{1,3}(?:[ ,\u00a0\u202f]\d{3})+|\d{2,})(?![\d:])|\bscale\s+(?:of\s+|is\s+)?1\s+(?:to|in)\s+(\d{1,3}(?:[ ,]\d{3})+|\d{2,})/giu;

/** A number as it was meant before it was pasted: 6.0 × 10-3 is 6.0 × 10^-3. */
function unpasted(number: string): string {
	return number.replace(/10([-−]\d+)$/u, '10^$1');
}

/** The numbers of a text, in digits and in words, in reading order. */
function numeralsIn(text: string): readonly NumberAt[] {
	const spoken = spokenNumbers(text).map(({ at: [from, to], number }) => ({ from, to, number }));
	const commas = hasDecimalComma(text)
		? [...text.matchAll(WITH_COMMA)].map(({ 0: number, index }) => ({ from: index, to: index + number.length, number }))
		: [];
	const before = [...spoken, ...frequencies(text), ...commas];
	const digits = [...text.matchAll(NUMBER)].flatMap(({ 0: all, index }) => {
		const number = all.trimEnd();
		const to = index + number.length;
		return before.some((one) => index < one.to && to > one.from) ? [] : [{ from: index, to, number: unpasted(number) }];
	});
	return [...before, ...digits].sort((a, b) => a.from - b.from);
}

/**
 * Every quantity of a text, in reading order, with its unit: “12 jars to a crate” has 12 jar.
 */
export function numbersIn(text: string): readonly Found[] {
	const found: Found[] = [];
	const none = [
		...roundingSpans(text),
		...listedBy(text),
		...[...text.matchAll(NO_QUANTITY)].map(({ 0: all, index }) => [index, index + all.length] as const),
	];
	const scales = [...text.matchAll(SCALE)].map(({ 0: all, index }) => [index, index + all.length] as const);
	const isIn = (spans: readonly Span[], at: number) => spans.some(([from, to]) => at >= from && at < to);
	for (const numeral of numeralsIn(text)) {
		if (found.length === NUMBERS_LIMIT) break;
		const last = found.at(-1);
		if ((last && numeral.from < last.at[1]) || (isIn(none, numeral.from) && !isIn(scales, numeral.from))) continue;
		if (isIn(scales, numeral.from)) {
			const scale = scales.find(([from, to]) => numeral.from >= from && numeral.from < to);
			// Of 1:25 000 the 1 is no number of its own.
			if (numeral.to === scale?.[1]) found.push({ at: [numeral.from, numeral.to], number: numeral.number, unit: '' });
			continue;
		}
		const quantity = paidAt(text, numeral) ?? quantityAt(text, numeral);
		const isSpoken = !/\d/.test(text.slice(numeral.from, numeral.to));
		const isBare =
			quantity !== null && (quantity.unit === '' || (/^\p{Ll}+$/u.test(quantity.unit) && !isUnit(quantity.unit)));
		if (isBare && /^\d{1,4}$/.test(quantity.number) && isName(text.slice(Math.max(0, numeral.from - 30), numeral.from)))
			continue;
		// A number in words without a unit tells of nothing: both of them, the two.
		if (quantity && !(isSpoken && quantity.unit === '')) found.push(quantity);
	}
	return withUnitsOfTable(text, withMeantUnits(text, found));
}
