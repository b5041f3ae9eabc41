import type { Head } from './desk-schema';

/**
 * What stands for all pieces of a desk and their versions: the same on a device and on the server where both have the same.
 * @param heads the pieces that were not erased, in any order.
 * @param hash the SHA-256 of a text, in hexadecimal.
 */
export function headSum(heads: readonly Pick<Head, 'id' | 'version'>[], hash: (text: string) => string): string {
	const lines = heads.map(({ id, version }) => `${id} ${version}`).sort();
	return hash(lines.join('\n'));
}
