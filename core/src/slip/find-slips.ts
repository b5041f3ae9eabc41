import type { Chain } from '../chain/chain';
import { hasStep, workChain } from '../chain/work-chain';
import type { UnitExercise } from '../exercise/exercise';
import { isRoundingOnly } from '../exercise/is-rounding-only';
import type { Key } from '../key/key';
import { lineTo } from '../key/line-to';
import type { Slip } from '../key/verdict';
import type { Numeral } from '../numeral/numeral';
import { withPi } from '../numeral/pi';
import type { Rational } from '../numeral/rational';
import { isRoundingOf } from '../numeral/round';
import { ALONE, type Chance, chanceOf, IN_PAIRS, ON_OWN_LINE } from './chance';
import { digitsFew } from './digits-few';
import { otherLines } from './other-lines';
import { pairSlips } from './pair-slips';
import { roundedEarly } from './rounded-early';
import type { Evidence, SlipKind, Suspect } from './slip-kind';
import { SLIPS } from './slips';
import { swappedDigits } from './swapped-digits';

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

/** The line of an exercise: that of its key, else the route from its start to what is wanted; null where there is none. */
function lineOf(exercise: UnitExercise, key: Key): Chain | null {
	if (key.chain || !exercise.start) return key.chain;
	const line = lineTo(exercise, exercise.start, exercise.want.unit);
	return line.ok ? line.value : null;
}

function evidenceOf(exercise: UnitExercise, key: Key, answer: Numeral, chain: Chain | null): Evidence {
	const worked = chain ? workChain(chain) : null;
	return {
		exercise,
		key,
		truth: withPi(key.value, key.pi),
		answer,
		chain,
		// Where a step adds, what one factor is worth to the whole is not told by the factor alone.
		factors: worked?.ok && !hasStep(worked.value.read) ? worked.value.read.factors : [],
	};
}

/** Slips that come before those of a number in a fact, also where they are seen on another line. */
const LEFT_OR_TURNED: readonly SlipKind[] = SLIPS.filter(({ code }) =>
	['flipped-factor', 'skipped-factor'].includes(code),
);

function isLeftOrTurned({ code }: Slip): boolean {
	return LEFT_OR_TURNED.some((kind) => kind.code === code);
}

/** Where nothing is converted, no block was laid: what was rounded or copied wrongly, rounding first. */
const IN_ROUNDING: readonly SlipKind[] = [roundedEarly, ...SLIPS.filter((kind) => !kind.laid && kind !== roundedEarly)];

const MIXING: readonly SlipKind[] = SLIPS.filter(({ mixes }) => mixes);

/** Digits of a fact are copied wrongly only where the fact was used: not on another line. */
const ELSEWHERE: readonly SlipKind[] = MIXING.filter((kind) => kind !== swappedDigits);

/** A slip that would have given an answer, and whether with all the figures that are written. */
type Fit = Slip & { readonly whole: boolean };

/** The suspects of each kind that may be named: the first of every kind, then the second, as long as chance allows. */
function admitted(
	evidence: Evidence,
	kinds: readonly SlipKind[],
	chance: Chance,
): readonly { readonly code: string; readonly suspects: readonly Suspect[] }[] {
	const all = kinds.map(({ code, suspects, common = false, laid = false }) => ({
		code,
		// A block laid wrongly seldom leaves the size as it should be.
		common: common && !(laid && chance.isNear),
		all: suspects?.(evidence) ?? [],
		suspects: [] as Suspect[],
	}));
	const { answer } = evidence;
	// Zeros that may count make a finer number, where all of them are as they should be.
	const fine = answer.ambiguous ? chanceOf(evidence.truth, { ...answer, significant: answer.atMost }) : null;
	const admits = (value: Rational) =>
		chance.admits(value.nearly()) || (!!fine && fitsWhole(answer, value) && fine.admits(value.nearly()));
	const most = Math.max(0, ...all.map((one) => one.all.length));
	for (let i = 0; i < most; i++)
		for (const one of all) {
			const next = one.all[i];
			if (next && (one.common || admits(next.value))) one.suspects.push(next);
		}
	return all;
}

function singlesIn(evidence: Evidence, kinds: readonly SlipKind[], placed: boolean, chance: Chance): readonly Fit[] {
	return admitted(evidence, kinds, chance).flatMap(({ code, suspects }): Fit[] => {
		const found = suspects.find(({ value }) => fits(evidence.answer, value));
		if (!found) return [];
		const { factor, why, value } = found;
		const whole = fitsWhole(evidence.answer, value);
		return [{ code, ...(factor === undefined || !placed ? {} : { factor }), why, whole }];
	});
}

/** Whether a number is a value with every figure that is written, those that may not count too: 200 for 200.0. */
function fitsWhole({ value, atMost }: Numeral, suspect: Rational): boolean {
	return (
		value.equals(suspect) ||
		(atMost !== null && atMost > ENOUGH_FIGURES && isRoundingOf(value, suspect, { significant: atMost }))
	);
}

/**
 * Slips as they are named: too few figures are told by a number that could be any, so that what is the number with all
 * its figures comes before.
 */
function asNamed(found: readonly Fit[], ambiguous: boolean): readonly Slip[] {
	const isFew = ({ code }: Fit) => code === digitsFew.code;
	const few = ambiguous && found.some(isFew);
	const ordered = few
		? [
				...found.filter((one) => one.whole && !isFew(one)),
				...found.filter(isFew),
				...found.filter((one) => !one.whole && !isFew(one)),
			]
		: found;
	return ordered.map(({ whole: _, ...slip }) => slip);
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
	const evidence = evidenceOf(exercise, key, answer, own ?? lineOf(exercise, key));
	const isRounding = isRoundingOnly(exercise);
	const chance = chanceOf(evidence.truth, answer, own || isRounding ? ON_OWN_LINE : ALONE);
	const singles = singlesIn(evidence, isRounding ? IN_ROUNDING : SLIPS, true, chance);
	if (isRounding) return asNamed(singles, answer.ambiguous);
	// The line of a key is that of the class: what is seen on it is not looked for on another.
	if (singles.length && (own || exercise.line)) return asNamed(singles, answer.ambiguous);
	const found = new Map(singles.map((slip) => [slip.code, slip]));
	// A step that is seen to be left out or upside down here is not looked for on a line nobody laid.
	const elsewhere = singles.length ? LEFT_OR_TURNED.filter(() => !singles.some(isLeftOrTurned)) : ELSEWHERE;
	for (const factors of otherLines(evidence.factors))
		for (const slip of singlesIn({ ...evidence, factors, elsewhere: true }, elsewhere, false, chance))
			if (!found.has(slip.code)) found.set(slip.code, slip);
	if (found.size) return asNamed(inOrder([...found.values()]), answer.ambiguous);
	return pairSlips(evidence, MIXING, (value) => fits(answer, value), chanceOf(evidence.truth, answer, IN_PAIRS));
}

function inOrder(slips: readonly Fit[]): readonly Fit[] {
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
	const evidence = evidenceOf(exercise, key, answer, lineOf(exercise, key));
	const off = (value: Rational) => Math.abs(value.nearly() / evidence.truth.nearly() - 1);
	if (evidence.truth.sign === 0 || !evidence.factors.length || !(off(answer.value) < NEAR)) return null;
	const blocks = SLIPS.filter(({ wholeBlock }) => wholeBlock);
	const all = blocks.flatMap(({ suspects }) => suspects?.(evidence) ?? []);
	if (!all.length || all.some(({ value }) => off(value) < FAR)) return null;
	return 'The size is about right, so no factor is upside down, missing or used twice. Check the digits you copied and rounded.';
}
