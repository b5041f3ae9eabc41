import { type Chain, type Factor, turnedFactor } from '../../chain/chain';
import type { ReadFactor } from '../../chain/read-chain';
import { workChain } from '../../chain/work-chain';
import { isPowerOfTen } from '../../numeral/rational';

/** Slips with how a block is laid: where a line is right they have not happened, whatever the answer looks like. */
export const LAID = new Set([
	'flipped-factor',
	'skipped-factor',
	'repeated-factor',
	'power-missed',
	'prefix-sign',
	'wrong-number',
]);

function isEqual(factor: Factor): boolean {
	const worked = workChain({ start: { number: '1', unit: '' }, factors: [factor] });
	return worked.ok && worked.value.factors[0]?.equal === true;
}

/** What is wrong with a block whose sides are not equal, by its code. */
export function slipOfUnequal({ written, top, bottom }: ReadFactor): string {
	const exchanged: Factor = {
		...written,
		top: { ...written.top, number: written.bottom.number },
		bottom: { ...written.bottom, number: written.top.number },
	};
	const tens = [top, bottom].every(({ number }) => number !== null && isPowerOfTen(number.value.abs()));
	if (isEqual(exchanged)) return tens ? 'prefix-sign' : 'wrong-number';
	// 1 m² = 100 cm² has the number of the plain units, not its square.
	const plain = (unit: string) => unit.replace(/^(?:square|cubic) |\^?[23²³]$/gu, '');
	const [above, below] = [plain(written.top.unit), plain(written.bottom.unit)];
	const raised = above !== written.top.unit && below !== written.bottom.unit;
	if (raised && isEqual({ top: { ...written.top, unit: above }, bottom: { ...written.bottom, unit: below } }))
		return 'power-missed';
	// A fact with another number of its kind: one side is a written 1, as in 1 ft = 16 in.
	const one = [written.top.number, written.bottom.number].some((number) => number.trim() === '1');
	return one ? 'wrong-number' : 'unequal-factor';
}

function closes(chain: Chain, factors: readonly Factor[]): boolean {
	const worked = workChain({ ...chain, factors });
	// By the very units: L·g/mL is as large as kg, and is no closed line.
	return worked.ok && worked.value.unit.text === worked.value.read.want?.text;
}

/** Which block of a line that does not close is laid wrongly, and how; null where no single block is. */
export function slipOfOpenLine(chain: Chain): { readonly code: string; readonly factor: number } | null {
	const { factors } = chain;
	const each = (make: (factor: Factor) => Factor | null) =>
		factors.findIndex((_, at) =>
			closes(
				chain,
				factors.flatMap((factor, i) => (i === at ? (make(factor) ?? []) : [factor])),
			),
		);
	const ways: readonly (readonly [string, (factor: Factor) => Factor | null])[] = [
		['flipped-factor', turnedFactor],
		['power-missed', (factor) => ({ ...factor, power: (factor.power ?? 1) * 2 })],
		['power-missed', (factor) => ({ ...factor, power: (factor.power ?? 1) * 3 })],
		['repeated-factor', () => null],
	];
	for (const [code, make] of ways) {
		const factor = each(make);
		if (factor >= 0) return { code, factor };
	}
	return null;
}
