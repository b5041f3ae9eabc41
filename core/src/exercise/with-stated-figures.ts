import type { Chain, Factor } from '../chain/chain';
import { type FactorJudged, judgeFactor } from '../chain/judge-factor';
import { type ReadFactor, readChain } from '../chain/read-chain';
import type { Exercise } from './exercise';
import { statedBy } from './is-stated';

type Stated = Pick<Exercise, 'facts' | 'line' | 'times'>;

function judgedAs(factor: Factor): FactorJudged | null {
	const read = readChain({ start: { number: '1', unit: '' }, factors: [factor] });
	const [only] = read.ok ? read.value.factors : [];
	return only ? judgeFactor(only) : null;
}

function withFigures(factor: Factor, read: ReadFactor, exercise: Stated): Factor {
	const said = factor.exact !== undefined || factor.figures !== undefined;
	const fact = said ? undefined : statedBy(read, exercise);
	if (!fact) return factor;
	const exact = fact.exact === undefined ? {} : { exact: fact.exact };
	const asked = judgedAs({ top: fact.left, bottom: fact.right, given: true, ...exact });
	const mine = judgeFactor(read);
	if (!asked || (asked.exact === mine.exact && asked.significant === mine.significant)) return factor;
	if (asked.exact) return { ...factor, exact: true };
	// Where its zeros are unclear the fact says no one number.
	return asked.significant !== null && asked.significant === asked.atMost
		? { ...factor, exact: false, figures: asked.significant }
		: { ...factor, exact: false };
}

/**
 * A line on which each block that states a fact of the problem has the figures of that fact, however it is written:
 * 24 jars over 2 crates those of 12 jars for 1 crate. So the line says of its figures what the check says.
 * @returns the same line where nothing is to be said.
 */
export function withStatedFigures(chain: Chain, exercise: Stated): Chain {
	if (!exercise.facts.length && !exercise.line?.length && !exercise.times?.length) return chain;
	const read = readChain(chain);
	if (!read.ok) return chain;
	const factors = chain.factors.map((factor, i) => {
		const of = read.value.factors[i];
		return of ? withFigures(factor, of, exercise) : factor;
	});
	return factors.every((factor, i) => factor === chain.factors[i]) ? chain : { ...chain, factors };
}
