import type { Chain, Factor } from '../chain/chain';
import { workChain } from '../chain/work-chain';
import type { Fact } from '../fact/fact';
import { route } from './route';

/** What a next factor does: it shortens the way that is left, keeps its length, or lengthens it. */
export type StepKind = 'nearer' | 'detour' | 'further';

/** A next factor held against the way: what it does, and how many factors are left after it; null when none lead on. */
export type StepJudged = { readonly step: StepKind; readonly left: number | null };

function leftFrom(chain: Chain, want: string, facts: readonly Fact[]): number | null {
	const worked = workChain(chain);
	if (!worked.ok) return null;
	const found = route(worked.value.unit.text, want, { facts, tables: true });
	return found.ok ? found.value.factors.length : null;
}

/**
 * Whether a next factor brings what stands nearer to what is wanted, over the given facts and the built-in
 * tables: fewer factors left than before is nearer, as many a detour, more or no way at all further.
 */
export function judgeStep(chain: Chain, next: Factor, want: string, facts: readonly Fact[] = []): StepJudged {
	const before = leftFrom(chain, want, facts);
	const after = leftFrom({ ...chain, factors: [...chain.factors, next] }, want, facts);
	if (after === null) return { step: 'further', left: null };
	if (before === null || after < before) return { step: 'nearer', left: after };
	return { step: after === before ? 'detour' : 'further', left: after };
}
