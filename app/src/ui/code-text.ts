/**
 * A code as it is shown: in two groups of four signs.
 * @example codeText('4K7M9AEW') // '4K7M 9AEW'
 */
export function codeText(code: string): string {
	return `${code.slice(0, 4)} ${code.slice(4)}`;
}
