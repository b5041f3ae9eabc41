import type { Head } from './desk-schema';

/**
 * A sum over all pieces of a desk and their versions: a device and the server get the same one if they have the same.
 * @param heads the pieces that were not erased, in any order.
 * @param hash the SHA-256 of a text, in hexadecimal.
 */
export function headSum(heads: readonly Pick<Head, 'id' | 'version'>[], hash: (text: string) => string): string {
	const lines = heads.map(({ id, version }) => `${id} ${version}`).sort();
	return hash(lines.join('\n'));
}
