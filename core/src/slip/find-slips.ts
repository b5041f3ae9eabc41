import type { Chain } from '../chain/chain';
import { workChain } from '../chain/work-chain';
import type { UnitExercise } from '../exercise/exercise';
import type { Key } from '../key/key';
import type { Slip } from '../key/verdict';
import type { Numeral } from '../numeral/numeral';
import { withPi } from '../numeral/pi';
import type { Rational } from '../numeral/rational';
import { isRoundingOf } from '../numeral/round';
import { otherLines } from './other-lines';
import { pairSlips } from './pair-slips';
import type { Evidence, SlipKind } from './slip-kind';
import { SLIPS } from './slips';

/** The least figures an answer must show before a fit is more than a coincidence. */
const ENOUGH_FIGURES = 2;

/** How far two figures, rounded, may lie from what they stand for: 1.0 for 1.05. */
const ROUNDED = 0.06;

/** Whether a number is a value as far as it is written; with one figure only if it is that value exactly. */
export function fits({ value, significant, atMost }: Numeral, suspect: Rational): boolean {
	const ratio = suspect.nearly() / value.nearly();
	if (Number.isFinite(ratio) && ratio !== 0 && Math.abs(ratio - 1) > ROUNDED) return false;
	if (value.equals(suspect)) return true;
	if (significant === null || atMost === null || suspect.sign !== value.sign) return false;
	for (let count = Math.max(ENOUGH_FIGURES, significant); count <= atMost; count++)
		if (isRoundingOf(value, suspect, { significant: count })) return true;
	return false;
}

function evidenceOf(exercise: UnitExercise, key: Key, answer: Numeral, chain: Chain | null): Evidence {
	const worked = chain ? workChain(chain) : null;
	return {
		exercise,
		key,
		truth: withPi(key.value, key.pi),
		answer,
		chain,
		factors: worked?.ok ? worked.value.read.factors : [],
	};
}

const MIXING: readonly SlipKind[] = SLIPS.filter(({ mixes }) => mixes);

function singlesIn(evidence: Evidence, kinds: readonly SlipKind[], placed: boolean): readonly Slip[] {
	return kinds.flatMap(({ code, suspects }): Slip[] => {
		const found = suspects?.(evidence).find(({ value }) => fits(evidence.answer, value));
		if (!found) return [];
		const { factor, why } = found;
		return [{ code, ...(factor === undefined || !placed ? {} : { factor }), why }];
	});
}

/**
 * The slips that would have given this answer, likely first, each once: from what each makes of the key's line; else
 * of other short lines that are true; else two together. To be asked only of a value that is wrong.
 * @param answer the number as written, in the wanted unit.
 * @param own the student's own line, where that is right and only its number is not: then it is looked at instead.
 */
export function findSlips(
	exercise: UnitExercise,
	key: Key,
	answer: Numeral,
	own: Chain | null = null,
): readonly Slip[] {
	const evidence = evidenceOf(exercise, key, answer, own ?? key.chain);
	const singles = singlesIn(evidence, SLIPS, true);
	if (singles.length) return singles;
	const elsewhere = new Map<string, Slip>();
	for (const factors of otherLines(evidence.factors))
		for (const slip of singlesIn({ ...evidence, factors }, MIXING, false))
			if (!elsewhere.has(slip.code)) elsewhere.set(slip.code, slip);
	if (elsewhere.size) return inOrder([...elsewhere.values()]);
	return pairSlips(evidence, MIXING, (value) => fits(answer, value));
}

function inOrder(slips: readonly Slip[]): readonly Slip[] {
	const order = (code: string) => SLIPS.findIndex((slip) => slip.code === code);
	return [...slips].sort((a, b) => order(a.code) - order(b.code));
}

/** How near a wrong value must lie for its size to be right. */
const NEAR = 0.12;
/** How far off a block laid wrongly must take the value to be ruled out by that. */
const FAR = 0.3;

/**
 * What a wrong value rules out where no slip is named: with the size right, no block is upside down, left out or used
 * twice. Null where it rules out nothing.
 */
export function ruledOut(exercise: UnitExercise, key: Key, answer: Numeral): string | null {
	const evidence = evidenceOf(exercise, key, answer, key.chain);
	const off = (value: Rational) => Math.abs(value.nearly() / evidence.truth.nearly() - 1);
	if (evidence.truth.sign === 0 || !evidence.factors.length || !(off(answer.value) < NEAR)) return null;
	const blocks = SLIPS.filter(({ wholeBlock }) => wholeBlock);
	const all = blocks.flatMap(({ suspects }) => suspects?.(evidence) ?? []);
	if (!all.length || all.some(({ value }) => off(value) < FAR)) return null;
	return 'The size is about right, so no block is upside down, left out or used twice. Look at the digits: those copied, and those rounded.';
}
