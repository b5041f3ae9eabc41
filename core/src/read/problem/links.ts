import type { Fact } from '../../fact/fact';
import type { Quantity } from '../../quantity/quantity';
import { sameDimension } from '../../unit/dimension';
import { singular } from '../../unit/singular';
import { type Found, unitOf } from './found';
import { type Linked, plain } from './linked';
import { TIMES } from './often';
import { ratesIn } from './rates';
import { factsOfTable } from './tables';
import { isAlike } from './unit-kinds';
import { isUnit, JOINS, VERBS } from './words';

/** Words between the two halves of a fact: "for each", "to a", "of honey in", "is", "=". */
const LINKS =
	/^\s*(?:(?:of|on|in)\s+(?:(?!and\b)[\p{L}-]+\s+){1,3})?(?:=|≈|≅|~|\/|is|are|being|equals?|(?:is|are) (?:equal|equivalent) (?:to|with)|(?:is|are) the same as|makes?|for|to|in|on|per|at|as|stands? for|represents?|shows?|corresponds? to|measures?|goes? into|go into|holds?|contains?|gives?|weighs?|needs?|has|have|each|every|in every|for every)\s*(?:about|only)?\s*(?:each|every|one|a|an)?\s*$/iu;

/** Two quantities joined by one word that does something: "1 mol of gas fills 24.1 L". */
const DOES = /^\s*(?:of\s+[\p{L}-]+\s+)?(\p{Ll}{3,})\s*(?:about|only)?\s*$/u;

/** A fact whose other half is one thing without a number: "12 jars to a crate", "2 seeds in each cell". */
const ONE_OF =
	/^\s*(?:of\s+(?:[\p{L}-]+\s+){1,3})?(?:(?:fit|fits|go|goes|stand|come|comes|are|is|make|makes|fill|fills|equal|equals)\s+)?(?:(?:to|in|into|for|on|per|with|at)\s+)?(a|an|each|every|one|per|the)\s+((?:cubic|square|nautical|fluid)\s+\p{L}+|[\p{L}³²/]+)/iu;

/** One thing that holds a quantity: "each jar holds 454 g", "one crate has 12 jars". */
const ONE_HOLDS =
	/\b(each|every|one|an?|the|my|our|your|his|her)\s+(?:\p{Ll}+\s+)??((?:cubic|square|nautical|fluid)\s+\p{L}+|[\p{L}-]+)\s+(?:of\s+(?:an?\s+|the\s+)?(?:[\p{L}-]+\s+){1,2})?(?:(?:has|have)\s+an?\s+\p{L}+\s+of|(\p{Ll}{3,})(?:\s+up)?|has|is|=)\s*(?:about\s*)?$/iu;

/** How far before a quantity the words that go with it are looked for. */
const NEAR = 120;

/** Words that say what one thing has, and join quantities elsewhere. */
const HAS = new Set(['has', 'is', 'are', 'for']);

const MONEY = /^[$€£]$/u;
/** What an amount of something costs, with the names of what it is between: a 2 kg sack of sugar costs. */
const COSTS = /^\s+(?:\p{L}+\s+){1,4}costs?\s*$/u;

/** An amount and a time, with the name of the thing between: a 500 L tank in 20 minutes. */
const IN_SO_LONG = /^\s*(?:of\s+)?(?:[\p{L}-]+\s+){0,2}(?:in|every)\s*$/iu;

/** So long it takes to do so much: "3 minutes to move 40 L". */
const TO_DO = /^\s*(?:of\s+[\p{L}-]+\s+)?to\s+\p{Ll}{3,}\s+(?:about\s+)?$/u;

/** What is done in one of a unit: "a minute to pump 40 L". */
const IN_ONE = /\b(?:an?|one)\s+([\p{L}]+)\s+to\s+[\p{L}]+\s+$/iu;

