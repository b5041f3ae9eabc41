import type { Start } from '../../chain/chain';
import type { Role, Rounding, Want } from '../../exercise/exercise';
import type { Fact } from '../../fact/fact';
import type { Span } from '../../numeral/fault';
import type { Quantity } from '../../quantity/quantity';
import { isCounted, sameDimension } from '../../unit/dimension';
import { isMoney } from '../../unit/is-money';
import { likeUnits } from '../../unit/like-units';
import { parseUnit } from '../../unit/parse-unit';
import { singular } from '../../unit/singular';
import { hasDecimalComma, withoutShortening } from '../as-written';
import { legible } from '../legible';
import { bareUnits, sentencesOf } from './bare-units';
import { leadsTo } from './leads';
import { factsIn, type Linked, plain, ratesAsFacts } from './links';
import { type Found, numbersIn, unitOf } from './numbers';
import { type Chosen, startAmong } from './roles';
import { roundingIn, roundingSpans } from './rounding';
import { sidesIn } from './shares';
import { formIn, type WantTold, wantIn } from './wanted';

/** A quantity found in a text: its span, its number and unit as read, and its role; null if the role is not clear. */
export type FoundQuantity = Quantity & { readonly at: Span; readonly role: Role | null };

/** A problem as read from its text; each part is null if the text does not say it. */
export type ProblemRead = {
	readonly numbers: readonly FoundQuantity[];
	readonly facts: readonly Fact[];
	readonly start: Start | null;
	readonly want: Want | null;
	/** The other end of a range that begins at the start. */
	readonly until: Quantity | null;
	/** The further parts of a start written in several. */
	readonly terms: readonly Quantity[];
	/** What the start is multiplied by: the width of a length by a width. */
	readonly times?: readonly Quantity[];
	/** False where further parts are several things put together, and no measure in parts. */
	readonly parts?: false;
	/** Whether a temperature is a difference, and whether the start has no digit; each is left out if false. */
	readonly difference?: true;
	readonly exactStart?: true;
	/** False where another reading is near the best: then the start is null, and the readings are choices, the best first. */
	readonly sure?: false;
	readonly choices?: readonly Choice[];
	/** Where a comma of the text can only be its decimal mark. */
	readonly decimal?: 'comma';
	readonly rounding: Rounding | null;
	/** Where the text says what is wanted and how it is rounded. */
	readonly says: { readonly want: Span | null; readonly rounding: Span | null };
};

/** How much of a text is read, in UTF-16 units. */
export const PROBLEM_LIMIT = 4000;

/** Words that make a temperature a difference. */
const DIFFERS =
	/\b(?:(?:temperature|temp\.?)\s+(?:difference|change|rise|drop|increase|fall)|difference|(?:swings?|swung|risen|rises?|rose|drops?|dropped|falls?|fell|cools?|cooled|warms?|warmed|increases?|increased|decreases?|decreased|changes?|changed|climbs?|climbed|sinks?|sank)\s+(?:in\s+temperature\s+)?(?:by|(?=(?:about\s+)?\d))|\b(?:change|rise|drop|fall|increase|decrease)\s+of\b|(?:(?:this|that)\s+|(?:what|which)\s+)(?:change|rise|drop|fall|increase|decrease)\b|\b(?:swing|rise|drop)\s+of\b|(?:warmer|colder|hotter|cooler)\b)/iu;

function isDifference(text: string, start: Start | null): boolean {
	if (!start || 'top' in start || !DIFFERS.test(text)) return false;
	const unit = parseUnit(start.unit);
	return unit.ok && unit.value.parts.length === 1 && sameDimension(unit.value.dimension, { K: 1 });
}

/** How a text asks, whatever for; one that does not asks nothing, and has no start. */
const ASKS =
	/[?_→]|->|\b(?:how|what|which|when|convert|change|find|give|write|calculate|compute|determine|estimate|express|put|turn|rewrite|quote|tell|state|work\s+out)\b/iu;

/** One of something, told without a digit: how many pints are in a gallon; in one fortnight; a minute. */
const WITHOUT_DIGIT =
	/(?:\b(?:in|into|make|makes|to|for|is|are|has|does|convert|change|express|write)\s+|^\s*|[.?!]\s+)(?:an?|one|each|every)\s+([\p{L}³²]+(?:\s+[\p{L}]+)?)/giu;

/** The unit to start from when only two units are named: from inches to feet, mL into L. */
const FROM = /\b(?:from|between|for|converts?|changes?|takes?|turns?)\s+([\p{L}³²/]+)\s+(?:to|into|and)\b/iu;

function startWithoutDigit(
	text: string,
	{ want: told, unit: want }: WantTold,
	facts: readonly Fact[],
): Quantity | null {
	if (want === null) return null;
	const from = 'factor' in told ? FROM.exec(text)?.[1] : undefined;
	const unit = from === undefined ? null : parseUnit(from);
	if (unit?.ok) return { number: '1', unit: unit.value.text };
	const wanted = parseUnit(want, { counted: true });
	for (const match of text.matchAll(WITHOUT_DIGIT))
		for (const name of [match[1] ?? '', (match[1] ?? '').split(' ')[0] ?? '']) {
			const unit = parseUnit(name);
			const isBare = unit.ok && unit.value.parts.every(({ label }) => label === undefined);
			if (!isBare || !wanted.ok || unit.value.text === wanted.value.text) continue;
			const isLed = facts.length > 0 && leadsTo(unit.value.text, want, facts);
			if (likeUnits(unit.value, wanted.value) || isLed) return { number: '1', unit: unit.value.text };
		}
	return null;
}

