import type { Fact } from '../../fact/fact';
import { route } from '../../route/route';
import { addDimension, type Dimension, sameDimension } from '../../unit/dimension';
import { likeUnits } from '../../unit/like-units';
import type { Unit } from '../../unit/unit';
import { unitNamed } from './unit-kinds';

function hasLabel(unit: Unit): boolean {
	return unit.parts.some(({ label }) => label !== undefined);
}

/** How a fact changes the dimension of a line; null where a side of it cannot be read. */
function changeBy({ left, right }: Fact): Dimension | null {
	const [a, b] = [unitNamed(left.unit), unitNamed(right.unit)];
	return a && b ? addDimension(a.dimension, b.dimension, -1) : null;
}

/** A dimension without one of its keys, by as much of another as takes it away. */
function cleared(row: Dimension, by: Dimension, key: string): Dimension {
	const times = (row[key] ?? 0) / (by[key] ?? 1);
	const keys = new Set([...Object.keys(row), ...Object.keys(by)]);
	const left = [...keys].map((one) => [one, (row[one] ?? 0) - times * (by[one] ?? 0)] as const);
	return Object.fromEntries(left.filter(([one, power]) => one !== key && Math.abs(power) > 1e-9));
}

/** Whether some dimensions together make another, each taken any number of times: Gauss's elimination. */
function isMadeOf(wanted: Dimension, changes: readonly Dimension[]): boolean {
	let left = wanted;
	let rows = changes;
	while (rows.length) {
		const [row, ...others] = rows as [Dimension, ...Dimension[]];
		const [key] = Object.keys(row);
		rows = key === undefined ? others : others.map((one) => cleared(one, row, key));
		if (key !== undefined) left = cleared(left, row, key);
	}
	return Object.keys(left).length === 0;
}

/**
 * Whether a line leads from one unit to another over some facts and the tables. Where no combination of their dimensions can, it is
 * not searched: a search that fails is dear.
 */
export function leadsTo(from: string, to: string, facts: readonly Fact[]): boolean {
	const [start, want] = [unitNamed(from), unitNamed(to)];
	if (!start || !want) return false;
	if (likeUnits(start, want) || sameDimension(start.dimension, want.dimension)) return true;
	const changes = facts.map(changeBy);
	const difference = addDimension(want.dimension, start.dimension, -1);
	// The tables lead from one kind to another only for a substance that is named.
	const isPlain = !hasLabel(start) && !hasLabel(want) && changes.every((change) => change !== null);
	if (isPlain && !isMadeOf(difference, changes as readonly Dimension[])) return false;
	return route(from, to, { facts, tables: true }).ok;
}
