/** A table of facts, or another place a fact comes from. */
type FactTable = {
	readonly name: string;
	/** What it is called. */
	readonly title: string;
	/** How odd a step through it is: 0 for what a teacher would reach for first. */
	readonly oddness: number;
	/** Whether people learn from it, so that a class may leave it out. */
	readonly learned: boolean;
	/** Whether its facts hold for one substance only, so that no route takes them of its own accord. */
	readonly ofOne?: true;
	/** What stands between the two sides of its facts, where that is no plain equals sign. */
	readonly joins?: string;
};

const ROWS = [
	{ name: 'prefixes', title: 'prefixes', oddness: 2, learned: true },
	{ name: 'time', title: 'time', oddness: 1, learned: true },
	{ name: 'angle', title: 'angle', oddness: 1, learned: true },
	{ name: 'metric', title: 'metric', oddness: 1, learned: true },
	{ name: 'customary', title: 'customary', oddness: 1, learned: true },
	{ name: 'between', title: 'between systems', oddness: 3, learned: true },
	{ name: 'constants', title: 'constants', oddness: 8, learned: true, ofOne: true },
	{ name: 'scales', title: 'temperature scales', oddness: 1, learned: false, joins: 'for each' },
	{ name: 'problem', title: 'the problem', oddness: 0, learned: false },
	{ name: 'own', title: 'my own', oddness: 0, learned: false },
	{ name: 'definitions', title: 'definitions', oddness: 9, learned: false },
] as const satisfies readonly FactTable[];

/** A table of facts, or where else a fact comes from: the problem, or the student. */
export type TableName = (typeof ROWS)[number]['name'];

/** The tables of facts, in the order they are listed. To add one is to add a row. */
export const FACT_TABLES: readonly (FactTable & { readonly name: TableName })[] = ROWS;

/** Which tables people learn from; a class may allow only some. */
export const TABLE_NAMES: readonly TableName[] = FACT_TABLES.filter(({ learned }) => learned).map(({ name }) => name);

const BY_NAME: ReadonlyMap<string, FactTable> = new Map(ROWS.map((row) => [row.name, row]));

/** The row of a table. */
export function factTable(name: TableName): FactTable {
	return BY_NAME.get(name) as FactTable;
}

/** Whether a fact of these tables holds for one substance only, as the density of water does. */
export function isOfOne(tables: readonly TableName[]): boolean {
	return tables.some((name) => factTable(name).ofOne);
}
