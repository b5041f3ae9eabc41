import { workChain } from '../../chain/work-chain';
import type { UnitExercise } from '../../exercise/exercise';
import type { Numeral } from '../../numeral/numeral';
import { withPi } from '../../numeral/pi';
import type { Rational } from '../../numeral/rational';
import { isRoundingOf } from '../../numeral/round';
import type { Key } from '../key';
import type { Slip } from '../verdict';
import { LINE_SLIPS } from './line-slips';
import { LATE_SLIPS, NUMBER_SLIPS } from './number-slips';
import { pairSlips } from './pair-slips';
import type { Scene, SlipKind } from './suspect';
import { TEMPERATURE_SLIPS } from './temperature-slips';

/** All slips that are searched for, likely first. To add one is to add one row. */
const SLIPS: readonly SlipKind[] = [...TEMPERATURE_SLIPS, ...NUMBER_SLIPS, ...LINE_SLIPS, ...LATE_SLIPS];

/** The least figures an answer must show before a fit is more than a coincidence. */
const ENOUGH_FIGURES = 2;

/** How far two figures, rounded, may lie from what they stand for: 1.0 for 1.05. */
const ROUNDED = 0.06;

/** Whether a number is a value as far as it is written; with one figure only if it is that value exactly. */
function fits({ value, significant, atMost }: Numeral, suspect: Rational): boolean {
	const ratio = suspect.nearly() / value.nearly();
	if (Number.isFinite(ratio) && ratio !== 0 && Math.abs(ratio - 1) > ROUNDED) return false;
	if (value.equals(suspect)) return true;
	if (significant === null || atMost === null || suspect.sign !== value.sign) return false;
	for (let count = Math.max(ENOUGH_FIGURES, significant); count <= atMost; count++)
		if (isRoundingOf(value, suspect, { significant: count })) return true;
	return false;
}

/**
 * The slips that would have given this answer, from what each makes of the key: likely first, each once; two
 * together where no single one does. To be asked only of a value that is wrong.
 * @param answer the number as written, in the wanted unit.
 */
export function findSlips(exercise: UnitExercise, key: Key, answer: Numeral): readonly Slip[] {
	const worked = key.chain ? workChain(key.chain) : null;
	const scene: Scene = {
		exercise,
		key,
		truth: withPi(key.value, key.pi),
		answer,
		chain: key.chain,
		factors: worked?.ok ? worked.value.read.factors : [],
	};
	const singles = SLIPS.flatMap(({ code, suspects }): Slip[] => {
		const found = suspects(scene).find(({ value }) => fits(answer, value));
		if (!found) return [];
		const { factor, why } = found;
		return [{ code, ...(factor === undefined ? {} : { factor }), why }];
	});
	return singles.length ? singles : pairSlips(scene, LINE_SLIPS, (value) => fits(answer, value));
}
