import type { Start } from '../../chain/chain';
import type { Fact } from '../../fact/fact';
import { ONE } from '../../numeral/rational';
import type { Quantity } from '../../quantity/quantity';
import { route } from '../../route/route';
import { sameDimension } from '../../unit/dimension';
import { likeUnits, ratioOfUnits } from '../../unit/like-units';
import { parseUnit } from '../../unit/parse-unit';
import { type Linked, plain, ratesIn } from './links';
import { type Found, unitOf } from './numbers';

/** Whether a line leads from a quantity to what is wanted over the facts and the tables. */
function leads(from: Quantity, want: string, facts: readonly Fact[]): boolean {
	return isAlike(from.unit, want) || route(from.unit, want, { facts, tables: true }).ok;
}

/** What the line starts from, of which quantities, and the facts that are left. */
export type Chosen = {
	readonly start: Start | null;
	readonly of: readonly number[];
	readonly facts: readonly Linked[];
	/** The other end of a range that begins at the start. */
	readonly until: Quantity | null;
	/** The further parts of a start that is told in several: 9 lb 6 oz. */
	readonly terms: readonly Quantity[];
};

/** Which quantity the line starts from: the only one left, or the only one that leads to what is wanted. */
export function startAmong(
	text: string,
	found: readonly Found[],
	linked: readonly Linked[],
	want: string | null,
): Chosen {
	const taken = new Set(linked.flatMap(({ of }) => of));
	const free = found
		.map((quantity, i) => ({ quantity, i }))
		.filter(({ i, quantity }) => !taken.has(i) && quantity.unit !== '');
	const facts = linked.map(({ fact }) => fact);
	const [lone] = free;
	// A rate alone is no start where it is asked how long or how much: the quantity is not told.
	if (
		free.length === 1 &&
		lone &&
		want === null &&
		/\/|\bper\b/u.test(lone.quantity.unit) &&
		/\bhow\s+(?:long|far|much|many)\b/iu.test(text)
	)
		return { start: null, of: [], facts: [...linked, ...ratesIn(found, linked)], until: null, terms: [] };
	if (free.length === 0 && linked.length === 1 && linked[0]?.of.length === 2) {
		const [{ fact, of }] = linked as [Linked];
		// Two quantities and nothing else: 3.6 km in 12.5 min, when a rate is asked for.
		const over = `(${fact.left.unit})/(${fact.right.unit})`;
		if (want === null || isAlike(over, want))
			return { start: { top: fact.left, bottom: fact.right }, of, facts: [], until: null, terms: [] };
	}
	const over = want === null ? null : rateOf(free, want, facts);
	if (over) return { ...over, facts: linked, until: null, terms: [] };
	const leading = want === null ? free : free.filter(({ quantity }) => leads(quantity, want, facts));
	// The only quantity there is, whatever leads on from it.
	const may = leading.length === 0 && free.length === 1 ? free : leading;
	const meant = may.length > 1 ? may.filter(({ quantity }) => isAsked(text, quantity)) : [];
	if (meant.length === 1 && meant[0])
		return { start: plain(meant[0].quantity), of: [meant[0].i], facts: linked, until: null, terms: [] };
	const [low, high] = may;
	// Two of one unit with a dash or “to” between are a range: both ends are the start.
	if (may.length === 2 && low && high && high.i === low.i + 1 && isRange(text, low.quantity, high.quantity))
		return { start: plain(low.quantity), of: [low.i, high.i], facts: linked, until: plain(high.quantity), terms: [] };
	const parts = partsOf(text, may);
	if (parts.length > 1) {
		const [first, ...further] = parts as [(typeof parts)[number], ...typeof parts];
		const terms = further.map(({ quantity }) => plain(quantity));
		return { start: plain(first.quantity), of: parts.map(({ i }) => i), facts: linked, until: null, terms };
	}
	const [only] = may;
	if (may.length !== 1 || !only) return { start: null, of: [], facts: linked, until: null, terms: [] };
	return { start: plain(only.quantity), of: [only.i], facts: linked, until: null, terms: [] };
}

type Free = { readonly quantity: Found; readonly i: number };

/** Two measured parts of a rate, where a rate is wanted and neither leads there alone: 3.2 km, 45 min, what speed? */
function rateOf(free: readonly Free[], want: string, facts: readonly Fact[]): Pick<Chosen, 'start' | 'of'> | null {
	const [one, other] = free;
	if (!/\/|\bper\b/u.test(want) || free.length !== 2 || !one || !other) return null;
	if ([one, other].some(({ quantity }) => leads(quantity, want, facts))) return null;
	for (const [top, bottom] of [
		[one, other],
		[other, one],
	] as const)
		if (leads({ number: '1', unit: `(${top.quantity.unit})/(${bottom.quantity.unit})` }, want, facts))
			return { start: { top: plain(top.quantity), bottom: plain(bottom.quantity) }, of: [one.i, other.i] };
	return null;
}

/** Quantities side by side that make one measure, from large to small: 9 lb 6 oz, 3 h, 20 min and 5 s; none where they do not. */
function partsOf(text: string, may: readonly Free[]): readonly Free[] {
	if (may.length < 2) return [];
	const isNext = (one: Free, next: Free) => {
		const [a, b] = [unitOf(one.quantity), unitOf(next.quantity)];
		const beside = /^\s*(?:,\s*|,?\s+and\s+)?$/iu.test(text.slice(one.quantity.at[1], next.quantity.at[0]));
		if (!a || !b || next.i !== one.i + 1 || !beside || !likeUnits(a, b)) return false;
		return ratioOfUnits(a, b).value.compare(ONE) > 0;
	};
	return may.every((one, k) => k === 0 || isNext(may[k - 1] as Free, one)) ? may : [];
}

/** How something is measured: what is asked of is the quantity told with the same word. */
const MEASURED = /\bhow (?:many\s+[\p{L}/²³ ]+?\s+)?(long|wide|high|deep|tall|thick|heavy)\b/iu;

/** Whether a quantity is told with the word that is asked with: "48 mm wide and 66 m long … how many feet long". */
function isAsked(text: string, { at }: Found): boolean {
	const word = MEASURED.exec(text)?.[1];
	return word !== undefined && new RegExp(`^\\s*${word}\\b`, 'iu').test(text.slice(at[1]));
}

/** Whether two quantities of one unit stand as the ends of a range. */
function isRange(text: string, low: Found, high: Found): boolean {
	const between = text.slice(low.at[1], high.at[0]);
	if (low.unit !== high.unit) return false;
	// Two with an “and” are two, unless what lies between them is told.
	if (/^\s*and\s*$/iu.test(between)) return /\bbetween\s+$/iu.test(text.slice(0, low.at[0]));
	return /^\s*(?:[–—-]|to)\s*$/u.test(between);
}

function isAlike(a: string, b: string): boolean {
	const [x, y] = [parseUnit(a, { counted: true }), parseUnit(b, { counted: true })];
	return x.ok && y.ok && (likeUnits(x.value, y.value) || sameDimension(x.value.dimension, y.value.dimension));
}
