import { type Chain, convert, workChain } from '@tidy-sum/core';
import Qty from 'js-quantities';
import * as math from 'mathjs';
import { microseconds, table } from './measure';

const CHAIN: Chain = {
	start: { number: '6.40', unit: 'qt' },
	factors: [
		{ top: { number: '0.9464', unit: 'L' }, bottom: { number: '1', unit: 'qt' } },
		{ top: { number: '1000', unit: 'mL' }, bottom: { number: '1', unit: 'L' } },
		{ top: { number: '1.42', unit: 'g' }, bottom: { number: '1', unit: 'mL' } },
		{ top: { number: '1', unit: 'kg' }, bottom: { number: '1000', unit: 'g' } },
	],
	want: 'kg',
};

/** What is timed: our call, and the nearest thing each library has to it. */
const TASKS: readonly {
	readonly name: string;
	readonly ours: () => unknown;
	readonly mathjs: () => unknown;
	readonly quantities: () => unknown;
}[] = [
	{
		name: 'convert 40 mi/h to ft/s, from text',
		ours: () => convert({ number: '40', unit: 'mi/h' }, 'ft/s'),
		mathjs: () => math.unit('40 mi/h').to('ft/s').toNumber('ft/s'),
		quantities: () => Qty('40 mi/h').to('ft/s').scalar,
	},
	{
		name: 'a chain of four factors, from text',
		ours: () => workChain(CHAIN),
		mathjs: () =>
			math.evaluate('6.40 quart * 0.9464 L / (1 quart) * 1000 mL / (1 L) * 1.42 g / (1 mL) * 1 kg / (1000 g) to kg'),
		quantities: () =>
			Qty('6.40 qt').mul(Qty('0.9464 L/qt')).mul(Qty('1000 mL/L')).mul(Qty('1.42 g/mL')).mul(Qty('0.001 kg/g')).to('kg')
				.scalar,
	},
];

const rows = TASKS.map(({ name, ours, mathjs, quantities }) => {
	const mine = microseconds(ours);
	const others = [microseconds(mathjs), microseconds(quantities)];
	return [name, mine.toFixed(1), ...others.flatMap((time) => [time.toFixed(1), `${(time / mine).toFixed(2)}×`])];
});

process.stdout.write(
	table('Median microseconds a call; a ratio over 1 means ours is faster', [
		['task', 'tidy sum', 'mathjs', 'ratio', 'js-quantities', 'ratio'],
		...rows,
	]),
);
process.stdout.write(
	'Ours is exact and gives figures, cancellation, running values and each factor judged; the libraries give one floating-point number.\n',
);
