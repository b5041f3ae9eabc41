import { z } from 'zod';
import { factorSchema, factSchema, startSchema } from './chain-schema';

const spanSchema = z.tuple([z.number().int().min(0), z.number().int().min(0)]);

export const roundingSchema = z.union([
	z.literal('figures'),
	z.literal('none'),
	z.object({ significant: z.number().int().min(1).max(200) }),
	z.object({ place: z.number().int().min(-400).max(400) }),
]);

export const wantSchema = z.object({ unit: z.string(), form: z.enum(['scientific', 'plain', 'fraction']).optional() });

/** An exercise whose answer is one quantity. */
export const exerciseSchema = z.object({
	prompt: z.string(),
	start: startSchema,
	exactStart: z.boolean().optional(),
	difference: z.boolean().optional(),
	facts: z.array(factSchema),
	marks: z.array(z.object({ at: spanSchema, role: z.enum(['start', 'fact', 'spare']) })).optional(),
	want: wantSchema,
	rounding: roundingSchema,
	line: z.array(factorSchema).optional(),
});
