import { z } from 'zod';
import { chainSchema, quantitySchema } from './chain-schema';
import { exerciseSchema } from './exercise-schema';

/** A line of `tidy-sum ask` before its operation is known. */
export const askSchema = z.looseObject({ id: z.json().optional(), op: z.string() });

export const askNumeralSchema = z.object({ text: z.string() });

export const askRoundSchema = z
	.object({
		value: z.string(),
		significant: z.number().int().min(1).max(200).optional(),
		place: z.number().int().min(-400).max(400).optional(),
		ties: z.enum(['away', 'even']).default('away'),
	})
	.refine((ask) => (ask.significant === undefined) !== (ask.place === undefined), {
		message: 'either significant or place is needed, not both',
	});

export const askUnitSchema = z.object({ text: z.string(), counted: z.boolean().optional() });

export const askConvertSchema = z.object({
	from: quantitySchema,
	to: z.string(),
	difference: z.boolean().optional(),
	exact: z.boolean().optional(),
});

export const askChainSchema = chainSchema;

export const askCheckSchema = z.object({ exercise: exerciseSchema, answer: z.string(), chain: chainSchema.optional() });
