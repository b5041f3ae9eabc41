import type { Exercise, GoesBy, Mark, Rounding, TableName, UnitRounding, Wants } from '@tidy-sum/core';
import { agreesWith } from './agrees';
import {
	chainSchema,
	decimalSchema,
	factorSchema,
	factSchema,
	figuresSchema,
	quantitySchema,
	spanSchema,
	startSchema,
} from './chain-schema';
import { z } from './zod';

const placeSchema = z.number().int().min(-400).max(400);

export const roundingSchema = agreesWith<Rounding>()(
	z.union([
		z.literal('figures'),
		z.literal('none'),
		z.object({ significant: figuresSchema }),
		z.object({ place: placeSchema }),
	]),
);

const unitRoundingSchema = agreesWith<UnitRounding>()(
	z.union([
		z.object({ unit: z.string(), place: placeSchema }),
		z.object({ unit: z.string(), significant: figuresSchema }),
	]),
);

/** What each kind of answer asks for, a row for each: the compiler misses a row that is not there. */
const WANTS: { readonly [K in keyof Wants]: z.ZodType<Wants[K]> } = {
	unit: agreesWith<Wants['unit']>()(
		z.object({ unit: z.string(), form: z.enum(['scientific', 'plain', 'fraction']).optional() }),
	),
	mixed: agreesWith<Wants['mixed']>()(z.object({ mixed: z.array(z.string()).min(1).max(20) })),
	units: agreesWith<Wants['units']>()(z.object({ units: z.array(z.string()).min(1).max(6) })),
	figures: agreesWith<Wants['figures']>()(z.object({ figures: z.string() })),
	factor: agreesWith<Wants['factor']>()(z.object({ factor: z.string() })),
	slip: agreesWith<Wants['slip']>()(z.object({ slip: chainSchema })),
};

export const wantSchema = z.union(Object.values(WANTS));

/** How much the Desk says before the check. */
export const SUPPORTS = ['close', 'light', 'none'] as const;

/** How much of the numbers of a line is worked for the student. */
export const NUMBERS = ['worked', 'laid-out', 'covered'] as const;

const tableSchema = agreesWith<TableName>()(
	z.enum([
		'prefixes',
		'time',
		'angle',
		'metric',
		'customary',
		'between',
		'constants',
		'scales',
		'problem',
		'own',
		'definitions',
	]),
);

/** What a class goes by, beside its facts. */
export const goesByFields = {
	tables: z.array(tableSchema).max(20).optional(),
	ties: z.enum(['away', 'even']).optional(),
	decimal: decimalSchema.optional(),
	rounding: z.array(unitRoundingSchema).max(60).optional(),
	given: z.literal('exact').optional(),
	support: z.enum(SUPPORTS).optional(),
	numbers: z.enum(NUMBERS).optional(),
};

export const goesBySchema = agreesWith<GoesBy>()(
	z.object({ facts: z.array(factSchema).max(60).optional(), ...goesByFields }),
);

/** The fields of an exercise. */
export const exerciseFields = {
	prompt: z.string(),
	start: startSchema.optional(),
	exactStart: z.boolean().optional(),
	until: quantitySchema.optional(),
	terms: z.array(quantitySchema).max(60).optional(),
	parts: z.boolean().optional(),
	times: z.array(quantitySchema).max(6).optional(),
	decimal: decimalSchema.optional(),
	difference: z.boolean().optional(),
	facts: z.array(factSchema),
	marks: z.array(agreesWith<Mark>()(z.object({ at: spanSchema, role: z.enum(['start', 'fact', 'spare']) }))).optional(),
	want: wantSchema,
	rounding: roundingSchema,
	line: z.array(factorSchema).optional(),
	goesBy: goesBySchema.optional(),
};

/** An exercise with what its key is worked from. */
export const exerciseSchema = agreesWith<Exercise>()(z.object(exerciseFields));
