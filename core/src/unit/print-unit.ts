import { toSuperscript } from '../numeral/superscript';
import { rowOf } from './find-unit';
import type { UnitPart } from './unit';

/** The symbol of one part without its power: "cm", "g{honey}". */
export function symbolOfPart(part: UnitPart): string {
	return `${part.prefix ?? ''}${part.unit}${part.label ? `{${part.label}}` : ''}`;
}

function joined(
	parts: readonly UnitPart[],
	show: (part: UnitPart, power: number) => string | null,
	times: string,
): string | null {
	const shown = parts.map((part) => ({ over: part.power > 0, text: show(part, Math.abs(part.power)) }));
	if (shown.some(({ text }) => text === null)) return null;
	const top = shown.filter(({ over }) => over).map(({ text }) => text);
	const bottom = shown.filter(({ over }) => !over).map(({ text }) => text);
	const above = top.join(times) || (bottom.length ? '1' : '');
	if (!bottom.length) return above;
	return `${above}/${bottom.length > 1 ? `(${bottom.join(times)})` : bottom[0]}`;
}

/** The parts in the one canonical print form: m/s², kJ/(mol·K), 1/s; a unit of one is "". */
export function printUnit(parts: readonly UnitPart[]): string {
	const show = (part: UnitPart, power: number) => symbolOfPart(part) + (power === 1 ? '' : toSuperscript(power));
	return joined(parts, show, '·') as string;
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
