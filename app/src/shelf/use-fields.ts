import type { Fault, Outcome } from '@tidy-sum/core';
import { useCallback, useEffect, useRef, useState } from 'react';
import { lastSeen, rememberSeen } from '../device/last-seen';

/** What is typed and chosen on a part of the Shelf, by the names it has in an address. */
export type Fields<K extends string> = Readonly<Record<K, string>>;

/** The longest text an address may bring into a field. */
const LIMIT = 300;

/** How long fields must have settled before the address follows. */
const SETTLES_MS = 300;

function addressOf(part: string, fields: Fields<string>): string {
	const given = Object.entries(fields).filter(([, text]) => text !== '');
	const query = new URLSearchParams(given).toString();
	return `/shelf/${part}${query ? `?${query}` : ''}`;
}

function filled<K extends string>(example: Fields<K>, get: (name: K) => string | null | undefined): Fields<K> | null {
	const names = Object.keys(example) as K[];
	const given = names.map((name) => [name, get(name)] as const);
	if (given.every(([, text]) => typeof text !== 'string')) return null;
	// What a link leaves out is empty where it may be, so that nothing of the example gets mixed in.
	return Object.fromEntries(
		given.map(([name, text]) => [name, typeof text === 'string' ? text.slice(0, LIMIT) : '']),
	) as Fields<K>;
}

/** Where a part is opened: as its link says, else as it was left, else with an example. */
function opened<K extends string>(part: string, link: Partial<Record<K, string | undefined>>, example: Fields<K>) {
	const left = new URLSearchParams(lastSeen(part) ?? '');
	return filled(example, (name) => link[name]) ?? filled(example, (name) => left.get(name)) ?? example;
}

/**
 * The fields of a part of the Shelf. What is set is remembered on the device, so that the part opens there again.
 * @param link what the address brings, by field.
 * @returns the fields, a way to set some of them, and the address that opens the part just so.
 */
export function useFields<K extends string>(
	part: string,
	link: Partial<Record<K, string | undefined>>,
	example: Fields<K>,
): {
	readonly fields: Fields<K>;
	readonly set: (some: Partial<Record<K, string>>) => void;
	readonly address: string;
} {
	const [fields, setFields] = useState(() => opened(part, link, example));
	const set = useCallback((some: Partial<Record<K, string>>) => setFields((before) => ({ ...before, ...some })), []);
	const address = addressOf(part, fields);
	const first = useRef(address);
	useEffect(() => {
		// What is opened stays as its link; from the first change on, the address goes along, for a reload or a bookmark.
		if (address === first.current) return undefined;
		first.current = '';
		rememberSeen(part, address.split('?')[1] ?? '');
		const timer = setTimeout(() => globalThis.history?.replaceState(globalThis.history.state, '', address), SETTLES_MS);
		return () => clearTimeout(timer);
	}, [part, address]);
	return { fields, set, address };
}

/**
 * The last value that could be made, so that something half typed does not empty the page; and what is wrong with
 * what stands there now.
 */
export function useLastGood<T>(made: Outcome<T>): { readonly value: T | null; readonly fault: Fault | null } {
	const kept = useRef<T | null>(null);
	if (made.ok) kept.current = made.value;
	return { value: kept.current, fault: made.ok ? null : made.fault };
}
