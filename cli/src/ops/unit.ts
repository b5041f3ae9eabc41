import { parseUnit, rationalText, ucumOf } from '@tidy-sum/core';
import { askUnitSchema } from '@tidy-sum/schema/ask';
import { op, piField } from '../op';

export const unit = op(askUnitSchema, ({ text, counted }) => {
	const read = parseUnit(text, { counted: counted ?? false });
	if (!read.ok) return { ok: false, fault: { ...read.fault, in: 'text' } };
	const { dimension, factor, pi, figures, offset, parts, text: printed } = read.value;
	return {
		ok: true,
		value: {
			dimension,
			factor: rationalText(factor),
			...piField(pi),
			exact: figures === null,
			offset,
			parts,
			text: printed,
			ucum: ucumOf(parts),
		},
	};
});
