import type { Start } from '../chain/chain';
import type { Fact } from '../fact/fact';
import { bad, good, type Outcome } from '../numeral/fault';
import { VULGAR_SIGNS } from '../numeral/vulgar';
import type { Quantity } from '../quantity/quantity';
import { parseUnit } from '../unit/parse-unit';
import { beginsWithNumber } from './number-part';
import { readMixedAnswer } from './read-parts';
import { readQuantityText } from './read-quantity-text';

/** What joins the two quantities of a start. */
const SECOND = new RegExp(`\\s+(?:in|over|per)\\s+(?=[-−.\\d${VULGAR_SIGNS}])`, 'iu');

/**
 * A start as it is typed: one quantity, or two with "in", "over" or "per" before the second number ("150 km in
 * 2.5 h").
 */
export function readStartText(text: string): Outcome<Start> {
	const [first = '', second] = text.split(SECOND);
	const top = readQuantityText(first);
	if (!top.ok || second === undefined) return top;
	const bottom = readQuantityText(second);
	return bottom.ok ? good({ top: top.value, bottom: bottom.value }) : bottom;
}

/** One side of a fact; "a crate" and "crate" stand for one of it. */
function factSide(text: string, from: number): Outcome<Quantity> {
	const typed = text.trim().replace(/^(?:an?|each|every|one)\s+/iu, '');
	const start = from + (typed === '' ? 0 : text.indexOf(typed));
	const read = readQuantityText(beginsWithNumber(typed) ? typed : `1 ${typed}`);
	if (!read.ok) return { ok: false, fault: { ...read.fault, at: [start, start + typed.length] } };
	if (read.value.unit === '')
		return bad('empty', 'Write a unit on each side of a fact.', [start, start + typed.length]);
	return read;
}

/** What joins the two sides of a fact, the clearest first; "in" is an inch as well. */
const BETWEEN_SIDES: readonly RegExp[] = [/=/gu, /\s(?:is|to|per|for|in each)(?=\s)/giu, /\sin(?=\s)/giu];

/** A fact cut at a place. */
function factAt(text: string, { index, 0: sign }: RegExpMatchArray): Outcome<Fact> {
	const at = index ?? 0;
	const left = factSide(text.slice(0, at), 0);
	if (!left.ok) return left;
	const after = at + sign.length;
	const right = factSide(text.slice(after), after);
	return right.ok ? good({ left: left.value, right: right.value }) : right;
}

/**
 * A fact as it is typed on one line: "1 bale = 9.5 kg", "12 jars to a crate", "12 in = 1 ft".
 * @returns the fact, or what cannot be read with its place; `shape` where it has no two sides.
 */
export function readFactText(text: string): Outcome<Fact> {
	const cuts = BETWEEN_SIDES.flatMap((sign) => [...text.matchAll(sign)]).map((cut) => factAt(text, cut));
	const [first] = cuts;
	return (
		cuts.find(({ ok }) => ok) ??
		first ??
		bad('shape', 'A fact has two sides, such as 12 jars = 1 crate.', [text.length, text.length])
	);
}

/**
 * A quantity of known units as it is typed, for what is looked up rather than counted: "8.75 ft", "−18 °C".
 * @returns the quantity, or what cannot be read with its place; `unknown-unit` for a word that is no unit.
 */
export function readKnownQuantityText(text: string): Outcome<Quantity> {
	const read = readQuantityText(text);
	if (!read.ok) return read;
	const { unit } = read.value;
	const known = parseUnit(unit);
	if (known.ok) return read;
	const from = text.trimEnd().length - unit.length;
	const [a, b] = known.fault.at ?? [0, unit.length];
	return { ok: false, fault: { ...known.fault, at: [from + a, from + b] } };
}

/**
 * One quantity, or several side by side that make one ("8 ft 9 in"), of known units.
 * @returns the parts in the order they are typed, or what cannot be read with its place.
 */
export function readPartsText(text: string): Outcome<readonly Quantity[]> {
	const typed = readMixedAnswer(text);
	if (!typed.ok) return typed;
	const parts: Quantity[] = [];
	for (const {
		at: [from, to],
	} of typed.value) {
		const part = readKnownQuantityText(text.slice(from, to));
		if (!part.ok) {
			const [a, b] = part.fault.at ?? [0, to - from];
			return { ok: false, fault: { ...part.fault, at: [from + a, from + b] } };
		}
		parts.push(part.value);
	}
	return good(parts);
}
