import { route as findRoute } from '@tidy-sum/core';
import { judgeStep } from '@tidy-sum/core/ask';
import { askRouteSchema } from '@tidy-sum/schema/ask';
import { op } from '../op';

export const route = op(askRouteSchema, ({ from, to, facts, next }) => {
	const found = findRoute(from, to, facts ? { facts } : {});
	if (!found.ok || !next) return found;
	const chain = { start: { number: '1', unit: from }, factors: [] };
	return { ok: true, value: { ...found.value, next: judgeStep(chain, next, to, facts) } };
});
