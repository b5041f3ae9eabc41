import { parseUnit } from '@tidy-sum/core';
import { readWorking } from '@tidy-sum/core/problem';
import { askWorkingSchema } from '@tidy-sum/schema/ask';
import { op } from '../op';

export const working = op(askWorkingSchema, ({ text }) => {
	const read = readWorking(text);
	const { start, factors, claims, answer } = read;
	const quantities = [
		...(start ? ('top' in start ? [start.top, start.bottom] : [start]) : []),
		...factors.flatMap(({ top, bottom }) => [top, bottom]),
		...claims,
		...(answer ? [answer] : []),
	];
	const units = quantities.map(({ unit }) => parseUnit(unit, { counted: true }));
	const counted = [...new Set(units.flatMap((unit) => (unit.ok ? unit.value.counted : [])))];
	return { ok: true, value: { ...read, counted } };
});