/** How one asks what a definition makes of a whole number: how many minutes are in 2 weeks? */
const OF_DEFINITION =
	/\bhow\s{1,3}many(?:\s{1,3}\p{L}{1,30}){1,6}?\s{1,3}in\s{1,3}(?:\d{1,3}|an?|one)\s{1,3}\p{L}{1,30}\s{0,3}\?/iu;

/** Whether it only asks of definitions, so that its whole number is no measurement. */
function isDefinition(
	text: string,
	{ start, facts }: { readonly start: Start | null; readonly facts: readonly unknown[] },
): boolean {
	return (
		!!start && !('top' in start) && facts.length === 0 && /^\d{1,3}$/.test(start.number) && OF_DEFINITION.test(text)
	);
}

/** A text in which no number has a point, so that a point ends a sentence; as long as before. */
function masked(text: string, found: readonly { readonly at: Span }[]): string {
	return found.reduce((left, { at: [from, to] }) => {
		const number = left.slice(from, to).replace(/(?<=\d)\./gu, '0');
		return `${left.slice(0, from)}${number}${left.slice(to)}`;
	}, text);
}

/** Whether a start is a whole count of things: 13 cartons. */
function isCount(start: Start | null): boolean {
	if (!start || 'top' in start || !/^\d{1,3}(?:[, ]?\d{3})*$/.test(start.number.trim())) return false;
	const unit = parseUnit(start.unit, { counted: true });
	return unit.ok && isCounted(unit.value.dimension) && !isMoney(unit.value);
}

/** A reading of a whole text: what is asked, what the line starts from, and the facts. */
type Reading = {
	readonly asked: WantTold | null;
	readonly chosen: Chosen;
	readonly untold: Quantity | null;
};

function labelledStart({ number, unit }: Quantity, label: string): Quantity {
	return { number, unit: unit.includes('{') ? unit : `${unit}{${label}}` };
}

/** What is asked for, with the side of a scale or a share it is on. */
function withLabel(asked: WantTold, label: string): WantTold {
	const unit = `${asked.unit}{${label}}`;
	return asked.ofUnit ? { ...asked, want: { ...asked.ofUnit, unit }, unit } : asked;
}

/** A reading without the rates it does not need: the start is of the kind that is asked for, and nothing is said to be equal to them. */
function withoutIdleRates(chosen: Chosen, stated: readonly Linked[], want: string | null): Chosen {
	const { start } = chosen;
	if (!start || 'top' in start || want === null) return chosen;
	const [from, to] = [parseUnit(start.unit, { counted: true }), parseUnit(want, { counted: true })];
	if (!from.ok || !to.ok || !sameDimension(from.value.dimension, to.value.dimension)) return chosen;
	const isOfKind = (unit: string) => {
		const read = parseUnit(unit, { counted: true });
		return read.ok && sameDimension(read.value.dimension, from.value.dimension);
	};
	// A rate with the same kind above or below may tie the start to what is asked for: mg for each kg.
	const isNeeded = ({ fact }: Linked) => isOfKind(fact.left.unit) || isOfKind(fact.right.unit);
	return {
		...chosen,
		facts: chosen.facts.filter((fact) => stated.includes(fact) || fact.of.length !== 1 || isNeeded(fact)),
	};
}

/** The reading of a text in which something is asked for. */
function readingFor(
	text: string,
	found: readonly Found[],
	things: ReadonlySet<string>,
	asked: WantTold | null,
): Reading {
	// Facts and the start are looked for by the unit a line would end at.
	const want = asked?.unit ?? null;
	const named = want === null ? [] : [want, singular(want), unitOf({ number: '1', unit: want })?.text ?? want];
	const stated = factsIn(text, found, new Set([...things, ...named]));
	const sides = want === null || !asked || !asked.ofUnit ? null : sidesIn(text, found, asked.at);
	const all = ratesAsFacts(found, sides ? [...stated, sides.fact] : stated);
	const picked = withoutIdleRates(startAmong(text, found, all, want), stated, want);
	const isAsked = want !== null || ASKS.test(text);
	const chosen = isAsked ? picked : { start: null, of: [], facts: all, until: null, terms: [] };
	const facts = chosen.facts.map(({ fact }) => fact);
	const untold = chosen.start || !asked ? null : startWithoutDigit(text, asked, facts);
	return sides && asked && chosen.start && !('top' in chosen.start)
		? {
				asked: withLabel(asked, sides.want),
				chosen: { ...chosen, start: labelledStart(chosen.start, sides.start) },
				untold,
			}
		: { asked, chosen, untold };
}

