import { stepSchema, z } from '@tidy-sum/schema';
import fc from 'fast-check';
import { fromSchema } from '../in-step/from-schema';

describe('values made from a schema', () => {
	it('are of every kind of step there is, and the schema takes each', () => {
		const kinds = new Set<string>();
		for (const step of fc.sample(fromSchema(stepSchema), 3000)) {
			expect(stepSchema.safeParse(step).success).toBe(true);
			kinds.add((step as { do: string }).do);
		}
		for (const kind of ['answer', 'place', 'pose', 'lay', 'bring', 'together', 'undo', 'redo', 'keep', 'ask'])
			expect(kinds).toContain(kind);
	});

	it('keep to what a schema says of lengths, limits and patterns', () => {
		const shape = z.object({
			id: z.string().regex(/^[a-z]{2}$/),
			n: z.number().int().min(3).max(5),
			list: z.array(z.boolean()).max(2),
		});
		for (const made of fc.sample(fromSchema(shape), 200)) expect(shape.safeParse(made).success).toBe(true);
	});

	it('say which kind of schema they do not know', () => {
		expect(() => fromSchema(z.map(z.string(), z.string()))).toThrow('type map');
	});
});
