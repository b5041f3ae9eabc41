import { rational, tenTo } from '../numeral/rational';
import { readQuantity } from '../quantity/quantity';
import type { SlipKind } from './slip-kind';

/** The digits after a point read as the smaller unit: 8 ft 75 in for 8.75 ft, or 7.5 ft for 7 ft 5 in. */
export const decimalAsParts: SlipKind = {
	code: 'decimal-as-parts',
	title: 'Digits after the point read as the smaller unit',
	nudge: 'Half a foot is how many inches? Take the part after the point times that many.',
	showsInParts: ({ exercise: { start }, lines, units, parts }) => {
		if (lines.value.verdict !== 'wrong') return null;
		const [large, small] = parts;
		const match = start && !('top' in start) ? /^([-−]?\d+)\.(\d+)$/.exec(start.number.trim()) : null;
		if (!match || !large?.number || !small?.number || units.length < 2) return null;
		const [, whole = '', digits = ''] = match;
		if (large.number.text.trim() !== whole) return null;
		const size = small.number.value.abs();
		const read = rational(BigInt(digits));
		// Any place of the point among those digits is the same slip.
		return Array.from({ length: digits.length }, (_, k) => read.mul(tenTo(-k))).some((one) => one.equals(size))
			? `The digits after the point are tenths and hundredths of ${units[0]?.text ?? 'the unit'}, not ${units[1]?.text ?? 'the smaller one'}.`
			: null;
	},
	suspects: ({ exercise: { start, terms }, key }) => {
		const [large] = terms ?? [];
		if (!start || 'top' in start || terms?.length !== 1 || !large) return [];
		const [whole, part] = [large, start].map((quantity) => readQuantity(quantity, { counted: true }));
		const number = whole?.ok && part?.ok && whole.value.unit.text === key.unit.text ? whole.value.number : null;
		const small = part?.ok ? part.value.number : null;
		if (!number || !small || number.value.d !== 1n) return [];
		return [1, 2].map((places) => ({
			value: number.value.add(small.value.mul(tenTo(-places))),
			why: `The smaller unit was written behind the point; ${start.number} ${start.unit} is another part of 1 ${large.unit}.`,
		}));
	},
};
