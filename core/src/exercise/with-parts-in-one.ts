import type { Start } from '../chain/chain';
import { parseNumeral } from '../numeral/parse-numeral';
import { withPi } from '../numeral/pi';
import { endingPlaces, plainText } from '../numeral/print';
import { type Rational, rational } from '../numeral/rational';
import { figuresOfMeasure, type MeasureFigures } from '../quantity/measure-in-parts';
import { type Quantity, type ReadQuantity, readQuantity } from '../quantity/quantity';
import { ratioOfUnits } from '../unit/like-units';
import type { Unit } from '../unit/unit';
import type { Exercise } from './exercise';

type Rate = Extract<Start, { readonly top: Quantity }>;

function totalIn(unit: Unit, parts: readonly ReadQuantity[]): Rational {
	return parts.reduce((sum, { number, unit: of }) => {
		const ratio = ratioOfUnits(of, unit);
		return number ? sum.add(withPi(number.value, number.pi).mul(withPi(ratio.value, ratio.pi))) : sum;
	}, rational(0n));
}

/** A number with the figures of a measure: a point behind it where all its zeros count. */
function writtenWith(value: Rational, { significant, atMost, place }: MeasureFigures): string {
	const plain = plainText(value, Math.min(0, place));
	const read = parseNumeral(plain);
	const shows = read.ok && read.value.significant === significant && read.value.atMost === atMost;
	return shows || plain.includes('.') ? plain : `${plain}.`;
}

/** A measure in parts as one quantity in its smallest unit: 1110 s for 18 min 30 s; null where the parts are none. */
function inOne(quantities: readonly Quantity[], said: boolean | undefined): Quantity | null {
	const read = quantities.flatMap((quantity) => {
		const made = readQuantity(quantity, { counted: true });
		return made.ok ? [made.value] : [];
	});
	const figures = read.length === quantities.length ? figuresOfMeasure(read, said) : null;
	if (!figures || figures === 'exact') return null;
	const total = totalIn(figures.unit, read);
	return endingPlaces(total) === null ? null : { number: writtenWith(total, figures), unit: figures.unit.text };
}

function sideInOne(start: Rate, terms: readonly Quantity[], said: boolean | undefined): Start | null {
	const bottom = inOne([start.bottom, ...terms], said);
	if (bottom) return { ...start, bottom };
	const top = inOne([start.top, ...terms], said);
	return top && { ...start, top };
}

/**
 * An exercise that starts from a rate with a measure in parts above or below, with that measure as one quantity in its
 * smallest unit: its terms are the further parts. Any other exercise is returned as it is.
 * @example
 * // 5.00 km in 18 min 30 s
 * withPartsInOne({ ...run, start: { top: { number: '5.00', unit: 'km' }, bottom: { number: '18', unit: 'min' } }, terms: [{ number: '30', unit: 's' }] }).start
 * // { top: { number: '5.00', unit: 'km' }, bottom: { number: '1110', unit: 's' } }
 */
export function withPartsInOne<E extends Exercise>(exercise: E): E {
	const { start, terms, parts } = exercise;
	if (!start || !('top' in start) || !terms?.length) return exercise;
	const made = sideInOne(start, terms, parts);
	if (!made) return exercise;
	const { terms: _, parts: __, ...rest } = exercise;
	return { ...(rest as E), start: made };
}
