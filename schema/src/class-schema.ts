import { codeSchema, hashSchema } from './desk-schema';
import { handedSchema } from './handed-schema';
import { NUMBER_LIMIT, SHEET_PROBLEMS_LIMIT } from './limits';
import { classTitleSchema, idSchema, trySchema } from './work-schema';
import { z } from './zod';

/** The most seats of a class, and the most sets handed out to it at one time. */
export const SEATS_LIMIT = 200;
export const HANDED_OUT_LIMIT = 100;

/** The most tries that are sent at once, and that a seat has in all. */
export const TRIES_AT_ONCE = 50;
export const SEAT_TRIES_LIMIT = 5000;

/** A class as it is made or renamed. */
export const newClassSchema = z.object({ title: classTitleSchema });

/** Whether students may join: an open class has a code. Asking for `renew` gives another code. */
export const classDoorSchema = z.object({ open: z.boolean(), renew: z.boolean().default(false) });

/** A seat of a class: a word and a number, never a name. */
export const seatSchema = z.object({ id: idSchema, says: z.string(), joined: z.string() });

export type Seat = z.infer<typeof seatSchema>;

/** A set that was handed out, without its exercises. */
export const handedOutSchema = z.object({
	id: idSchema,
	title: z.string(),
	/** When it is due; null where it has no end. */
	due: z.string().nullable(),
	made: z.string(),
	/** How many exercises it has. */
	count: z.number().int().min(1),
});

export type HandedOut = z.infer<typeof handedOutSchema>;

/** A class as its teacher sees it. */
export const classSchema = z.object({
	title: z.string(),
	/** The code students join with; null while nobody can join. */
	code: z.string().nullable(),
	seats: z.array(seatSchema),
	handed: z.array(handedOutSchema),
});

export type ClassView = z.infer<typeof classSchema>;

/** A class as one of its students sees it: nothing of the other seats. */
export const seatViewSchema = z.object({
	title: z.string(),
	says: z.string(),
	handed: z.array(handedOutSchema),
});

export type SeatView = z.infer<typeof seatViewSchema>;

/** Taking a seat with the code of a class: the hash of the seat's own key goes with it. */
export const takeSeatSchema = z.object({ code: codeSchema, hash: hashSchema });

export const takenSeatSchema = z.object({ class: idSchema, seat: idSchema, title: z.string(), says: z.string() });

/** Handing exercises out: they are the same for all seats. Sending the same id again changes only when it is due. */
export const handOutSchema = z.object({
	due: z.iso.datetime().nullable(),
	set: handedSchema,
});

/** The exercises of a set that was handed out. */
export const handedSetSchema = z.object({ set: handedSchema });

const tryFields = {
	handed: idSchema,
	/** The exercise, by its place in the set from 0. */
	problem: z
		.number()
		.int()
		.min(0)
		.max(SHEET_PROBLEMS_LIMIT - 1),
};

/** A try as a student's device sends it, with the line as it then was. A seat has one at an exercise for each moment. */
export const sentTrySchema = z.object({ ...tryFields, try: trySchema });

export type SentTry = z.infer<typeof sentTrySchema>;

export const sendTriesSchema = z.object({ tries: z.array(sentTrySchema).min(1).max(TRIES_AT_ONCE) });

/** How many of the tries that were sent are kept, those kept before among them. */
export const keptTriesSchema = z.object({ kept: z.number().int().min(0) });

/** A try as the teacher's device reads it; each is read by itself, so that one of another version does not hide the others. */
export const classTrySchema = z.object({
	seq: z.number().int().min(1).max(NUMBER_LIMIT),
	seat: idSchema,
	...tryFields,
	/** When the server took it. */
	came: z.string(),
	try: trySchema,
});

export type ClassTry = z.infer<typeof classTrySchema>;

/** The tries after a place among those of the class, in the order they came; `seq` is how far this page goes. */
export const classTriesSchema = z.object({
	tries: z.array(z.unknown()),
	seq: z.number().int().min(0),
	more: z.boolean(),
});

/** What an event of a class says: how far its tries go. */
export const classChangedSchema = z.object({ seq: z.number().int().min(0) });

/** Whether a student who leaves takes back what was sent. */
export const leaveSchema = z.object({ work: z.enum(['stays', 'goes']).default('stays') });
