import type { ReadFactor } from '../../chain/read-chain';
import type { Numeral } from '../../numeral/numeral';
import { parseNumeral } from '../../numeral/parse-numeral';
import { type Rational, rational, toPower } from '../../numeral/rational';
import { round } from '../../numeral/round';
import { printQuantity } from '../../say/say';
import { type Scene, type SlipKind, type Suspect, worthOf } from './suspect';

/** One suspect for each factor of the key's line that is worth something other than 1. */
function eachFactor({ factors }: Scene, make: (worth: Rational, index: number) => Suspect | null): readonly Suspect[] {
	return factors.flatMap((factor, i) => {
		const worth = worthOf(factor);
		const made = worth && worth.sign !== 0 && worth.n !== worth.d ? make(worth, i) : null;
		return made ? [made] : [];
	});
}

const flipped: SlipKind = {
	code: 'flipped-factor',
	suspects: (scene) =>
		eachFactor(scene, (worth, i) => {
			const { top, bottom } = (scene.factors[i] as ReadFactor).written;
			return {
				value: scene.truth.div(worth.mul(worth)),
				factor: i,
				why: `That is what comes with one factor upside down. Look at the block of ${printQuantity(top)} over ${printQuantity(bottom)}.`,
			};
		}),
};

const skipped: SlipKind = {
	code: 'skipped-factor',
	suspects: (scene) =>
		eachFactor(scene, (worth, i) => ({
			value: scene.truth.div(worth),
			factor: i,
			why: 'That is what comes with one step left out. Go through the units once more, one after another.',
		})),
};

const powerMissed: SlipKind = {
	code: 'power-missed',
	suspects: ({ factors, truth }) =>
		factors.flatMap((factor, i): Suspect[] => {
			const plain = factor.power > 1 ? worthOf({ ...factor, power: 1 }) : null;
			if (!plain) return [];
			return Array.from({ length: factor.power - 1 }, (_, k) => ({
				value: truth.div(toPower(plain, k + 1)),
				factor: i,
				why: 'An area takes the factor twice and a volume three times; here it was taken fewer times.',
			}));
		}),
};

/** Numbers above or below the bar of a line, each with where it stands. */
type Standing = {
	readonly number: Numeral;
	readonly side: 'top' | 'bottom';
	readonly index: number;
	readonly power: number;
};

function numbersOf({ factors }: Scene): readonly Standing[] {
	return factors.flatMap(({ top, bottom, power }, index): Standing[] => [
		...(top.number ? [{ number: top.number, side: 'top' as const, index, power }] : []),
		...(bottom.number ? [{ number: bottom.number, side: 'bottom' as const, index, power }] : []),
	]);
}

function isOne({ value }: Numeral): boolean {
	return value.n === value.d;
}

/** The true value with one number of the line replaced by another. */
function replaced(truth: Rational, { number, side, power }: Standing, by: Rational): Rational {
	const change = toPower(by.div(number.value), power);
	return side === 'top' ? truth.mul(change) : truth.div(change);
}

const bracketMissed: SlipKind = {
	code: 'bracket-missed',
	suspects: (scene) => {
		const below = numbersOf(scene).filter(({ side, number }) => side === 'bottom' && !isOne(number));
		if (below.length < 2) return [];
		const rest = below
			.slice(1)
			.reduce((product, { number, power }) => product.mul(toPower(number.value, power)), rational(1n));
		return [
			{
				value: scene.truth.mul(rest.mul(rest)),
				why: 'That is what a calculator gives without brackets round the bottom: it divides by the first number only.',
			},
		];
	},
};

/** Numbers that are taken for each other. */
const CONFUSED: Readonly<Record<string, readonly string[]>> = {
	'12': ['16', '10'],
	'16': ['12', '14', '10'],
	'60': ['100', '3600'],
	'3600': ['60', '360'],
	'100': ['60', '1000', '10'],
	'1000': ['100', '10'],
	'10': ['100', '1000'],
	'24': ['12', '60'],
	'7': ['5', '10'],
	'3': ['12', '10'],
	'1760': ['5280'],
	'5280': ['1760'],
	'365': ['360', '52'],
	'1/100': ['1/1000', '1/10'],
	'1/1000': ['1/100', '1/1000000'],
	'1000000': ['1000'],
	'1/1000000': ['1/1000', '1/1000000000'],
};

