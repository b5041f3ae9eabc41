import { convert as convertQuantity, rationalText } from '@tidy-sum/core';
import { askConvertSchema } from '@tidy-sum/schema/ask';
import { op, piField } from '../op';

export const convert = op(askConvertSchema, ({ from, to, difference, exact }) => {
	const made = convertQuantity(from, to, { difference: difference ?? false, exact: exact ?? false });
	if (!made.ok) return made;
	const { value, pi, significant, atMost, lastPlace, text, plain, scientific } = made.value;
	return {
		ok: true,
		value: { value: rationalText(value), ...piField(pi), significant, atMost, lastPlace, text, plain, scientific },
	};
});
