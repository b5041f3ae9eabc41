import { toSuperscript } from '../numeral/superscript';
import type { Quantity } from '../quantity/quantity';
import { rowOf } from '../unit/find-unit';
import { parseUnit } from '../unit/parse-unit';
import { prefixOf } from '../unit/prefixes';
import type { Unit, UnitPart } from '../unit/unit';

const RAISED: Readonly<Record<number, string>> = { 2: 'square ', 3: 'cubic ' };

function sayPart(part: UnitPart, plural: boolean): string {
	const row = rowOf(part.unit);
	const prefix = prefixOf(part.prefix)?.name ?? '';
	const name = !row ? `${part.unit}${plural ? 's' : ''}` : plural ? (row.plural ?? `${row.name}s`) : row.name;
	const power = Math.abs(part.power);
	const of = part.label ? ` of ${part.label}` : '';
	return power > 3 ? `${prefix}${name} to the power ${power}${of}` : `${RAISED[power] ?? ''}${prefix}${name}${of}`;
}

/** A unit in words: "inches per hour", "square metres". */
export function sayUnit(unit: Unit, plural: boolean): string {
	const top = unit.parts.filter(({ power }) => power > 0);
	const bottom = unit.parts.filter(({ power }) => power < 0);
	const above = top.map((part, i) => sayPart(part, plural && i === top.length - 1)).join(' ');
	const below = bottom.map((part) => `per ${sayPart(part, false)}`).join(' ');
	return [above, below].filter(Boolean).join(' ');
}

function sayNumber(text: string): string {
	const power = /^(-?)10\^\(?([-−]?)(\d+)\)?$/.exec(text.trim());
	if (power) return `${power[1] ? 'minus ' : ''}10 to the ${power[2] ? 'minus ' : ''}${power[3]}`;
	return text.replace(/^[-−]/, 'minus ').trim() || 'a number to come';
}

/** A quantity in words: "2.75 inches per hour", "10 to the minus 2 metres". */
export function sayQuantity({ number, unit }: Quantity): string {
	const read = parseUnit(unit, { counted: true });
	const words = read.ok ? sayUnit(read.value, number.trim() !== '1') : unit;
	return words ? `${sayNumber(number)} ${words}` : sayNumber(number);
}

/** A factor in words: "2.54 centimetres over 1 inch". */
export function sayFactor(factor: { top: Quantity; bottom: Quantity; power?: number }): string {
	const said = `${sayQuantity(factor.top)} over ${sayQuantity(factor.bottom)}`;
	return factor.power && factor.power > 1 ? `${said}, all to the power ${factor.power}` : said;
}

/** A number as print has it, by its writing: 10^-2 becomes 10⁻², 3.0e3 becomes 3.0 × 10³, a hyphen a true minus. */
export function printWritten(text: string): string {
	return text
		.trim()
		.replace(/^-/, '−')
		.replace(/\s*(?:[eE]|[xX×*·⋅]\s*10\^?)\(?([-+−]?\d+)\)?$/, (_, power: string) => ` × 10^${power}`)
		.replace(
			/10\^\(?([-+−]?)(\d+)\)?$/,
			(_, sign: string, digits: string) => `10${toSuperscript(Number(`${sign === '−' ? '-' : sign}${digits}`))}`,
		)
		.replace(/^−?\d{5,}/, groupThrees);
}

/** Digits in threes with narrow no-break spaces, from five on (SI Brochure 5.4.4). */
function groupThrees(digits: string): string {
	return digits.replace(/\B(?=(\d{3})+$)/g, '\u202f');
}

/** A unit as print has it, whatever way it was written; as written when it cannot be read. */
export function printUnitText(text: string): string {
	const read = parseUnit(text, { counted: true });
	return read.ok ? read.value.text : text;
}

/** A quantity as print has it: "2.54 cm", "10⁻² m". */
export function printQuantity({ number, unit }: Quantity): string {
	return `${printWritten(number)} ${printUnitText(unit)}`.trim();
}
