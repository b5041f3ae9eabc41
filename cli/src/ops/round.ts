import { type FaultCode, printRounded, rationalFromText, rationalText, round as roundTo } from '@tidy-sum/core';
import { engineeringText, mixedNumberText } from '@tidy-sum/core/help';
import { askRoundSchema } from '@tidy-sum/schema/ask';
import { op } from '../op';
import * as words from './words';

const VALUE_LIMIT = 2000;

export const round = op(askRoundSchema, ({ value, significant, place, ties }) => {
	const fault = (code: FaultCode, message: string) =>
		({ ok: false, fault: { code, message, in: 'value', at: [0, value.length] } }) as const;
	if (value.length > VALUE_LIMIT) return fault('too-large', words.aValueHereCanHaveUpTo(VALUE_LIMIT));
	const exact = rationalFromText(value);
	if (!exact)
		return /^-?\d+\/0+$/.test(value)
			? fault('zero-below', words.nothingCanBeDividedByZero)
			: fault('not-a-number', words.aValueIsWrittenNOrNDIn);
	const target = significant === undefined ? { place: place as number } : { significant };
	const rounded = roundTo(exact, target, ties);
	const forms = {
		engineering: engineeringText(rounded),
		fraction: rationalText(exact),
		mixedNumber: mixedNumberText(exact),
	};
	return { ok: true, value: { ...printRounded(rounded), ...forms } };
});
