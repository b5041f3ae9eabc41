import type { Numeral } from './numeral';
import { isUnitNumber } from './parse-numeral';

/**
 * The fewest figures among numbers that stand together, with their upper bound; a written 1 and a bare power of ten
 * limit nothing, and where nothing limits both are null.
 */
export function fewestFigures(...numbers: readonly Numeral[]): {
	readonly significant: number | null;
	readonly atMost: number | null;
} {
	const limits = numbers.filter((number) => number.significant !== null && !isUnitNumber(number));
	if (!limits.length) return { significant: null, atMost: null };
	return {
		significant: Math.min(...limits.map((number) => number.significant as number)),
		atMost: Math.min(...limits.map((number) => number.atMost as number)),
	};
}
