import { type GoesBy, TABLE_NAMES, type TableName, type UnitRounding } from '@tidy-sum/core';
import { CellFault, ITEMS, items } from './cell';
import { readRoundingCell, roundingCell } from './rounding-cell';

function commaList(text: string): readonly string[] {
	return text.split(/\s*,\s*/u).filter(Boolean);
}

/** How answers in one unit are rounded: "gtt/min place 0", "mL 1 decimal place", "kg 3 figures". */
function readUnitRounding(text: string): UnitRounding {
	const [, unit = '', says = ''] = /^(\S+)\s+(.+)$/u.exec(text) ?? [];
	const rounding = says ? readRoundingCell(says) : 'figures';
	if (typeof rounding === 'string')
		throw new CellFault(`“${text}” does not say how a unit is rounded; write gtt/min place 0, or kg 3 figures`);
	return { unit, ...rounding };
}

function unitRoundingCell({ unit, ...rounding }: UnitRounding): string {
	return `${unit.replace(/\s/gu, '·')} ${roundingCell(rounding)}`;
}

/**
 * What a class goes by, but for its facts: "ties even; decimal comma; rounding gtt/min place 0, kg 3 figures; given
 * exact; tables prefixes, time; support light; numbers covered".
 * @throws CellFault where an item is none of these.
 */
export function readGoesByCell(text: string): Omit<GoesBy, 'facts'> {
	const by: { -readonly [K in keyof GoesBy]: GoesBy[K] } = {};
	for (const item of items(text)) {
		const [, name = '', says = ''] = /^(\S+)\s*(.*)$/u.exec(item) ?? [];
		if (name === 'ties') by.ties = oneOf(says, ['away', 'even'] as const);
		else if (name === 'support') by.support = oneOf(says, ['close', 'light', 'none'] as const);
		else if (name === 'numbers') by.numbers = oneOf(says, ['worked', 'laid-out', 'covered'] as const);
		else if (name === 'decimal') by.decimal = oneOf(says, ['point', 'comma'] as const);
		else if (name === 'given') by.given = oneOf(says, ['exact'] as const);
		else if (name === 'rounding') by.rounding = commaList(says).map(readUnitRounding);
		else if (name === 'tables') by.tables = commaList(says).map((table) => oneOf<TableName>(table, TABLE_NAMES));
		else
			throw new CellFault(
				`“${name}” is not a rule of a class; the rules are ties, decimal, rounding, given, tables, support and numbers`,
			);
	}
	return by;
}

function oneOf<T extends string>(said: string, all: readonly T[]): T {
	const found = all.find((one) => one === said);
	if (!found) throw new CellFault(`“${said}” is not one of ${all.join(', ')}`);
	return found;
}

/** The same written. */
export function goesByCell({ ties, decimal, rounding, given, tables, support, numbers }: GoesBy): string {
	return [
		tables && `tables ${tables.join(', ')}`,
		ties && `ties ${ties}`,
		decimal && `decimal ${decimal}`,
		rounding?.length && `rounding ${rounding.map(unitRoundingCell).join(', ')}`,
		given && `given ${given}`,
		support && `support ${support}`,
		numbers && `numbers ${numbers}`,
	]
		.filter(Boolean)
		.join(ITEMS);
}
