import { parseNumeral, rationalText } from '@tidy-sum/core';
import { askNumeralSchema } from '@tidy-sum/schema/ask';
import { op, piField } from '../op';

export const numeral = op(askNumeralSchema, ({ text }) => {
	const read = parseNumeral(text);
	if (!read.ok) return { ok: false, fault: { ...read.fault, in: 'text' } };
	const { value, pi, significant, atMost, ambiguous, lastPlace } = read.value;
	return { ok: true, value: { value: rationalText(value), ...piField(pi), significant, atMost, ambiguous, lastPlace } };
});
