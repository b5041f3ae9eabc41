import type { Span } from '../../numeral/fault';
import { parseNumeral } from '../../numeral/parse-numeral';
import { VULGAR_SIGNS } from '../../numeral/vulgar';
import type { Quantity } from '../../quantity/quantity';
import { parseUnit } from '../../unit/parse-unit';
import { singular } from '../../unit/singular';
import type { Unit } from '../../unit/unit';
import { COUNTED, isUnit, JOINS, type Word, wordsAfter } from './words';

/** A quantity found in a text, before it is told what it is there for. */
export type Found = Quantity & { readonly at: Span };

/** The most quantities one text is read for. */
const NUMBERS_LIMIT = 60;

const TEN = `10(?:\\^\\(?[-−]?\\d+\\)?|[⁻]?[⁰¹²³⁴⁵⁶⁷⁸⁹]+)`;

/** A number as it stands in a text. */
const NUMBER = new RegExp(
	'(?<![\\p{L}\\d.,])[-−]?(?:' +
		'10\\^\\(?[-−]?\\d+\\)?|' +
		`(?:\\d{1,3}(?:[,\\u00a0\\u2009\\u202f ]\\d{3})+|\\d+)(?:\\.\\d+)?(?:[eE][-+−]?\\d+|\\s*[×x*]\\s*${TEN})?` +
		`(?:\\s?[${VULGAR_SIGNS}]|\\s\\d+/\\d+(?!\\d))?|` +
		`\\d*[${VULGAR_SIGNS}]|\\.\\d+)`,
	'gu',
);

/** How many of the words make the unit of the number before them: the longest run that is one. */
function unitLength(words: readonly Word[], nextIsNumber: (at: number) => boolean): number {
	const joins = words.findIndex(({ text, to }, i) => {
		const word = text.toLowerCase();
		if (word === 'per') return false;
		// “in” is an inch right after its number, and a joining word before another one.
		if (word === 'in') return i > 0 || nextIsNumber(to);
		return JOINS.has(word);
	});
	const usable = joins < 0 ? words : words.slice(0, joins);
	for (let count = usable.length; count > 0; count--) {
		const run = usable.slice(0, count);
		// Two units side by side are a product only where one reads them so (kW h), not “m high”.
		if (isUnit(run.map(({ text }) => text).join(' '))) return count;
	}
	return 0;
}

/** A quantity at a number, with the unit that follows it. */
function quantityAt(text: string, from: number, to: number): Found | null {
	const number = text.slice(from, to);
	if (!parseNumeral(number).ok) return null;
	const words = wordsAfter(text, to);
	const nextIsNumber = (at: number) => /^\s*[-−]?\d/.test(text.slice(at));
	const count = unitLength(words, nextIsNumber);
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
	if (!thing || !COUNTED.test(thing.text) || JOINS.has(thing.text)) return { at: [from, to], number, unit: '' };
	const rate = per?.text === 'per' && of && (isUnit(of.text) || COUNTED.test(of.text));
	if (rate) return { at: [from, of.to], number, unit: `${singular(thing.text)}/${singular(of.text)}` };
	return { at: [from, thing.to], number, unit: singular(thing.text) };
}

/**
 * Every quantity of a text, in reading order, with its unit: “12 jars to a crate” has 12 jar.
 */
export function numbersIn(text: string): readonly Found[] {
	const found: Found[] = [];
	for (const match of text.matchAll(NUMBER)) {
		if (found.length === NUMBERS_LIMIT) break;
		const last = found.at(-1);
		if (last && match.index < last.at[1]) continue;
		const trimmed = match[0].trimEnd();
		const quantity = quantityAt(text, match.index, match.index + trimmed.length);
		if (quantity) found.push(quantity);
	}
	return found;
}

/** The unit of a quantity, its words taken for counted things where no table knows them. */
export function unitOf({ unit }: Quantity): Unit | null {
	const read = parseUnit(unit, { counted: true });
	return read.ok ? read.value : null;
}
