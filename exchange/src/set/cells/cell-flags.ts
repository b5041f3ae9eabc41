import { CellFault } from './cell';

/** Marks in brackets behind a fact or a factor: "(exact)", "(figures 3)". */
const FLAG = /\s*\(([a-z]+)(?: ([^()]*))?\)$/u;

/** What stands before such marks, and the marks by their names. */
export function withoutFlags(text: string): { readonly rest: string; readonly flags: ReadonlyMap<string, string> } {
	const flags = new Map<string, string>();
	let rest = text.trim();
	for (let found = FLAG.exec(rest); found && FLAGS.has(found[1] as string); found = FLAG.exec(rest)) {
		flags.set(found[1] as string, found[2] ?? '');
		rest = rest.slice(0, found.index).trim();
	}
	return { rest, flags };
}

const FLAGS: ReadonlySet<string> = new Set([
	'exact',
	'measured',
	'given',
	'stated',
	'figures',
	'power',
	'then',
	'aside',
	'from',
	'plus',
]);

/** Whether a number is exact, as a mark; none where that is not said. */
export function exactFlag(exact: boolean | undefined): string {
	return exact === undefined ? '' : exact ? ' (exact)' : ' (measured)';
}

/** The same read. */
export function exactOf(flags: ReadonlyMap<string, string>): { exact?: boolean } {
	return flags.has('exact') ? { exact: true } : flags.has('measured') ? { exact: false } : {};
}

/** A mark with a whole number in it: "(power 2)". */
export function numberFlag<K extends 'power' | 'figures'>(
	flags: ReadonlyMap<string, string>,
	name: K,
): { [N in K]?: number } {
	const text = flags.get(name);
	if (text === undefined) return {};
	if (!/^-?\d{1,3}$/.test(text)) throw new CellFault(`“${text}” is no whole number for ${name}`);
	return { [name]: Number(text) } as { [N in K]?: number };
}
