import { askedChainSchema, chainSchema, decimalSchema, factorSchema, factSchema, quantitySchema } from './chain-schema';
import { exerciseSchema } from './exercise-schema';
import { z } from './zod';

/** A line of `tidy-sum ask` before its operation is known; its id may be any JSON. */
export const askSchema = z.looseObject({ op: z.string(), decimal: decimalSchema.optional() });

export const askNumeralSchema = z.object({ text: z.string(), decimal: decimalSchema.optional() });

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

export const askKeysSchema = z.object({ chain: chainSchema });

export const askRouteSchema = z.object({
	from: z.string(),
	to: z.string(),
	facts: z.array(factSchema).max(200).optional(),
	next: factorSchema.optional(),
});

export const askMixedSchema = z
	.object({
		quantity: quantitySchema.optional(),
		parts: z.array(quantitySchema).optional(),
		into: z.array(z.string()).min(1),
		place: z.number().int().min(-400).max(400).optional(),
		significant: z.number().int().min(1).max(200).optional(),
	})
	.refine((ask) => (ask.quantity === undefined) !== (ask.parts === undefined), {
		message: 'either quantity or parts is needed, not both',
	})
	.refine((ask) => ask.place === undefined || ask.significant === undefined, {
		message: 'either place or significant, not both',
	});

export const askReadSchema = z.object({ text: z.string() });

export const askWorkingSchema = z.object({ text: z.string() });

export const askSheetSchema = z.object({ text: z.string() });

export const askChainSchema = askedChainSchema;

/** An answer with the line it was worked by, or a written working in place of both. */
export const askCheckSchema = z
	.object({
		exercise: exerciseSchema,
		decimal: decimalSchema.optional(),
		answer: z.string().optional(),
		chain: chainSchema.optional(),
		working: z.string().optional(),
	})
	.refine(({ answer, working }) => (answer === undefined) !== (working === undefined), {
		message: 'either answer or working is needed, not both',
		path: ['answer'],
	});

export const askSkillsSchema = z.object({});

/** A seed is any text or number; what level and count may be is said by the core. */
export const askFreshSchema = z.object({
	skill: z.string(),
	seed: z.union([z.string().max(200), z.number()]),
	level: z.number(),
	count: z.number(),
});
