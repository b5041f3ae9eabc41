import type { Chain } from '../../chain/chain';
import { isReading, readingsOf } from '../../chain/readings';
import type { WorkedChain } from '../../chain/work-chain';
import type { UnitExercise } from '../../exercise/exercise';
import { partsOfLine } from '../../exercise/parts-of-line';
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
		return `You still have to add ${listed(missing.map(quantityInSentence))}.`;
	}
	if (!shiftsScale(exercise, worked)) return null;
	const readings = readingsOf(worked);
	if (readings.length < worked.running.length || isReading(readings)) return null;
	const zero = readings.at(-1)?.zero ?? null;
	return zero === null
		? 'No temperature scale has its zero here. Check the number you added or subtracted.'
		: `These degrees are still counted from 0 ${zero}. The zero has to shift too.`;
}
