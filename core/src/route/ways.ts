import { type Edge, type FactGraph, type Place, prefixEdges } from './fact-graph';

/** One factor of a route: the move, and the power it is raised to. */
export type Step = { readonly edge: Edge; readonly power: number };

/** A place that can be come to: by how many factors, how odd they are, and from where by which last one. */
export type Way = {
	readonly place: Place;
	readonly count: number;
	readonly odd: number;
	readonly before: Way | null;
	readonly last: Step | null;
};

/** The factors of a way, the first one first. */
export function stepsOf(way: Way): readonly Step[] {
	const steps: Step[] = [];
	for (let at: Way | null = way; at?.last; at = at.before) steps.push(at.last);
	return steps.reverse();
}

/** The most places that are looked at from one unit. */
const PLACES_LIMIT = 1500;

export function labelsAgree(a: string | undefined, b: string | undefined): boolean {
	return a === undefined || b === undefined || a === b;
}

/** Whether two places are one: the same unit to the same power, of no two substances. */
function isAt(place: Place, end: Place): boolean {
	return place.base === end.base && place.power === end.power && labelsAgree(place.label, end.label);
}

/** A place as one text, the same for the same place. */
export function keyOf(place: Place): string {
	return `${place.base}^${place.power}{${place.label ?? ''}}`;
}

/** Where an edge leads from a place, raised as often as it takes; null where the powers do not fit. */
export function along(edge: Edge, at: Place): { readonly place: Place; readonly power: number } | null {
	if (at.power % edge.from.power !== 0 || !labelsAgree(edge.from.label, at.label)) return null;
	const power = at.power / edge.from.power;
	// A label met by an unlabelled side passes to the other one.
	const label = edge.to.label ?? (edge.from.label === undefined ? at.label : undefined);
	return { place: { ...edge.to, label, power: edge.to.power * power }, power };
}

/**
 * All places that can be come to from one, each by its fewest factors and, of these, the least odd: a
 * search outward, nearest first.
 * @param lookedFor the units, with prefix, that prefixes may lead to.
 * @param ends where the way may end: the search stops once all of them are found; without any it goes on to the last place.
 */
export function waysFrom(
	graph: FactGraph,
	start: Place,
	lookedFor: ReadonlySet<string>,
	ends: readonly Place[] = [],
): readonly Way[] {
	const missing = new Set(ends);
	const best = new Map<string, Way>();
	let level: Way[] = [{ place: start, count: 0, odd: 0, before: null, last: null }];
	best.set(keyOf(start), level[0] as Way);
	while (level.length && best.size < PLACES_LIMIT) {
		const next = new Map<string, Way>();
		for (const way of level) {
			const lead = (edge: Edge) => {
				const led = along(edge, way.place);
				if (!led) return;
				const key = keyOf(led.place);
				const known = best.get(key) ?? next.get(key);
				const count = way.count + 1;
				const odd = way.odd + edge.move.odd;
				if (known && (known.count < count || (known.count === count && known.odd <= odd))) return;
				next.set(key, { place: led.place, count, odd, before: way, last: { edge, power: led.power } });
			};
			for (const edge of graph.edges.get(way.place.base) ?? []) lead(edge);
			for (const edge of prefixEdges(graph, way.place, lookedFor)) lead(edge);
		}
		for (const [key, way] of next) {
			best.set(key, way);
			for (const end of missing) if (isAt(way.place, end)) missing.delete(end);
		}
		if (ends.length && missing.size === 0) break;
		level = [...next.values()];
	}
	return [...best.values()];
}
