import { toSuperscript } from '../numeral/superscript';
import type { Quantity } from '../quantity/quantity';
import { isCounted } from '../unit/dimension';
import { rowOf } from '../unit/find-unit';
import { parseUnit } from '../unit/parse-unit';
import { pluralOf } from '../unit/singular';
import type { Unit, UnitPart } from '../unit/unit';
import { unitWord } from './listed';
import { printWritten } from './say';

/** Whether a part of a unit is a thing one counts: it has no row in the tables, or its row is that of a count. */
function isThing({ unit, prefix }: UnitPart): boolean {
	const row = rowOf(unit);
	return prefix === undefined && /^[a-z]{3,}$/.test(unit) && (row === undefined || isCounted(row.dimension));
}

function partText(part: UnitPart, many: boolean): string {
	const { unit, prefix = '', label } = part;
	const name = many && isThing(part) ? pluralOf(unit) : prefix + unit;
	const power = Math.abs(part.power);
	return `${name}${power > 1 ? toSuperscript(power) : ''}${label === undefined ? '' : ` of ${label}`}`;
}

/**
 * A unit inside a sentence: as print has it, but with its substance in words and no braces (“g of salt”), and things
 * that are counted in their plural (“4 crates”).
 * @param many whether there are several of it.
 */
export function unitInSentence(unit: Unit, many = true): string {
	if (unit.parts.length === 0) return 'a plain number';
	const labelled = unit.parts.some(({ label }) => label !== undefined);
	// “in” by itself would be read as a word.
	if (unit.text === 'in') return unitWord(unit.text);
	const lone = unit.parts.length === 1 && (unit.parts[0] as UnitPart).power > 0;
	if (lone) return partText(unit.parts[0] as UnitPart, many);
	if (!labelled) return unit.text;
	const top = unit.parts.filter(({ power }) => power > 0).map((part) => partText(part, many));
	const bottom = unit.parts.filter(({ power }) => power < 0).map((part) => partText(part, false));
	return [top.join(' times ') || '1', ...bottom].join(' per ');
}

/** The same of a unit as it is written; as written where it cannot be read. */
export function unitTextInSentence(text: string, many = true): string {
	const read = parseUnit(text, { counted: true });
	return read.ok ? unitInSentence(read.value, many) : text;
}

/** A number with its unit inside a sentence: “12 jars”, “2.50 g of salt”, “1 crate”. */
export function amountInSentence(number: string, unit: Unit): string {
	const printed = printWritten(number);
	if (unit.parts.length === 0) return printed;
	return `${printed} ${unit.text === 'in' ? unit.text : unitInSentence(unit, printed !== '1')}`.trim();
}

/** The same of a quantity as it is written. */
export function quantityInSentence({ number, unit }: Quantity): string {
	const read = parseUnit(unit, { counted: true });
	return read.ok ? amountInSentence(number, read.value) : `${printWritten(number)} ${unit}`.trim();
}
