import { fewestFigures } from '../numeral/fewest-figures';
import { parseNumeral } from '../numeral/parse-numeral';
import type { Fact } from './fact';

/** How many figures a measured fact is known to, the fewest where zeros are unclear; null for an exact one. */
export function factFigures({ left, right, exact }: Fact): number | null {
	if (exact) return null;
	const numbers = [parseNumeral(left.number), parseNumeral(right.number)];
	return fewestFigures(...numbers.flatMap((number) => (number.ok ? [number.value] : []))).significant;
}
