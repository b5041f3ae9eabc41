import type { TableFact } from '../fact/fact';
import { isOfOne } from '../fact/fact-tables';
import { type FactsFrom, factsHolding } from '../fact/facts-holding';
import { parseUnit } from '../unit/parse-unit';
import type { UnitPart } from '../unit/unit';
import { builtInGraph, type FactGraph, givenFacts, placeOf, tablesGraph, withFacts } from './fact-graph';

/** How many facts each unit is away from a wanted one, by its base ("mL"). */
type Distances = ReadonlyMap<string, number>;

/** No exercise needs a longer way from one unit to another. */
const FARTHEST = 6;

const known = new WeakMap<FactsFrom, Map<string, Distances>>();

function graphFrom({ problem = [], own = [], allowed }: FactsFrom): FactGraph {
	return withFacts(allowed ? tablesGraph(allowed) : builtInGraph(), givenFacts([...problem, ...own]));
}

function partsOf(unit: string): readonly UnitPart[] {
	const read = parseUnit(unit, { counted: true });
	return read.ok ? read.value.parts : [];
}

/** Walks outwards from the wanted units, one fact at a time. */
function distancesTo(wanted: string, { edges, prefixes }: FactGraph): Distances {
	const found = new Map<string, number>();
	let reached = partsOf(wanted).map((part) => placeOf(part));
	for (let facts = 0; reached.length && facts <= FARTHEST; facts++) {
		const fresh = reached.filter(({ base }) => !found.has(base));
		for (const { base } of fresh) found.set(base, facts);
		reached = fresh.flatMap((place) => {
			const linked = (edges.get(place.base) ?? []).map(({ to }) => to);
			return prefixes && place.prefix !== undefined
				? [...linked, { ...place, base: place.unit, prefix: undefined }]
				: linked;
		});
	}
	return found;
}

function distancesFrom(wanted: string, from: FactsFrom): Distances {
	const byWanted = known.get(from) ?? new Map<string, Distances>();
	known.set(from, byWanted);
	const distances = byWanted.get(wanted) ?? distancesTo(wanted, graphFrom(from));
	byWanted.set(wanted, distances);
	return distances;
}

/** How far a unit is from a wanted one; a prefix is one fact away from its bare unit. */
function distanceOf(distances: Distances, { unit, prefix }: UnitPart): number {
	const bare = prefix === undefined ? Number.POSITIVE_INFINITY : (distances.get(unit) ?? Number.POSITIVE_INFINITY) + 1;
	return Math.min(bare, distances.get((prefix ?? '') + unit) ?? Number.POSITIVE_INFINITY);
}

const EMPTY: FactsFrom = {};

/** The facts that hold a unit, and how many of the first of them lead to what is wanted. */
export type FactsToward = { readonly facts: readonly TableFact[]; readonly leading: number };

/**
 * The facts that hold a unit, those first that bring it nearer to a wanted one. The others follow, prefixes last: a
 * student can still take a wrong turn.
 * @param unit the touched unit, without its power ("cm", "h", "crate").
 * @param wanted the unit that the line must end at ("L/h").
 * @param from where facts are looked for, as in `factsHolding`.
 * @example factsToward('in', 'cm').facts[0] // 1 in = 2.54 cm, before 1 ft = 12 in
 */
export function factsToward(unit: string, wanted: string, from: FactsFrom = EMPTY): FactsToward {
	const [part] = partsOf(unit);
	const all = factsHolding(unit, from);
	if (!part) return { facts: all, leading: 0 };
	const distances = distancesFrom(wanted, from);
	const here = distanceOf(distances, part);
	const isTouched = (other: UnitPart) => other.unit === part.unit && other.prefix === part.prefix;
	/** How far the other side of a fact is; infinite where the fact leads no nearer, or holds for one substance only. */
	const leadsTo = ({ left, right, tables }: TableFact) => {
		if (isOfOne(tables)) return Number.POSITIVE_INFINITY;
		const sides = [partsOf(left.unit), partsOf(right.unit)];
		if (sides.some(({ length }) => length !== 1)) return Number.POSITIVE_INFINITY;
		const others = sides.flat().filter((other) => !isTouched(other));
		const nearest = Math.min(...others.map((other) => distanceOf(distances, other)));
		return nearest < here ? nearest : Number.POSITIVE_INFINITY;
	};
	const ranked = all.map((fact) => ({ fact, distance: leadsTo(fact) }));
	const leading = ranked.filter(({ distance }) => Number.isFinite(distance)).sort((a, b) => a.distance - b.distance);
	const rest = ranked.filter(({ distance }) => !Number.isFinite(distance));
	const isPrefix = ({ fact }: (typeof rest)[number]) => fact.tables.includes('prefixes');
	const behind = [...rest.filter((one) => !isPrefix(one)), ...rest.filter(isPrefix)];
	return { facts: [...leading, ...behind].map(({ fact }) => fact), leading: leading.length };
}
