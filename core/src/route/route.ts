import type { Factor } from '../chain/chain';
import { workChain } from '../chain/work-chain';
import type { Fact } from '../fact/fact';
import type { TableName } from '../fact/fact-tables';
import { bad, good, type Outcome, within } from '../numeral/fault';
import { addDimension } from '../unit/dimension';
import { likeUnits } from '../unit/like-units';
import { parseUnit } from '../unit/parse-unit';
import type { Unit } from '../unit/unit';
import { builtInGraph, exactGraph, type FactGraph, factGraph, givenFacts, tablesGraph, withFacts } from './fact-graph';
import { routeOver } from './route-over';

/** A route: its factors in an order in which each one cancels something. */
export type Route = { readonly factors: readonly Factor[]; readonly counted: readonly string[] };

/** Which facts a route may take: only those given, the built-in tables, or both. */
export type RouteFacts = {
	readonly facts?: readonly Fact[];
	/** The built-in tables beside the facts: all of them, none, or those a class may use. */
	readonly tables?: boolean | readonly TableName[];
	/** Of the tables only what is exact: no 39.37 in for 1 m, which would limit the figures. */
	readonly exactly?: boolean;
};

function graphOf({ facts, tables = facts === undefined, exactly = false }: RouteFacts): FactGraph {
	if (!tables) return factGraph(givenFacts(facts ?? []), false);
	const built = tables === true ? (exactly ? exactGraph() : builtInGraph()) : tablesGraph(tables);
	return facts?.length ? withFacts(built, givenFacts(facts)) : built;
}

/**
 * The route of a key: by exact facts of the tables where these lead there, so that nothing but the problem limits the
 * figures; else by any.
 * @param counting the tables a class goes by; where they lead nowhere, all of them do.
 */
export function exactRoute(
	from: string,
	to: string,
	facts: readonly Fact[],
	counting?: readonly TableName[],
): Outcome<Route> {
	const inClass = counting && route(from, to, { facts, tables: counting });
	if (inClass?.ok) return inClass;
	const any = route(from, to, { facts, tables: true });
	if (!any.ok || !isLimited(any.value.factors)) return any;
	const exact = route(from, to, { facts, tables: true, exactly: true });
	return exact.ok ? exact : any;
}

/**
 * Whether facts may lead from one unit to another at all: what the units differ in is in some fact between unlike units,
 * since the facts of the tables are between alike ones.
 */
function mayLead(from: Unit, to: Unit, facts: readonly Fact[]): boolean {
	if (likeUnits(from, to)) return true;
	const apart = addDimension(to.dimension, from.dimension, -1);
	const led = new Set<string>();
	for (const { left, right } of facts) {
		const [a, b] = [parseUnit(left.unit, { counted: true }), parseUnit(right.unit, { counted: true })];
		if (a.ok && b.ok)
			for (const key of Object.keys(addDimension(a.value.dimension, b.value.dimension, -1))) led.add(key);
	}
	return Object.keys(apart).every((key) => key === 'rad' || led.has(key));
}

/** Whether a fact of the tables among some factors is rounded, so that it limits the figures. */
function isLimited(factors: readonly Factor[]): boolean {
	const worked = workChain({ start: { number: '1', unit: '' }, factors });
	return worked.ok && worked.value.factors.some(({ exact }, i) => exact === false && !factors[i]?.given);
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
			`From ${start.value.text} to ${end.value.text} you also have to add or subtract. No factor can do that.`,
		);
	const tablesOnly = choose.facts === undefined || choose.facts.length === 0;
	const { tables: allowed = choose.facts === undefined } = choose;
	const useTables = allowed !== false;
	const hopeless = useTables && tablesOnly && !likeUnits(start.value, end.value);
	// A class takes areas and volumes by exact inches: 39.37 in to the metre, squared, is off in the fourth figure.
	const raised = start.value.parts.some(({ power }) => Math.abs(power) > 1);
	// A table that a question asks for by name may hold a constant, which leads between unlike units.
	const apart = !Array.isArray(allowed) && !mayLead(start.value, end.value, choose.facts ?? []);
	const factors =
		hopeless || apart
			? null
			: routeOver(graphOf(choose), start.value, end.value, { compounds: true, definitions: allowed === true });
	if (!factors)
		return bad(
			'no-route',
			`No facts lead from ${start.value.text || 'a plain number'} to ${end.value.text || 'a plain number'}.`,
		);
	if (raised && allowed === true && !choose.exactly && isLimited(factors)) {
		const exact = route(from, to, { ...choose, exactly: true });
		if (exact.ok) return exact;
	}
	return good({ factors, counted });
}
