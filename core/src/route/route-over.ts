import type { Factor } from '../chain/chain';
import { type WorkedChain, workChain } from '../chain/work-chain';
import { labelsClash, likeUnits, sameSize } from '../unit/like-units';
import { PREFIXES, prefixOf } from '../unit/prefixes';
import type { Unit, UnitPart } from '../unit/unit';
import { unitOfParts } from '../unit/unit-of-parts';
import { withDefinitions } from './definitions';
import { type Compound, type FactGraph, type Move, type Place, placeOf } from './fact-graph';
import { keyOf, labelsAgree, stepsOf, type Way, waysFrom } from './ways';

/** A unit that must go or come, with its side of the bar. */
type Need = { readonly part: UnitPart; readonly place: Place; readonly side: 'top' | 'bottom' };

/** The parts of a unit, or of the units that remain. */
type Parts = readonly UnitPart[];

type Laid = { readonly move: Move; readonly power: number };

/** How many facts with several units on a side one route may take. */
const COMPOUNDS_LIMIT = 2;
/** How many lines are tried with them. */
const TRIES_LIMIT = 100;

function needOf(part: UnitPart): Need {
	return { part, place: placeOf(part), side: part.power > 0 ? 'top' : 'bottom' };
}

/** The parts of one unit that must go and those of the other that must come: all that are not alike on the same side. */
function differenceOf(from: Parts, to: Parts): { readonly go: readonly Need[]; readonly come: readonly Need[] } {
	const come = to.map((part) => ({ ...part }));
	const go: UnitPart[] = [];
	for (const part of from) {
		const same = come.find(
			(has) =>
				has.unit === part.unit &&
				has.prefix === part.prefix &&
				has.power > 0 === part.power > 0 &&
				labelsAgree(has.label, part.label),
		);
		const stays = same ? Math.min(Math.abs(same.power), Math.abs(part.power)) * Math.sign(part.power) : 0;
		if (same) same.power -= stays;
		if (part.power !== stays) go.push({ ...part, power: part.power - stays });
	}
	return { go: go.map(needOf), come: come.filter(({ power }) => power !== 0).map(needOf) };
}

/** Where something that must go may end: in a place that is wanted on its side, or against one that must go too. */
function endsFor(need: Need, others: readonly Need[], come: readonly Need[]) {
	return [
		...come.filter(({ side }) => side === need.side),
		...others.filter((other) => other !== need && other.side !== need.side),
	];
}

type Match = { readonly count: number; readonly odd: number; readonly laid: readonly Laid[] };

/** Joins each unit that must go to one that must come, or to one on the other side, by the fewest factors in all. */
function match(
	go: readonly Need[],
	come: readonly Need[],
	ways: ReadonlyMap<Need, readonly Way[]>,
	limit: number,
): Match | null {
	const [first, ...rest] = go;
	if (!first) return come.length ? null : { count: 0, odd: 0, laid: [] };
	let best: Match | null = null;
	for (const end of endsFor(first, go, come)) {
		const way = ways
			.get(first)
			?.find(
				({ place }) =>
					place.base === end.place.base && place.power === end.place.power && labelsAgree(place.label, end.place.label),
			);
		if (!way || way.count > limit) continue;
		const others = match(
			rest.filter((need) => need !== end),
			come.filter((need) => need !== end),
			ways,
			limit - way.count,
		);
		if (!others) continue;
		const count = way.count + others.count;
		const odd = way.odd + others.odd;
		if (best && (best.count < count || (best.count === count && best.odd <= odd))) continue;
		const laid = stepsOf(way).map(({ edge: { move }, power }) => ({
			// On the bottom a unit is left by having it on top.
			move: first.side === 'top' ? move : { ...move, top: move.bottom, bottom: move.top },
			power,
		}));
		best = { count, odd, laid: [...laid, ...others.laid] };
	}
	return best;
}

/** The most factors a route may have. */
const FACTORS_LIMIT = 40;

/** A search over one graph: what prefixes may lead to, and the ways found so far. */
type Search = {
	readonly graph: FactGraph;
	readonly lookedFor: ReadonlySet<string>;
	readonly ways: Map<string, readonly Way[]>;
};

