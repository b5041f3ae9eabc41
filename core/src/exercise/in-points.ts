import { type DecimalMark, withPoints } from '../numeral/decimal-mark';
import type { Exercise } from './exercise';

/** The fields of plain data that hold a numeral. */
const NUMERALS: ReadonlySet<string> = new Set(['number', 'figures', 'shift']);

function pointed(value: unknown): unknown {
	if (Array.isArray(value)) return value.map(pointed);
	if (typeof value !== 'object' || value === null) return value;
	return Object.fromEntries(
		Object.entries(value).map(([key, one]) => [
			key,
			typeof one === 'string' && NUMERALS.has(key) ? withPoints(one, 'comma') : pointed(one),
		]),
	);
}

/** The decimal mark that an exercise is read by: its own, else that of the class. */
export function markOf({ decimal, goesBy }: Pick<Exercise, 'decimal' | 'goesBy'>): DecimalMark {
	return decimal ?? goesBy?.decimal ?? 'point';
}

/**
 * Plain data with a point as the decimal mark of every number in it: an exercise, a line, a fact.
 * @returns `{ number: '1.250', unit: 'kg' }` for `{ number: '1,250', unit: 'kg' }` where the mark is a comma; else the same data.
 */
export function inPoints<T>(data: T, mark: DecimalMark): T {
	return mark === 'comma' ? (pointed(data) as T) : data;
}
