import { type Chain, type WorkedChain, workChain, writtenQuantity } from '@tidy-sum/core';
import type { Working } from '@tidy-sum/core/problem';

/** The line of a working with what follows from it; null where none was found, or it cannot be worked. */
export function lineOf({ start, factors }: Working): { readonly chain: Chain; readonly worked: WorkedChain } | null {
	if (!start) return null;
	const chain = { start, factors };
	const worked = workChain(chain);
	return worked.ok ? { chain, worked: worked.value } : null;
}

/** The answer of a working as it is written; '' where it has none. */
export function answerText({ answer }: Working): string {
	return answer ? writtenQuantity(answer) : '';
}
