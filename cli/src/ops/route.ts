import { type Fact, route as findRoute } from '@tidy-sum/core';
import { askRouteSchema } from '@tidy-sum/schema';
import { op } from '../op';

export const route = op(askRouteSchema, ({ from, to, facts }) =>
	findRoute(from, to, facts ? { facts: facts as readonly Fact[] } : {}),
);
