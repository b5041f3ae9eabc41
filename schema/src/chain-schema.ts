import { z } from 'zod';

/** A number and a unit as written; the core says what is wrong with the writing. */
export const quantitySchema = z.object({ number: z.string(), unit: z.string() });

const sidesSchema = z.object({ top: quantitySchema, bottom: quantitySchema });

export const startSchema = z.union([quantitySchema, sidesSchema]);

export const factorSchema = sidesSchema.extend({
	exact: z.boolean().optional(),
	given: z.boolean().optional(),
	power: z.number().int().optional(),
	figures: z.number().int().min(1).max(200).optional(),
	shift: z.string().max(200).optional(),
});

export const chainSchema = z.object({
	start: startSchema,
	exactStart: z.boolean().optional(),
	startFigures: z.number().int().min(1).max(200).optional(),
	factors: z.array(factorSchema),
	want: z.string().optional(),
});

export const factSchema = z.object({ left: quantitySchema, right: quantitySchema, exact: z.boolean().optional() });
