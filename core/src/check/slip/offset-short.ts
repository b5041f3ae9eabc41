import { rationalOfRow } from '../../numeral/rational';
import { ofReading } from './scales';
import type { SlipKind } from './slip-kind';

const SHORT = rationalOfRow('0.15');

/** 273 for 273.15. */
export const offsetShort: SlipKind = {
	code: 'offset-short',
	title: '273 for 273.15',
	nudge: '0 °C is 273.15 K, exactly; a tenth in the answer needs the part after the point.',
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
