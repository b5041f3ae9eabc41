import { toSuperscript } from '../numeral/superscript';
import { rowOf } from './find-unit';
import type { UnitPart } from './unit';

/** The symbol of one part without its power: "cm", "g{honey}". */
export function symbolOfPart(part: UnitPart): string {
	const symbol = part.prefix === undefined ? part.unit : part.prefix + part.unit;
	return part.label === undefined ? symbol : `${symbol}{${part.label}}`;
}

/** The shown parts of top and bottom joined into one text; null when a part cannot be shown. */
function joined(
	parts: readonly UnitPart[],
	show: (part: UnitPart, power: number) => string | null,
	times: string,
): string | null {
	let top = '';
	let bottom = '';
	let below = 0;
	for (const part of parts) {
		const shown = show(part, Math.abs(part.power));
		if (shown === null) return null;
		if (part.power > 0) top = top === '' ? shown : top + times + shown;
		else {
			bottom = below ? bottom + times + shown : shown;
			below += 1;
		}
	}
	if (!below) return top;
	return `${top || '1'}/${below > 1 ? `(${bottom})` : bottom}`;
}

function printPart(part: UnitPart, power: number): string {
	const symbol = symbolOfPart(part);
	return power === 1 ? symbol : symbol + toSuperscript(power);
}

/** The parts in the one canonical print form: m/s², kJ/(mol·K), 1/s; a unit of one is "". */
export function printUnit(parts: readonly UnitPart[]): string {
	return joined(parts, printPart, '·') as string;
}

/** The parts as a UCUM code (case sensitive); null when any part has none. */
export function ucumOf(parts: readonly UnitPart[]): string | null {
	const show = (part: UnitPart, power: number) => {
		const code = rowOf(part.unit)?.ucum;
		if (!code) return null;
		const prefix = part.prefix === 'µ' ? 'u' : (part.prefix ?? '');
		return `${prefix}${code}${power === 1 ? '' : power}${part.label ? `{${part.label}}` : ''}`;
	};
	const code = joined(parts, show, '.');
	return code === '' ? '1' : code;
}
