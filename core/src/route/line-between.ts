import type { Chain } from '../chain/chain';
import type { TableName } from '../fact/fact-tables';
import { badWithin, good, type Outcome } from '../numeral/fault';
import { type Converted, convert } from '../quantity/convert';
import type { Quantity } from '../quantity/quantity';
import { parseUnit } from '../unit/parse-unit';
import { route } from './route';

/** The line from a quantity to a unit of its kind, and what it comes to. */
export type LineBetween = {
	readonly chain: Chain;
	readonly result: Converted;
	/** The unit it comes to, as print has it. */
	readonly unit: string;
	/** Whether the tables a class may use were enough. */
	readonly allowedOnly: boolean;
};

/**
 * The line a route takes from a quantity to a unit of its kind, by the tables a class may use where they lead there:
 * 25 mi/h to m/s.
 * @returns the line, or a fault in "from" or "to": of the quantity, of the unit, `unlike`, `no-route`.
 */
export function lineBetween(start: Quantity, to: string, allowed: readonly TableName[]): Outcome<LineBetween> {
	const target = parseUnit(to);
	if (!target.ok) return badWithin(target.fault, 'to');
	const result = convert(start, to);
	if (!result.ok) return { ok: false, fault: { ...result.fault, in: result.fault.code === 'unlike' ? 'to' : 'from' } };
	const known = route(start.unit, to, { tables: allowed });
	const way = known.ok ? known : route(start.unit, to);
	if (!way.ok) return badWithin(way.fault, 'to');
	const chain: Chain = { start, factors: way.value.factors, want: target.value.text };
	return good({ chain, result: result.value, unit: target.value.text, allowedOnly: known.ok });
}
