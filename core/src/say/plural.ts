// A rule is slow to make and quick to use.
const RULES = new Intl.PluralRules('en-GB');

/** The word that agrees with a count: plural(1, 'seed') is "seed", plural(0, 'tray') is "trays", plural(2, 'is', 'are') is "are". */
export function plural(count: number, one: string, many = `${one}s`): string {
	return RULES.select(count) === 'one' ? one : many;
}

/** A count with its word: "1 seed", "15 trays". */
export function countOf(count: number, one: string, many?: string): string {
	return `${count} ${plural(count, one, many)}`;
}
