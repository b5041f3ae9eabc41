import { NUMBER_LIMIT } from './limits';
import { idSchema, trySchema, workBodySchema } from './work-schema';
import { z } from './zod';

/** A secret key of a device, as its bytes are written for a header: 16 to 64 bytes in base64url. */
export const keySchema = z.string().regex(/^[A-Za-z0-9_-]{22,86}$/);

/** The SHA-256 of a key, in hexadecimal. */
export const hashSchema = z.string().regex(/^[0-9a-f]{64}$/);

/** The signs of a one-time code: no two of them look alike. */
export const CODE_SIGNS = '23456789ABCDEFGHJKLMNPQRSTUVWXYZ';

/** A one-time code as a person types it: small letters, spaces and hyphens do not matter. */
export const codeSchema = z
	.string()
	.max(40)
	.transform((typed) => typed.toUpperCase().replace(/[\s-]/g, ''))
	.pipe(z.string().regex(new RegExp(`^[${CODE_SIGNS}]{8}$`)));

/** What a key is on: a device, or a recovery sheet. */
export const keyKindSchema = z.enum(['device', 'sheet']);

/** What a device says of itself, for the list of devices: a kind of browser, no more. */
export const deviceSaysSchema = z.string().max(60);

/** A key that joins a desk: its hash alone. */
export const newKeySchema = z.object({ hash: hashSchema, kind: keyKindSchema, says: deviceSaysSchema });

/** Joining a desk with a one-time code: the hash of the new device's own key goes with it. */
export const joinSchema = z.object({ code: codeSchema, hash: hashSchema, says: deviceSaysSchema });

export const joinedSchema = z.object({ desk: idSchema });

/** A one-time code, and until when it holds. */
export const madeCodeSchema = z.object({ code: z.string(), until: z.iso.datetime() });

/** The keys of a desk as they are listed; `here` is the one that asks. */
export const devicesSchema = z.object({
	devices: z.array(
		z.object({
			id: idSchema,
			kind: keyKindSchema,
			says: z.string(),
			made: z.string(),
			/** The day it was last used. */
			used: z.string(),
			here: z.boolean(),
		}),
	),
	/** After how many days the server clears a desk away that nobody used; null where it never does. */
	keepDays: z.number().int().nullable().default(null),
});

export type ListedDevice = z.infer<typeof devicesSchema>['devices'][number];

/** Where a piece of work stands, without what is in it. A piece that was erased leaves its place and nothing else. */
export const headSchema = z.object({
	id: idSchema,
	version: z.number().int().min(1),
	/** Its place among the changes of the desk. */
	seq: z.number().int().min(1),
	exercise: z.string(),
	kept: z.string(),
	/** How many steps and tries it has. */
	steps: z.number().int().min(0),
	tries: z.number().int().min(0),
	gone: z.boolean(),
});

export type Head = z.infer<typeof headSchema>;

/**
 * What changed on a desk after a place among its changes, in order; `seq` is how far this page goes, and `generation` that of the
 * database it was read from.
 */
export const changesSchema = z.object({
	works: z.array(headSchema),
	seq: z.number().int().min(0),
	more: z.boolean(),
	generation: z.string().optional(),
});

/** The tries of a piece of work, without its steps. */
export const triesOfSchema = z.object({ id: idSchema, version: z.number().int().min(1), tries: z.array(trySchema) });

/** A page of tries; each piece is read by itself. `next` is where the next page begins, null at the end. */
export const triesSchema = z.object({ tries: z.array(z.unknown()), next: z.number().int().min(1).nullable() });

export type TriesOf = z.infer<typeof triesOfSchema>;

/** The most pieces of work whose bodies are asked for at once. */
export const BODIES_LIMIT = 50;

/** The ids whose bodies are asked for, as they stand in the address: joined by commas. */
export const idsSchema = z
	.string()
	.transform((text) => text.split(','))
	.pipe(z.array(idSchema).min(1).max(BODIES_LIMIT));

/** A place among the changes of a desk, as it stands in the address. */
export const placeSchema = z
	.string()
	.regex(/^\d{1,15}$/)
	.transform(Number)
	.pipe(z.number().max(NUMBER_LIMIT))
	.default(0);

/**
 * The reply to a version that was kept: its number, and its place among the changes of the desk where it has just got one. What
 * is in it comes back only where that is not just what was sent, as of work from before undo was a step.
 */
export const keptSchema = z.object({
	version: z.number().int().min(1),
	seq: z.number().int().min(1).optional(),
	body: workBodySchema.optional(),
});

/** The header that names the generation of the server's database, in requests and in replies. */
export const GENERATION_HEADER = 'x-generation';

/**
 * What an event of a desk says: how far its changes go, the heads of those that were just made, where they are few, and the
 * generation of the database they are counted in.
 */
export const changedSchema = z.object({
	seq: z.number().int().min(0),
	heads: z.array(headSchema).default([]),
	generation: z.string().optional(),
});

/** How many pieces of work a desk has on the server, and the sum of their heads: `headSum` makes the same of what a device has. */
export const sumSchema = z.object({ pieces: z.number().int().min(0), sum: z.string() });

/** The reply to erasing a piece of work. */
export const erasedSchema = z.object({ id: idSchema, version: z.number().int().min(1) });

/** What is shown by a link to look at: a piece of work, or those of a Round. */
export const shownSchema = z.discriminatedUnion('is', [
	z.object({ is: z.literal('work'), id: idSchema }),
	z.object({ is: z.literal('round'), code: z.string().regex(/^[0-9a-z]{1,40}$/) }),
]);

export type Shown = z.infer<typeof shownSchema>;

/** A link to look at, as it is made: its id and the hash of its secret, both from the device. */
export const newLookSchema = z.object({
	id: idSchema,
	hash: hashSchema,
	shows: shownSchema,
	/** How long it holds: 30 days, or until it is taken back. */
	lasts: z.enum(['month', 'always']).default('month'),
});

export type NewLook = z.infer<typeof newLookSchema>;

/** The reply to a link that was made: until when it holds; null where it has no end. */
export const madeLookSchema = z.object({ until: z.string().nullable() });

/** What happened on a desk, for all who have a key of it. */
export const deskEventSchema = z.object({
	at: z.string(),
	what: z.enum(['joined', 'sheet', 'shut-out']),
	/** What the device called itself; nothing of a recovery sheet. */
	says: z.string(),
});

export type DeskEvent = z.infer<typeof deskEventSchema>;

export const historySchema = z.object({ events: z.array(deskEventSchema) });

export const looksSchema = z.object({
	looks: z.array(
		z.object({ id: idSchema, shows: shownSchema, made: z.string(), until: z.string().nullable().default(null) }),
	),
});

export type ListedLook = z.infer<typeof looksSchema>['looks'][number];

/** What somebody with a link to look at is given: the pieces of work, each read by itself. */
export const lookedAtSchema = z.object({ shows: shownSchema, works: z.array(z.unknown()) });

/** Nothing but that it was done. */
export const doneSchema = z.object({ done: z.literal(true) });
