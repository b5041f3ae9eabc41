import { unitOfStart } from '../chain/unit-of-start';
import type { Exercise } from '../exercise/exercise';
import { unitTimes } from '../exercise/multiplied';
import { printUnitText } from '../say/say';
import { answerKey } from './answer-key';
import { goalOf } from './answer-kinds';

/** What a problem has no fact for: the unit it starts in, and the one its line should end in, as they are printed. */
export type MissingFact = { readonly from: string; readonly to: string };

/**
 * What keeps a problem from being worked: that neither its facts nor the tables lead from its start to what it asks for. Null where a
 * line leads there, where it needs none, or where its start is not known.
 * @example missingFact({ prompt: '', start: { number: '3', unit: 'gal' }, facts: [], want: { unit: 'tank' }, rounding: 'figures' })
 * // { from: 'gal', to: 'tank' }
 */
export function missingFact(exercise: Exercise): MissingFact | null {
	const { start } = exercise;
	const to = goalOf(exercise);
	if (!start || to === null) return null;
	const key = answerKey(exercise);
	if (key.ok || key.fault.code !== 'no-route') return null;
	return { from: printUnitText(unitTimes(unitOfStart(start), exercise)), to: printUnitText(to) };
}
