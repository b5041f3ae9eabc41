/** An object with its keys in order; anything else as it is. */
function inOrder(_: string, value: unknown): unknown {
	if (value === null || typeof value !== 'object' || Array.isArray(value)) return value;
	return Object.fromEntries(Object.entries(value).sort(([a], [b]) => (a < b ? -1 : 1)));
}

/**
 * A text that is the same for two plain values that are equal, whatever order their keys came in: what was read from a file or a
 * server has them in another order than what was made here.
 * @example signOf({ do: 'turn', block: 'b1' }) === signOf({ block: 'b1', do: 'turn' })
 */
export function signOf(value: unknown): string {
	return JSON.stringify(value, inOrder);
}
