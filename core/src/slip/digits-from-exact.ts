import { workChain } from '../chain/work-chain';
import type { Numeral } from '../numeral/numeral';
import { digitsFew } from './digits-few';
import type { SlipKind } from './slip-kind';

function shows({ significant, atMost, value }: Numeral, count: number): boolean {
	return value.n !== value.d && significant !== null && atMost !== null && significant <= count && count <= atMost;
}

/** An exact fact let limit the figures. */
export const digitsFromExact: SlipKind = {
	code: 'digits-from-exact',
	title: 'You counted the figures of an exact fact',
	nudge: 'Defined facts and counts are exact. The 60 min in an hour do not limit the figures.',
	shows: (seen) => {
		const { answer, key } = seen;
		const count = answer.number?.significant ?? null;
		const worked = key.chain && digitsFew.shows?.(seen) ? workChain(key.chain) : null;
		if (!worked?.ok || count === null) return null;
		const exact = worked.value.read.factors.find(
			({ top, bottom }, i) =>
				worked.value.factors[i]?.exact && [top, bottom].some(({ number }) => number && shows(number, count)),
		);
		if (!exact) return null;
		const side = exact.top.number && shows(exact.top.number, count) ? exact.written.top : exact.written.bottom;
		return `${side.number} ${side.unit} is exact and does not limit the figures. Did you count its figures?`;
	},
};
