import { useRef } from 'react';

function isPlain(value: unknown): value is Readonly<Record<string, unknown>> {
	return typeof value === 'object' && value !== null && Object.getPrototypeOf(value) === Object.prototype;
}

/**
 * The same plain data with every part that has not changed taken from before, so that a component given such a part is
 * not drawn anew. It looks at all there is, so no field can be forgotten.
 * @example reuse([{ unit: 'in' }], [{ unit: 'in' }, { unit: 'h' }]) // its first part is the one from before
 */
export function reuse<T>(before: unknown, after: T): T {
	if (Object.is(before, after)) return after;
	if (Array.isArray(before) && Array.isArray(after)) {
		const parts = after.map((part, i) => reuse(before[i], part));
		return (before.length === parts.length && parts.every((part, i) => part === before[i]) ? before : parts) as T;
	}
	if (!isPlain(before) || !isPlain(after)) return after;
	const keys = Object.keys(after);
	const made = Object.fromEntries(keys.map((key) => [key, reuse(before[key], after[key])]));
	const same = keys.length === Object.keys(before).length && keys.every((key) => made[key] === before[key]);
	return (same ? before : made) as T;
}

/** Plain data made at this drawing, with what is as it was at the last one taken from there. */
export function useReused<T>(value: T): T {
	const last = useRef(value);
	last.current = reuse(last.current, value);
	return last.current;
}
