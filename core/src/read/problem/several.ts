import { sameDimension } from '../../unit/dimension';
import { parseUnit } from '../../unit/parse-unit';
import { leadsTo } from './leads';
import { type Linked, plain } from './linked';
import type { Free } from './measure';
import type { Chosen } from './roles';
import { isAlike, isRate } from './unit-kinds';

/** How a text asks for several things together. */
export const SUMS =
	/\d\s?\p{L}{1,4}\s*\+\s*\d|\b(?:together|altogether|in\s+all|in\s+total|total|sum|combined|add\s+(?:them|these|both|the\s+two)(?:\s+up)?)\b/iu;

/** Two or more quantities of one kind that are added up, and are not the parts of one measure. */
export function sumOf(free: readonly Free[], linked: readonly Linked[], want: string | null): Chosen | null {
	const [first, ...rest] = free;
	if (!first || rest.length === 0 || want === null || !free.every(({ quantity }) => isAlike(quantity.unit, want)))
		return null;
	if (isRate(first.quantity.unit)) return null;
	return {
		start: plain(first.quantity),
		of: free.map(({ i }) => i),
		facts: linked,
		until: null,
		terms: rest.map(({ quantity }) => plain(quantity)),
		parts: false,
	};
}

/** What joins a length and a width: 18 m by 9.5 m. */
const BY = /^\s*(?:by|×|x)\s*$/iu;

/** Lengths that make an area or a volume: 2.4 m × 1.2 m × 0.30 m, how many litres? */
export function productOf(text: string, free: readonly Free[], linked: readonly Linked[], want: string): Chosen | null {
	const wanted = parseUnit(want, { counted: true });
	const lengths = free.filter(({ quantity }) => isAlike(quantity.unit, 'm'));
	const [first, ...rest] = lengths;
	if (!wanted.ok || !first || rest.length === 0 || lengths.length > 3) return null;
	const isMade = sameDimension(wanted.value.dimension, { m: lengths.length });
	const facts = linked.map(({ fact }) => fact);
	const isBy = lengths.every(
		({ quantity }, k) => k === 0 || BY.test(text.slice((lengths[k - 1] as Free).quantity.at[1], quantity.at[0])),
	);
	const leadsOn = () => isBy && leadsTo(lengths.map(({ quantity }) => `(${quantity.unit})`).join('·'), want, facts);
	if (!isMade && !leadsOn()) return null;
	return {
		start: plain(first.quantity),
		of: lengths.map(({ i }) => i),
		facts: linked,
		until: null,
		terms: [],
		times: rest.map(({ quantity }) => plain(quantity)),
	};
}
