import type { Start } from '../chain/chain';
import type { Fact } from '../fact/fact';
import type { Span } from '../numeral/fault';
import { parseNumeral } from '../numeral/parse-numeral';
import type { Quantity } from '../quantity/quantity';
import { route } from '../route/route';
import { sameDimension } from '../unit/dimension';
import { likeUnits } from '../unit/like-units';
import { parseUnit } from '../unit/parse-unit';
import { singular } from '../unit/singular';
import type { Unit } from '../unit/unit';
import type { Role, Rounding } from './exercise';

/** A quantity found in a text: its span, number and unit as read, and what it is there for; null where that cannot be told. */
export type FoundQuantity = Quantity & { readonly at: Span; readonly role: Role | null };

type Found = Omit<FoundQuantity, 'role'>;

/** What can be told from the text of a problem; null where it cannot. */
export type ProblemRead = {
	readonly numbers: readonly FoundQuantity[];
	readonly facts: readonly Fact[];
	readonly start: Start | null;
	readonly want: { readonly unit: string } | null;
	readonly rounding: Rounding | null;
};

export const PROBLEM_LIMIT = 4000;

/** The most quantities one text is read for. */
const NUMBERS_LIMIT = 60;

const NUMBER =
	/(?<![\p{L}\d.,])[-−]?(?:10\^\(?[-−]?\d+\)?|(?:\d{1,3}(?:[,\u00a0\u2009\u202f ]\d{3})+|\d+)(?:\.\d+)?(?:[eE][-+−]?\d+|\s*[×x*]\s*10(?:\^\(?[-−]?\d+\)?|[⁻]?[⁰¹²³⁴⁵⁶⁷⁸⁹]+))?(?:\s?[½¼¾⅓⅔⅛⅜⅝⅞]|\s\d+\/\d+(?!\d))?|\d*[½¼¾⅓⅔⅛⅜⅝⅞]|\.\d+)/gu;

/** Words that end a unit: they join quantities, or begin what comes next. */
const JOINS = new Set(
	'a an and are as at be by can do does for from had has have he her his how if into is it its no not of off on one or out over she so than that the their then they this to up was were what when which while who will with you your each every all more less times through down about after before until during only apart long wide high deep tall'.split(
		' ',
	),
);

