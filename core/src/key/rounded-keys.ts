import type { Factor } from '../chain/chain';
import { workChain } from '../chain/work-chain';
import type { UnitExercise } from '../exercise/exercise';
import type { TableFact } from '../fact/fact';
import { isOfOne } from '../fact/fact-tables';
import { FACT_ROWS } from '../fact/tables';
import { parseNumeral } from '../numeral/parse-numeral';
import { printRounded } from '../numeral/print';
import { round } from '../numeral/round';
import { valueIn } from '../quantity/convert';
import type { Quantity } from '../quantity/quantity';
import { type FactGraph, factGraph, givenFacts, withFacts } from '../route/fact-graph';
import { routeOver } from '../route/route';
import { parseUnit } from '../unit/parse-unit';
import type { Unit } from '../unit/unit';
import { unitOfParts } from '../unit/unit-of-parts';
import { type Key, unitOfStart } from './key';

/** The least figures a fact between systems is taught with. */
const LEAST_FIGURES = 3;

function roundedText(number: string, figures: number): string {
	const read = parseNumeral(number);
	if (!read.ok || (read.value.significant ?? 0) <= figures) return number;
	return printRounded(round(read.value.value, { significant: figures })).plain ?? number;
}

function rounded(quantity: Quantity, figures: number): Quantity {
	return { ...quantity, number: roundedText(quantity.number, figures) };
}

function isBetween({ tables }: TableFact): boolean {
	return tables.includes('between');
}

function sameFact(factor: Factor, { left, right }: TableFact): boolean {
	const [a, b] = [factor.top, factor.bottom].map(({ number, unit }) => `${number} ${unit}`);
	const [x, y] = [left, right].map(({ number, unit }) => `${number} ${unit}`);
	return (a === x && b === y) || (a === y && b === x);
}

/**
 * Other keys that are as right: those worked with one fact between systems rounded to as many figures as
 * are asked, at least three (1 mi = 1.61 km), which is how the tables on the wall give them.
 */
export function keysWithRoundedFacts(exercise: UnitExercise, key: Key): readonly Key[] {
	const { start } = exercise;
	if (!start || exercise.terms?.length || key.exact) return [];
	const figures = Math.max(LEAST_FIGURES, key.asked?.kind === 'count' ? key.asked.to : LEAST_FIGURES);
	const lines = exercise.line ? [exercise.line] : routesBetween(exercise);
	const keys: Key[] = [];
	for (const line of lines) {
		const used = FACT_ROWS.filter(isBetween);
		const factors = line.map((factor) => {
			const between = used.some((fact) => sameFact(factor, fact));
			const loose = between ? { top: rounded(factor.top, figures), bottom: rounded(factor.bottom, figures) } : {};
			return { ...factor, ...loose, given: factor.given ?? true };
		});
		const worked = workChain({ start, factors, want: exercise.want.unit });
		if (!worked.ok || !worked.value.value) continue;
		keys.push({ ...key, ...valueIn(worked.value.value, worked.value.unit, key.unit, true) });
	}
	return keys;
}

/** The tables without the facts between systems. */
let others: FactGraph | null = null;

function withoutBetween(): FactGraph {
	others ??= factGraph(
		FACT_ROWS.filter((fact) => !isBetween(fact) && !isOfOne(fact.tables)),
		true,
	);
	return others;
}

/** Whether a fact measures nothing that the units do not: one of mass is no help between lengths. */
function mayHelp({ left }: TableFact, bases: ReadonlySet<string>): boolean {
	const read = parseUnit(left.unit);
	return read.ok && Object.keys(read.value.dimension).every((base) => bases.has(base));
}

function basesOf({ parts }: Unit): readonly string[] {
	return parts.flatMap((part) => Object.keys(unitOfParts([part]).dimension));
}

/** The routes of an exercise by each of the facts between systems on its own. */
function routesBetween(exercise: UnitExercise): readonly (readonly Factor[])[] {
	const from = parseUnit(unitOfStart(exercise.start as NonNullable<UnitExercise['start']>), { counted: true });
	const want = parseUnit(exercise.want.unit, { counted: true });
	if (!from.ok || !want.ok || from.value.offset) return [];
	const own = withFacts(withoutBetween(), givenFacts(exercise.facts));
	const bases = new Set([...basesOf(from.value), ...basesOf(want.value)]);
	return FACT_ROWS.filter((fact) => isBetween(fact) && mayHelp(fact, bases)).flatMap((fact) => {
		const factors = routeOver(withFacts(own, [fact]), from.value, want.value, {});
		return factors?.some((factor) => sameFact(factor, fact)) ? [factors] : [];
	});
}
