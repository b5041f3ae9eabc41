import type { ReadFactor } from '../../chain/read-chain';
import { isPowerOfTen, type Rational, rational } from '../../numeral/rational';
import { type Dimension, sameDimension } from '../../unit/dimension';
import { ratioOfUnits } from '../../unit/like-units';

/** The kinds that a dose or a share is of: so many mg for each kg, so many mL in each litre. */
const KINDS: readonly Dimension[] = [{ kg: 1 }, { m: 3 }];

/** How far from a conversion the two sides of a dose are at least. */
const APART = rational(20n, 1n);
/** How near to true a factor upside down is, with the figures people write: 453.6 lb over 1 g. */
const NEAR = [rational(98n, 100n), rational(102n, 100n)] as const;

const isNear = (ratio: Rational) => ratio.compare(NEAR[0]) > 0 && ratio.compare(NEAR[1]) < 0;

/**
 * Whether a factor between like units may be a dose or a share that the problem gives, and no conversion gone wrong: 3.6 mg for each
 * 1 kg. Its sides are far from equal, no zeros are lost, and it is not upside down.
 */
export function mayBeDose({ top, bottom }: Pick<ReadFactor, 'top' | 'bottom'>): boolean {
	const { dimension } = top.unit;
	if (!KINDS.some((kind) => sameDimension(kind, dimension)) || !sameDimension(dimension, bottom.unit.dimension))
		return false;
	const [above, below] = [top.number?.value, bottom.number?.value];
	if (!above || !below || above.sign <= 0 || below.sign <= 0) return false;
	const units = ratioOfUnits(top.unit, bottom.unit).value;
	const ratio = above.div(below).mul(units);
	const isFar = ratio.compare(APART) > 0 || rational(1n, 1n).div(ratio).compare(APART) > 0;
	return isFar && !isPowerOfTen(ratio) && !isNear(below.div(above).mul(units));
}
