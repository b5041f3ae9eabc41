import type { Start } from '../../chain/chain';
import type { Fact } from '../../fact/fact';
import type { Quantity } from '../../quantity/quantity';
import { route } from '../../route/route';
import { sameDimension } from '../../unit/dimension';
import { likeUnits } from '../../unit/like-units';
import { parseUnit } from '../../unit/parse-unit';
import { type Linked, plain } from './links';
import type { Found } from './numbers';

/** Whether a line leads from a quantity to what is wanted over the facts and the tables. */
function leads(from: Quantity, want: string, facts: readonly Fact[]): boolean {
	return isAlike(from.unit, want) || route(from.unit, want, { facts, tables: true }).ok;
}

/** What the line starts from, of which quantities, and the facts that are left. */
export type Chosen = {
	readonly start: Start | null;
	readonly of: readonly number[];
	readonly facts: readonly Linked[];
};

/** Which quantity the line starts from: the only one left, or the only one that leads to what is wanted. */
export function startAmong(found: readonly Found[], linked: readonly Linked[], want: string | null): Chosen {
	const taken = new Set(linked.flatMap(({ of }) => of));
	const free = found
		.map((quantity, i) => ({ quantity, i }))
		.filter(({ i, quantity }) => !taken.has(i) && quantity.unit !== '');
	const facts = linked.map(({ fact }) => fact);
	if (free.length === 0 && linked.length === 1 && linked[0]?.of.length === 2) {
		const [{ fact, of }] = linked as [Linked];
		// Two quantities and nothing else: 3.6 km in 12.5 min, when a rate is asked for.
		const over = `(${fact.left.unit})/(${fact.right.unit})`;
		if (want === null || isAlike(over, want)) return { start: { top: fact.left, bottom: fact.right }, of, facts: [] };
	}
	const may = want === null ? free : free.filter(({ quantity }) => leads(quantity, want, facts));
	const [only] = may;
	if (may.length !== 1 || !only) return { start: null, of: [], facts: linked };
	return { start: plain(only.quantity), of: [only.i], facts: linked };
}

function isAlike(a: string, b: string): boolean {
	const [x, y] = [parseUnit(a, { counted: true }), parseUnit(b, { counted: true })];
	return x.ok && y.ok && (likeUnits(x.value, y.value) || sameDimension(x.value.dimension, y.value.dimension));
}
