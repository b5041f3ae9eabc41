import type { Span } from '../../numeral/fault';
import { parseNumeral } from '../../numeral/parse-numeral';
import { VULGAR_SIGNS } from '../../numeral/vulgar';
import type { Quantity } from '../../quantity/quantity';
import { parseUnit } from '../../unit/parse-unit';
import { singular } from '../../unit/singular';
import type { Unit } from '../../unit/unit';
import { roundingSpans } from './rounding';
import { COUNTED, isUnit, JOINS, MONEY, type Word, wordsAfter } from './words';

/** A quantity found in a text, before it is told what it is there for. */
export type Found = Quantity & { readonly at: Span };

/** The most quantities one text is read for. */
const NUMBERS_LIMIT = 60;

const TEN = `10(?:\\^\\(?[-−]?\\d+\\)?|[⁻]?[⁰¹²³⁴⁵⁶⁷⁸⁹]+)`;

/** A number as it stands in a text. */
const NUMBER = new RegExp(
	'(?<![\\p{L}\\d.,])[-−]?(?:' +
		'10\\^\\(?[-−]?\\d+\\)?|' +
		'\\d+/\\d+(?![\\d/.,])|' +
		`(?:\\d{1,3}(?:[,\\u00a0\\u2009\\u202f ]\\d{3})+|\\d+)(?:\\.\\d+)?(?:[eE][-+−]?\\d+|\\s*[×x*]\\s*${TEN})?` +
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

/** How many of the words make the unit of the number before them: the longest run that is one. */
function unitLength(text: string, words: readonly Word[], nextIsNumber: (at: number) => boolean): number {
	const joins = words.findIndex(({ text: said, to }, i) => {
		const word = said.toLowerCase();
		if (word === 'per') return false;
		// “in” is an inch right after its number, and a joining word before another one.
		if (word === 'in') return i > 0 || nextIsNumber(to);
		return JOINS.has(word);
	});
	const usable = joins < 0 ? words : words.slice(0, joins);
	for (let count = usable.length; count > 0; count--) {
		const run = usable.slice(0, count);
		// Two units side by side are a product only where one reads them so (kW h), not “m high”.
		if (isUnit(run.map((word) => word.text).join(' ')) && !isByTheWay(text, run)) return count;
	}
	return 0;
}

/** What is told of before a number that has no unit of its own: nails are sold at 150 per box, seeds come 25 to a packet. */
const TOLD_OF = /\b(\p{L}[\p{Ll}-]+s)\s+(?:are|come|sell)\b(?:\s+\p{Ll}+){0,2}\s+$/u;

function countedAt(text: string, from: number, to: number): Found {
	const number = text.slice(from, to);
	const of = TOLD_OF.exec(text.slice(0, from))?.[1]?.toLowerCase();
	const behind = /^\s+(?:(per)\s+(\p{Ll}+)|(?:to|in|for)\b)/u.exec(text.slice(to));
	if (of === undefined || !behind || isUnit(of)) return { at: [from, to], number, unit: '' };
	const below = behind[2];
	const thing = singular(of);
	if (below === undefined) return { at: [from, to], number, unit: thing };
	return { at: [from, to + behind[0].length], number, unit: `${thing}/${isUnit(below) ? below : singular(below)}` };
}

/** A quantity at a number, with the unit that follows it. */
function quantityAt(text: string, from: number, to: number): Found | null {
	const number = text.slice(from, to);
	if (!parseNumeral(number).ok) return null;
	const words = wordsAfter(text, to);
	const nextIsNumber = (at: number) => /^\s*[-−]?\d/.test(text.slice(at));
	const count = unitLength(text, words, nextIsNumber);
	if (count > 0) {
		const last = words[count - 1] as Word;
		return {
			at: [from, last.to],
			number,
			unit: words
				.slice(0, count)
				.map((word) => word.text)
				.join(' '),
		};
	}
	const [thing, per, of] = words;
	const inOne = /^(\p{Ll}[\p{Ll}-]*)\/(\p{Ll}+)$/u.exec(thing?.text ?? '');
	if (thing && inOne) {
		const below = inOne[2] ?? '';
		return {
			at: [from, thing.to],
			number,
			unit: `${singular(inOne[1] ?? '')}/${isUnit(below) ? below : singular(below)}`,
		};
	}
	if (!thing || !COUNTED.test(thing.text) || JOINS.has(thing.text) || thing.text === 'per')
		return countedAt(text, from, to);
	const rate = per?.text === 'per' && of && (isUnit(of.text) || COUNTED.test(of.text));
	const named = (word: string) => MONEY.get(singular(word)) ?? singular(word);
	if (rate) return { at: [from, of.to], number, unit: `${named(thing.text)}/${named(of.text)}` };
	return { at: [from, thing.to], number, unit: named(thing.text) };
}

/** The number an exercise is listed by, which is no quantity: "7.", "b)", "Problem 3:". */
function listedBy(text: string): readonly Span[] {
	const match =
		/^\s*(?:(?:problem|question|exercise|ex\.?|no\.?|q\.?|#)\s*\d{1,3}\s*[.):–-]?|\(?\d{1,3}[.)])(?=\s)/iu.exec(text);
	return match ? [[0, match[0].length]] : [];
}

/** What a sign of money before a number says: so much of it, for one of what stands behind a bar. */
function paidAt(text: string, from: number, to: number): Found | null {
	const money = /([$€£])\s?$/u.exec(text.slice(0, from));
	if (!money) {
		const behind = /^\s?([$€£])/u.exec(text.slice(to));
		const unit = behind?.[1];
		return behind && unit ? { at: [from, to + behind[0].length], number: text.slice(from, to), unit } : null;
	}
	const per = /^\s?(?:\/\s?|per\s+|a\s+|each\s+)([\p{L}²³]+)/u.exec(text.slice(to));
	const unit = per?.[1] ?? '';
	const isPer = unit !== '' && (isUnit(unit) || (COUNTED.test(unit) && !JOINS.has(unit)));
	const below = isPer ? (isUnit(unit) ? unit : singular(unit)) : '';
	return {
		at: [money.index, to + (isPer && per ? per[0].length : 0)],
		number: text.slice(from, to),
		unit: `${money[1]}${below && `/${below}`}`,
	};
}

/** The first end of a range that leaves its unit to the other: 34–39 °F, 50 to 68 °F. */
function withSharedUnit(text: string, found: readonly Found[]): readonly Found[] {
	return found.map((one, i) => {
		const next = found[i + 1];
		const between = next ? text.slice(one.at[1], next.at[0]) : '';
		return one.unit === '' && next && /^\s*(?:[–—-]|to|and)\s*$/u.test(between) && next.unit !== ''
			? { ...one, unit: next.unit }
			: one;
	});
}

/**
 * Every quantity of a text, in reading order, with its unit: “12 jars to a crate” has 12 jar.
 */
export function numbersIn(text: string): readonly Found[] {
	const found: Found[] = [];
	const none = [...roundingSpans(text), ...listedBy(text)];
	for (const match of text.matchAll(NUMBER)) {
		if (found.length === NUMBERS_LIMIT) break;
		const last = found.at(-1);
		if (last && match.index < last.at[1]) continue;
		if (none.some(([from, to]) => match.index >= from && match.index < to)) continue;
		const trimmed = match[0].trimEnd();
		const end = match.index + trimmed.length;
		const quantity = paidAt(text, match.index, end) ?? quantityAt(text, match.index, end);
		if (quantity) found.push(quantity);
	}
	return withSharedUnit(text, found);
}

/** The unit of a quantity, its words taken for counted things where no table knows them. */
export function unitOf({ unit }: Quantity): Unit | null {
	const read = parseUnit(unit, { counted: true });
	return read.ok ? read.value : null;
}
