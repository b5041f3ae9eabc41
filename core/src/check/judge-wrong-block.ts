import { type Chain, type Factor, turnedFactor } from '../chain/chain';
import { type WorkedChain, workChain } from '../chain/work-chain';
import type { Exercise } from '../exercise/exercise';
import { bad, good, type Outcome, within } from '../numeral/fault';
import { isStated } from './judge-line';
import type { Judged, VerdictLine } from './verdict';

const BLOCK =
	/^\s*(?:the\s+)?(?:(?:factor|block|step|number|no\.?|#)\s*)?#?\s*(\d{1,3})(?:st|nd|rd|th)?\s*(?:factor|block|step|one)?\.?\s*$/iu;

const NOT_ASKED: VerdictLine = { verdict: 'not-asked', why: 'A block is asked for, so this is not looked at.' };

function withFactor(chain: Chain, at: number, factor: Factor): Chain {
	return { ...chain, factors: chain.factors.map((one, i) => (i === at ? factor : one)) };
}

/** Ways a block that holds can still be laid wrongly: upside down, or without its power. */
const MENDS: readonly ((factor: Factor) => Factor)[] = [
	turnedFactor,
	...[2, 3].map((power) => (factor: Factor) => ({ ...factor, power: (factor.power ?? 1) * power })),
];

/** Which block of a line is wrong: one whose sides are not equal, else the one that mended closes the line; null for none. */
export function wrongBlock(chain: Chain, worked: WorkedChain, exercise: Exercise): number | null {
	const unequal = worked.factors.findIndex(({ equal }, i) => {
		const read = worked.read.factors[i];
		return equal === false || (equal === 'stated' && exercise.facts.length > 0 && !!read && !isStated(read, exercise));
	});
	if (unequal >= 0) return unequal;
	if (worked.reached !== false) return null;
	for (const mend of MENDS)
		for (const [i, factor] of chain.factors.entries()) {
			const mended = workChain(withFactor(chain, i, mend(factor)));
			if (mended.ok && mended.value.reached) return i;
		}
	return null;
}

/** Judges which block of a line is said to be wrong: "factor 2", counted from 1. */
export function judgeWrongBlock(
	exercise: Exercise & { readonly want: { readonly slip: Chain } },
	text: string,
): Outcome<Judged> {
	const chain = exercise.want.slip;
	const worked = workChain(chain);
	if (!worked.ok) return { ok: false, fault: within(worked.fault, 'exercise.want.slip') };
	const wrong = wrongBlock(chain, worked.value, exercise);
	if (wrong === null) return bad('no-key', 'No block of this line is wrong.');
	const lines = { figures: NOT_ASKED, unit: NOT_ASKED };
	const match = BLOCK.exec(text);
	if (!match) {
		const why = text.trim() === '' ? 'No block is named yet.' : 'Name the block by its number, such as factor 2.';
		return good({ lines: { ...lines, value: { verdict: 'absent', why, at: [0, text.length] } } });
	}
	const value: VerdictLine =
		Number(match[1]) === wrong + 1
			? { verdict: 'right', why: `Block ${wrong + 1} is the one.` }
			: {
					verdict: 'wrong',
					why: 'That block holds. Look at both sides of each, and at what it cancels.',
					at: [0, text.length],
				};
	return good({ lines: { ...lines, value } });
}