/** What is done in one of a time, with words between: 1,800 J into the tank in a second. */
const WITHIN = /^\s+(?:\p{Ll}+\s+){1,5}in\s+(?:an?|one|each|every)\s+(\p{L}+)/u;
/** The same with the time first: in one second a cable car climbs 4.2 m. */
const BEGINS_WITHIN =
	/(?:^|[.?!;]\s+)(?:in|during|within|each|every)\s+(?:(?:an?|one|each|every)\s+)?(\p{L}+)\b,?[^.?!;\d]*$/iu;
/** How long a time is taken to be: a year of 365 days. */
const YEAR_OF = /\b(?:an?|one)\s+(\p{L}+)\s+of\s+$/iu;

function isTimeUnit(name: string): boolean {
	const unit = unitOf({ number: '1', unit: name });
	return unit !== null && sameDimension(unit.dimension, { s: 1 });
}

function isSameUnit(one: Found, unit: string): boolean {
	return unitOf(one)?.text === unitOf({ number: '1', unit })?.text;
}

/** What each of some things holds: "tablets contain 250 mg each". */
const EACH = /\b([\p{L}-]+s)\s+(?:contain|hold|have|weigh|cost|measure|are|take|give)\s+$/iu;

function isWrittenRate({ unit }: Quantity): boolean {
	return /\/|\bper\b/u.test(unit);
}

/** The facts a text states, with the quantities each is made of. */
export function factsIn(text: string, found: readonly Found[], things: ReadonlySet<string>): readonly Linked[] {
	const facts: Linked[] = [...factsOfTable(text, found)];
	const others = found.flatMap((one) => unitOf(one)?.text ?? []);
	const used = new Set<number>(facts.flatMap(({ of }) => of));
	for (const [i, one] of found.entries()) {
		if (used.has(i) || one.unit === '') continue;
		const next = found[i + 1];
		if (
			next &&
			next.unit !== '' &&
			((!isWrittenRate(one) && !isWrittenRate(next)) || isEquals(text, one, next)) &&
			isLinked(text, found, i) &&
			unitOf(one)?.text !== unitOf(next)?.text
		) {
			// Of so many of one “each” tells what one of them has.
			const isEach = /^\s*each\b/iu.test(text.slice(next.at[1]));
			const left = isEach ? { number: '1', unit: one.unit } : plain(one);
			facts.push({ fact: { left, right: plain(next) }, of: isEach ? [i + 1] : [i, i + 1] });
			used.add(i + 1);
			continue;
		}
		if (next && TIMES.test(next.unit) && /^,?\s+$/u.test(text.slice(one.at[1], next.at[0]))) {
			facts.push({ fact: { left: plain(one), right: { number: '1', unit: 'time' } }, of: [i] });
			continue;
		}
		const unit = oneBeside(text, one, things, others);
		if (unit !== null && unitOf({ number: '1', unit })?.text !== unitOf(one)?.text)
			facts.push({ fact: forOne(one, unit), of: [i] });
	}
	return facts;
}

/** An amount for one of a unit. The bottom of a rate is part of that unit: 6 mg/kg each day is 6 mg for 1 kg·day. */
function forOne(one: Found, unit: string): Fact {
	const [rate] = isWrittenRate(one) && !isAlike(one.unit, unit) ? ratesIn([one], []) : [];
	if (!rate) return { left: plain(one), right: { number: '1', unit } };
	const { left, right } = rate.fact;
	return { left, right: { number: '1', unit: `${right.unit}·${unit}` } };
}

/** Whether an equals sign ties two quantities, with nothing else between them. */
function isEquals(text: string, one: Found, next: Found): boolean {
	return /^\s*=\s*$/.test(text.slice(one.at[1], next.at[0]));
}

/** A temperature is not half of a fact, unless an equals sign ties it. */
function isTemperature(quantity: Found): boolean {
	const unit = unitOf(quantity);
	return unit !== null && unit.parts.length === 1 && sameDimension(unit.dimension, { K: 1 });
}

function isTime(quantity: Found): boolean {
	const unit = unitOf(quantity);
	return unit !== null && sameDimension(unit.dimension, { s: 1 });
}

/** Two quantities one after the other, with what is between them, and all quantities of the text. */
type Pair = {
	readonly text: string;
	readonly found: readonly Found[];
	readonly i: number;
	readonly one: Found;
	readonly next: Found;
	readonly between: string;
};

