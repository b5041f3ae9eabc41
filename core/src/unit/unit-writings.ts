import { toSuperscript } from '../numeral/superscript';
import { findUnit, rowOf } from './find-unit';
import { printUnit, ucumOf } from './print-unit';
import { pluralOf } from './singular';
import type { Unit, UnitPart } from './unit';

/** The most writings of one unit. */
const LIMIT = 40;

/** How a power is written behind a symbol; none for a power of one. */
const RAISED: readonly ((power: number) => string)[] = [
	(power) => toSuperscript(power),
	(power) => `^${power}`,
	(power) => `${power}`,
];

function raised(symbol: string, power: number, style: number): string {
	const by = Math.abs(power);
	return by === 1 ? symbol : symbol + (RAISED[style] as (power: number) => string)(by);
}

/** A part by its symbols, the one that is printed first. */
function symbolsOf({ unit, prefix = '' }: UnitPart): readonly string[] {
	const row = rowOf(unit);
	const all = [unit, ...(row?.symbols ?? []).filter((symbol) => /[\p{L}°%]/u.test(symbol))].map(
		(symbol) => prefix + symbol,
	);
	// A writing that is read as another unit is none: kgm is kg·m, not a kilogram.
	const own = all.filter((symbol) => prefix === '' || !('short' in (findUnit(symbol) ?? {})));
	return prefix === 'µ' ? own.flatMap((symbol) => [symbol, `u${symbol.slice(1)}`]) : own;
}

const RAISED_NAMES: Readonly<Record<number, readonly string[]>> = { 2: ['square'], 3: ['cubic'] };

/** A part by its name, of one and of many; none for a name that takes a prefix, or a high power. */
function namesOf({ unit, prefix, power }: UnitPart, many: boolean): readonly string[] {
	const row = rowOf(unit);
	const by = Math.abs(power);
	if (!row) return by === 1 && many ? [pluralOf(unit), unit] : by === 1 ? [unit] : [];
	if (prefix || by > 3) return [];
	const plain = many ? [row.plural ?? `${row.name}s`, row.name] : [row.name];
	const all = [...plain, ...(row.names ?? []).map((name) => (many ? `${name}s` : name))];
	return by === 1 ? all : (RAISED_NAMES[by] ?? []).flatMap((first) => all.map((name) => `${first} ${name}`));
}

/** The parts of one side, written side by side in one style; the first of them also by its other symbols. */
function sides(parts: readonly UnitPart[], style: number): readonly string[] {
	const [first, ...rest] = parts;
	if (!first) return ['1'];
	const others = rest.map((part) => raised(symbolsOf(part)[0] as string, part.power, style));
	return symbolsOf(first).flatMap((symbol) => {
		const all = [raised(symbol, first.power, style), ...others];
		return others.length ? ['·', ' ', '*'].map((sign) => all.join(sign)) : all;
	});
}

/**
 * Ways a unit is commonly written, for programs that compare letter by letter and cannot read one: the printed one first,
 * then by other symbols, with plain powers, by names.
 * @example unitWritings(metresPerSecond) // ['m/s', 'metres per second', ...]
 */
export function unitWritings(unit: Unit): readonly string[] {
	const top = unit.parts.filter(({ power }) => power > 0);
	const bottom = unit.parts.filter(({ power }) => power < 0);
	const written = new Set<string>([printUnit(unit.parts)]);
	const ucum = ucumOf(unit.parts);
	for (const style of RAISED.keys())
		for (const above of sides(top, style)) {
			if (!bottom.length) written.add(above);
			for (const below of bottom.length ? sides(bottom, style) : []) {
				written.add(bottom.length > 1 ? `${above}/(${below})` : `${above}/${below}`);
				written.add(bottom.length > 1 ? `${above} / (${below})` : `${above} / ${below}`);
			}
		}
	const [one, other] = [top[0], bottom[0]];
	if (one && top.length === 1 && bottom.length < 2)
		for (const many of namesOf(one, true)) {
			if (!other) written.add(many);
			for (const each of other ? namesOf(other, false) : []) written.add(`${many} per ${each}`);
		}
	if (top.length === 1 && other && bottom.length === 1) {
		const above = raised(symbolsOf(one as UnitPart)[0] as string, (one as UnitPart).power, 1);
		const below = symbolsOf(other)[0] as string;
		written.add(`${above} ${below}^${other.power}`).add(`${above} ${below}${toSuperscript(other.power)}`);
		written.add(`${above}·${below}${toSuperscript(other.power)}`);
	}
	if (ucum) written.add(ucum);
	return [...written].slice(0, LIMIT);
}