/** Whether a line leads from where a reading starts to what it asks for. */
function canBeWorked({ asked, chosen, untold }: Reading): boolean {
	const start = chosen.start ?? untold;
	if (!asked || asked.unit === null || asked.needsNoLine) return asked !== null;
	if (!start) return false;
	const unit = 'top' in start ? `(${start.top.unit})/(${start.bottom.unit})` : start.unit;
	return leadsTo(
		unit,
		asked.unit,
		chosen.facts.map(({ fact }) => fact),
	);
}

/** What a text could say as well as the best reading of it. */
export type Choice = { readonly start: Start | null; readonly want: Want | null; readonly facts: readonly Fact[] };

function choiceOf({ asked, chosen }: Reading): Choice {
	return { start: chosen.start, want: asked?.want ?? null, facts: chosen.facts.map(({ fact }) => fact) };
}

/**
 * Readings that are near the best one, with that first; empty if it is sure. A quantity that the question itself has, and that no
 * line uses, speaks against a start from elsewhere: what is the mass in grams of 5 tiles?
 */
function otherReadings(text: string, found: readonly Found[], best: Reading): readonly Choice[] {
	const { asked, chosen } = best;
	const [first] = chosen.of;
	const last = sentencesOf(text)
		.filter(({ asks }) => asks)
		.at(-1);
	if (!asked || asked.unit === null || !chosen.start || first === undefined || !last) return [];
	const isIn = ({ at }: Found) => at[0] >= last.at[0] && at[0] < last.at[1];
	const used = new Set([...chosen.of, ...chosen.facts.flatMap(({ of }) => of)]);
	const left = found.filter((one, i) => !used.has(i) && one.unit !== '' && isIn(one));
	if (!left.length || isIn(found[first] as Found)) return [];
	const from = left.map((one) => ({ ...choiceOf(best), start: plain(one) }));
	return [choiceOf(best), ...from].slice(0, 3);
}

/** How many of the units a text names are tried as what it asks for, where the first choice leads nowhere. */
const TRIED = 2;

/** The reading of a text that can be worked: by what it asks in so many words, else by what it names where it asks. */
function wholeReading(text: string, found: readonly Found[]): Reading {
	const sized = [...text.matchAll(/\bhow\s+many\s+[\d.,]+[\s-]*\p{L}+[\s-]+(\p{Ll}+s)\b/giu)].map(([, thing = '']) =>
		singular(thing),
	);
	const things = new Set([...found.flatMap((quantity) => unitOf(quantity)?.counted ?? []), ...sized]);
	const told = wantIn(masked(text, found), things, text);
	const first = readingFor(text, found, things, told);
	if (told && canBeWorked(first)) return first;
	const spans = [...found.map(({ at }) => at), ...roundingSpans(text)];
	const named = bareUnits(text, spans, things).filter(({ weight }) => weight > 0);
	const form = formIn(text);
	const asFormed = (unit: string) => ({ unit, ...(form ? { form } : {}) });
	const others = named
		.slice(0, TRIED)
		.map(({ unit, at }) => readingFor(text, found, things, { want: asFormed(unit), unit, at, ofUnit: asFormed(unit) }));
	const worked = others.find(canBeWorked);
	if (worked) return worked;
	return told ? first : (others[0] ?? first);
}

/**
 * Reads what the text of a problem tells: every quantity, the facts that link two, what the line starts from,
 * what is wanted and how it is to be rounded (contract, "read"). A part that the text does not say is null.
 */
export function readProblem(pasted: string): ProblemRead {
	const text = withoutShortening(legible(pasted.slice(0, PROBLEM_LIMIT)));
	const found = numbersIn(text);
	const reading = wholeReading(text, found);
	const others = otherReadings(text, found, reading);
	const { asked, chosen: best, untold } = reading;
	const chosen = others.length ? { ...best, start: null, of: [], until: null, terms: [] } : best;
	const want = asked?.unit ?? null;
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
	// Two ports, three friends: a thing that is named once, in words, is not a quantity of the problem.
	const isByTheWay = ({ at, number, role, unit }: FoundQuantity) =>
		role !== 'start' &&
		role !== 'fact' &&
		!/\d/.test(text.slice(...at).slice(0, 1)) &&
		/^\d$/.test(number) &&
		!parseUnit(unit).ok;
	const round = roundingIn(text);
	return {
		numbers: numbers.filter((one) => !isByTheWay(one)),
		facts: chosen.facts.map(({ fact }) => fact),
		start: chosen.start ?? untold,
		want: asked?.want ?? null,
		until: chosen.until,
		terms: chosen.terms,
		...(chosen.times ? { times: chosen.times } : {}),
		...(chosen.parts === false ? { parts: false as const } : {}),
		...(isDifference(text, chosen.start) ? { difference: true } : {}),
		...(untold || isCount(chosen.start) || isDefinition(text, chosen) ? { exactStart: true } : {}),
		...(hasDecimalComma(text) ? { decimal: 'comma' as const } : {}),
		...(others.length ? { sure: false as const, choices: others } : {}),
		rounding: round?.rounding ?? null,
		says: { want: asked?.at ?? null, rounding: round?.at ?? null },
	};
}
