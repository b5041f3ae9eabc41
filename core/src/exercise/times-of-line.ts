import type { Factor } from '../chain/chain';
import type { WorkedChain } from '../chain/work-chain';
import type { Exercise } from './exercise';
import { isStated } from './is-stated';
import { timesBlocks } from './multiplied';

/** The blocks by which the start is still to be multiplied: those a line does not hold, in whatever writing. */
export function timesMissing({ times = [] }: Pick<Exercise, 'times'>, { read }: WorkedChain): readonly Factor[] {
	const laid = [...read.factors];
	return timesBlocks({ times }).filter(({ top }) => {
		const at = laid.findIndex((factor) => isStated(factor, { facts: [], times: [top] }));
		if (at >= 0) laid.splice(at, 1);
		return at < 0;
	});
}
