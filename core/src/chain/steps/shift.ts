import { type Outcome, within } from '../../numeral/fault';
import type { Numeral } from '../../numeral/numeral';
import { parseNumeral } from '../../numeral/parse-numeral';
import type { ReadQuantity } from '../../quantity/quantity';
import { unitOfParts } from '../../unit/unit-of-parts';
import type { StepKind } from './step-kind';

const PLAIN = unitOfParts([]);

const lacking: Outcome<ReadQuantity> = { ok: true, value: { number: null, unit: PLAIN } };

function read(number: Outcome<Numeral>): Outcome<ReadQuantity> {
	if (!number.ok) return { ok: false, fault: within(number.fault, 'shift') };
	return { ok: true, value: { number: number.value, unit: PLAIN } };
}

/** A number added in the unit of the line at that point: from the zero of one temperature scale to that of another. */
export const shift: StepKind = {
	field: 'shift',
	reads: ({ shift: text }) => {
		if (text === undefined) return null;
		return text.trim() === '' ? lacking : read(parseNumeral(text));
	},
	adds: ({ number }) => number,
	keeps: false,
	from: () => null,
	begins: false,
};
