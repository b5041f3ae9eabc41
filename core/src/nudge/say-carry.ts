import { askedBy } from '../answer/answer-kinds';
import { wantedUnits } from '../answer/quantity/quantity';
import type { WorkedChain } from '../chain/work-chain';
import type { Exercise } from '../exercise/exercise';
import { withPi } from '../numeral/pi';
import { plainText } from '../numeral/print';
import { round } from '../numeral/round';
import { printQuantity } from '../say/say';
import { printStanding } from '../say/step-words';
import { likeUnits, ratioOfUnits } from '../unit/like-units';

/**
 * What rounding does to the last part of a measure, where it is asked: 11.64 in are 12 in, and 12 in are a whole foot.
 * @returns null where no place is asked, or nothing changes.
 */
export function sayCarry({ value, unit, running }: WorkedChain, exercise: Exercise): string | null {
	const { rounding } = exercise;
	const units = wantedUnits(askedBy(exercise).units);
	const larger = units.at(-2);
	const last = running.at(-1);
	if (!value || !last || !larger || typeof rounding !== 'object' || !('place' in rounding)) return null;
	if (!likeUnits(unit, larger)) return null;
	const exact = withPi(value.value, value.pi);
	const rounded = round(exact, { place: rounding.place });
	if (rounded.value.equals(exact)) return null;
	const to = printQuantity({ number: plainText(rounded.value, rounded.place), unit: unit.text });
	const said = `${printStanding(last)} rounded gives ${to}`;
	const one = ratioOfUnits(larger, unit).value;
	return rounded.value.abs().compare(one) >= 0
		? `${said}. That is a whole ${larger.text}, so carry it over.`
		: `${said}.`;
}
