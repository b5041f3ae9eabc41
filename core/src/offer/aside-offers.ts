import { largerUnits } from '../answer/answer-kinds';
import { wantedUnits } from '../answer/quantity/quantity';
import { asideStep, type Wholes } from '../chain/chain';
import { isUnderOne } from '../chain/fits-after';
import type { Running } from '../chain/work-chain';
import { printUnrounded } from '../numeral/print';
import { ONE, type Rational, rational } from '../numeral/rational';
import { printQuantity, sayQuantity } from '../say/say';
import { likeUnits, ratioOfUnits, sameSize } from '../unit/like-units';
import { parseUnit } from '../unit/parse-unit';
import type { Unit } from '../unit/unit';
import type { Offer, Offers } from './offer';

/** How many digits of what is left are shown. */
const DIGITS = 6;

/** Something that holds whole ones: what stands, or what was set aside before. */
type Source = { readonly holds: Running; readonly unit: Unit; readonly from: string | null };

function wholesIn(value: Rational): Rational {
	const size = rational(value.abs().floor());
	return value.sign < 0 ? size.neg() : size;
}

function offerOf({ holds, unit, from }: Source, part: Unit, fills: boolean): Offer {
	const ratio = ratioOfUnits(unit, part).value;
	const value = holds.value as Rational;
	const wholes = wholesIn(value.mul(ratio));
	const left = value.sub(wholes.div(ratio));
	const kept: Wholes = { number: fills ? `${wholes.n}` : '', unit: part.text, ...(from === null ? {} : { from }) };
	const shown = (number: Rational, of: Unit) => ({ number: printUnrounded(number, DIGITS), unit: of.text });
	const [keeps, rest, all] = [shown(wholes, part), shown(left, unit), shown(value, unit)];
	const same = sameSize(unit, part);
	const by = printUnrounded(ONE.div(ratio), DIGITS);
	const text = same
		? `Set the whole ${part.text} aside`
		: `Divide ${fills ? printQuantity(all) : unit.text} by ${by}, with a remainder`;
	const say = same ? `Set the whole ones aside: ${part.text}` : `Divide by ${by} with a remainder`;
	return {
		key: `aside-${part.text}-${from ?? unit.text}`,
		text,
		say,
		about: fills
			? same
				? `keep ${printQuantity(keeps)}, and convert ${printQuantity(rest)}`
				: `${printQuantity(keeps)}, and ${printQuantity(rest)} left`
			: same
				? 'you write how many are whole, and convert the rest'
				: `1 ${part.text} is ${by} ${unit.text}, and you write how many are whole`,
		ways: [
			{
				factor: asideStep(kept),
				text: fills ? `${printQuantity(keeps)} aside` : `? ${part.text} aside`,
				say: fills ? `Set aside ${sayQuantity(keeps)}, ${sayQuantity(rest)} left` : `Set aside some ${part.text}`,
			},
		],
	};
}

/** Of a measure that is wanted in parts: the whole ones of a larger part, set aside or by division with a remainder. */
export const asideOffers: Offers = ({ exercise, worked, fills }) => {
	const larger = wantedUnits(largerUnits(exercise));
	const last = worked.running.at(-1);
	const stands = parseUnit(last?.unit ?? '', { counted: true });
	if (!larger.length || !last || !stands.ok) return [];
	const kept = worked.aside.map(
		(one): Source => ({
			holds: { value: one.value, pi: one.pi, unit: one.unit.text },
			unit: one.unit,
			from: one.unit.text,
		}),
	);
	const sources: readonly Source[] = [{ holds: last, unit: stands.value, from: null }, ...kept];
	const waiting = larger.filter((part) => !worked.aside.some(({ unit }) => sameSize(unit, part)));
	return sources.flatMap((source) =>
		waiting
			.filter((part) => source.holds.value && likeUnits(source.unit, part) && !isUnderOne(source.holds, part))
			.map((part) => offerOf(source, part, fills)),
	);
};
