import type { Start } from '../chain/chain';
import { bad, good, type Outcome } from '../numeral/fault';
import { ONE } from '../numeral/rational';
import { type Quantity, writtenQuantity } from '../quantity/quantity';
import { likeUnits, ratioOfUnits } from '../unit/like-units';
import { parseUnit } from '../unit/parse-unit';
import { type Part, readMixedAnswer, readRangeAnswer } from './read-parts';
import { readStartText } from './read-typed';

/** What a problem begins with: one quantity or one over another, of a range both ends, of a sum all its parts. */
export type Starting = { readonly start: Start; readonly until?: Quantity; readonly terms?: readonly Quantity[] };

/** Two ends in one unit of temperature, or any other: "50 to 68 °F"; null where the text is no range. */
function asRange(text: string): Starting | null {
	const read = readRangeAnswer(text);
	if (!read.ok || read.value.length !== 2) return null;
	const [low, high] = read.value as readonly [Part, Part];
	const unit = high.written.unit || low.written.unit;
	// Two units are two parts of one measure: 7 ft and 5 in.
	if (!low.number || !high.number || unit === '' || ![unit, ''].includes(low.written.unit)) return null;
	const end = ({ written }: Part): Quantity => ({ number: written.number, unit: written.unit || unit });
	return { start: end(low), until: end(high) };
}

/** The parts of a sum: with plus signs between them, or one after another as a mixed measure is written. */
function asParts(text: string): Starting | null {
	const pieces = text.split(/\s\+\s/u);
	const read = pieces.map((piece) => readMixedAnswer(piece));
	const parts = read.flatMap((piece): readonly Part[] => (piece.ok ? piece.value : []));
	if (!read.every(({ ok }) => ok) || parts.length < 2) return null;
	if (parts.some(({ number, written }) => !number || written.unit === '')) return null;
	const quantities = parts.map(({ written }) => written);
	const [smallest] = [...quantities].sort(bySize);
	// A mixed measure is worked from its smallest part; a sum from its first.
	const start = pieces.length > 1 ? quantities[0] : smallest;
	return start ? { start, terms: quantities.filter((part) => part !== start) } : null;
}

function areAlike(a: Quantity, b: Quantity): boolean {
	const [one, other] = [parseUnit(a.unit, { counted: true }), parseUnit(b.unit, { counted: true })];
	return one.ok && other.ok && likeUnits(one.value, other.value);
}

function bySize(a: Quantity, b: Quantity): number {
	const [one, other] = [parseUnit(a.unit, { counted: true }), parseUnit(b.unit, { counted: true })];
	if (!one.ok || !other.ok || !likeUnits(one.value, other.value)) return 0;
	return ratioOfUnits(one.value, other.value).value.compare(ONE);
}

/**
 * What a problem begins with, as it is typed: "2.75 in/h", "150 km in 2.5 h", "5.00 km in 18 min 30 s", "50 to 68 °F",
 * "7 ft 5.4 in", "250.1 g + 0.5 kg".
 * @returns it, or what cannot be read with its place.
 */
export function readStarting(text: string): Outcome<Starting> {
	const read = readStartText(text);
	if (read.ok) return good({ start: read.value });
	const made = asRange(text) ?? asRateInParts(text) ?? asParts(text);
	return made ? good(made) : read;
}

/** One quantity in another, where one of the two is a measure in parts: "5.00 km in 18 min 30 s". */
function asRateInParts(text: string): Starting | null {
	const sides = text.split(/\sin\s/u).map((side) => readMixedAnswer(side));
	const [above = [], below = []] = sides.map((side): readonly Quantity[] =>
		side.ok && side.value.every(({ number }) => number) ? side.value.map(({ written }) => written) : [],
	);
	const [top, ...more] = above;
	const [bottom, ...further] = below;
	if (sides.length !== 2 || !top || !bottom || [...above, ...below].some(({ unit }) => unit === '')) return null;
	if (more.length && further.length) return null;
	return { start: { top, bottom }, terms: [...more, ...further] };
}

/**
 * The quantities above and below in a start; its further parts are with those they are parts of.
 * @example sidesInParts({ top: 5.00 km, bottom: 18 min }, [30 s]) // { above: [5.00 km], below: [18 min, 30 s] }
 */
export function sidesInParts(
	start: Start,
	terms: readonly Quantity[] = [],
): { readonly above: readonly Quantity[]; readonly below: readonly Quantity[] } {
	if (!('top' in start)) return { above: [start, ...terms], below: [] };
	const { top, bottom } = start;
	const [first] = terms;
	const isBelow = first !== undefined && areAlike(first, bottom);
	return isBelow ? { above: [top], below: [bottom, ...terms] } : { above: [top, ...terms], below: [bottom] };
}

/** The same as it is typed again. */
export function startingText({ start, until, terms = [] }: Starting): string {
	if ('top' in start) {
		const { above, below } = sidesInParts(start, terms);
		return [above, below].map((side) => side.map(writtenQuantity).join(' ')).join(' in ');
	}
	if (until) return `${start.number} to ${writtenQuantity(until)}`;
	// A measure in parts is written from large to small, a sum with its plus signs.
	const isSmallest = terms.every((term) => bySize(start, term) < 0);
	return isSmallest
		? [...terms, start].map(writtenQuantity).join(' ')
		: [start, ...terms].map(writtenQuantity).join(' + ');
}

/** What is wanted: a unit, and of a measure in parts all of them, the smallest last. */
export type WantedText = { readonly unit: string; readonly parts: readonly string[] };

/**
 * What is wanted, as it is typed: "mm/min", or the units of a measure in parts, "ft and in", "h, min, s".
 * @returns the unit, and the parts where there are several; a fault of a unit, or `order` where they do not go from large
 *   to small.
 */
export function readWanted(text: string): Outcome<WantedText> {
	const pieces = text.split(/\s*(?:,|;|&|\band\b)\s*/u).filter((piece) => piece.trim() !== '');
	if (pieces.length < 2) {
		const unit = parseUnit(text, { counted: true });
		return unit.ok ? good({ unit: text, parts: [] }) : unit;
	}
	const parts: string[] = [];
	for (const piece of pieces) {
		const unit = parseUnit(piece, { counted: true });
		if (!unit.ok)
			return bad(unit.fault.code, unit.fault.message, [text.indexOf(piece), text.indexOf(piece) + piece.length]);
		const before = parseUnit(parts.at(-1) ?? '', { counted: true });
		if (
			parts.length &&
			before.ok &&
			likeUnits(before.value, unit.value) &&
			bySize({ number: '1', unit: piece }, { number: '1', unit: parts.at(-1) ?? '' }) >= 0
		)
			return bad('order', 'Write the units from large to small.', [0, text.length]);
		parts.push(piece.trim());
	}
	return good({ unit: parts.at(-1) ?? '', parts });
}
