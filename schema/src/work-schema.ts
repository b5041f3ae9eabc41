import { z } from 'zod';
import { factorSchema } from './chain-schema';

/** Ids made on a device: 21 characters of the URL-safe alphabet. */
export const idSchema = z.string().regex(/^[A-Za-z0-9_-]{8,40}$/);

/** A name of an exercise of the book. */
export const exerciseNameSchema = z.string().regex(/^[a-z0-9-]{1,60}$/);

const blockIdSchema = z.string().regex(/^[A-Za-z0-9_-]{1,40}$/);

/** One thing the student did; a piece of work is the list of them. */
export const stepSchema = z.discriminatedUnion('do', [
	z.object({ do: z.literal('place'), block: blockIdSchema, factor: factorSchema }),
	z.object({ do: z.literal('turn'), block: blockIdSchema }),
	z.object({ do: z.literal('raise'), block: blockIdSchema, power: z.number().int().min(1).max(9) }),
	z.object({ do: z.literal('remove'), block: blockIdSchema }),
	z.object({ do: z.literal('answer'), text: z.string().max(1000) }),
	z.object({ do: z.literal('check') }),
	z.object({ do: z.literal('show') }),
]);

export type Step = z.infer<typeof stepSchema>;

/** What is kept of an exercise: the steps done, and how many of them hold (the rest were undone). */
export const workBodySchema = z
	.object({
		exercise: exerciseNameSchema,
		steps: z.array(stepSchema).max(5000),
		at: z.number().int().min(0),
	})
	.refine((body) => body.at <= body.steps.length, { message: 'at is past the last step', path: ['at'] });

export type WorkBody = z.infer<typeof workBodySchema>;

/** A stored piece of work; `version` counts the versions the server has acknowledged. */
export const workSchema = z.object({
	id: idSchema,
	version: z.number().int().min(1),
	body: workBodySchema,
	kept: z.iso.datetime(),
});

export type StoredWork = z.infer<typeof workSchema>;

/** A request to keep a version: it follows `base`, the version it was made from (0: the first). */
export const keepWorkSchema = z.object({ base: z.number().int().min(0), body: workBodySchema });

export type KeepWork = z.infer<typeof keepWorkSchema>;

export const worksSchema = z.object({ works: z.array(workSchema) });

/** An error reply of the server: a code for programs and a sentence for people. */
export const errorSchema = z.object({ error: z.object({ code: z.string(), message: z.string() }) });

/** The reply to a version that does not follow the one kept: what is kept. */
export const conflictSchema = errorSchema.extend({ kept: workSchema });

export const healthSchema = z.object({ ok: z.literal(true), version: z.string(), works: z.number().int() });
