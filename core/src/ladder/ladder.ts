import type { Factor } from '../chain/chain';
import { bad, good, type Outcome } from '../numeral/fault';
import { type Converted, convert } from '../quantity/convert';
import type { Quantity } from '../quantity/quantity';
import { countOf } from '../say/plural';
import { rowOf, takesPrefix } from '../unit/find-unit';
import { parseUnit } from '../unit/parse-unit';
import { PREFIXES, prefixOf } from '../unit/prefixes';
import { printUnit } from '../unit/print-unit';
import type { Unit, UnitPart } from '../unit/unit';
import type { UnitRow } from '../unit/unit-row';

/** A rung of the Ladder: a prefix, or none for the unit itself, and where it is on the scale of powers of ten. */
export type Rung = {
	/** The symbol of the prefix; '' for the unit without one. */
	readonly prefix: string;
	readonly name: string;
	/** The power of ten of the prefix itself. */
	readonly power: number;
	/** Where the rung is: the power of the prefix, times the power of the unit. */
	readonly at: number;
	/** The unit on this rung: km, cm². */
	readonly unit: string;
	/** Met often, so it is near; the others are a pull away. */
	readonly near: boolean;
};

/** The rungs for a unit, from the largest down, and the one the unit is on. */
export type Ladder = {
	/** The unit without prefix and power: m, g, L. */
	readonly base: string;
	readonly name: string;
	/** The power the unit is raised to: 2 for areas, 3 for volumes. */
	readonly raised: number;
	readonly rungs: readonly Rung[];
	readonly on: Rung;
};

/** Prefixes met in school and at work, from giga to nano. */
const NEAR: ReadonlySet<string> = new Set(['G', 'M', 'k', 'h', 'da', '', 'd', 'c', 'm', 'µ', 'n']);

/** The prefix of a unit that is none, at its place among the others. */
const NONE = { name: '', symbol: '', power: 0 };

function unitOn(base: string, prefix: string, raised: number): string {
	return printUnit([{ unit: base, ...(prefix ? { prefix } : {}), power: raised }]);
}

/** The one part of a unit that has a place on the Ladder, or why it has none. */
function partOf(unit: Unit, text: string): Outcome<UnitPart> {
	const [part, ...others] = unit.parts;
	const at = [0, text.length] as const;
	if (!part || others.length || part.power < 1)
		return bad('one-unit', 'The Ladder moves one unit at a time, such as km, mg or cm^2.', at);
	if (!rowOf(part.unit)?.prefixes)
		return bad('no-prefix', `${unit.text} takes no prefix; try a metric unit, such as m, g, L, s or W.`, at);
	if (prefixOf(part.prefix)?.two !== undefined)
		return bad('no-prefix', `${unit.text} counts in powers of two, but the Ladder counts in powers of ten.`, at);
	return good(part);
}

const known = new Map<string, readonly Rung[]>();

/** The rungs of a unit and its power; the same ones each time they are asked for. */
function rungsOf(row: UnitRow, raised: number): readonly Rung[] {
	const key = `${row.symbol} ${raised}`;
	const made =
		known.get(key) ??
		[...PREFIXES.filter(({ power }) => power > 0), NONE, ...PREFIXES.filter(({ power }) => power < 0)]
			.filter((one) => one === NONE || takesPrefix(row, one))
			.map(
				({ symbol, name, power }): Rung => ({
					prefix: symbol,
					name,
					power,
					at: power * raised,
					unit: unitOn(row.symbol, symbol, raised),
					near: NEAR.has(symbol),
				}),
			);
	known.set(key, made);
	return made;
}

/**
 * The Ladder for a unit as typed: its rungs and the one it is on. Squared and cubed units climb by two and three.
 * @returns the Ladder, or a fault: of the unit, `one-unit` for a compound, `no-prefix` for what takes none.
 */
export function ladderOf(text: string): Outcome<Ladder> {
	const unit = parseUnit(text);
	if (!unit.ok) return unit;
	const part = partOf(unit.value, text);
	if (!part.ok) return part;
	const { unit: base, prefix = '', power: raised } = part.value;
	const row = rowOf(base);
	if (!row) return bad('no-prefix', `${base} takes no prefix.`);
	const rungs = rungsOf(row, raised);
	const on = rungs.find((rung) => rung.prefix === prefix) as Rung;
	return good({ base, name: row.name, raised, rungs, on });
}

function powerOfTen(power: number): string {
	return power === 0 ? '1' : `10^${power}`;
}

/** What one rung says of the unit itself, laid so that the prefixed unit is on the side told: 1 km and 10^3 m. */
function rungFactor({ base, raised }: Ladder, { prefix, power }: Rung, side: 'top' | 'bottom'): Factor {
	const prefixed: Quantity = { number: '1', unit: `${prefix}${base}` };
	const plain: Quantity = { number: powerOfTen(power), unit: base };
	const laid = side === 'top' ? { top: prefixed, bottom: plain } : { top: plain, bottom: prefixed };
	return raised > 1 ? { ...laid, power: raised } : laid;
}

/**
 * The factors from one rung to another by way of the unit itself: the 1 stands with the prefix, the power of ten with
 * the unit (SI Brochure 3). One factor where one end is the unit itself, none where both ends are the same.
 */
export function climbFactors(ladder: Ladder, from: Rung, to: Rung): readonly Factor[] {
	if (from.prefix === to.prefix) return [];
	const down = from.prefix === '' ? [] : [rungFactor(ladder, from, 'bottom')];
	const up = to.prefix === '' ? [] : [rungFactor(ladder, to, 'top')];
	return [...down, ...up];
}

/**
 * A number on one rung as it is on another: the same amount, its figures kept, in plain and scientific form.
 * @returns what `convert` gives, or a fault of the number.
 */
export function climb(number: string, from: Rung, to: Rung): Outcome<Converted> {
	return convert({ number, unit: from.unit }, to.unit);
}

/** How far one rung is from another, in words a student can check: "3 steps of ten down". */
export function sayClimb(from: Rung, to: Rung): string {
	const apart = from.at - to.at;
	if (apart === 0) return 'the same rung';
	const steps = Math.abs(apart);
	return `${countOf(steps, 'power')} of ten ${apart > 0 ? 'down' : 'up'}`;
}
