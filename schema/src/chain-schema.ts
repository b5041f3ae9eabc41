import type { Chain, DecimalMark, Fact, Factor, Quantity, Start, Wholes } from '@tidy-sum/core';
import { agreesWith } from './agrees';
import { z } from './zod';

/** How many figures of a number count. */
export const figuresSchema = z.number().int().min(1).max(200);

/** What a comma before three digits means. */
export const decimalSchema = agreesWith<DecimalMark>()(z.enum(['point', 'comma']));

/** A span of a text, in UTF-16 units. */
export const spanSchema = agreesWith<readonly [number, number]>()(
	z.tuple([z.number().int().min(0), z.number().int().min(0)]),
);

/** A number and a unit as written; the core says what is wrong with the writing. */
export const quantitySchema = agreesWith<Quantity>()(z.object({ number: z.string(), unit: z.string() }));

const sides = { top: quantitySchema, bottom: quantitySchema };

export const startSchema = agreesWith<Start>()(z.union([quantitySchema, z.object(sides)]));

const wholesSchema = agreesWith<Wholes>()(
	z.object({ number: z.string(), unit: z.string(), from: z.string().max(200).optional() }),
);

export const factorSchema = agreesWith<Factor>()(
	z.object({
		...sides,
		exact: z.boolean().optional(),
		given: z.boolean().optional(),
		power: z.number().int().optional(),
		figures: figuresSchema.optional(),
		shift: z.string().max(200).optional(),
		aside: wholesSchema.optional(),
		term: quantitySchema.optional(),
	}),
);

const chainFields = {
	start: startSchema,
	exactStart: z.boolean().optional(),
	startFigures: figuresSchema.optional(),
	factors: z.array(factorSchema),
	parts: z.boolean().optional(),
	want: z.string().optional(),
};

export const chainSchema = agreesWith<Chain>()(z.object(chainFields));

/** A chain with what is asked of it beside: its sentences (`say`), the facts that would make units of one kind cancel (`alike`). */
export const askedChainSchema = z.object({
	...chainFields,
	say: z.boolean().optional(),
	alike: z.boolean().optional(),
});

export const factSchema = agreesWith<Fact>()(
	z.object({ left: quantitySchema, right: quantitySchema, exact: z.boolean().optional() }),
);
