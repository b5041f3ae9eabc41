import type { Factor } from '../chain/chain';
import type { Fact } from '../fact/fact';
import type { Exercise } from './exercise';

const ONE = { number: '1', unit: '' };

/** The blocks by which a start is multiplied: 15 ft over 1, for 12 ft by 15 ft. */
export function timesBlocks({ times = [] }: Pick<Exercise, 'times'>): readonly Factor[] {
	return times.map((quantity) => ({ top: quantity, bottom: ONE, given: true }));
}

/** The same as facts that the problem states. */
export function timesFacts({ times = [] }: Pick<Exercise, 'times'>): readonly Fact[] {
	return times.map((quantity) => ({ left: quantity, right: ONE }));
}

/** The unit of a start once it is multiplied: ft·ft, for 12 ft by 15 ft. */
export function unitTimes(unit: string, { times = [] }: Pick<Exercise, 'times'>): string {
	return [unit, ...times.map((quantity) => quantity.unit)]
		.filter((one) => one !== '')
		.map((one, _, all) => (all.length > 1 ? `(${one})` : one))
		.join('·');
}
