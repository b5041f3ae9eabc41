import type { Chain } from '../chain/chain';
import type { Exercise } from '../exercise/exercise';
import type { Verdict } from '../key/verdict';
import { good, type Outcome } from '../numeral/fault';
import { judge } from './judge';
import { nameSlips } from './name-slips';

/**
 * The whole check: an answer held against an exercise, and the line it was worked by where there is one, with the slips
 * named that would have given it (contract, "check").
 * @returns four judged lines and the slips, or what `judge` refuses.
 */
export function check(exercise: Exercise, answer: string, chain?: Chain): Outcome<Verdict> {
	const judged = judge(exercise, answer, chain);
	if (!judged.ok) return judged;
	const { lines } = judged.value;
	const { slips, rulesOut } = nameSlips(judged.value, chain);
	const value = rulesOut === null ? lines.value : { ...lines.value, why: `${lines.value.why} ${rulesOut}` };
	return good({ ...lines, value, slips, first: slips[0]?.code ?? null });
}
