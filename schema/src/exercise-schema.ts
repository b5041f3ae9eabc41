import { z } from 'zod';
import { chainSchema, factorSchema, factSchema, quantitySchema, startSchema } from './chain-schema';

const spanSchema = z.tuple([z.number().int().min(0), z.number().int().min(0)]);

export const roundingSchema = z.union([
	z.literal('figures'),
	z.literal('none'),
	z.object({ significant: z.number().int().min(1).max(200) }),
	z.object({ place: z.number().int().min(-400).max(400) }),
]);

export const wantSchema = z.union([
	z.object({ unit: z.string(), form: z.enum(['scientific', 'plain', 'fraction']).optional() }),
	z.object({ mixed: z.array(z.string()).min(1).max(20) }),
	z.object({ figures: z.string() }),
	z.object({ factor: z.string() }),
	z.object({ slip: chainSchema }),
]);

/** An exercise with what its key is worked from. */
export const exerciseSchema = z.object({
	prompt: z.string(),
	start: startSchema.optional(),
	exactStart: z.boolean().optional(),
	until: quantitySchema.optional(),
	terms: z.array(quantitySchema).max(60).optional(),
	difference: z.boolean().optional(),
	facts: z.array(factSchema),
	marks: z.array(z.object({ at: spanSchema, role: z.enum(['start', 'fact', 'spare']) })).optional(),
	want: wantSchema,
	rounding: roundingSchema,
	line: z.array(factorSchema).optional(),
});
