import type { Fact } from '../../fact/fact';
import type { Quantity } from '../../quantity/quantity';
import { sameDimension } from '../../unit/dimension';
import { singular } from '../../unit/singular';
import { type Found, unitOf } from './numbers';
import { isUnit, JOINS, VERBS } from './words';

/** What may stand between the two halves of a fact: "for each", "to a", "of honey in", "is", "=". */
const LINKS =
	/^\s*(?:of\s+(?:(?!and\b)[\p{L}-]+\s+){1,3})?(?:=|\/|is|are|equals?|makes?|for|to|in|per|at|goes? into|go into|holds?|contains?|gives?|weighs?|has|have|each|every|in every|for every)\s*(?:about|only)?\s*(?:each|every|one|a|an)?\s*$/iu;

/** Two quantities joined by one word that does something: "1 mol of gas fills 24.1 L". */
const DOES = /^\s*(?:of\s+[\p{L}-]+\s+)?(\p{Ll}{3,})\s*(?:about|only)?\s*$/u;

/** A fact whose other half is one thing without a number: "12 jars to a crate", "2 seeds in each cell". */
const ONE_OF =
	/^\s*(?:of\s+(?:[\p{L}-]+\s+){1,3})?(?:(?:to|in|for|on|per|with|at)\s+)?(a|an|each|every|one)\s+([\p{L}³²/]+)/iu;

/** One thing that holds a quantity: "each jar holds 454 g", "one crate has 12 jars". */
const ONE_HOLDS =
	/\b(each|every|one|an?|the)\s+([\p{L}-]+)\s+(?:of\s+[\p{L}-]+\s+)?(?:holds?|has|contains?|weighs?|takes?|gives?|is|needs?|makes?)\s*(?:about\s*)?$/iu;

/** What is done in one of a unit: "a minute to pump 40 L". */
const IN_ONE = /\b(?:an?|one)\s+([\p{L}]+)\s+to\s+[\p{L}]+\s+$/iu;

/** What each of some things holds: "tablets contain 250 mg each". */
const EACH = /\b([\p{L}-]+s)\s+(?:contain|hold|have|weigh|cost|measure|are|take|give)\s+$/iu;

function isRate({ unit }: Quantity): boolean {
	return /\/|\bper\b/u.test(unit);
}

/** A quantity without its place. */
export function plain({ number, unit }: Quantity): Quantity {
	return { number, unit };
}

/** A fact a text states, with the quantities it is made of by their place in the list. */
export type Linked = { readonly fact: Fact; readonly of: readonly number[] };

/** The facts a text states, with the quantities each is made of. */
export function factsIn(text: string, found: readonly Found[], things: ReadonlySet<string>): readonly Linked[] {
	const facts: Linked[] = [];
	const used = new Set<number>();
	for (const [i, one] of found.entries()) {
		if (used.has(i) || one.unit === '') continue;
		const next = found[i + 1];
		if (
			next &&
			next.unit !== '' &&
			!isRate(one) &&
			!isRate(next) &&
			isLinked(text, found, i) &&
			unitOf(one)?.text !== unitOf(next)?.text
		) {
			facts.push({ fact: { left: plain(one), right: plain(next) }, of: [i, i + 1] });
			used.add(i + 1);
			continue;
		}
		const unit = oneBeside(text, one, things);
		if (unit !== null && unitOf({ number: '1', unit })?.text !== unitOf(one)?.text)
			facts.push({ fact: { left: plain(one), right: { number: '1', unit } }, of: [i] });
	}
	return facts;
}

/** A temperature goes with nothing: it is told by the way, unless an equals sign ties it. */
function isTemperature(quantity: Found): boolean {
	const unit = unitOf(quantity);
	return unit !== null && unit.parts.length === 1 && sameDimension(unit.dimension, { K: 1 });
}

function isTime(quantity: Found): boolean {
	const unit = unitOf(quantity);
	return unit !== null && sameDimension(unit.dimension, { s: 1 });
}

/** Whether a quantity and the next one are the two halves of a fact. */
function isLinked(text: string, found: readonly Found[], i: number): boolean {
	const [one, next] = [found[i], found[i + 1]];
	if (!one || !next) return false;
	const between = text.slice(one.at[1], next.at[0]);
	if (/^\s*=\s*$/.test(between)) return true;
	if (isTemperature(one) || isTemperature(next)) return false;
	// So long is told of what goes on, and is no half of a fact: 60 W for 5 h.
	if (/^\s*for\s*$/u.test(between) && isTime(next)) return false;
	return LINKS.test(between) || isDone(between, one, next) || isRatio(text, found, i);
}

