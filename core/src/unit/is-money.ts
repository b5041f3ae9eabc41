import type { Unit } from './unit';

/** Money whose hundredth part is the smallest coin. */
const MONEY: ReadonlySet<string> = new Set(['$', '€', '£']);

/** The last place of an amount of money: the cent. */
export const CENT = -2;

/** Whether a unit is money, by itself: $, €, £; not a price such as £/kg. */
export function isMoney({ parts }: Unit): boolean {
	const [only, ...more] = parts;
	return only !== undefined && !more.length && only.power === 1 && MONEY.has(only.unit);
}
