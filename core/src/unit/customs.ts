import { type Rational, rational } from '../numeral/rational';

/** A ratio that classes take for exact, where the definitions differ by less than anyone measures. */
type Custom = { readonly one: string; readonly is: Rational; readonly of: string };

/** 1 atm is 760 mmHg in every class; by definition it is 760 Torr, and a mmHg is larger by a ten-millionth part. */
const CUSTOMS: readonly Custom[] = [{ one: 'atm', is: rational(760n), of: 'mmHg' }];

/** How many of the second unit classes take one of the first for; null where there is no such custom. */
export function customRatio(from: string, to: string): Rational | null {
	for (const { one, is, of } of CUSTOMS) {
		if (one === from && of === to) return is;
		if (one === to && of === from) return rational(1n).div(is);
	}
	return null;
}