const WORD = /^[\p{L}°′″µμΩÅ%'"][\p{L}\d°′″µμΩÅ%^⁻⁰¹²³⁴⁵⁶⁷⁸⁹·/()*-]*/u;

type Token = { readonly text: string; readonly from: number; readonly to: number };

/** The words after a place on the same line, up to the next stop or number. */
function wordsAfter(text: string, from: number): readonly Token[] {
	const words: Token[] = [];
	let at = from;
	while (words.length < 6) {
		const gap = /^[ \t\u00a0\u2009\u202f]?(?:-(?=\p{L}))?/u.exec(text.slice(at))?.[0].length ?? 0;
		const match = WORD.exec(text.slice(at + gap));
		if (!match) break;
		const word = match[0].replace(/[-·/(*]+$/, '').replace(/(?<!\([^)]*)\)+$/, '');
		if (word === '') break;
		words.push({ text: word, from: at + gap, to: at + gap + word.length });
		at += gap + word.length;
		if (word.length < match[0].length) break;
	}
	return words;
}

/** Whether a run of words is a unit of the tables. */
function isUnit(text: string): boolean {
	return parseUnit(text).ok;
}

/** How many of the words make the unit of the number before them: the longest run that is one. */
function unitLength(words: readonly Token[], nextIsNumber: (at: number) => boolean): number {
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

const COUNTED = /^\p{Ll}[\p{Ll}-]+$/u;

/** A quantity at a number, with the unit that follows it. */
function quantityAt(text: string, from: number, to: number): Found | null {
	const number = text.slice(from, to);
	if (!parseNumeral(number).ok) return null;
	const words = wordsAfter(text, to);
	const nextIsNumber = (at: number) => /^\s*[-−]?\d/.test(text.slice(at));
	const count = unitLength(words, nextIsNumber);
	if (count > 0) {
		const last = words[count - 1] as Token;
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

function numbersIn(text: string): readonly Found[] {
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

function unitOf({ unit }: Quantity): Unit | null {
	const read = parseUnit(unit, { counted: true });
	return read.ok ? read.value : null;
}

/** What may stand between the two halves of a fact: "for each", "to a", "of honey in", "is", "=". */
const LINKS =
	/^\s*(?:of\s+(?:[\p{L}-]+\s+){1,3})?(?:=|is|are|equals?|makes?|for|to|in|per|at|goes? into|go into|holds?|contains?|gives?|weighs?|has|have|each|every|in every|for every)\s*(?:about|only)?\s*(?:each|every|one|a|an)?\s*$/iu;

/** A fact whose other half is one thing without a number: "12 jars to a crate", "2 seeds in each cell". */
const ONE_OF =
	/^\s*(?:of\s+(?:[\p{L}-]+\s+){1,3})?(?:(?:to|in|for|on|per|with|at)\s+)?(?:a|an|each|every|one)\s+([\p{L}³²/]+)/iu;

/** One thing that holds a quantity: "each jar holds 454 g", "one crate has 12 jars". */
const ONE_HOLDS =
	/\b(each|every|one|an?|the)\s+([\p{L}-]+)\s+(?:of\s+[\p{L}-]+\s+)?(?:holds?|has|contains?|weighs?|takes?|gives?|is|needs?|makes?)\s*(?:about\s*)?$/iu;

function isRate({ unit }: Quantity): boolean {
	return /\/|\bper\b/u.test(unit);
}

function plain({ number, unit }: Quantity): Quantity {
	return { number, unit };
}

type Linked = { readonly fact: Fact; readonly of: readonly number[] };

/** The facts a text states, with the quantities each is made of. */
function factsIn(text: string, found: readonly Found[], things: ReadonlySet<string>): readonly Linked[] {
	const facts: Linked[] = [];
	const used = new Set<number>();
	for (const [i, one] of found.entries()) {
		if (used.has(i) || one.unit === '') continue;
		const next = found[i + 1];
		const between = next ? text.slice(one.at[1], next.at[0]) : '';
		if (
			next &&
			next.unit !== '' &&
			!isRate(one) &&
			!isRate(next) &&
			LINKS.test(between) &&
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

/** The one thing a quantity goes with, where the text says so: "to a crate", "each jar holds", "trays of". */
function oneBeside(text: string, one: Found, things: ReadonlySet<string>): string | null {
	const before = text.slice(0, one.at[0]);
	const named = (word: string | undefined) => {
		if (!word || JOINS.has(word.toLowerCase())) return null;
		return isUnit(word) ? word : singular(word.toLowerCase());
	};
	const after = named(ONE_OF.exec(text.slice(one.at[1]))?.[1]);
	if (after !== null) return after;
	const holds = ONE_HOLDS.exec(before);
	const holder = named(holds?.[2]);
	// “A hive gives 24 kg” tells of one hive; it is a fact only where hives are met elsewhere.
	if (holder !== null && (/^(?:each|every)$/iu.test(holds?.[1] ?? '') || things.has(holder))) return holder;
	const of = /([\p{L}-]+s)\s+of\s+(?:about\s+)?$/u.exec(before)?.[1];
	const group = named(of);
	return group !== null && (isUnit(of as string) || things.has(group)) ? group : null;
}

const UNIT_RUN = '([^?.,;:!]+?)';
const WANTS: readonly RegExp[] = [
	new RegExp(
		`\\bhow many\\s+${UNIT_RUN}(?=\\s+(?:is|are|do|does|did|will|would|can|has|have|was|were|must|should|of|in|to|per|it|that|this|the|fit|make|go|long)\\b|[?.,;:!]|$)`,
		'giu',
	),
	new RegExp(
		`\\b(?:convert|change|turn)\\b(?:[^?.!]|\\.\\d)*?\\b(?:to|into)\\s+${UNIT_RUN}(?=[?.,;:!]|\\s+(?:and|to|with|using)\\b|$)`,
		'giu',
	),
	new RegExp(`\\bto\\s+${UNIT_RUN}(?=\\s*[?])`, 'giu'),
	new RegExp(`\\b(?:in|into|as)\\s+${UNIT_RUN}(?=\\s*[?]|,|\\s+to\\s+(?:the|one|two|three|\\d)|$)`, 'giu'),
	new RegExp(`\\b(?:express|give|write|report)\\b(?:[^?.!]|\\.\\d)*?\\bin\\s+${UNIT_RUN}(?=[?.,;:!]|$)`, 'giu'),
];

/** A run of words as the unit wanted: of the tables, or one counted thing. */
function wantedUnit(run: string, things: ReadonlySet<string>): string | null {
	const words = run.trim().split(/\s+/);
	for (let count = Math.min(words.length, 5); count > 0; count--) {
		const text = words
			.slice(0, count)
			.join(' ')
			.replace(/[)\]]+$/, '');
		if (isUnit(text)) return text;
	}
	const first = singular((words[0] ?? '').toLowerCase());
	return things.has(first) || (words.length === 1 && COUNTED.test(first) && !JOINS.has(first)) ? first : null;
}

/** The unit a text asks for: the last one that is asked in so many words. */
function wantIn(text: string, things: ReadonlySet<string>): string | null {
	let last: { readonly unit: string; readonly at: number } | null = null;
	for (const pattern of WANTS)
		for (const match of text.matchAll(pattern)) {
			const unit = wantedUnit(match[1] as string, things);
			const at = match.index + match[0].length;
			if (unit !== null && (!last || at > last.at)) last = { unit, at };
		}
	return last?.unit ?? null;
}

const COUNTS: Readonly<Record<string, number>> = {
	one: 1,
	two: 2,
	three: 3,
	four: 4,
	five: 5,
	six: 6,
	seven: 7,
	eight: 8,
	nine: 9,
};
const PLACES: Readonly<Record<string, number>> = {
	thousand: 3,
	hundred: 2,
	ten: 1,
	whole: 0,
	one: 0,
	unit: 0,
	tenth: -1,
	hundredth: -2,
	thousandth: -3,
};
const COUNT = '(\\d{1,2}|one|two|three|four|five|six|seven|eight|nine)';

/** The rounding a text asks for. */
function roundingIn(text: string): Rounding | null {
	const nearest = /\bnearest\s+(thousandth|hundredth|tenth|whole|one|unit|ten|hundred|thousand)s?\b/iu.exec(text)?.[1];
	if (nearest) return { place: PLACES[nearest.toLowerCase()] ?? 0 };
	const count = (word: string) => COUNTS[word.toLowerCase()] ?? Number(word);
	const places = new RegExp(`\\b${COUNT}\\s+(?:decimals?|decimal places?)\\b`, 'iu').exec(text)?.[1];
	if (places) return { place: -count(places) };
	const figures = new RegExp(`\\b${COUNT}\\s+(?:significant|sig\\.?)\\s+(?:figures?|digits?|figs?\\.?)`, 'iu').exec(
		text,
	)?.[1];
	return figures && count(figures) > 0 ? { significant: count(figures) } : null;
}

/** Whether a line leads from a quantity to what is wanted over the facts and the tables. */
function leads(from: Quantity, want: string, facts: readonly Fact[]): boolean {
	return isAlike(from.unit, want) || route(from.unit, want, { facts, tables: true }).ok;
}

type Chosen = { readonly start: Start | null; readonly of: readonly number[]; readonly facts: readonly Linked[] };

/** Which quantity the line starts from: the only one left, or the only one that leads to what is wanted. */
function startAmong(found: readonly Found[], linked: readonly Linked[], want: string | null): Chosen {
	const taken = new Set(linked.flatMap(({ of }) => of));
	const free = found
		.map((quantity, i) => ({ quantity, i }))
		.filter(({ i, quantity }) => !taken.has(i) && quantity.unit !== '');
	const facts = linked.map(({ fact }) => fact);
	if (free.length === 0 && linked.length === 1 && linked[0]?.of.length === 2) {
		const [{ fact, of }] = linked as [Linked];
		// Two quantities and nothing else: 3.6 km in 12.5 min, when a rate is asked for.
		const over = `(${fact.left.unit})/(${fact.right.unit})`;
		if (want === null || isAlike(over, want)) return { start: { top: fact.left, bottom: fact.right }, of, facts: [] };
	}
	const may = want === null ? free : free.filter(({ quantity }) => leads(quantity, want, facts));
	const [only] = may;
	if (may.length !== 1 || !only) return { start: null, of: [], facts: linked };
	return { start: plain(only.quantity), of: [only.i], facts: linked };
}

function isAlike(a: string, b: string): boolean {
	const [x, y] = [parseUnit(a, { counted: true }), parseUnit(b, { counted: true })];
	return x.ok && y.ok && (likeUnits(x.value, y.value) || sameDimension(x.value.dimension, y.value.dimension));
}

/** A rate among the quantities is a fact when another quantity is the start and the way to what is wanted needs it. */
function ratesAsFacts(found: readonly Found[], linked: readonly Linked[]): readonly Linked[] {
	const taken = new Set(linked.flatMap(({ of }) => of));
	const rates = found.flatMap((quantity, i): Linked[] => {
		const slash = quantity.unit.search(/\/|\bper\b/u);
		if (taken.has(i) || slash <= 0) return [];
		const below = quantity.unit
			.slice(slash)
			.replace(/^(?:\/|per)\s*/u, '')
			.replace(/^\((.*)\)$/u, '$1');
		const left = { number: quantity.number, unit: quantity.unit.slice(0, slash).trim() };
		return [{ fact: { left, right: { number: '1', unit: below } }, of: [i] }];
	});
	const others = found.filter(
		(quantity, i) => !taken.has(i) && quantity.unit !== '' && !rates.some(({ of }) => of[0] === i),
	);
	return others.length ? [...linked, ...rates] : linked;
}

/**
 * Reads what the text of a problem tells: every quantity, the facts that link two, what the line starts from,
 * what is wanted and how it is to be rounded (contract, "read"). What cannot be told is null.
 */
export function readProblem(text: string): ProblemRead {
	const found = numbersIn(text.slice(0, PROBLEM_LIMIT));
	const things = new Set(found.flatMap((quantity) => unitOf(quantity)?.counted ?? []));
	const want = wantIn(text.slice(0, PROBLEM_LIMIT), things);
	const linked = ratesAsFacts(found, factsIn(text, found, new Set([...things, ...(want === null ? [] : [want])])));
	const chosen = startAmong(found, linked, want);
	const inFact = new Set(chosen.facts.flatMap(({ of }) => of));
	const numbers = found.map((quantity, i): FoundQuantity => {
		const role: Role | null = chosen.of.includes(i)
			? 'start'
			: inFact.has(i)
				? 'fact'
				: chosen.start && want !== null
					? 'spare'
					: null;
		return { ...quantity, role };
	});
	return {
		numbers,
		facts: chosen.facts.map(({ fact }) => fact),
		start: chosen.start,
		want: want === null ? null : { unit: want },
		rounding: roundingIn(text),
	};
}
