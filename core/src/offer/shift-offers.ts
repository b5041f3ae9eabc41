import { addingStep, type Factor } from '../chain/chain';
import { exactText } from '../chain/exact-text';
import { LINE_SCALES } from '../chain/readings';
import { mixedNumberText } from '../numeral/mixed-number-text';
import { endingPlaces } from '../numeral/print';
import { type Rational, rational } from '../numeral/rational';
import { valueIn } from '../quantity/convert';
import { printQuantity, sayQuantity, sayUnit } from '../say/say';
import { parseUnit } from '../unit/parse-unit';
import type { Unit } from '../unit/unit';
import type { Offer, Offers } from './offer';

const SOURCE = 'exact · SI Brochure 9, 2.3.1; NIST SP 811, B.8';

function scale(text: string): Unit | null {
	const unit = parseUnit(text);
	return unit.ok ? unit.value : null;
}

/** Where the zero of one scale stands on another. */
function zeroOn(of: Unit, on: Unit): Rational {
	return valueIn({ value: rational(0n), pi: 0 }, of, on, false).value;
}

type Zero = { readonly of: string; readonly on: string; readonly at: Rational };

/** Where the zeros of two scales stand on each other: the one that ends in decimals first, and one of two that say the same. */
function zerosBetween(one: Unit, other: Unit): readonly Zero[] {
	const both: readonly Zero[] = [
		{ of: other.text, on: one.text, at: zeroOn(other, one) },
		{ of: one.text, on: other.text, at: zeroOn(one, other) },
	];
	const [a, b] = both as [Zero, Zero];
	if (a.at.sign === 0) return [];
	if (a.at.abs().equals(b.at.abs())) return [a.at.sign > 0 ? a : b];
	return endingPlaces(a.at.abs()) === null ? [b, a] : both;
}

function ends({ at }: Zero): boolean {
	return endingPlaces(at.abs()) !== null;
}

function numberText(value: Rational): string {
	return endingPlaces(value.abs()) === null ? mixedNumberText(value) : exactText(value);
}

function offerOf({ of, on, at }: Zero, stands: string): Offer {
	const there = { number: numberText(at), unit: on };
	const size = exactText(at.abs());
	const way = (shift: string, sign: string, does: string) => ({
		factor: addingStep(shift),
		text: `${sign}\u00a0${printQuantity({ number: numberText(at.abs()), unit: stands })}`,
		say: `${does} ${sayQuantity({ number: numberText(at.abs()), unit: stands })}`,
	});
	return {
		key: `zero-${of}-${on}`,
		text: `0 ${of} is at ${printQuantity(there)}`,
		say: `${sayQuantity({ number: '0', unit: of })} is at ${sayQuantity(there)}`,
		about: `${SOURCE}`,
		ways: [way(size, '+', 'Add'), way(`-${size}`, '−', 'Subtract')],
	};
}

/** Scales whose degrees are of one length, so that a class may go from one to the other in a single step. */
const SAME_DEGREES = ['°C', 'K'];

/**
 * From °C to K, or back, unit and all: the factor of 1 and the shift by one touch.
 * @example a line at 4.5 °C that wants K: + 273.15 K, after 1 K over 1 °C
 */
function wholeStep(stands: string, goal: string): readonly Offer[] {
	const pair = [stands, goal];
	if (stands === goal || !pair.every((text) => SAME_DEGREES.includes(text))) return [];
	const size = exactText(zeroOn(scale('°C') as Unit, scale('K') as Unit));
	const after: Factor = { top: { number: '1', unit: goal }, bottom: { number: '1', unit: stands } };
	const way = (shift: string, sign: string, does: string) => ({
		factor: addingStep(shift),
		after,
		text: `${sign}\u00a0${printQuantity({ number: size, unit: goal })}`,
		say: `${does} ${sayQuantity({ number: size, unit: goal })}`,
	});
	return [
		{
			key: `whole-${stands}-${goal}`,
			text: `${stands} to ${goal} in one step`,
			say: `from ${sayUnit(scale(stands) as Unit, true)} to ${sayUnit(scale(goal) as Unit, true)} in one step`,
			about: 'A degree has the same length on both scales.',
			ways: [way(size, '+', 'Add'), way(`-${size}`, '−', 'Subtract')],
		},
	];
}

/**
 * Where one temperature scale has the other's zero, as a step to add or to take away; that of the wanted scale first.
 * Offered where one temperature stands by itself; to a difference too, which says at the step that it has no zero.
 */
export const shiftOffers: Offers = ({ worked, unit }) => {
	const touched = (LINE_SCALES as readonly string[]).includes(unit) ? scale(unit) : null;
	const stands = worked.running.at(-1)?.unit ?? '';
	if (!touched || !(LINE_SCALES as readonly string[]).includes(stands)) return [];
	const goal = worked.read.want?.text ?? '';
	const start = worked.read.start.top.unit.text;
	const near = [goal, start].filter((text) => text !== unit);
	const others = [...near, 'K', '°C', '°F'].filter((text, i, all) => text !== unit && all.indexOf(text) === i);
	const zeros = others.flatMap((text) => {
		const other = (LINE_SCALES as readonly string[]).includes(text) ? scale(text) : null;
		const between = other ? zerosBetween(touched, other) : [];
		return near.includes(text) ? between : between.filter(ends).slice(0, 1);
	});
	const whole = unit === stands && worked.factors.length === 0 ? wholeStep(stands, goal) : [];
	return [...whole, ...zeros.map((zero) => offerOf(zero, stands))];
};