/** What keeps two quantities apart that words between would tie. */
const APART: readonly { readonly example: string; readonly isSo: (pair: Pair) => boolean }[] = [
	{
		example: 'Two ropes are 3 m and 5 m',
		isSo: ({ text, found, i, one, next, between }) =>
			one.number !== '1' &&
			/^\s*\p{Ll}+\s*$/u.test(between) &&
			/^\s+and\s+\d/u.test(text.slice(next.at[1], next.at[1] + NEAR)) &&
			isAlike(found[i + 2]?.unit ?? '', next.unit),
	},
	{ example: 'at 20 °C it is 3 m', isSo: ({ one, next }) => isTemperature(one) || isTemperature(next) },
	{
		example: 'a cord of 6.7 m has 18.01 g in each 1 m',
		isSo: ({ text, next, between }) =>
			/^\s*(?:of\s+\p{L}+\s+)?(?:in|for|per|to|on)\s+(?:each|every)\b/iu.test(
				text.slice(next.at[1], next.at[1] + NEAR),
			) && !/\b(?:each|every)\s*$/iu.test(between),
	},
	{
		example: 'add 1.2 L to 850 mL',
		isSo: ({ text, one, next }) =>
			/\badd(?:s|ed|ing)?\s+$/iu.test(text.slice(Math.max(0, one.at[0] - 12), one.at[0])) &&
			isAlike(one.unit, next.unit),
	},
	{ example: '60 W for 5 h', isSo: ({ next, between }) => /^\s*for\s*$/u.test(between) && isTime(next) },
	{
		example: '250 people is 18 m',
		isSo: ({ one, next, between }) =>
			/^\s*is\s*(?:about|only)?\s*$/iu.test(between) &&
			![one, next].some(({ number, unit }) => /^1(?:\/\d)?$/.test(number) || MONEY.test(unit)),
	},
];

/** What ties two quantities: a row each, with an example. */
const TIES: readonly { readonly example: string; readonly isSo: (pair: Pair) => boolean }[] = [
	{ example: '12 eggs for $4.20', isSo: ({ between }) => LINKS.test(between) },
	{
		example: 'it takes 3 minutes to move 40 L',
		isSo: ({ text, one, next, between }) =>
			TO_DO.test(between) &&
			(isTime(one) !== isTime(next) ||
				/\b(?:takes?|needs?|uses?)\s+(?:\p{L}+\s+){0,3}$/iu.test(text.slice(Math.max(0, one.at[0] - NEAR), one.at[0]))),
	},
	{
		example: 'a 2 kg sack of sugar costs 3.10 €, beside 750 g',
		isSo: ({ found, i, one, next, between }) =>
			COSTS.test(between) &&
			MONEY.test(next.unit) &&
			found.some((other, k) => k !== i && isAlike(other.unit, one.unit)),
	},
	{
		example: 'a 500 L tank in 20 minutes, beside 3 h',
		isSo: ({ found, i, one, next, between }) =>
			IN_SO_LONG.test(between) && isTime(next) && !isTime(one) && found.some((other, k) => k > i + 1 && isTime(other)),
	},
	{ example: '1 mol of gas fills 24.1 L', isSo: ({ one, next, between }) => isDone(between, one, next) },
	{ example: '6 lemons cost $2.34, beside 20 lemons', isSo: ({ text, found, i }) => isRatio(text, found, i) },
];

/** Whether a quantity and the next one are the two halves of a fact. */
function isLinked(text: string, found: readonly Found[], i: number): boolean {
	const [one, next] = [found[i], found[i + 1]];
	if (!one || !next) return false;
	if (isEquals(text, one, next)) return true;
	const between = text.slice(one.at[1], next.at[0]);
	if (/[.?!;\n]/u.test(between)) return false;
	const pair = { text, found, i, one, next, between };
	return !APART.some(({ isSo }) => isSo(pair)) && TIES.some(({ isSo }) => isSo(pair));
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
	// A half of a fact, by its equals sign or “for each”, is no further quantity of the question.
	const isFree = ({ at: [from, to] }: Found) =>
		!/(?:=|\b(?:each|every|per))\s*$/iu.test(text.slice(Math.max(0, from - 12), from)) && !/^\s*=/.test(text.slice(to));
	return found.some((other, k) => k > i + 1 && isFree(other) && (other.unit === one.unit || other.unit === next.unit));
}

