import { fromMixed, type Quantity, rationalText, toMixed } from '@tidy-sum/core';
import { askMixedSchema } from '@tidy-sum/schema';
import { op, piField } from '../op';

export const mixed = op(askMixedSchema, ({ quantity, parts, into, place, significant }) => {
	if (parts) {
		const made = fromMixed(parts, into[0] as string);
		if (!made.ok) return made;
		const { value, pi, counted } = made.value;
		return { ok: true, value: { value: rationalText(value), ...piField(pi), counted } };
	}
	const target = place !== undefined ? { place } : significant !== undefined ? { significant } : null;
	return toMixed(quantity as Quantity, into, target);
});
