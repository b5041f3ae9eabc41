import type { Numeral } from '../numeral/numeral';
import { parseNumeral } from '../numeral/parse-numeral';
import { type Rational, rational } from '../numeral/rational';
import { round } from '../numeral/round';
import { swapsOf } from '../numeral/swaps';
import { isEqual, numbersOf, type PlacedNumber, replaced } from './evidence';
import type { SlipKind } from './slip-kind';

/** The digits of a number that count: neither zeros in front nor zeros at the end of a whole number. */
function counting(digits: string): string {
	const rest = digits.replace(/^[0.]+/, '');
	return digits.includes('.') ? rest : rest.replace(/0+$/, '');
}

/** The values of a written number with two neighbouring digits exchanged. */
function swaps({ form, value }: Numeral): readonly Rational[] {
	if (form.kind !== 'decimal') return [];
	const { digits } = form;
	const of = parseNumeral(digits);
	if (!of.ok || of.value.value.sign === 0) return [];
	return swapsOf(counting(digits)).flatMap((rest) => {
		const text = digits.replace(counting(digits), rest);
		const swapped = parseNumeral(text);
		return swapped.ok ? [value.mul(swapped.value.value.div(of.value.value))] : [];
	});
}

/** The most digits a fact has that is copied from a table; the others are only in the core's own lines (0.45359237). */
const COPIED_DIGITS = 5;

function isCopied({ number: { text } }: PlacedNumber): boolean {
	return text.replace(/\D/g, '').replace(/^0+/, '').length <= COPIED_DIGITS;
}

/** The writings of a number with two digits exchanged that is still written as a number is: none with a new 0 in front. */
function copiesOf(text: string): readonly string[] {
	return swapsOf(text).filter((copy) => !/^0\d/.test(copy));
}

const WHY = 'Two digits are swapped. Compare your numbers with the problem, digit by digit.';

/** Two digits exchanged when copying: of the start, of a fact, or of the answer itself. */
export const swappedDigits: SlipKind = {
	code: 'swapped-digits',
	title: 'Two digits swapped',
	nudge: 'Read each number of the problem digit by digit, and compare it with yours.',
	suspects: (evidence) => {
		const { truth, exercise, answer } = evidence;
		const read = exercise.start && !('top' in exercise.start) ? parseNumeral(exercise.start.number) : null;
		const start = read?.ok && read.value.value.sign !== 0 && !evidence.key.unit.offset ? read.value : null;
		const starts = start
			? swaps(start).map((by) => ({ value: truth.mul(by.div(start.value)), factor: -1, why: WHY }))
			: [];
		const facts = numbersOf(evidence)
			.filter(isCopied)
			.flatMap((placed) =>
				swaps(placed.number).map((by) => ({
					value: replaced(truth, placed, by),
					factor: placed.index,
					why: WHY,
				})),
			);
		// The answer itself, copied with two of its digits exchanged.
		const { significant } = answer;
		const right = significant === null || truth.sign === 0 ? null : round(truth, { significant });
		const copied = right
			? swapsOf(right.digits).map((digits) => ({
					value: right.value.mul(rational(BigInt(digits), BigInt(right.digits))),
					why: WHY,
				}))
			: [];
		return [...copied, ...starts, ...facts];
	},
	mixes: true,
	unequal: {
		order: 3,
		by: ({ written }) =>
			(['top', 'bottom'] as const).some((side) =>
				copiesOf(written[side].number.trim()).some((number) =>
					isEqual({ ...written, [side]: { ...written[side], number } }),
				),
			),
	},
};
