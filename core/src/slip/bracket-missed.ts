import { rational, toPower } from '../numeral/rational';
import { numbersOf } from './evidence';
import { keyedAs } from './keyed-as';
import type { SlipKind } from './slip-kind';

/** Keyed a / b x c for a / (b x c). */
export const bracketMissed: SlipKind = {
	code: 'bracket-missed',
	title: 'No brackets round the bottom on the calculator',
	nudge: 'On a calculator the bottom needs brackets: ÷ ( … × … ).',
	suspects: (evidence) => {
		const below = numbersOf(evidence).filter(
			({ side, number }) => side === 'bottom' && number.value.n !== number.value.d && number.value.sign !== 0,
		);
		if (below.length < 2) return [];
		const rest = below
			.slice(1)
			.reduce((product, { number, power }) => product.mul(toPower(number.value, power)), rational(1n));
		return [
			{
				value: evidence.truth.mul(rest.mul(rest)),
				why: `Without brackets round the bottom, a calculator divides by the first number only.${keyedAs(evidence, (keys) => keys.replace(/÷ \( (.*) \)/, '÷ $1'))}`,
			},
		];
	},
	mixes: true,
};
