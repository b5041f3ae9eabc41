import { FACT_ROWS } from '../fact/tables';
import { withPi } from '../numeral/pi';
import { ONE, type Rational, toPower } from '../numeral/rational';
import { round } from '../numeral/round';
import { ratioOfUnits } from '../unit/like-units';
import { parseUnit } from '../unit/parse-unit';
import { builtInGraph, type Edge, type Place, prefixEdges } from './fact-graph';
import { along, type Step } from './ways';

/** The most factors between two units that ways are looked for along, and the most ways there may be. */
const LENGTH_LIMIT = 5;
const WAYS_LIMIT = 40;

/** The pairs of units that a fact between systems joins, each both ways round. */
let bridges: ReadonlySet<string> | null = null;

/** Whether a fact between systems joins two units: in and cm, lb and kg. */
export function isBridge(a: string, b: string): boolean {
	bridges ??= new Set(
		FACT_ROWS.filter(({ tables }) => tables.includes('between')).flatMap(({ left, right }) => [
			`${left.unit} ${right.unit}`,
			`${right.unit} ${left.unit}`,
		]),
	);
	return bridges.has(`${a} ${b}`);
}

function isAt(place: Place, end: Place): boolean {
	return place.base === end.base && place.power === end.power;
}

/** All the ways of fewest factors between two units by the built-in tables. */
function shortestWays(from: Place, to: Place): readonly (readonly Step[])[] {
	const graph = builtInGraph();
	const lookedFor = new Set([from.base, to.base]);
	let level: readonly { readonly at: Place; readonly steps: readonly Step[] }[] = [{ at: from, steps: [] }];
	const passed = new Set([from.base]);
	for (let length = 0; length < LENGTH_LIMIT; length++) {
		const there = level.filter(({ at }) => isAt(at, to));
		if (there.length) return there.map(({ steps }) => steps).slice(0, WAYS_LIMIT);
		const next: { readonly at: Place; readonly steps: readonly Step[] }[] = [];
		for (const { at, steps } of level) {
			const lead = (edge: Edge) => {
				const led = along(edge, at);
				if (led && !passed.has(led.place.base))
					next.push({ at: led.place, steps: [...steps, { edge, power: led.power }] });
			};
			for (const edge of graph.edges.get(at.base) ?? []) lead(edge);
			for (const edge of prefixEdges(graph, at, lookedFor)) lead(edge);
		}
		for (const { at } of next) passed.add(at.base);
		level = next;
	}
	return [];
}

/** How many of one unit another is; 1 where one of them is none. */
function ratioOf(from: string, to: string): Rational {
	const [a, b] = [parseUnit(from), parseUnit(to)];
	if (!a.ok || !b.ok) return ONE;
	const { value, pi } = ratioOfUnits(a.value, b.value);
	return withPi(value, pi);
}

/**
 * What a fact between two units may be taken to be worth, against what it is: exactly that, or with its number rounded
 * to so many figures, either way round (1 lb = 0.454 kg, 1 kg = 2.20 lb).
 */
function bridgeWorths(from: string, to: string, figures: number): readonly Rational[] {
	if (!isBridge(from, to)) return [ONE];
	const ratio = ratioOf(from, to);
	const back = ONE.div(ratio);
	const there = round(ratio, { significant: figures }).value.div(ratio);
	const turned = back.div(round(back, { significant: figures }).value);
	return [ONE, there, turned];
}

function eachOnce(worths: readonly Rational[]): readonly Rational[] {
	return [...new Map(worths.map((worth) => [worth.text(), worth])).values()];
}

const known = new Map<string, readonly Rational[]>();

/**
 * What going from one unit to another may be worth with the facts between systems rounded, as the tables on a wall give
 * them, against what it truly is: 1.61/1.609344 from mi to km. Only along ways of fewest factors by the built-in tables
 * (contract, "check", the key).
 */
export function roundedWorths(from: Place, to: Place, figures: number): readonly Rational[] {
	const key = `${from.base}^${from.power} ${to.base}^${to.power} ${figures}`;
	let worths = known.get(key);
	if (!worths) {
		worths = eachOnce(
			shortestWays(from, to).flatMap((steps) =>
				steps.reduce<readonly Rational[]>(
					(made, { edge: { move }, power }) => {
						const each = bridgeWorths(move.bottom.unit, move.top.unit, figures);
						return made.flatMap((worth) => each.map((one) => worth.mul(toPower(one, power))));
					},
					[ONE],
				),
			),
		);
		known.set(key, worths);
	}
	return worths;
}