const wrongNumber: SlipKind = {
	code: 'wrong-number',
	suspects: (scene) =>
		numbersOf(scene).flatMap((standing) => {
			const { n, d } = standing.number.value;
			const others = CONFUSED[d === 1n ? `${n}` : `${n}/${d}`] ?? [];
			return others.map((other) => {
				const [a = '1', b = '1'] = other.split('/');
				return {
					value: replaced(scene.truth, standing, rational(BigInt(a)).div(rational(BigInt(b)))),
					factor: standing.index,
					why: 'That is what comes with a wrong number in one fact. Hold each block against a table.',
				};
			});
		}),
};

const repeated: SlipKind = {
	code: 'repeated-factor',
	suspects: (scene) =>
		eachFactor(scene, (worth, i) => ({
			value: scene.truth.mul(worth),
			factor: i,
			why: 'That is what comes when one factor is used twice.',
		})),
};

const eeSlip: SlipKind = {
	code: 'ee-slip',
	suspects: (scene) =>
		numbersOf(scene)
			.filter(({ number }) => number.form.kind === 'power')
			.map((standing) => ({
				value: replaced(scene.truth, standing, standing.number.value.mul(rational(10n))),
				factor: standing.index,
				why: 'That is what comes when 10 EE is keyed for a power of ten; it is 1 EE.',
			})),
};

/** The values of a written number with two neighbouring digits exchanged. */
function swaps({ form, value }: Numeral): readonly Rational[] {
	if (form.kind !== 'decimal') return [];
	const { digits } = form;
	const of = parseNumeral(digits);
	if (!of.ok || of.value.value.sign === 0) return [];
	const out: Rational[] = [];
	for (let i = 0; i < digits.length - 1; i++) {
		const j = digits[i + 1] === '.' ? i + 2 : i + 1;
		const [a, b] = [digits[i], digits[j]];
		if (a === '.' || b === undefined || a === b) continue;
		const swapped = parseNumeral(digits.slice(0, i) + b + digits.slice(i + 1, j) + a + digits.slice(j + 1));
		if (swapped.ok) out.push(value.mul(swapped.value.value.div(of.value.value)));
	}
	return out;
}

const SWAPPED = 'Two digits have changed places. Compare the numbers with those of the problem, digit by digit.';

const swappedDigits: SlipKind = {
	code: 'swapped-digits',
	suspects: (scene) => {
		const { truth, key, answer } = scene;
		const written = key.chain?.start;
		const read = written && !('top' in written) ? parseNumeral(written.number) : null;
		const start = read?.ok && read.value.value.sign !== 0 ? read.value : null;
		const starts = start ? swaps(start).map((by) => ({ value: truth.mul(by.div(start.value)), why: SWAPPED })) : [];
		const facts = numbersOf(scene).flatMap((standing) =>
			swaps(standing.number).map((by) => ({
				value: replaced(truth, standing, by),
				factor: standing.index,
				why: SWAPPED,
			})),
		);
		// The answer itself, copied with two digits exchanged, is right once they are exchanged back.
		const right = answer.significant === null ? null : round(truth, { significant: answer.significant }).value;
		const copied =
			right && swaps(answer).some((value) => value.equals(right)) ? [{ value: answer.value, why: SWAPPED }] : [];
		return [...starts, ...facts, ...copied];
	},
};

const placeSlip: SlipKind = {
	code: 'place-slip',
	suspects: ({ truth }) =>
		[-6, -5, -4, -3, -2, -1, 1, 2, 3, 4, 5, 6].map((power) => ({
			value: truth.mul(toPower(rational(10n), power)),
			why: 'The digits are right and the decimal point is not: a power of ten is lost.',
		})),
};

/** Slips on a line of factors, in the order they are named where they give the same number (contract, "check"). */
export const LINE_SLIPS: readonly SlipKind[] = [
	flipped,
	skipped,
	powerMissed,
	bracketMissed,
	wrongNumber,
	repeated,
	eeSlip,
	swappedDigits,
	placeSlip,
];
