import { good, type Outcome } from '../numeral/fault';
import { findUnit, symbolsInAnyCase } from '../unit/find-unit';
import { labelsClash, likeUnits } from '../unit/like-units';
import { parseUnit } from '../unit/parse-unit';
import type { Unit } from '../unit/unit';

/** A unit as it is meant, and a writing of it that reads so by itself. */
export type UnitMeant = { readonly unit: Unit; readonly text: string };

/** The most readings that are tried of one writing. */
const READINGS_LIMIT = 120;
const WORD = /[\p{L}µ°]+/gu;

function isTemperature({ plainKind }: Unit): boolean {
	return plainKind === 'K1';
}

/** A word of two symbols run together, in each way it may be cut: Nm is N·m. */
function cuts(word: string): readonly string[] {
	if (word.length < 2 || word.length > 6) return [];
	return Array.from({ length: word.length - 1 }, (_, i) => [word.slice(0, i + 1), word.slice(i + 1)] as const)
		.filter((pair) => pair.every((symbol) => findUnit(symbol)))
		.map((pair) => `(${pair.join('·')})`);
}

/**
 * The symbols a word in other capitals may be. One that is a unit of its own (M, Gal, Qt) is that unit, and the check asks
 * about it; only long words with a prefix nobody means are read on (Mph is no megaphot), and two capitals of a unit with a
 * prefix, which are as one writes who writes in capitals (MG for mg).
 */
function inOtherCase(word: string): readonly string[] {
	const own = findUnit(word);
	const shouted = own?.prefix !== undefined && /^\p{Lu}{2}$/u.test(word);
	if (own && !shouted && !(own.prefix && word.length > 2)) return [];
	const others = symbolsInAnyCase(word).filter((symbol) => symbol !== word);
	return shouted
		? others.filter((symbol) => symbol === word.toLowerCase())
		: others.filter((symbol) => !(own && findUnit(symbol)?.prefix));
}

/** The words one may have written this for: other capitals, a temperature without its ring, symbols run together. */
function wordsFor(word: string, wanted: readonly Unit[]): readonly string[] {
	const scale = wanted.some(isTemperature) && /^[cf]°?$/i.test(word) ? [`°${(word[0] as string).toUpperCase()}`] : [];
	const plural = /^\p{L}{2,}s$/iu.test(word) ? word.slice(0, -1) : null;
	const one = plural === null ? [] : [...(findUnit(plural) ? [plural] : []), ...inOtherCase(plural)];
	return [word, ...scale, ...inOtherCase(word), ...one, ...cuts(word)];
}

/** A text with each of its words in each of its readings. */
function withWords(text: string, wanted: readonly Unit[]): readonly string[] {
	let made: readonly string[] = [''];
	let from = 0;
	for (const { 0: word, index } of text.matchAll(WORD)) {
		const between = text.slice(from, index);
		const words = wordsFor(word, wanted);
		made = made.flatMap((start) => words.map((one) => start + between + one)).slice(0, READINGS_LIMIT);
		from = index + word.length;
	}
	const rest = text.slice(from);
	return made.map((start) => start + rest);
}

/** How a whole unit may have been meant otherwise than the rules read it; each is a row. */
const WRITINGS: readonly ((text: string) => string | null)[] = [
	// 85 drops a minute, 3 jars each day.
	(text) => (/\s(?:an?|each|every)\s/i.test(text) ? text.replace(/\s+(?:an?|each|every)\s+/gi, ' per ') : null),
	// A textbook's slash: J/g·°C has both below.
	(text) => {
		const slash = text.search(/[/÷∕]/);
		const below = text.slice(slash + 1);
		return slash < 0 || /[/÷∕()]/.test(below) || /^\s*[\p{L}µ]+\s*$/u.test(below)
			? null
			: `${text.slice(0, slash)}/(${below})`;
	},
	// All in capitals: FT/S.
	(text) => (/^[^\p{Ll}]*$/u.test(text) && /\p{Lu}.*\p{Lu}.*\p{Lu}/u.test(text) ? text.toLowerCase() : null),
	// True primes for feet and inches.
	(text) => (/[′″]/.test(text) ? text.replaceAll('′', "'").replaceAll('″', '"') : null),
	// 5.67 kilos.
	(text) => (/\bkilos?\b/i.test(text) ? text.replace(/\bkilos?\b/gi, 'kg') : null),
	// A symbol of two words: mm Hg.
	(text) => (/\p{L} \p{L}/u.test(text) ? text.replace(/(\p{L}) (?=\p{L})/gu, '$1') : null),
];

/** Whether a unit is of the kind of one that is wanted, in words that are known there. */
function suits(unit: Unit, wanted: readonly Unit[]): boolean {
	return wanted.some(
		(one) =>
			likeUnits(unit, one) && !labelsClash(unit, one) && unit.counted.every((word) => one.counted.includes(word)),
	);
}

/**
 * A unit as it is meant beside what is wanted: as it is written where that is of its kind, else the first other reading
 * that is ("J/g·°C", "25.0 C", "12.5 Nm", "38 Mph"). Without anything wanted, as it is written.
 * @returns the unit, or what it is as written where no reading is of the kind.
 */
export function unitMeant(text: string, wanted: readonly Unit[]): Outcome<UnitMeant> {
	const read = parseUnit(text, { counted: true });
	if (read.ok && (!wanted.length || suits(read.value, wanted))) return good({ unit: read.value, text });
	if (wanted.length && text.length <= 80) {
		const written = [text, ...WRITINGS.flatMap((write) => write(text) ?? [])];
		for (const one of written.flatMap((each) => withWords(each, wanted))) {
			const other = parseUnit(one, { counted: true });
			if (other.ok && suits(other.value, wanted)) return good({ unit: other.value, text: one });
		}
	}
	return read.ok ? good({ unit: read.value, text }) : read;
}

/** The units a word is in other capitals that are of the kind wanted: Gal is the galileo, gal may be meant. */
export function otherCapitals(text: string, wanted: Unit): readonly string[] {
	return symbolsInAnyCase(text.trim()).filter((symbol) => {
		const unit = parseUnit(symbol);
		return symbol !== text.trim() && unit.ok && likeUnits(unit.value, wanted);
	});
}
