import { rationalOfRow } from '../numeral/rational';
import { ofReading } from './scales';
import type { SlipKind } from './slip-kind';
import { withStep } from './with-step';

const SHORT = rationalOfRow('0.15');

/** 273 for 273.15. */
export const offsetShort: SlipKind = {
	code: 'offset-short',
	title: '273 for 273.15',
	nudge: '0 °C is 273.15 K, exactly; a tenth in the answer needs the part after the point.',
	mendShift: [
		{
			why: 'leaves out the part after the point: 0 °C is 273.15 K.',
			mend: (factors, at, shift) =>
				/^\s*[-−+]?273\.?0*\s*$/.test(shift)
					? withStep(factors, at, { shift: shift.replace(/273\.?0*/, '273.15') })
					: null,
		},
	],
	suspects: ofReading(({ shifted, after, kelvins }) =>
		kelvins
			? [
					{
						value: after.sign > 0 ? shifted.sub(SHORT) : shifted.add(SHORT),
						why: '0 °C is 273.15 K; 273 leaves out the part after the point.',
					},
				]
			: [],
	),
};
