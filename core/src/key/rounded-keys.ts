import type { Factor } from '../chain/chain';
import { type ReadFactor, readChain } from '../chain/read-chain';
import type { UnitExercise } from '../exercise/exercise';
import { isStated } from '../exercise/is-stated';
import { ONE, type Rational, toPower } from '../numeral/rational';
import { round } from '../numeral/round';
import type { ReadQuantity } from '../quantity/quantity';
import { placeOf } from '../route/fact-graph';
import { isBridge, roundedWorths } from '../route/worths';
import type { Unit, UnitPart } from '../unit/unit';
import type { Key } from './key';
import { lineTo } from './line-to';

/** The least figures a fact between systems is taught with. */
const LEAST_FIGURES = 3;
/** The most keys that are looked at. */
const KEYS_LIMIT = 200;

function partOf(unit: Unit): UnitPart | null {
	const [part] = unit.parts;
	return part && unit.parts.length === 1 && part.power > 0 ? part : null;
}

/** Factors of the tables that lead on from each other: the unit left, the unit come to, and on which side of the line. */
type Run = { readonly from: Unit; readonly to: Unit; readonly power: number; readonly side: 'top' | 'bottom' };

function runOf({ top, bottom, power }: ReadFactor, side: Run['side']): Run {
	return side === 'top'
		? { from: bottom.unit, to: top.unit, power, side }
		: { from: top.unit, to: bottom.unit, power, side };
}

/** The runs of factors of a route, those the problem states left out. */
function runsOf(factors: readonly ReadFactor[], exercise: UnitExercise): readonly Run[] {
	const runs: Run[] = [];
	for (const factor of factors) {
		if (isStated(factor, { facts: exercise.facts })) continue;
		const last = runs.at(-1);
		const joins =
			last && last.power === factor.power && runOf(factor, last.side).from.text === last.to.text ? last : undefined;
		if (joins) runs[runs.length - 1] = { ...joins, to: runOf(factor, joins.side).to };
		else runs.push(runOf(factor, 'top'));
	}
	return runs;
}

function worthsOfRun({ from, to, power, side }: Run, figures: number): readonly Rational[] {
	const [a, b] = [partOf(from), partOf(to)];
	if (!a || !b) return [ONE];
	const worths = roundedWorths(placeOf(a), placeOf(b), figures);
	return worths.length ? worths.map((worth) => toPower(worth, side === 'top' ? power : -power)) : [ONE];
}

/** A number rounded to so many figures, against what it is. */
function roundedTo({ number }: ReadQuantity, figures: number): Rational {
	if (!number?.significant || number.value.sign === 0) return ONE;
	return round(number.value, { significant: figures }).value.div(number.value);
}

/** The same of one factor of a key's own line, which is rounded as it is written and left for no other way. */
function worthsOfFactor(factor: ReadFactor, exercise: UnitExercise, figures: number): readonly Rational[] {
	const { top, bottom, power } = factor;
	if (!isBridge(top.unit.text, bottom.unit.text) || isStated(factor, { facts: exercise.facts })) return [ONE];
	return [ONE, toPower(roundedTo(top, figures).div(roundedTo(bottom, figures)), power)];
}

function factorsOf(factors: readonly Factor[]): readonly ReadFactor[] {
	const read = readChain({ start: { number: '1', unit: '' }, factors });
	return read.ok ? read.value.factors : [];
}

/**
 * Other keys that are as right: those worked along a sensible route with the facts between systems rounded to as many
 * figures as are asked, at least three, which is how the tables on the wall give them (1 mi = 1.61 km).
 */
export function keysWithRoundedFacts(exercise: UnitExercise, key: Key): readonly Key[] {
	const { start, line } = exercise;
	if (!start || exercise.terms?.length || key.exact || exercise.difference) return [];
	const figures = Math.max(LEAST_FIGURES, key.asked?.kind === 'count' ? key.asked.to : LEAST_FIGURES);
	const way = line ? null : (key.chain ?? chainTo(exercise, start));
	const each = line
		? factorsOf(line).map((factor) => worthsOfFactor(factor, exercise, figures))
		: runsOf(factorsOf(way?.factors ?? []), exercise).map((run) => worthsOfRun(run, figures));
	let worths: readonly Rational[] = [ONE];
	for (const more of each) {
		if (more.length < 2) continue;
		worths = worths.flatMap((worth) => more.map((one) => worth.mul(one))).slice(0, KEYS_LIMIT);
	}
	return worths.filter((worth) => !worth.equals(ONE)).map((worth) => ({ ...key, value: key.value.mul(worth) }));
}

function chainTo(exercise: UnitExercise, start: NonNullable<UnitExercise['start']>) {
	const made = lineTo(exercise, start, exercise.want.unit);
	return made.ok ? made.value : null;
}
