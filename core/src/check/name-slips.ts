import type { Chain } from '../chain/chain';
import { keyOfLine } from '../key/own-key';
import { eachOnce, type FoundSlip, type Seen, type SeenParts, SLIPS_LIMIT, type Slip } from '../key/verdict';
import { findSlips, ruledOut } from '../slip/find-slips';
import type { SlipKind } from '../slip/slip-kind';
import { SLIPS, slipNamed } from '../slip/slips';
import { unequalFactor } from '../slip/unequal-factor';
import { sameSize } from '../unit/like-units';
import type { Judging } from './judge';

/** What is named behind a check that is not right: the slips, likely first, or what the value rules out. */
export type Named = { readonly slips: readonly Slip[]; readonly rulesOut: string | null };

/** Slips that a block with unequal sides tells of, the most telling first. */
const UNEQUAL: readonly SlipKind[] = SLIPS.filter(({ unequal }) => unequal).sort(
	(a, b) => (a.unequal?.order ?? 0) - (b.unequal?.order ?? 0),
);

/** Slips that show by themselves; which one made the sides of a block unequal is told by the block. */
function told(slips: readonly FoundSlip[]): readonly Slip[] {
	return slips.map(({ block, code, ...slip }) => {
		const kind = block && UNEQUAL.find(({ unequal }) => unequal?.by(block));
		return { ...slip, code: code ?? (kind ?? unequalFactor).code };
	});
}

/** The slips the four lines show by themselves. */
function shownSlips(seen: Seen): readonly Slip[] {
	return SLIPS.flatMap(({ code, shows }) => {
		const why = shows?.(seen) ?? null;
		return why === null ? [] : [{ code, why }];
	});
}

/** The slips shown by the parts of a mixed measure. */
function slipsOfParts(seen: SeenParts): readonly Slip[] {
	return SLIPS.flatMap(({ code, showsInParts }) => {
		const why = showsInParts?.(seen) ?? null;
		return why === null ? [] : [{ code, why }];
	});
}

/** The number whose slips are looked for: of a wrong value, in the wanted unit or in none. */
function soughtIn({ lines, answer: { number, unit }, key }: Seen) {
	return lines.value.verdict === 'wrong' && number && (!unit || sameSize(unit, key.unit)) ? number : null;
}

function searched(seen: Seen, own: Chain | null): readonly Slip[] {
	const number = soughtIn(seen);
	// What follows from a line that fails is explained by that line.
	return number && !seen.lines.value.follows ? findSlips(seen.exercise, seen.key, number, own) : [];
}

/** The longest failing line on which further slips are looked for. */
const LINE_LIMIT = 12;

/** What was keyed or copied wrongly on a line that fails in another way as well. */
function onFailingLine(seen: readonly Seen[], chain: Chain): readonly Slip[] {
	const key = chain.factors.length > LINE_LIMIT ? null : keyOfLine(chain);
	const [one] = seen;
	const number = key && one && !one.lines.value.follows ? soughtIn(one) : null;
	if (!key || !one || !number || (one.answer.unit && !sameSize(one.answer.unit, key.unit))) return [];
	return findSlips(one.exercise, key, number, chain).filter(({ code }) => !slipNamed(code)?.laid);
}

/**
 * Names the slips behind an answer that was judged and is not right, at most five. What the line shows comes before
 * what the number looks like; where the line is right, no block was laid wrongly, and what was keyed or copied wrongly
 * comes first.
 */
export function nameSlips({ lines, seen = [], parts, slips: shown = [] }: Judging, chain?: Chain): Named {
	if (lines.right) return { slips: [], rulesOut: null };
	const right = lines.line.verdict === 'right' && chain;
	const found = [
		...seen.flatMap((one) => searched(one, right ? chain : null)),
		...seen.flatMap(shownSlips),
		...(parts ? slipsOfParts(parts) : []),
		...told(shown),
	];
	const otherwise = found.filter(({ code }) => !slipNamed(code)?.laid);
	const failing = lines.line.verdict === 'wrong' && chain && !found.length ? onFailingLine(seen, chain) : [];
	const all = right ? (otherwise.length ? otherwise : found) : [...told(lines.line.slips ?? []), ...found, ...failing];
	const slips = eachOnce(all).slice(0, SLIPS_LIMIT);
	const [only] = seen;
	const number = only && soughtIn(only);
	const rulesOut = !slips.length && number ? ruledOut(only.exercise, only.key, number) : null;
	return { slips, rulesOut };
}
