import type { Chain, Factor } from '../../chain/chain';
import type { ReadFactor } from '../../chain/read-chain';
import { workChain } from '../../chain/work-chain';
import { powerMissed } from './power-missed';
import { prefixSign } from './prefix-sign';
import type { SlipKind } from './slip-kind';
import { SLIPS } from './slips';
import { swappedDigits } from './swapped-digits';
import { unequalFactor } from './unequal-factor';
import { wrongNumber } from './wrong-number';

/** A slip with how a block is laid, and the block. */
export type Laid = { readonly code: string; readonly factor: number };

/** Slips with how a block is laid: where a line is right they have not happened, whatever the answer looks like. */
export const LAID: ReadonlySet<string> = new Set([
	...SLIPS.filter(({ mends }) => mends).map(({ code }) => code),
	'prefix-sign',
	'wrong-number',
	'unequal-factor',
	'skipped-factor',
	'stopped-early',
	'wrong-start',
]);

/** What makes a block's sides unequal, the most telling first. */
const UNEQUAL: readonly SlipKind[] = [powerMissed, prefixSign, swappedDigits, wrongNumber, unequalFactor];

/** What is wrong with a block whose sides are not equal, by its code. */
export function slipOfUnequal(factor: ReadFactor): string {
	return (UNEQUAL.find(({ unequal }) => unequal?.(factor)) ?? unequalFactor).code;
}

type Mended = { readonly code: string; readonly at: number; readonly by: readonly Factor[] };

function closes(chain: Chain, factors: readonly Factor[]): boolean {
	const worked = workChain({ ...chain, factors });
	// By the very units: L·g/mL is as large as kg, and is no closed line.
	return worked.ok && worked.value.unit.text === worked.value.read.want?.text;
}

function mended(factors: readonly Factor[], mends: readonly Mended[]): readonly Factor[] {
	return factors.flatMap((factor, i) => mends.find(({ at }) => at === i)?.by ?? [factor]);
}

/** The longest line in which two blocks are tried at once. */
const PAIRS_TO = 8;

/** Which blocks of a line that does not close are laid wrongly, and how: one, else two; none where that does not close it. */
export function slipsOfOpenLine(chain: Chain): readonly Laid[] {
	const { factors } = chain;

	const all = SLIPS.flatMap(({ code, mends }) =>
		mends ? factors.flatMap((factor, at) => mends(factor).map((by): Mended => ({ code, at, by }))) : [],
	);
	const one = all.find((mend) => closes(chain, mended(factors, [mend])));
	if (one) return [{ code: one.code, factor: one.at }];
	if (factors.length > PAIRS_TO) return [];
	for (const [i, a] of all.entries())
		for (const b of all.slice(i + 1))
			if (a.at !== b.at && closes(chain, mended(factors, [a, b])))
				return [a, b].sort((x, y) => x.at - y.at).map(({ code, at }) => ({ code, factor: at }));
	return [];
}
