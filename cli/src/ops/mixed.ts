import { fromMixed, rationalText, toMixed } from '@tidy-sum/core';
import { askMixedSchema } from '@tidy-sum/schema/ask';
import { op, piField } from '../op';

export const mixed = op(askMixedSchema, ({ quantity, parts = [], into, place, significant }) => {
	if (quantity) {
		const target = place !== undefined ? { place } : significant !== undefined ? { significant } : null;
		return toMixed(quantity, into, target);
	}
	const made = fromMixed(parts, into[0] ?? '');
	if (!made.ok) return made;
	const { value, pi, counted } = made.value;
	return { ok: true, value: { value: rationalText(value), ...piField(pi), counted } };
});
