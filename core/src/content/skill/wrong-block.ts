import type { Chain, Factor } from '../../chain/chain';
import { turnedFactor } from '../../chain/chain';
import { workChain } from '../../chain/work-chain';
import type { Dice } from '../../exercise/dice';
import { between, type Draw } from '../../exercise/draws';
import type { Exercise } from '../../exercise/exercise';
import { posed } from '../../exercise/posed';
import { printLine } from '../../say/print-line';
import { printUnitText } from '../../say/say';
import type { Level, MadeScene, Skill } from './skill';

/** A line that is right until one of its blocks is spoiled. */
type Base = { readonly number: Draw; readonly unit: string; readonly want: string; readonly line: readonly string[] };

type Spoil = (factor: Factor) => Factor | null;

/** Numbers that are often taken for each other. */
const TAKEN_FOR: Readonly<Record<string, string>> = {
	'12': '16',
	'16': '12',
	'60': '100',
	'3600': '360',
	'24': '12',
	'7': '5',
	'1000': '100',
	'100': '10',
	'5280': '5820',
	'2.54': '25.4',
	'10^-3': '10^3',
	'10^-6': '10^6',
};

const turned: Spoil = turnedFactor;

const misread: Spoil = (factor) => {
	for (const side of ['top', 'bottom'] as const) {
		const number = TAKEN_FOR[factor[side].number];
		if (number) return { ...factor, [side]: { ...factor[side], number } };
	}
	return null;
};

const exchanged: Spoil = ({ top, bottom, ...rest }) => ({
	...rest,
	top: { ...top, number: bottom.number },
	bottom: { ...bottom, number: top.number },
});

const unraised: Spoil = ({ power, ...factor }) => (power ? factor : null);

const SAYS: readonly ((line: string, want: string) => string)[] = [
	(line, want) => `A pupil at the station wrote, to get to ${want}: ${line}. Which factor is wrong?`,
	(line, want) =>
		`On the slate in the workshop stands ${line}. It should lead to ${want}. Which factor is the wrong one?`,
	(line, want) => `Someone worked towards ${want} and left this line: ${line}. Name the factor that is wrong.`,
];

function madeOf(bases: readonly Base[], spoils: readonly Spoil[], level: Level): MadeScene {
	const make = (dice: Dice, way: number): Exercise => {
		const base = dice.pick(bases);
		const start = `${base.number(dice)} ${base.unit}`;
		const right = posed({ text: '', start, want: base.want, line: base.line });
		const factors = right.line ?? [];
		for (;;) {
			const at = dice.whole(0, factors.length - 1);
			const spoiled = dice.pick(spoils)(factors[at] as Factor);
			if (!spoiled) continue;
			const chain: Chain = {
				start: right.start as NonNullable<Exercise['start']>,
				factors: factors.map((factor, i) => (i === at ? spoiled : factor)),
				want: base.want,
			};
			if (!workChain(chain).ok) continue;
			const written = printLine(chain);
			const say = SAYS[way % SAYS.length] as (typeof SAYS)[number];
			return { prompt: say(written, printUnitText(base.want)), facts: [], want: { slip: chain }, rounding: 'none' };
		}
	};
	return { level, ways: SAYS.length, make };
}

const SHORT: readonly Base[] = [
	{ number: between('1.13', '9.87', 'some hours'), unit: 'h', want: 's', line: ['60 min / 1 h', '60 s / 1 min'] },
	{ number: between('1.13', '9.87', 'a walk'), unit: 'km', want: 'cm', line: ['1000 m / 1 km', '100 cm / 1 m'] },
	{ number: between('11.3', '98.7', 'a load'), unit: 'lb', want: 'oz', line: ['16 oz / 1 lb'] },
	{ number: between('1.13', '9.87', 'some days'), unit: 'd', want: 'min', line: ['24 h / 1 d', '60 min / 1 h'] },
];

const RATES: readonly Base[] = [
	{
		number: between('11.3', '68.7', 'wind'),
		unit: 'mi/h',
		want: 'ft/s',
		line: ['5280 ft / 1 mi', '1 h / 60 min', '1 min / 60 s'],
	},
	{
		number: between('0.513', '3.87', 'snowfall'),
		unit: 'in/h',
		want: 'mm/min',
		line: ['2.54 cm / 1 in', '10 mm / 1 cm', '1 h / 60 min'],
	},
	{
		number: between('0.113', '0.987', 'a small device'),
		unit: 'mA',
		want: 'µA',
		line: ['10^-3 A / 1 mA', '1 µA / 10^-6 A'],
	},
];

const LONG: readonly Base[] = [
	...RATES,
	{
		number: between('1.13', '9.87', 'a board'),
		unit: 'ft^2',
		want: 'cm^2',
		line: ['(12 in / 1 ft) ^ 2', '(2.54 cm / 1 in) ^ 2'],
	},
	{
		number: between('1.13', '9.87', 'some weeks'),
		unit: 'wk',
		want: 's',
		line: ['7 d / 1 wk', '24 h / 1 d', '60 min / 1 h', '60 s / 1 min'],
	},
];

/** A line that someone wrote, in which one block is wrong. */
export const wrongBlock: Skill = {
	skill: 'wrong-block',
	title: 'Spot the wrong factor',
	letter: 'w',
	about: 'Find the one factor on a line that is wrong.',
	watch: 'Check each factor. Are its top and bottom equal, and does it cancel a unit?',
	slips: ['flipped-factor', 'wrong-number', 'prefix-sign', 'power-missed'],
	scenes: [
		madeOf(SHORT, [turned, misread], 1),
		madeOf(RATES, [turned, misread, exchanged], 2),
		madeOf(LONG, [turned, misread, exchanged, unraised], 3),
	],
};
