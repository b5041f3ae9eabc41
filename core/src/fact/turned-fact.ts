import { parseNumeral } from '../numeral/parse-numeral';
import { withPi } from '../numeral/pi';
import { printRounded, printUnrounded } from '../numeral/print';
import type { Rational } from '../numeral/rational';
import { round } from '../numeral/round';
import { printQuantity, printWritten } from '../say/say';
import type { Fact } from './fact';

/** The figures an other way round is shown to beside its fraction. */
const FIGURES = 4;

/** A fact the other way round, in print: one of the right is so much of the left. */
export type TurnedFact = {
	/** "1 ft = 1/5280 mi". */
	readonly text: string;
	/** The same part in decimals, "= 0.5" or "≈ 0.0001894"; null where it is a whole number. */
	readonly decimals: string | null;
};

function decimalsOf(ratio: Rational): string {
	const shown = printRounded(round(ratio, { significant: FIGURES }));
	if (!round(ratio, { significant: FIGURES }).value.equals(ratio)) return `≈ ${shown.text}`;
	const short = shown.plain === null ? shown.text : printUnrounded(ratio, FIGURES);
	return `= ${short}`;
}

/** A fact the other way round: 1 mi = 5280 ft gives 1 ft = 1/5280 mi. */
export function turnedFact({ left, right }: Fact): TurnedFact {
	const [a, b] = [parseNumeral(left.number), parseNumeral(right.number)];
	const one = printQuantity({ number: '1', unit: right.unit });
	const [over, under] = [printWritten(left.number), printWritten(right.number)];
	if (!a.ok || !b.ok || b.value.value.sign === 0) return { text: `${one} = ${over}/${under}`, decimals: null };
	const ratio = withPi(a.value.value.div(b.value.value), a.value.pi - b.value.pi);
	if (ratio.d === 1n && a.value.pi === b.value.pi)
		return { text: `${one} = ${printQuantity({ number: `${ratio.n}`, unit: left.unit })}`, decimals: null };
	const below = /[\s×πx]/.test(under) ? `(${under})` : under;
	const part = `${over}/${below}`;
	return {
		text: `${one} = ${part} ${printQuantity({ number: '', unit: left.unit })}`,
		decimals: decimalsOf(ratio),
	};
}
