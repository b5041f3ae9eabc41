import { unitOfStart } from '../../chain/unit-of-start';
import { unitTimes } from '../../exercise/multiplied';
import type { Fact } from '../../fact/fact';
import type { Span } from '../../numeral/fault';
import type { Quantity } from '../../quantity/quantity';
import { sameDimension } from '../../unit/dimension';
import { likeUnits } from '../../unit/like-units';
import { parseUnit } from '../../unit/parse-unit';
import { singular } from '../../unit/singular';
import { type Found, unitOf } from './found';
import { leadsTo } from './leads';
import { type Linked, plain } from './linked';
import { factsIn } from './links';
import { measureAround } from './measure';
import { ratesAsFacts } from './rates';
import { type Chosen, startAmong } from './roles';
import { type Sides, sidesIn } from './shares';
import { isAlike } from './unit-kinds';
import type { WantTold } from './wanted';

/** How a text asks, whatever for; one that does not asks nothing, and has no start. */
const ASKS =
	/[?_→]|->|\b(?:how|what|which|when|convert|change|find|give|write|calculate|compute|determine|estimate|express|put|turn|rewrite|quote|tell|state|round|work\s+out)\b/iu;

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

/** A reading of a whole text: what is asked, what the line starts from, and the facts. */
export type Reading = {
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
	const isNeeded = ({ fact: { left, right } }: Linked) =>
		isOfKind(left.unit) || isOfKind(right.unit) || isAlike(left.unit, right.unit);
	return {
		...chosen,
		facts: chosen.facts.filter((fact) => stated.includes(fact) || fact.of.length !== 1 || isNeeded(fact)),
	};
}

/** What a reading is tried with: facts the text does not state in so many words, and the quantity the line starts from. */
export type Attempt = { readonly supposed?: readonly Linked[]; readonly from?: number };

/** A line that starts from one quantity, with every part of its measure, and takes all else that is tied for facts. */
function startFrom(text: string, found: readonly Found[], all: readonly Linked[], from: number): Chosen {
	const measure = measureAround(text, found, from);
	const of = measure.map(({ i }) => i);
	const [start, ...terms] = measure.map(({ quantity }) => plain(quantity));
	const facts = all.filter((fact) => !fact.of.some((i) => of.includes(i)));
	return { start: start ?? null, of, facts, until: null, terms };
}

/** A text with its quantities, the counted things it tells of, and where it asks last. */
export type Source = {
	readonly text: string;
	readonly found: readonly Found[];
	readonly things: ReadonlySet<string>;
	readonly question: Span | null;
};

/** What all readings of a text for one thing it may ask have in common. */
export type Ground = {
	readonly source: Source;
	readonly asked: WantTold | null;
	/** The facts it states, and the two sides of a scale or a share. */
	readonly linked: readonly Linked[];
	readonly sides: Sides | null;
};

export function groundOf(source: Source, asked: WantTold | null): Ground {
	const { text, found, things } = source;
	// Facts and the start are looked for by the unit a line would end at.
	const want = asked?.unit ?? null;
	const named = want === null ? [] : [want, singular(want), unitOf({ number: '1', unit: want })?.text ?? want];
	const linked = factsIn(text, found, new Set([...things, ...named]));
	const sides = want === null || !asked?.ofUnit ? null : sidesIn(text, found, asked.at);
	return { source, asked, linked, sides };
}

/** The reading of a text in which something is asked for, as the rows of patterns have it or as it is tried. */
export function readingFor({ source, asked, linked, sides }: Ground, { supposed = [], from }: Attempt = {}): Reading {
	const { text, found } = source;
	const want = asked?.unit ?? null;
	// What the line starts from is half of no fact, nor is what a supposed fact takes.
	const taken = new Set([...(from === undefined ? [] : [from]), ...supposed.flatMap(({ of }) => of)]);
	const stated = [...linked.filter(({ of }) => !of.some((i) => taken.has(i))), ...supposed];
	const all = ratesAsFacts(found, sides ? [...stated, sides.fact] : stated);
	const among = from === undefined ? startAmong(text, found, all, want) : startFrom(text, found, all, from);
	const picked = withoutIdleRates(among, stated, want);
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
export function canBeWorked({ asked, chosen, untold }: Reading): boolean {
	const start = chosen.start ?? untold;
	if (!asked || asked.unit === null || asked.needsNoLine) return asked !== null;
	if (!start) return false;
	return leadsTo(
		unitTimes(unitOfStart(start), chosen),
		asked.unit,
		chosen.facts.map(({ fact }) => fact),
	);
}