function basesOf(parts: readonly UnitPart[]): readonly string[] {
	return parts.map((part) => placeOf(part).base);
}

/** The ways from a place, to its ends where it has any; remembered, since many lines that are tried ask for the same. */
function waysOf({ graph, lookedFor, ways }: Search, place: Place, ends: readonly Place[] = []): readonly Way[] {
	const key = [place, ...ends].map(keyOf).join(' ');
	let known = ways.get(key);
	if (!known) {
		known = waysFrom(graph, place, lookedFor, ends);
		ways.set(key, known);
	}
	return known;
}

function kindOfPlace({ place: { unit, power } }: Need): string {
	return unitOfParts([{ unit, power }]).kind;
}

/** The ways from a unit that must go: to its ends of the same kind where it has any, else to wherever they lead. */
function waysToAlike(search: Search, need: Need, ends: readonly Need[]): readonly Way[] {
	const kind = kindOfPlace(need);
	const alike = ends.filter((end) => kindOfPlace(end) === kind).map(({ place }) => place);
	return waysOf(search, need.place, alike);
}

/** The most units that are matched with each other: more ways to pair them than anyone could mean. */
const NEEDS_LIMIT = 8;

function bySingles(search: Search, from: Parts, to: Parts): Match | null {
	const { go, come } = differenceOf(from, to);
	if (go.length > NEEDS_LIMIT || come.length > NEEDS_LIMIT) return null;
	const ways = go.map((need) => [need, waysToAlike(search, need, endsFor(need, go, come))] as const);
	return match(go, come, new Map(ways), FACTORS_LIMIT);
}

/** The parts that remain once a fact is laid down. */
function after(standing: Parts, { top, bottom }: Compound, power: number): Parts {
	const parts: UnitPart[] = standing.map((part) => ({ ...part }));
	const add = (part: UnitPart, sign: number) => {
		const at = parts.findIndex(
			(has) => has.unit === part.unit && has.prefix === part.prefix && labelsAgree(has.label, part.label),
		);
		const total = (at < 0 ? 0 : (parts[at] as UnitPart).power) + part.power * sign * power;
		if (at < 0) parts.push({ ...part, power: total });
		else if (total === 0) parts.splice(at, 1);
		else parts[at] = { ...(parts[at] as UnitPart), power: total };
	};
	for (const part of top.parts) add(part, 1);
	for (const part of bottom.parts) add(part, -1);
	return parts;
}

/** The facts with several units on a side that may help: all units of one of their sides are reachable. */
function compoundsNear(search: Search, needs: readonly Need[]): readonly Compound[] {
	const reached = new Set(
		needs.flatMap(({ place }) => waysOf(search, { ...place, power: 1 }).map((way) => way.place.base)),
	);
	const within = (parts: readonly UnitPart[]) => parts.length > 0 && basesOf(parts).every((base) => reached.has(base));
	return search.graph.compounds.filter(({ top, bottom }) => within(top.parts) || within(bottom.parts));
}

/** Routes that take one or two facts with several units on a side (1 N = 1 kg·m/s²), beside simple ones. */
function byCompounds(graph: FactGraph, from: Parts, to: Parts): Match | null {
	const { go, come } = differenceOf(from, to);
	const held = graph.compounds.flatMap(({ top, bottom }) => basesOf([...top.parts, ...bottom.parts]));
	const lookedFor = new Set([...held, ...graph.given, ...basesOf(from), ...basesOf(to)]);
	const search: Search = { graph, lookedFor, ways: new Map() };
	// A unit that leads nowhere, and that no such fact holds, stays where it is whatever is tried.
	const stuck = [...go, ...come].some(({ place }) => waysOf(search, place).length < 2 && !held.includes(place.base));
	if (stuck) return null;
	const near = compoundsNear(search, [...go, ...come]);
	const powers = [...go, ...come].some(({ place }) => place.power > 1) ? [1, 2] : [1];
	let best: Match | null = null;
	let level: readonly Taken[] = [{ parts: from, laid: [], odd: 0 }];
	let tries = 0;
	for (let depth = 0; depth < COMPOUNDS_LIMIT && !best; depth++) {
		const next: Taken[] = [];
		for (const taken of level)
			for (const compound of near)
				for (const power of powers) {
					if (tries++ > TRIES_LIMIT) return best;
					const parts = after(taken.parts, compound, power);
					const laid = [...taken.laid, { move: compound.move, power }];
					const odd = taken.odd + compound.move.odd;
					next.push({ parts, laid, odd });
					const rest = bySingles(search, parts, to);
					if (!rest) continue;
					const made: Match = { count: laid.length + rest.count, odd: odd + rest.odd, laid: [...laid, ...rest.laid] };
					if (!best || made.count < best.count || (made.count === best.count && made.odd < best.odd)) best = made;
				}
		level = next;
	}
	return best;
}

