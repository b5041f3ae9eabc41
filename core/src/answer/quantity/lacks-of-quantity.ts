import type { Chain } from '../../chain/chain';
import { isReading, readingsOf } from '../../chain/readings';
import type { WorkedChain } from '../../chain/work-chain';
import type { UnitExercise } from '../../exercise/exercise';
import { isOne, partsOfLine } from '../../exercise/parts-of-line';
import { quantityInSentence } from '../../say/in-sentence';
import { listed } from '../../say/listed';
import { likeUnits } from '../../unit/like-units';

/** Whether a line takes a temperature reading from one scale to another, so that its zero must come along. */
export function shiftsScale({ difference }: UnitExercise, { read }: WorkedChain): boolean {
	const { start, want } = read;
	const { unit } = start.top;
	if (difference || !want || start.bottom || !likeUnits(unit, want)) return false;
	return unit.text !== want.text && (unit.offset || want.offset);
}

/** What a line still lacks whose units are as wanted: a part of a sum, or the shift of a temperature. */
export function lacksOfQuantity(exercise: UnitExercise, chain: Chain, worked: WorkedChain): string | null {
	if (exercise.terms?.length) {
		const isPlain = worked.read.factors.some(({ step }) => step && !step.kind.begins);
		const { missing } = partsOfLine(exercise, chain);
		if (isPlain || !missing.length) return null;
		return `${listed(missing.map(quantityInSentence))} ${isOne(missing) ? 'is' : 'are'} still to be added.`;
	}
	if (!shiftsScale(exercise, worked)) return null;
	const readings = readingsOf(worked);
	if (readings.length < worked.running.length || isReading(readings)) return null;
	const zero = readings.at(-1)?.zero ?? null;
	return zero === null
		? 'These degrees are counted from where no scale has its zero: look at the shift once more.'
		: `These degrees are counted from where 0 ${zero} stands: the zero must still shift.`;
}
