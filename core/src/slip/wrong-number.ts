import { type Rational, rationalFromText } from '../numeral/rational';
import { exchanged, isEqual, numbersOf, type PlacedNumber, replaced } from './evidence';
import type { SlipKind } from './slip-kind';

/** Numbers of facts, each with those it is taken for, the likeliest first. */
const TAKEN_FOR: Readonly<Record<string, readonly string[]>> = {
	'2': ['4', '3', '8', '12'],
	'3': ['12', '10', '4', '2', '6'],
	'4': ['2', '8', '10', '3', '16'],
	'7': ['5', '10', '6', '12', '24', '30'],
	'8': ['4', '16', '10', '6'],
	'10': ['100', '1000'],
	'12': ['16', '10', '24', '60', '100', '3', '14', '8', '6', '11', '13'],
	'16': ['12', '14', '10', '8', '20', '6', '24', '32', '100'],
	'24': ['12', '60', '7', '10', '20', '48', '25', '23', '100'],
	'36': ['12', '3', '30', '100'],
	'60': ['100', '3600', '24', '12', '10', '360', '30', '50', '1000'],
	'100': ['60', '1000', '10', '12'],
	'128': ['16', '100', '64', '32'],
	'144': ['12', '100', '1728', '24'],
	'360': ['60', '100', '365', '180'],
	'365': ['360', '52', '12', '356', '366', '30'],
	'1000': ['100', '10'],
	'1728': ['12', '144', '1000'],
	'1760': ['5280', '1670', '1600', '1000'],
	'2000': ['1000', '16', '2240', '100'],
	'3600': ['60', '360', '6000', '100', '10000', '2400', '1000'],
	'5280': ['1760', '5820', '5000', '5208', '5380', '5180', '5080', '1000'],
	'1000000': ['1000'],
	'1/10': ['1/100', '1/1000'],
	'1/100': ['1/1000', '1/10'],
	'1/1000': ['1/100', '1/1000000'],
	'1/1000000': ['1/1000', '1/1000000000'],
	'1/1000000000': ['1/1000000'],
	'127/50': ['5/2', '49/20', '63/25', '64/25', '12', '9/4'],
};

/** The numbers one may have written in place of this one. */
function othersFor({ number: { value } }: PlacedNumber): readonly Rational[] {
	const { n, d } = value;
	const others = TAKEN_FOR[d === 1n ? `${n}` : `${n}/${d}`] ?? [];
	return others.flatMap((text) => rationalFromText(text) ?? []);
}

/** A wrong number in a fact: 16 for 12, 100 for 60; or the number beside the wrong unit. */
export const wrongNumber: SlipKind = {
	code: 'wrong-number',
	title: 'A wrong number in a fact',
	nudge: 'Say the fact aloud. Then check that each number is with its own unit.',
	laid: true,
	suspects: (evidence) =>
		numbersOf(evidence).flatMap((placed) =>
			othersFor(placed).map((other) => ({
				value: replaced(evidence.truth, placed, other),
				factor: placed.index,
				why: 'You get this with a wrong number in one fact. Compare each factor with a table.',
			})),
		),
	mixes: true,
	// A fact with another number of its kind has a written 1 on one side, as in 1 ft = 16 in.
	unequal: {
		order: 4,
		by: ({ written }) =>
			isEqual(exchanged(written)) ||
			[written.top.number, written.bottom.number].some((number) => number.trim() === '1'),
	},
};
