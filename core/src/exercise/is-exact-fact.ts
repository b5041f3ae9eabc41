import { judgeFactor } from '../chain/judge-factor';
import { readChain } from '../chain/read-chain';
import type { Fact } from '../fact/fact';

/**
 * Whether a fact that a problem states limits no figures: it says so, or its sides do, as 12 jars for 1 crate.
 * @example isExactFact({ left: { number: '1.5', unit: 'g' }, right: { number: '1', unit: 'mL' } }) // false
 */
export function isExactFact({ left, right, exact }: Fact): boolean {
	const factor = { top: right, bottom: left, given: true, ...(exact === undefined ? {} : { exact }) };
	const read = readChain({ start: { number: '1', unit: '' }, factors: [factor] });
	const [only] = read.ok ? read.value.factors : [];
	return only !== undefined && judgeFactor(only).exact === true;
}
