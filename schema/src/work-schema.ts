import { z } from 'zod';
import { factorSchema, factSchema, startSchema } from './chain-schema';

/** Ids made on a device: 21 characters of the URL-safe alphabet. */
export const idSchema = z.string().regex(/^[A-Za-z0-9_-]{8,40}$/);

/** A name of an exercise of the book, of a problem of one's own, or of one's own Shelf. */
export const exerciseNameSchema = z.string().regex(/^[a-z0-9-]{1,60}$/);

const blockIdSchema = z.string().regex(/^[A-Za-z0-9_-]{1,40}$/);

/** How much the Desk says before the check, and the tables a class may use. */
export const SUPPORTS = ['close', 'light', 'none'] as const;

const spanSchema = z.tuple([z.number().int().min(0), z.number().int().min(0)]);
const figuresSchema = z.number().int().min(1).max(200);
const textSchema = z.string().max(1000);

/** One thing done by itself. */
const singleStepSchema = z.discriminatedUnion('do', [
	/** The text of a problem of one's own. */
	z.object({ do: z.literal('pose'), text: z.string().max(4000) }),
	/** The place given to a quantity of the text; none takes it back. */
	z.object({ do: z.literal('mark'), at: spanSchema, role: z.enum(['start', 'fact', 'spare', 'none']) }),
	/** What the line starts from, and how many of its figures count where it is a result taken on. */
	z.object({ do: z.literal('start'), start: startSchema, figures: figuresSchema.optional() }),
	z.object({ do: z.literal('turnStart') }),
	/** A fact of a problem of one's own, or one taken on from another line; one without numbers is taken out. */
	z.object({ do: z.literal('state'), fact: factSchema }),
	z.object({ do: z.literal('unstate'), fact: factSchema }),
	/** The unit that is wanted. */
	z.object({ do: z.literal('want'), unit: textSchema }),
	z.object({ do: z.literal('place'), block: blockIdSchema, factor: factorSchema }),
	/** A block written by hand, side by side. */
	z.object({
		do: z.literal('write'),
		block: blockIdSchema,
		side: z.enum(['top', 'bottom', 'shift']),
		number: textSchema,
		unit: textSchema,
	}),
	z.object({ do: z.literal('turn'), block: blockIdSchema }),
	z.object({ do: z.literal('raise'), block: blockIdSchema, power: z.number().int().min(1).max(9) }),
	/** A block moved to a place among the others, from 0. */
	z.object({ do: z.literal('move'), block: blockIdSchema, to: z.number().int().min(0).max(60) }),
	z.object({ do: z.literal('exact'), block: blockIdSchema, exact: z.boolean().nullable() }),
	/** How many figures count where zeros do not show it: of a block, or of the start. */
	z.object({ do: z.literal('zeros'), block: blockIdSchema.nullable(), figures: figuresSchema }),
	z.object({ do: z.literal('remove'), block: blockIdSchema }),
	z.object({ do: z.literal('answer'), text: textSchema }),
	z.object({ do: z.literal('check') }),
	z.object({ do: z.literal('show') }),
	/** A nudge was asked for: how many steps of it. */
	z.object({ do: z.literal('nudge'), steps: z.number().int().min(1).max(20) }),
	/** One's own Shelf: facts kept, the tables in use, how much is said before the check. */
	z.object({ do: z.literal('keep'), id: blockIdSchema, fact: factSchema }),
	z.object({ do: z.literal('drop'), id: blockIdSchema }),
	z.object({ do: z.literal('allow'), table: z.string().max(40), allowed: z.boolean() }),
	z.object({ do: z.literal('support'), level: z.enum(SUPPORTS) }),
]);

/** One thing the student did; a piece of work is the list of them. What one touch does together is undone together. */
export const stepSchema = z.discriminatedUnion('do', [
	singleStepSchema,
	z.object({ do: z.literal('together'), steps: z.array(singleStepSchema).max(200) }),
]);

export type Step = z.infer<typeof stepSchema>;

/** What came of sending an exercise to the check, with the line and the answer as they then were. */
export const trySchema = z.object({
	when: z.number().int().min(0),
	seconds: z.number().int().min(0),
	right: z.boolean(),
	slips: z.array(z.string().max(40)).max(5),
	nudges: z.number().int().min(0),
	shown: z.boolean(),
	answer: textSchema,
	start: startSchema.nullable(),
	factors: z.array(factorSchema).max(60),
});

export type KeptTry = z.infer<typeof trySchema>;

/** The most tries at one exercise that are kept. */
export const TRIES_LIMIT = 100;

/**
 * What is kept of an exercise: the steps done, how many of them hold (the rest were undone), and the tries, which no
 * undo takes back.
 */
export const workBodySchema = z
	.object({
		exercise: exerciseNameSchema,
		steps: z.array(stepSchema).max(5000),
		at: z.number().int().min(0),
		tries: z.array(trySchema).max(TRIES_LIMIT).optional(),
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
