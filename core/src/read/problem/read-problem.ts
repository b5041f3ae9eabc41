import type { Start } from '../../chain/chain';
import type { Role, Rounding, Want } from '../../exercise/exercise';
import type { Fact } from '../../fact/fact';
import type { Span } from '../../numeral/fault';
import type { Quantity } from '../../quantity/quantity';
import { route } from '../../route/route';
import { isCounted, sameDimension } from '../../unit/dimension';
import { isMoney } from '../../unit/is-money';
import { likeUnits } from '../../unit/like-units';
import { parseUnit } from '../../unit/parse-unit';
import { legible } from '../legible';
import { factsIn, ratesAsFacts } from './links';
import { numbersIn, unitOf } from './numbers';
import { startAmong } from './roles';
import { roundingIn } from './rounding';
import { type WantTold, wantIn } from './wanted';

/** A quantity found in a text: its span, number and unit as read, and what it is there for; null where that cannot be told. */
export type FoundQuantity = Quantity & { readonly at: Span; readonly role: Role | null };

/** What can be told from the text of a problem; null where it cannot. */
export type ProblemRead = {
	readonly numbers: readonly FoundQuantity[];
	readonly facts: readonly Fact[];
	readonly start: Start | null;
	readonly want: Want | null;
	/** The other end of a range that begins at the start. */
	readonly until: Quantity | null;
	/** The further parts of a start that is told in several. */
	readonly terms: readonly Quantity[];
	/** Whether a temperature is a difference, and whether the start is told without a digit; each only where it is so. */
	readonly difference?: true;
	readonly exactStart?: true;
	readonly rounding: Rounding | null;
	/** Where the text says what is wanted and how it is rounded. */
	readonly says: { readonly want: Span | null; readonly rounding: Span | null };
};

/** How much of a text is read, in UTF-16 units. */
export const PROBLEM_LIMIT = 4000;

/** How a temperature is told of as a difference. */
const DIFFERS =
	/\b(?:(?:temperature|temp\.?)\s+(?:difference|change|rise|drop|increase|fall)|difference|(?:rises?|rose|drops?|dropped|falls?|fell|cools?|cooled|warms?|warmed|increases?|increased|decreases?|decreased|changes?|changed|climbs?|climbed|sinks?|sank)\s+(?:in\s+temperature\s+)?(?:by|(?=(?:about\s+)?\d))|\b(?:change|rise|drop|fall|increase|decrease)\s+of\b|(?:this|that)\s+(?:change|rise|drop|fall|increase|decrease)\b|(?:warmer|colder|hotter|cooler)\b)/iu;

function isDifference(text: string, start: Start | null): boolean {
	if (!start || 'top' in start || !DIFFERS.test(text)) return false;
	const unit = parseUnit(start.unit);
	return unit.ok && unit.value.parts.length === 1 && sameDimension(unit.value.dimension, { K: 1 });
}

/** How a text asks, whatever for; one that does not asks nothing, and has no start. */
const ASKS =
	/[?_→]|->|\b(?:how|what|which|when|convert|change|find|give|write|calculate|compute|determine|estimate|express|work\s+out)\b/iu;

/** One of something, told without a digit: how many pints are in a gallon; in one fortnight; a minute. */
const WITHOUT_DIGIT =
	/(?:\b(?:in|into|make|makes|to|for|is|are|has|does|convert|change|express|write)\s+|^\s*|[.?!]\s+)(?:an?|one|each|every)\s+([\p{L}³²]+(?:\s+[\p{L}]+)?)/giu;

/** What one factor leads from where no quantity is told: from inches to feet, mL into L. */
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
			const isLed = facts.length > 0 && route(unit.value.text, want, { facts, tables: true }).ok;
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

/** Whether a start is a whole count of things: 13 cartons. */
function isCount(start: Start | null): boolean {
	if (!start || 'top' in start || !/^\d{1,3}(?:[, ]?\d{3})*$/.test(start.number.trim())) return false;
	const unit = parseUnit(start.unit, { counted: true });
	return unit.ok && isCounted(unit.value.dimension) && !isMoney(unit.value);
}

/**
 * Reads what the text of a problem tells: every quantity, the facts that link two, what the line starts from,
 * what is wanted and how it is to be rounded (contract, "read"). What cannot be told is null.
 */
export function readProblem(pasted: string): ProblemRead {
	const text = legible(pasted.slice(0, PROBLEM_LIMIT));
	const found = numbersIn(text);
	const things = new Set(found.flatMap((quantity) => unitOf(quantity)?.counted ?? []));
	const asked = wantIn(text, things);
	// Facts and the start are looked for by the unit a line would end at.
	const want = asked?.unit ?? null;
	const linked = ratesAsFacts(found, factsIn(text, found, new Set([...things, ...(want === null ? [] : [want])])));
	const picked = startAmong(text, found, linked, want);
	const chosen = want !== null || ASKS.test(text) ? picked : { ...picked, start: null, of: [], until: null, terms: [] };
	const untold =
		chosen.start || !asked
			? null
			: startWithoutDigit(
					text,
					asked,
					chosen.facts.map(({ fact }) => fact),
				);
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
	const round = roundingIn(text);
	return {
		numbers,
		facts: chosen.facts.map(({ fact }) => fact),
		start: chosen.start ?? untold,
		want: asked?.want ?? null,
		until: chosen.until,
		terms: chosen.terms,
		...(isDifference(text, chosen.start) ? { difference: true } : {}),
		...(untold || isCount(chosen.start) || isDefinition(text, chosen) ? { exactStart: true } : {}),
		rounding: round?.rounding ?? null,
		says: { want: asked?.at ?? null, rounding: round?.at ?? null },
	};
}
