import type { Fact, TableFact } from '../fact/fact';
import { isOfOne, type TableName } from '../fact/fact-tables';
import { oddnessOf } from '../fact/oddness';
import { FACT_ROWS, prefixFact } from '../fact/tables';
import type { Quantity } from '../quantity/quantity';
import { rowOf } from '../unit/find-unit';
import { parseUnit } from '../unit/parse-unit';
import type { Unit, UnitPart } from '../unit/unit';

/** A unit to a power above zero, as a place on the way; its label is the substance it is of. */
export type Place = {
	readonly base: string;
	readonly unit: string;
	readonly prefix: string | undefined;
	readonly label: string | undefined;
	readonly power: number;
};

/** A factor that can be laid down: its top, its bottom, and how unusual it is in class. */
export type Move = {
	readonly top: Quantity;
	readonly bottom: Quantity;
	readonly exact?: boolean;
	readonly given?: boolean;
	/** How odd it is: of two routes of one length, the one of less oddness is taken. */
	readonly odd: number;
};

/** A move from one unit to another: from that of the bottom to that of the top. */
export type Edge = { readonly move: Move; readonly from: Place; readonly to: Place };

/** A fact with more than one unit on a side, both ways up. */
export type Compound = { readonly move: Move; readonly top: Unit; readonly bottom: Unit };

/** A fact of a graph; one that is given says on its factors whether it is exact, if that is known. */
export type GraphFact = TableFact & { readonly given?: { readonly exact?: boolean } };

/** The facts a route may take, by the unit they lead away from. */
export type FactGraph = {
	readonly edges: ReadonlyMap<string, readonly Edge[]>;
	readonly compounds: readonly Compound[];
	/** Whether the prefixes of the SI may be taken too. */
	readonly prefixes: boolean;
	/** The units of the given facts, which prefixes may lead to: from 64 GB to the MB of 3.2 MB a photo. */
	readonly given: readonly string[];
};

const ODD_PREFIX = 2;

export function placeOf(part: UnitPart, power = Math.abs(part.power)): Place {
	const { unit, prefix, label } = part;
	return { base: prefix === undefined ? unit : prefix + unit, unit, prefix, label, power };
}

function lone(unit: Unit): UnitPart | null {
	const [only] = unit.parts;
	return unit.parts.length === 1 && only && only.power > 0 ? only : null;
}

function movesOf(fact: GraphFact): readonly Move[] {
	const rest = { ...(fact.given ? { given: true, ...fact.given } : {}), odd: oddnessOf(fact) };
	return [
		{ top: fact.right, bottom: fact.left, ...rest },
		{ top: fact.left, bottom: fact.right, ...rest },
	];
}

/** The graph of some facts; those that cannot be read are passed over. */
export function factGraph(facts: readonly GraphFact[], prefixes: boolean): FactGraph {
	const edges = new Map<string, Edge[]>();
	const compounds: Compound[] = [];
	for (const fact of facts)
		for (const move of movesOf(fact)) {
			const top = parseUnit(move.top.unit, { counted: true });
			const bottom = parseUnit(move.bottom.unit, { counted: true });
			if (!top.ok || !bottom.ok) continue;
			const [to, from] = [lone(top.value), lone(bottom.value)];
			if (to && from) {
				const edge: Edge = { move, from: placeOf(from), to: placeOf(to) };
				const known = edges.get(edge.from.base);
				if (known) known.push(edge);
				else edges.set(edge.from.base, [edge]);
			} else compounds.push({ move, top: top.value, bottom: bottom.value });
		}
	const given = [...edges.values()].flat().flatMap(({ move, from }) => (move.given ? [from.base] : []));
	return { edges, compounds, prefixes, given: [...new Set(given)] };
}

let builtIn: FactGraph | null = null;

/** The facts of the built-in tables that hold for everything, with the prefixes; not those of one substance. */
export function builtInGraph(): FactGraph {
	builtIn ??= factGraph(
		FACT_ROWS.filter(({ tables }) => !isOfOne(tables)),
		true,
	);
	return builtIn;
}

let exact: FactGraph | null = null;

/** The same without what is rounded or measured. */
export function exactGraph(): FactGraph {
	exact ??= factGraph(
		FACT_ROWS.filter(({ tables, exact: isExact }) => isExact && !isOfOne(tables)),
		true,
	);
	return exact;
}

/** The facts of some tables alone; the prefixes when theirs is among them. */
export function tablesGraph(allowed: readonly TableName[]): FactGraph {
	return factGraph(
		FACT_ROWS.filter(({ tables }) => tables.some((table) => allowed.includes(table))),
		allowed.includes('prefixes'),
	);
}

/** Two graphs as one; the facts of the second are looked at first. */
export function withGraph(graph: FactGraph, more: FactGraph): FactGraph {
	const edges = new Map(graph.edges);
	for (const [base, list] of more.edges) edges.set(base, [...list, ...(edges.get(base) ?? [])]);
	return {
		edges,
		compounds: [...more.compounds, ...graph.compounds],
		prefixes: graph.prefixes,
		given: [...more.given, ...graph.given],
	};
}

/** A graph with more facts than another. */
export function withFacts(graph: FactGraph, facts: readonly GraphFact[]): FactGraph {
	return withGraph(graph, factGraph(facts, false));
}

/** Facts that a problem or a person gives; whether they are exact may be left for their factor to say. */
export function givenFacts(facts: readonly Fact[]): readonly GraphFact[] {
	return facts.map((fact) => ({
		...fact,
		exact: fact.exact ?? true,
		tables: ['own'],
		source: '',
		given: fact.exact === undefined ? {} : { exact: fact.exact },
	}));
}

type Both = { readonly up: Edge; readonly down: Edge };

const prefixed = new Map<string, Both | null>();

/** What a prefix says of a unit, both ways; remembered, since every search asks it of the same few. */
function prefixBoth(prefix: string, unit: string): Both | null {
	const key = `${prefix} ${unit}`;
	let both = prefixed.get(key);
	if (both === undefined) {
		const fact = prefixFact(prefix, unit);
		const plain: Place = { base: unit, unit, prefix: undefined, label: undefined, power: 1 };
		const raised: Place = { base: prefix + unit, unit, prefix, label: undefined, power: 1 };
		both = fact && {
			up: { move: { top: fact.left, bottom: fact.right, odd: ODD_PREFIX }, from: plain, to: raised },
			down: { move: { top: fact.right, bottom: fact.left, odd: ODD_PREFIX }, from: raised, to: plain },
		};
		prefixed.set(key, both);
	}
	return both;
}

const NONE: readonly Edge[] = [];

/** The prefix edges that lead away from a place: to the bare unit, or to those of the units looked for. */
export function prefixEdges(graph: FactGraph, at: Place, lookedFor: ReadonlySet<string>): readonly Edge[] {
	if (!graph.prefixes) return NONE;
	if (at.prefix !== undefined) {
		const both = prefixBoth(at.prefix, at.unit);
		return both ? [both.down] : NONE;
	}
	if (!rowOf(at.unit)?.prefixes) return NONE;
	const up: Edge[] = [];
	for (const base of lookedFor) {
		if (base.length === at.unit.length || !base.endsWith(at.unit)) continue;
		const both = prefixBoth(base.slice(0, -at.unit.length), at.unit);
		if (both) up.push(both.up);
	}
	return up;
}
