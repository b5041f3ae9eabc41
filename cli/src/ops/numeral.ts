import { parseNumeral, rationalText, withPoints } from '@tidy-sum/core';
import { askNumeralSchema } from '@tidy-sum/schema/ask';
import { op, piField } from '../op';

export const numeral = op(askNumeralSchema, ({ text, decimal }) => {
	const read = parseNumeral(withPoints(text, decimal));
	if (!read.ok) return { ok: false, fault: { ...read.fault, in: 'text' } };
	const { value, pi, significant, atMost, ambiguous, lastPlace } = read.value;
	const comma = read.value.comma || withPoints(text, decimal) !== text ? { comma: true } : {};
	return {
		ok: true,
		value: { value: rationalText(value), ...piField(pi), significant, atMost, ambiguous, lastPlace, ...comma },
	};
});
