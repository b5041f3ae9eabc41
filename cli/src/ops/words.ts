export function aValueHereCanHaveUpTo(limit: number): string {
	return `A value here can have up to ${limit} characters.`;
}

export const nothingCanBeDividedByZero = 'Nothing can be divided by zero.';

export const aValueIsWrittenNOrNDIn = 'A value is written n or n/d, in whole numbers.';
