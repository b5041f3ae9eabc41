const SLIP = 'the search for slips comes with practice (issue D)';

function cases(file: string, numbers: readonly number[], reason: string): [string, string][] {
	return numbers.map((number) => [`${file} ${number}`, reason]);
}

/**
 * Cases of the contract that what is built so far does not cover: file and line, each with its reason. A
 * case here that holds after all fails the test, so the list can only shrink.
 */
export const PENDING: ReadonlyMap<string, string> = new Map([
	...cases('check', [18, 19, 21, 23, 24, 25, 26, 27, 28, 29, 30], SLIP),
]);
