import type { Chain, Factor } from '../chain/chain';
import { workChain } from '../chain/work-chain';
import { LINE_SLIPS } from './line-slips';

/** A block laid the wrong way: the slip it was, and where. */
export type Laid = { readonly code: string; readonly factor: number };

type Mended = { readonly code: string; readonly at: number; readonly by: readonly Factor[] };

function closes(chain: Chain, factors: readonly Factor[]): boolean {
	const worked = workChain({ ...chain, factors });
	// By the very units: L·g/mL is as large as kg, and is no closed line.
	return worked.ok && worked.value.unit.text === worked.value.read.want?.text;
}

function mended(factors: readonly Factor[], mends: readonly Mended[]): readonly Factor[] {
	return factors.flatMap((factor, i) => mends.find(({ at }) => at === i)?.by ?? [factor]);
}

/** The longest line that is gone through block by block. */
const SINGLES_TO = 24;
/** The longest line in which two blocks are tried at once. */
const PAIRS_TO = 8;

/**
 * Which blocks of a line that does not close are laid the wrong way, and by which slip: one, else two; none where no
 * two would close it.
 */
export function openLine(chain: Chain): readonly Laid[] {
	const { factors } = chain;
	if (factors.length > SINGLES_TO) return [];
	const all = LINE_SLIPS.flatMap(({ code, mend }) =>
		mend ? factors.flatMap((factor, at) => mend(factor).map((by): Mended => ({ code, at, by }))) : [],
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
