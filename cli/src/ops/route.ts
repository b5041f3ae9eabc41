import { type Fact, type Factor, route as findRoute, judgeStep } from '@tidy-sum/core';
import { askRouteSchema } from '@tidy-sum/schema';
import { op } from '../op';

export const route = op(askRouteSchema, ({ from, to, facts, next }) => {
	const given = facts as readonly Fact[] | undefined;
	const found = findRoute(from, to, given ? { facts: given } : {});
	if (!found.ok || !next) return found;
	const chain = { start: { number: '1', unit: from }, factors: [] };
	return { ok: true, value: { ...found.value, next: judgeStep(chain, next as Factor, to, given) } };
});