/** A line with some facts of several units laid down. */
type Taken = { readonly parts: Parts; readonly laid: readonly Laid[]; readonly odd: number };

function factorOf({ move: { top, bottom, exact, given }, power }: Laid): Factor {
	return {
		top,
		bottom,
		...(exact === undefined ? {} : { exact }),
		...(given ? { given } : {}),
		...(power === 1 ? {} : { power }),
	};
}

/** The line of some factors from one of a unit, worked; null when it cannot be. */
function lineOf(from: Unit, factors: readonly Factor[], to?: Unit): WorkedChain | null {
	const worked = workChain({ start: { number: '1', unit: from.text }, factors, ...(to ? { want: to.text } : {}) });
	return worked.ok ? worked.value : null;
}

function cancelsAt(worked: WorkedChain | null, index: number): boolean {
	return worked?.cancelled.some((pair) => Math.max(pair.from, pair.against) === index) ?? false;
}

/** The factors in an order in which each one cancels a unit that remains, if there is such an order. */
function inOrder(from: Unit, factors: readonly Factor[]): readonly Factor[] {
	const asFound = lineOf(from, factors);
	if (factors.every((_, i) => cancelsAt(asFound, i))) return factors;
	const ordered: Factor[] = [];
	const left = [...factors];
	while (left.length) {
		const at = left.findIndex((factor) => cancelsAt(lineOf(from, [...ordered, factor]), ordered.length));
		ordered.push(...left.splice(Math.max(0, at), 1));
	}
	return ordered;
}

/** The seconds of a frequency, with its prefix turned over: kHz is one in a millisecond. */
function inSeconds({ parts }: Unit): readonly UnitPart[] {
	const prefix = prefixOf(parts[0]?.prefix);
	const turned = prefix && PREFIXES.find(({ power }) => power === -prefix.power);
	return [{ unit: 's', power: -1, ...(turned ? { prefix: turned.symbol } : {}) }];
}

/**
 * The fewest factors from one unit to another over a graph of facts; null where there is no way.
 * @param besides what else may be tried: facts with several units on a side, and the units' definitions.
 */
export function routeOver(
	graph: FactGraph,
	from: Unit,
	to: Unit,
	besides: { readonly compounds?: boolean; readonly definitions?: boolean },
): readonly Factor[] | null {
	if (sameSize(from, to) && !labelsClash(from, to)) return [];
	if (to.frequency && from.turns === 1) {
		const turning = unitOfParts([{ unit: 'rev', power: 1 }, ...inSeconds(to)]);
		if (likeUnits(from, turning)) return routeOver(graph, from, turning, besides);
	}
	const lookedFor = new Set([...graph.given, ...basesOf(from.parts), ...basesOf(to.parts)]);
	const simple = (over: FactGraph) => bySingles({ graph: over, lookedFor, ways: new Map() }, from.parts, to.parts);
	const defined = besides.definitions ? withDefinitions(graph) : null;
	const found =
		simple(graph) ??
		(defined && simple(defined)) ??
		(besides.compounds ? byCompounds(defined ?? graph, from.parts, to.parts) : null);
	if (!found) return null;
	const factors = inOrder(from, found.laid.map(factorOf));
	return lineOf(from, factors, to)?.reached ? factors : null;
}
