import type { Chain, Factor } from '../chain/chain';
import { workChain } from '../chain/work-chain';
import type { Fact } from '../fact/fact';
import { bad, good, type Outcome, within } from '../numeral/fault';
import { decimalText } from '../numeral/print';
import { labelsClash, likeUnits, sameSize } from '../unit/like-units';
import { parseUnit } from '../unit/parse-unit';
import type { Unit, UnitPart } from '../unit/unit';
import { unitOfParts } from '../unit/unit-of-parts';
import {
	builtInGraph,
	type Compound,
	type FactGraph,
	factGraph,
	givenFacts,
	type Move,
	type Place,
	placeOf,
	withFacts,
} from './fact-graph';
import { labelsAgree, type Way, waysFrom } from './ways';

/** A route: its factors in an order in which each one cancels something. */
export type Route = { readonly factors: readonly Factor[]; readonly counted: readonly string[] };

/** A unit that must go or come, with the side it stands on. */
type Need = { readonly part: UnitPart; readonly place: Place; readonly side: 'top' | 'bottom' };

type Laid = { readonly move: Move; readonly power: number };

/** How many facts with several units on a side one route may take. */
const COMPOUNDS_LIMIT = 2;
/** How many lines are tried with them. */
const TRIES_LIMIT = 400;

function needOf(part: UnitPart): Need {
	return { part, place: placeOf(part), side: part.power > 0 ? 'top' : 'bottom' };
}

