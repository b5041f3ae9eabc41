import { rationalOfRow } from '../numeral/rational';
import { ofReading } from './scales';
import type { SlipKind } from './slip-kind';
import { withStep } from './with-step';

const FREEZING = rationalOfRow('273.15');
const SHORT = rationalOfRow('273');

/** 273 for 273.15. */
export const offsetShort: SlipKind = {
	code: 'offset-short',
	title: '273 for 273.15',
	nudge: '0 °C is exactly 273.15 K. For tenths in the answer you need the .15 too.',
	mendShift: [
		{
			why: 'leaves out the part after the point: 0 °C is 273.15 K.',
			mend: (factors, at, shift) =>
				/^\s*[-−+]?273\.?0*\s*$/.test(shift)
					? withStep(factors, at, { shift: shift.replace(/273\.?0*/, '273.15') })
					: null,
		},
	],
	suspects: ofReading('0 °C is 273.15 K, not 273 K.', (steps) =>
		steps.flatMap((step, i) => {
			if (step.does !== 'shift' || !step.by.abs().equals(FREEZING)) return [];
			const by = step.by.sign < 0 ? SHORT.neg() : SHORT;
			return [steps.map((one, k) => (k === i ? { ...step, by } : one))];
		}),
	),
};
