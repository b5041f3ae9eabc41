import type { Start } from '../../chain/chain';
import type { Role, Rounding, Want } from '../../exercise/exercise';
import type { Fact } from '../../fact/fact';
import type { Span } from '../../numeral/fault';
import type { Quantity } from '../../quantity/quantity';
import { isCounted, sameDimension } from '../../unit/dimension';
import { isMoney } from '../../unit/is-money';
import { parseUnit } from '../../unit/parse-unit';
import { hasDecimalComma, unwrapped, withoutShortening } from '../as-written';
import { legible } from '../legible';
import { numbersIn } from './numbers';
import { roundingIn } from './rounding';
import { type Choice, wholeReading } from './whole-reading';

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
 * what is wanted and how it is to be rounded (contract, "read"). A part that the text does not say is null.
 */
export function readProblem(pasted: string): ProblemRead {
	const text = withoutShortening(unwrapped(legible(pasted.slice(0, PROBLEM_LIMIT))));
	const found = numbersIn(text);
	const { reading, choices: others } = wholeReading(text, found);
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
