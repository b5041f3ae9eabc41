import { ONE, type Rational, rationalOfRow, toPower } from '../numeral/rational';
import { addDimension, type Dimension, dimensionKey, withoutRadians } from './dimension';
import { rowOf } from './find-unit';
import { prefixFactor } from './prefixes';
import { printUnit } from './print-unit';
import type { Unit, UnitPart } from './unit';

const factors = new Map<string, Rational>();

function rowFactor(symbol: string, factor: string): Rational {
	let known = factors.get(symbol);
	if (!known) {
		known = rationalOfRow(factor);
		factors.set(symbol, known);
	}
	return known;
}

const MEMORY_LIMIT = 4000;
const memory = new Map<string, Unit>();

/** The unit that these parts make, with everything derived; a part without a row is a counted thing. */
export function unitOfParts(parts: readonly UnitPart[], counted: readonly string[] = []): Unit {
	const text = printUnit(parts);
	const known = memory.get(text);
	if (known) return { ...known, parts, counted };
	const made = derive(parts, text, counted);
	if (memory.size >= MEMORY_LIMIT) memory.clear();
	memory.set(text, made);
	return made;
}

function derive(parts: readonly UnitPart[], text: string, counted: readonly string[]): Unit {
	let dimension: Dimension = {};
	let factor = ONE;
	let pi = 0;
	let figures: number | null = null;
	let turns = 0;
	for (const { unit, prefix, power } of parts) {
		const row = rowOf(unit);
		dimension = addDimension(dimension, row?.dimension ?? { [unit]: 1 }, power);
		if (!row) continue;
		factor = factor.mul(toPower(rowFactor(unit, row.factor).mul(prefixFactor(prefix)), power));
		if (row.cycle === 'turn') turns += power;
		pi += (row.pi ?? 0) * power;
		if (row.figures) figures = Math.min(figures ?? row.figures, row.figures);
	}
	const [only] = parts;
	const offset = parts.length === 1 && only?.power === 1 && rowOf(only.unit)?.offset !== undefined;
	const frequency = parts.length === 1 && only?.power === 1 && rowOf(only.unit)?.cycle === 'rate';
	const kind = dimensionKey(dimension);
	const plainKind = dimensionKey(withoutRadians(dimension));
	return { parts, dimension, kind, plainKind, factor, pi, figures, offset, turns, frequency, text, counted };
}