/** The one thing a quantity goes with, where the text says so: "to a crate", "each jar holds", "trays of". */
function oneBeside(text: string, one: Found, things: ReadonlySet<string>, others: readonly string[]): string | null {
	const before = text.slice(Math.max(0, one.at[0] - NEAR), one.at[0]);
	const named = (word: string | undefined) => {
		if (!word || JOINS.has(word.toLowerCase())) return null;
		return isUnit(word) ? word : singular(word.toLowerCase());
	};
	const beside = ONE_OF.exec(text.slice(one.at[1]));
	const after = named(beside?.[2]);
	// One of a thing that the text names only once is not half of a fact: 6 years for one trip.
	const isMet = after !== null && (things.has(after) || isUnit(beside?.[2] ?? ''));
	if (after !== null && (isMet || /^(?:each|every)$/iu.test(beside?.[1] ?? ''))) return after;
	const begun = isTemperature(one) ? null : named(BEGINS_WITHIN.exec(before)?.[1]);
	if (begun !== null && (isTimeUnit(begun) || things.has(begun)) && !isSameUnit(one, begun)) return begun;
	const within = named(WITHIN.exec(text.slice(one.at[1]))?.[1]);
	if (within !== null && isTimeUnit(within) && !isSameUnit(one, within)) return within;
	const year = isTime(one) ? named(YEAR_OF.exec(before)?.[1]) : null;
	if (year !== null && isTimeUnit(year) && !isSameUnit(one, year)) return year;
	// Most quantities have no such word before them: how many, a colon, of.
	const end = before.trimEnd().toLowerCase();
	const sized =
		end.endsWith('many') && /\bhow\s+many$/u.test(end)
			? named(/^[\s-]+(\p{Ll}+s)\b/u.exec(text.slice(one.at[1]))?.[1])
			: null;
	if (sized !== null) return sized;
	const during = / to \S+$/u.test(end) ? named(IN_ONE.exec(before)?.[1]) : null;
	if (during !== null && isUnit(during)) return during;
	const each = /^\s*each\b/u.test(text.slice(one.at[1])) ? named(EACH.exec(before)?.[1]) : null;
	if (each !== null) return each;
	// Of a thing that is asked for, a colon tells what one has: “Tablets: 5 mg”.
	const listed = end.endsWith(':') ? named(/\b([\p{L}-]+s)\s*:\s*$/u.exec(before)?.[1]) : null;
	if (listed !== null && !isUnit(listed) && things.has(listed)) return listed;
	const holds = ONE_HOLDS.exec(before);
	const does = holds?.[3]?.toLowerCase();
	const holder = does === undefined || isVerb(does) || HAS.has(does) ? named(holds?.[2]) : null;
	// “A hive gives 24 kg” tells of one hive; it is a fact only where hives are met elsewhere.
	const isOne = /^one$/iu.test(holds?.[1] ?? '') && holder !== null && isUnit(holder);
	const isMetElsewhere =
		holder !== null && isUnit(holder) && others.some((unit) => unit === unitOf({ number: '1', unit: holder })?.text);
	if (holder !== null && (isOne || isMetElsewhere || /^(?:each|every)$/iu.test(holds?.[1] ?? '') || things.has(holder)))
		return holder;
	// The mass in grams of 3 mol asks for grams; it tells of none.
	const isOf = end.endsWith('of') || end.endsWith('about');
	const of = isOf ? /(?<!\bin\s)\b([\p{L}-]+s)\s+of\s+(?:about\s+)?$/u.exec(before)?.[1] : undefined;
	const group = named(of);
	return group !== null && (isUnit(of as string) || things.has(group)) ? group : null;
}
