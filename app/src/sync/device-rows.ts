import { promisifyRequest, type UseStore } from 'idb-keyval';

/**
 * Rows whose every transaction is committed in the same breath as it is asked for. One that waits to be committed ends with
 * its page, so a page that is reloaded in the next moment would take the last step with it. And where a browser puts the page
 * to sleep for the way Back, it may hold the rows: on WebKit later pages waited for good until all was committed so.
 */
export function committedAtOnce(rows: UseStore): UseStore {
	return (mode, ask) =>
		rows(mode, (store) => {
			const answer = ask(store);
			store.transaction.commit?.();
			return answer;
		});
}

/** The values of some rows, as far as they are there. */
export function valuesOf(rows: IDBObjectStore, keys: readonly string[]): Promise<readonly unknown[]> {
	return Promise.all(keys.map((key) => promisifyRequest<unknown>(rows.get(key))));
}

/** Reads and then writes in one transaction; done when all of it is written. */
export function inOneTransaction<T>(store: UseStore, act: (rows: IDBObjectStore) => Promise<T>): Promise<T> {
	return store('readwrite', async (rows) => {
		const done = promisifyRequest(rows.transaction);
		const made = await act(rows);
		rows.transaction.commit?.();
		await done;
		return made;
	});
}

/** Reads rows and then changes them, in one transaction; done when all of it is written. */
export function readAndChange<T>(
	store: UseStore,
	keys: readonly string[],
	make: (rows: IDBObjectStore, values: readonly unknown[]) => T,
): Promise<T> {
	return inOneTransaction(store, async (rows) => make(rows, await valuesOf(rows, keys)));
}

/** Changes rows; done when all of it is written. */
export function change(store: UseStore, make: (rows: IDBObjectStore) => void): Promise<void> {
	return store('readwrite', (rows) => {
		make(rows);
		return promisifyRequest(rows.transaction);
	});
}

export function put(store: UseStore, key: string, value: unknown): Promise<void> {
	return change(store, (rows) => rows.put(value, key));
}

/** A row of a desk: of its work, of its index and of its tries. */
export type Kind = 'work' | 'index' | 'tries';

export const keyOf = (kind: Kind, desk: string, id: string | number) => `${kind}:${desk}:${id}`;

/** The rows of one kind of a desk, and of no other desk's. */
export function rowsOf(kind: Kind, desk: string): IDBKeyRange {
	return IDBKeyRange.bound(keyOf(kind, desk, ''), keyOf(kind, desk, '\uffff'));
}
