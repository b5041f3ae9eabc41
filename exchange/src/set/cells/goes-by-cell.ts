import { type GoesBy, TABLE_NAMES, type TableName } from '@tidy-sum/core';
import { CellFault, ITEMS, items } from './cell';

/** What a class goes by, but for its facts: "ties even; tables prefixes, time; support light; numbers covered". */
export function readGoesByCell(text: string): Omit<GoesBy, 'facts'> {
	const by: { -readonly [K in keyof GoesBy]: GoesBy[K] } = {};
	for (const item of items(text)) {
		const [, name = '', says = ''] = /^(\S+)\s*(.*)$/u.exec(item) ?? [];
		if (name === 'ties') by.ties = oneOf(says, ['away', 'even'] as const);
		else if (name === 'support') by.support = oneOf(says, ['close', 'light', 'none'] as const);
		else if (name === 'numbers') by.numbers = oneOf(says, ['worked', 'laid-out', 'covered'] as const);
		else if (name === 'tables')
			by.tables = says
				.split(/\s*,\s*/u)
				.filter(Boolean)
				.map((table) => oneOf<TableName>(table, TABLE_NAMES));
		else throw new CellFault(`a class does not go by “${name}”; it goes by ties, tables, support and numbers`);
	}
	return by;
}

function oneOf<T extends string>(said: string, all: readonly T[]): T {
	const found = all.find((one) => one === said);
	if (!found) throw new CellFault(`“${said}” is none of ${all.join(', ')}`);
	return found;
}

/** The same written. */
export function goesByCell({ ties, tables, support, numbers }: GoesBy): string {
	return [
		tables && `tables ${tables.join(', ')}`,
		ties && `ties ${ties}`,
		support && `support ${support}`,
		numbers && `numbers ${numbers}`,
	]
		.filter(Boolean)
		.join(ITEMS);
}
