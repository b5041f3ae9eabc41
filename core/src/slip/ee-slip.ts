import { rational } from '../numeral/rational';
import { numbersOf, type PlacedNumber, replaced } from './evidence';
import { keyedAs } from './keyed-as';
import type { SlipKind } from './slip-kind';

/** The exponent of a bare power of ten. */
function exponentOf({ number: { form } }: PlacedNumber): number {
	return form.kind === 'power' ? form.exponent : 0;
}

/** Keyed 10 EE -2 for 10^-2: ten times too large. */
export const eeSlip: SlipKind = {
	code: 'ee-slip',
	title: '10 EE pressed for a power of ten',
	nudge: 'EE means “times ten to the power”, so for 10⁻² press 1 EE −2.',
	suspects: (evidence) =>
		numbersOf(evidence)
			.filter(({ number }) => number.form.kind === 'power')
			.map((placed) => ({
				value: replaced(evidence.truth, placed, placed.number.value.mul(rational(10n))),
				factor: placed.index,
				why: `You get this when you press 10 EE for a power of ten. Press 1 EE.${keyedAs(evidence, (keys) => keys.replace(`1 EE ${exponentOf(placed)}`, `10 EE ${exponentOf(placed)}`))}`,
			})),
	mixes: true,
};
