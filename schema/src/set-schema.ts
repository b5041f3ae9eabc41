import { exerciseFields, goesBySchema } from './exercise-schema';
import { z } from './zod';

/** The edition of the shape of a set; 1 is that of problems handed on. */
export const SET_EDITION = 2;

/** The most exercises of one set. */
export const SET_LIMIT = 100_000;

/** An exercise as a set holds it: what it is called, and the skill it trains where it is of one. */
export const setExerciseSchema = z.object({
	name: z.string().max(120),
	title: z.string().max(200).optional(),
	skill: z.string().max(60).optional(),
	...exerciseFields,
});

export type SetExercise = z.infer<typeof setExerciseSchema>;

/** A set of exercises as a file holds it: its title, what its class goes by, and the exercises. */
export const setSchema = z.object({
	tidySum: z.literal(SET_EDITION),
	title: z.string().max(200),
	/** The code of the Round it is, where it is one. */
	code: z.string().max(60).optional(),
	goesBy: goesBySchema.optional(),
	exercises: z.array(setExerciseSchema).min(1).max(SET_LIMIT),
});

export type ExerciseSet = z.infer<typeof setSchema>;

/** The shape of a set for other programs: JSON Schema 2020-12, made from the schema that reads it. */
export function setJsonSchema() {
	return z.toJSONSchema(setSchema, { target: 'draft-2020-12', io: 'input' });
}
