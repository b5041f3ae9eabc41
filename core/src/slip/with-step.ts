import type { Factor } from '../chain/chain';

/** The factors of a line with some fields of one of them changed; a shift of undefined is none. */
export function withStep(factors: readonly Factor[], at: number, changed: Partial<Factor>): readonly Factor[] {
	return factors.map((factor, i) => {
		if (i !== at) return factor;
		const { shift, ...rest } = { ...factor, ...changed };
		return shift === undefined ? rest : { ...rest, shift };
	});
}