/** Whether a word may say what something does. */
function isVerb(word: string): boolean {
	return VERBS.has(word) || !JOINS.has(word);
}

/** Whether one of something does so much: a word that is no joining word, and a written 1. */
function isDone(between: string, one: Found, next: Found): boolean {
	const does = DOES.exec(between)?.[1];
	return does !== undefined && isVerb(does) && [one.number, next.number].includes('1');
}

/** Whether so many of one go with so many of another, and a further quantity is of one of the two: 6 lemons cost $2.34, 20 lemons. */
function isRatio(text: string, found: readonly Found[], i: number): boolean {
	const [one, next] = [found[i], found[i + 1]];
	if (!one || !next) return false;
	const does = /^\s*(?:of\s+[\p{L}-]+\s+)?(\p{Ll}{3,})\s*$/u.exec(text.slice(one.at[1], next.at[0]))?.[1];
	if (does === undefined || !isVerb(does)) return false;
	// A half of a fact with its equals sign is no further quantity of the question.
	const isFree = ({ at: [from, to] }: Found) => !/=\s*$/.test(text.slice(0, from)) && !/^\s*=/.test(text.slice(to));
	return found.some((other, k) => k > i + 1 && isFree(other) && (other.unit === one.unit || other.unit === next.unit));
}

/** The one thing a quantity goes with, where the text says so: "to a crate", "each jar holds", "trays of". */
function oneBeside(text: string, one: Found, things: ReadonlySet<string>): string | null {
	const before = text.slice(0, one.at[0]);
	const named = (word: string | undefined) => {
		if (!word || JOINS.has(word.toLowerCase())) return null;
		return isUnit(word) ? word : singular(word.toLowerCase());
	};
	const beside = ONE_OF.exec(text.slice(one.at[1]));
	const after = named(beside?.[2]);
	// One of a thing that is met nowhere else is told of by the way: 6 years for one trip.
	const isMet = after !== null && (things.has(after) || isUnit(beside?.[2] ?? ''));
	if (after !== null && (isMet || /^(?:each|every)$/iu.test(beside?.[1] ?? ''))) return after;
	const during = named(IN_ONE.exec(before)?.[1]);
	if (during !== null && isUnit(during)) return during;
	const each = /^\s*each\b/u.test(text.slice(one.at[1])) ? named(EACH.exec(before)?.[1]) : null;
	if (each !== null) return each;
	const holds = ONE_HOLDS.exec(before);
	const holder = named(holds?.[2]);
	// “A hive gives 24 kg” tells of one hive; it is a fact only where hives are met elsewhere.
	if (holder !== null && (/^(?:each|every)$/iu.test(holds?.[1] ?? '') || things.has(holder))) return holder;
	// The mass in grams of 3 mol asks for grams; it tells of none.
	const of = /(?<!\bin\s)\b([\p{L}-]+s)\s+of\s+(?:about\s+)?$/u.exec(before)?.[1];
	const group = named(of);
	return group !== null && (isUnit(of as string) || things.has(group)) ? group : null;
}

/** The rates among the quantities that are no fact yet, each as so much for one of its whole bottom. */
export function ratesIn(found: readonly Found[], linked: readonly Linked[]): readonly Linked[] {
	const taken = new Set(linked.flatMap(({ of }) => of));
	return found.flatMap((quantity, i): Linked[] => {
		const slash = quantity.unit.search(/\/|\bper\b/u);
		if (taken.has(i) || slash <= 0) return [];
		const below = quantity.unit
			.slice(slash)
			.replace(/^(?:\/|per)\s*/u, '')
			.replace(/^\((.*)\)$/u, '$1');
		const left = { number: quantity.number, unit: quantity.unit.slice(0, slash).trim() };
		return [{ fact: { left, right: { number: '1', unit: below } }, of: [i] }];
	});
}

/** A rate among the quantities is a fact when another quantity is the start and the way to what is wanted needs it. */
export function ratesAsFacts(found: readonly Found[], linked: readonly Linked[]): readonly Linked[] {
	const taken = new Set(linked.flatMap(({ of }) => of));
	const rates = ratesIn(found, linked);
	const others = found.filter(
		(quantity, i) => !taken.has(i) && quantity.unit !== '' && !rates.some(({ of }) => of[0] === i),
	);
	return others.length ? [...linked, ...rates] : linked;
}
