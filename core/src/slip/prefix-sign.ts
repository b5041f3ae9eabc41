import type { ReadFactor } from '../chain/read-chain';
import { isPowerOfTen } from '../numeral/rational';
import { quantityInSentence } from '../say/in-sentence';
import { eachFactor, exchanged, isEqual } from './evidence';
import type { SlipKind } from './slip-kind';

function isOfTens({ top, bottom }: ReadFactor): boolean {
	return [top, bottom].every(({ number }) => number !== null && isPowerOfTen(number.value.abs()));
}

/** The power of ten on the wrong side: 1 m = 10^-2 cm. */
export const prefixSign: SlipKind = {
	code: 'prefix-sign',
	title: 'The power of ten on the wrong side',
	nudge: 'Put the 1 with the prefixed unit and the power of ten with the unit that has no prefix.',
	common: true,
	laid: true,
	suspects: (evidence) =>
		eachFactor(evidence, (worth, i) => {
			const factor = evidence.factors[i] as ReadFactor;
			if (!isOfTens(factor)) return null;
			const { top, bottom } = factor.written;
			return {
				value: evidence.truth.div(worth.mul(worth)),
				factor: i,
				why: `You get this with the power of ten on the wrong side. Check ${quantityInSentence(top)} and ${quantityInSentence(bottom)}.`,
			};
		}),
	mixes: true,
	unequal: { order: 2, by: (factor) => isOfTens(factor) && isEqual(exchanged(factor.written)) },
};