/** The parts of one unit over another: what must go has its own sign, what must come the other one. */
function differenceOf(from: Unit, to: Unit): { readonly go: readonly Need[]; readonly come: readonly Need[] } {
	const left = new Map<string, UnitPart>();
	const add = (part: UnitPart, sign: number) => {
		const same = [...left.entries()].find(
			([, has]) => has.unit === part.unit && has.prefix === part.prefix && labelsAgree(has.label, part.label),
		);
		const key = same?.[0] ?? `${part.prefix ?? ''}${part.unit}{${part.label ?? ''}}${sign}`;
		const power = (same?.[1].power ?? 0) + part.power * sign;
		if (power === 0) left.delete(key);
		else left.set(key, { ...(same?.[1] ?? part), power });
	};
	for (const part of from.parts) add(part, 1);
	const want = new Map(left);
	for (const part of to.parts) add(part, -1);
	const go: Need[] = [];
	const come: Need[] = [];
	for (const [key, part] of left) {
		const had = want.get(key);
		// What stood before and still stands must go; what was only taken away must come, on the side it is wanted.
		if (had && Math.sign(had.power) === Math.sign(part.power)) go.push(needOf(part));
		else come.push(needOf({ ...part, power: -part.power }));
	}
	return { go, come };
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
		const laid = way.steps.map(({ edge: { move }, power }) => ({
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

function bySingles(graph: FactGraph, from: Unit, to: Unit): Match | null {
	const { go, come } = differenceOf(from, to);
	if (go.length > 8 || come.length > 8) return null;
	const lookedFor = new Set([...go, ...come].map(({ place }) => place.base));
	const ways = new Map(go.map((need) => [need, waysFrom(graph, need.place, lookedFor)]));
	return match(go, come, ways, FACTORS_LIMIT);
}

function after(unit: Unit, { top, bottom }: Compound, power: number): Unit {
	const parts: UnitPart[] = unit.parts.map((part) => ({ ...part }));
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
	return unitOfParts(parts);
}

/** Whether a compound fact has anything to do with what is looked for: it leads away from a unit of its kind. */
function touches(graph: FactGraph, need: Need, compound: Compound): boolean {
	const lookedFor = new Set([...compound.top.parts, ...compound.bottom.parts].map((part) => placeOf(part).base));
	if (lookedFor.has(need.place.base)) return true;
	return waysFrom(graph, { ...need.place, power: 1 }, lookedFor).some(({ place }) => lookedFor.has(place.base));
}

/** Routes that take one or two facts with several units on a side (1 N = 1 kg·m/s²), beside simple ones. */
function byCompounds(graph: FactGraph, from: Unit, to: Unit): Match | null {
	const { go, come } = differenceOf(from, to);
	const near = graph.compounds.filter((compound) => [...go, ...come].some((need) => touches(graph, need, compound)));
	let tries = 0;
	let best: Match | null = null;
	const look = (unit: Unit, taken: readonly Laid[], odd: number) => {
		for (const compound of near) {
			for (const power of [1, 2]) {
				if (tries++ > TRIES_LIMIT) return;
				const next = after(unit, compound, power);
				const laid = [...taken, { move: compound.move, power }];
				const rest = bySingles(graph, next, to);
				const count = laid.length + (rest?.count ?? 0);
				const total = odd + compound.move.odd + (rest?.odd ?? 0);
				if (rest && (!best || count < best.count || (count === best.count && total < best.odd)))
					best = { count, odd: total, laid: [...laid, ...rest.laid] };
				if (!best && laid.length < COMPOUNDS_LIMIT) look(next, laid, odd + compound.move.odd);
			}
		}
	};
	look(from, [], 0);
	return best;
}

/** The SI unit of one word for what a unit measures, to go by where no table has a fact. */
const COHERENT = ['m', 'm^2', 'm^3', 'kg', 's', 'rad', 'K', 'mol', 'J', 'W', 'Pa', 'N', 'Bq', 'Gy', 'T', 'Wb', 'lx'];

/** What a unit is by its definition, as a factor to or from the coherent SI unit; null where it is that unit. */
function definitionOf(unit: Unit): { readonly move: Move; readonly to: string } | null {
	for (const text of COHERENT) {
		const read = parseUnit(text);
		if (!read.ok || read.value.kind !== unit.kind) continue;
		if (unit.pi !== 0 || sameSize(read.value, unit)) return null;
		const number = decimalText(unit.factor);
		return {
			move: {
				top: { number, unit: text },
				bottom: { number: '1', unit: unit.text },
				exact: unit.figures === null,
				odd: 9,
			},
			to: text,
		};
	}
	return null;
}

/** By the definitions of both units, through the SI unit: where no table knows a way. */
function byDefinitions(from: Unit, to: Unit): Match | null {
	const laid: Laid[] = [];
	const [away, home] = [definitionOf(from), definitionOf(to)];
	if (away) laid.push({ move: away.move, power: 1 });
	if (home) laid.push({ move: { ...home.move, top: home.move.bottom, bottom: home.move.top }, power: 1 });
	return laid.length ? { count: laid.length, odd: 9 * laid.length, laid } : null;
}

function factorOf({ move: { top, bottom, exact, given }, power }: Laid): Factor {
	return {
		top,
		bottom,
		...(exact === undefined ? {} : { exact }),
		...(given ? { given } : {}),
		...(power === 1 ? {} : { power }),
	};
}

/** The factors in an order in which each one cancels something that stands, where there is one. */
function inOrder(from: Unit, factors: readonly Factor[]): readonly Factor[] {
	const ordered: Factor[] = [];
	const left = [...factors];
	const start = { number: '1', unit: from.text };
	while (left.length) {
		const at = left.findIndex((factor) => {
			const now = workChain({ start, factors: [...ordered, factor] });
			return now.ok && now.value.cancelled.some(({ from: a, against: b }) => Math.max(a, b) === ordered.length);
		});
		ordered.push(...left.splice(Math.max(0, at), 1));
	}
	return ordered;
}

function reaches(from: Unit, to: Unit, factors: readonly Factor[]): boolean {
	const chain: Chain = { start: { number: '1', unit: from.text }, factors, want: to.text };
	const worked = workChain(chain);
	return worked.ok && worked.value.reached === true;
}

/** The fewest factors from one unit to another over a graph of facts; null where there is no way. */
export function routeOver(graph: FactGraph, from: Unit, to: Unit, definitions: boolean): readonly Factor[] | null {
	if (sameSize(from, to) && !labelsClash(from, to)) return [];
	const found =
		bySingles(graph, from, to) ??
		byCompounds(graph, from, to) ??
		(definitions && likeUnits(from, to) && !labelsClash(from, to) ? byDefinitions(from, to) : null);
	if (!found) return null;
	const factors = inOrder(from, found.laid.map(factorOf));
	return reaches(from, to, factors) ? factors : null;
}

/** Which facts a route may take: only those given, the built-in tables, or both. */
export type RouteFacts = { readonly facts?: readonly Fact[]; readonly tables?: boolean };

function graphOf({ facts, tables = facts === undefined }: RouteFacts): FactGraph {
	if (!tables) return factGraph(givenFacts(facts ?? []), false);
	return facts?.length ? withFacts(builtInGraph(), givenFacts(facts)) : builtInGraph();
}

/**
 * The fewest conversion factors from one unit to another, powers and both ends of a rate included; of
 * routes of one length the one a teacher would go, through the units of the tables.
 * @returns the factors (none where the units are the same), or a fault: of a unit, or `no-route`.
 */
export function route(from: string, to: string, choose: RouteFacts = {}): Outcome<Route> {
	const start = parseUnit(from, { counted: true });
	if (!start.ok) return { ok: false, fault: within(start.fault, 'from') };
	const end = parseUnit(to, { counted: true });
	if (!end.ok) return { ok: false, fault: within(end.fault, 'to') };
	const counted = [...new Set([...start.value.counted, ...end.value.counted])];
	if (start.value.offset !== end.value.offset || (start.value.offset && start.value.text !== end.value.text))
		return bad(
			'no-route',
			`Between ${start.value.text} and ${end.value.text} a temperature shifts as well as scales, which no factor can do.`,
		);
	const tablesOnly = choose.facts === undefined || choose.facts.length === 0;
	const useTables = choose.tables ?? choose.facts === undefined;
	const hopeless = useTables && tablesOnly && !likeUnits(start.value, end.value);
	const factors = hopeless ? null : routeOver(graphOf(choose), start.value, end.value, useTables);
	if (!factors)
		return bad(
			'no-route',
			`No facts here lead from ${start.value.text || 'a plain number'} to ${end.value.text || 'a plain number'}.`,
		);
	return good({ factors, counted });
}
