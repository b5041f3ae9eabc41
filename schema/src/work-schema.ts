import type { Try } from '@tidy-sum/core';
import { agreesWith } from './agrees';
import {
	decimalSchema,
	factorSchema,
	factSchema,
	figuresSchema,
	quantitySchema,
	spanSchema,
	startSchema,
} from './chain-schema';
import { ID } from './desk-names';
import { exerciseSchema, goesBySchema, NUMBERS, roundingSchema, SUPPORTS, wantSchema } from './exercise-schema';
import { NUMBER_LIMIT, SHEET_PROBLEMS_LIMIT, STEPS_LIMIT, TEXT_LIMIT, TRIES_LIMIT } from './limits';
import { z } from './zod';

export const idSchema = z.string().regex(ID);

/** A name of an exercise of the book, of a problem of one's own, or of one's own Shelf. */
export const exerciseNameSchema = z.string().regex(/^[a-z0-9-]{1,60}$/);

/** What a class is called by its teacher. */
export const classTitleSchema = z.string().trim().min(1).max(120);

/** The key of a class or of a seat in one, as a desk keeps it. */
const classKeySchema = z.string().regex(/^[A-Za-z0-9_-]{22,86}$/);

const blockIdSchema = z.string().regex(/^[A-Za-z0-9_-]{1,40}$/);

const textSchema = z.string().max(1000);

const posedTextSchema = z.string().max(TEXT_LIMIT);

/** What was read of the text of a problem, kept with it: what was worked stays so, however texts are read later. */
export const toldSchema = z.object({
	/** Every quantity of the text with what it is there for, where that was told. */
	marks: z.array(z.object({ at: spanSchema, role: z.enum(['start', 'fact', 'spare']).nullable() })).max(60),
	start: startSchema.nullable(),
	until: quantitySchema.optional(),
	terms: z.array(quantitySchema).max(60).optional(),
	/** What the start is multiplied by; whether start and terms are one measure in parts; the decimal mark of its numbers. */
	times: z.array(quantitySchema).max(6).optional(),
	parts: z.boolean().optional(),
	decimal: decimalSchema.optional(),
	difference: z.boolean().optional(),
	exactStart: z.boolean().optional(),
	facts: z.array(factSchema).max(60),
	want: wantSchema.nullable(),
	rounding: roundingSchema.nullable(),
	/** The factors of the key, and what its class goes by, where it came in a set that says so. */
	line: z.array(factorSchema).max(60).optional(),
	goesBy: goesBySchema.optional(),
	/** Where the text says what is wanted, and how the answer is rounded. */
	says: z.object({ want: spanSchema.nullable(), rounding: spanSchema.nullable() }),
});

export type Told = z.infer<typeof toldSchema>;

/** A problem of a sheet: a short id among the others, what it was listed by, its text, and what was told of it where that came along. */
export const sheetProblemSchema = z.object({
	id: z.string().regex(/^[a-z0-9]{1,12}$/),
	label: z.string().max(20).nullable(),
	text: posedTextSchema,
	told: toldSchema.optional(),
});

export type KeptProblem = z.infer<typeof sheetProblemSchema>;

/** The name of a piece of work or of a problem in a list that is put in order. */
const listedSchema = z.string().regex(/^[a-z0-9-]{1,60}$/);

const judgedSchema = z.object({
	verdict: z.enum(['right', 'wrong', 'unclear', 'absent', 'not-asked']),
	why: z.string().max(2000),
});

/** An answer that the student thinks is right: everything the check went by, and what it said. */
export const queriedSchema = z.object({
	title: z.string().max(200),
	exercise: exerciseSchema,
	answer: textSchema,
	start: startSchema.nullable(),
	factors: z.array(factorSchema).max(60),
	said: z.object({ line: judgedSchema, value: judgedSchema, figures: judgedSchema, unit: judgedSchema }),
});

export type Queried = z.infer<typeof queriedSchema>;

/** One thing done by itself. */
const singleStepSchema = z.discriminatedUnion('do', [
	/** The text of a problem of one's own, and what was read of it, once it was. */
	z.object({
		do: z.literal('pose'),
		text: posedTextSchema,
		told: toldSchema.optional(),
		/** Whether the text came with a sheet, so that no undo takes it away. */
		given: z.boolean().optional(),
	}),
	/** The place given to a quantity of the text; none takes it back. */
	z.object({
		do: z.literal('mark'),
		at: spanSchema,
		role: z.enum(['start', 'fact', 'spare', 'none']),
		/** A further part of the same start: it stands beside the mark before it, as in 7 ft 5 in. */
		also: z.boolean().optional(),
	}),
	/**
	 * What the line starts from, and how many of its figures count where it is a result taken on; of a range its other end,
	 * and the further parts of a measure or a sum.
	 */
	z.object({
		do: z.literal('start'),
		start: startSchema,
		figures: figuresSchema.optional(),
		until: quantitySchema.optional(),
		terms: z.array(quantitySchema).max(20).optional(),
	}),
	/** Whether a temperature of a problem of one's own is a difference, which has no zero. */
	z.object({ do: z.literal('difference'), difference: z.boolean() }),
	/** Whether the number that a problem of one's own starts from is exact: a count, or so by definition. */
	z.object({ do: z.literal('exactStart'), exact: z.boolean() }),
	/** The start is taken back; nothing stands until another is given. */
	z.object({ do: z.literal('unstart') }),
	z.object({ do: z.literal('turnStart') }),
	/** A fact of a problem of one's own, or one taken on from another line; one without numbers is taken out. */
	z.object({ do: z.literal('state'), fact: factSchema }),
	z.object({ do: z.literal('unstate'), fact: factSchema }),
	/** The unit that is wanted; of a measure wanted in parts the smallest, and all of them. */
	z.object({ do: z.literal('want'), unit: textSchema, parts: z.array(textSchema).max(20).optional() }),
	/** What is wanted of a problem of one's own, of any kind; null takes it back. And how the answer is to be rounded. */
	z.object({ do: z.literal('ask'), want: wantSchema.nullable() }),
	z.object({ do: z.literal('round'), rounding: roundingSchema }),
	/** Somebody's written working, laid beside one's own. */
	z.object({ do: z.literal('paste'), text: z.string().max(TEXT_LIMIT) }),
	z.object({ do: z.literal('place'), block: blockIdSchema, factor: factorSchema }),
	/** A block written by hand, side by side. */
	z.object({
		do: z.literal('write'),
		block: blockIdSchema,
		side: z.enum(['top', 'bottom', 'shift', 'aside', 'term']),
		number: textSchema,
		unit: textSchema,
		/** Of whole ones taken from others set aside before: of which unit. */
		from: textSchema.optional(),
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
	/** A number that was covered was looked at: which. */
	z.object({ do: z.literal('uncover'), what: z.string().max(20) }),
	/** The problems of a sheet; the title of a sheet or of a problem of one's own. */
	z.object({ do: z.literal('lay'), problems: z.array(sheetProblemSchema).max(SHEET_PROBLEMS_LIMIT) }),
	z.object({ do: z.literal('entitle'), title: z.string().max(120) }),
	/** In the list of what was brought, or of a sheet's problems: one comes in first, is moved to a place, from 0, or goes. */
	z.object({ do: z.literal('bring'), what: listedSchema }),
	z.object({ do: z.literal('arrange'), what: listedSchema, to: z.number().int().min(0).max(10_000) }),
	z.object({ do: z.literal('leave'), what: listedSchema }),
	/** One's own Shelf: facts kept, the tables in use, how much is said before the check. */
	z.object({ do: z.literal('keep'), id: blockIdSchema, fact: factSchema }),
	z.object({ do: z.literal('drop'), id: blockIdSchema }),
	z.object({ do: z.literal('allow'), table: z.string().max(40), allowed: z.boolean() }),
	z.object({ do: z.literal('support'), level: z.enum(SUPPORTS) }),
	z.object({ do: z.literal('numbers'), way: z.enum(NUMBERS) }),
	/** An answer is kept as one the student thinks is right, or no more. */
	z.object({ do: z.literal('query'), id: blockIdSchema, queried: queriedSchema }),
	z.object({ do: z.literal('unquery'), id: blockIdSchema }),
	/** The classes of a desk, each with its key: one is taught, a seat in one is taken, one is left. */
	z.object({ do: z.literal('teach'), class: idSchema, key: classKeySchema, title: classTitleSchema }),
	z.object({
		do: z.literal('sit'),
		class: idSchema,
		key: classKeySchema,
		title: classTitleSchema,
		/** What the seat is called. */
		says: z.string().max(40),
	}),
	z.object({ do: z.literal('quit'), class: idSchema }),
]);

/**
 * One thing the student did; a piece of work is the list of them, and nothing is ever cut from it. What one touch does
 * together is undone together. To undo is a step as well, and so is to redo.
 */
export const stepSchema = z.discriminatedUnion('do', [
	singleStepSchema,
	z.object({ do: z.literal('together'), steps: z.array(singleStepSchema).max(200) }),
	z.object({ do: z.literal('undo') }),
	z.object({ do: z.literal('redo') }),
]);

export type Step = z.infer<typeof stepSchema>;

/** A step that is no list of others and takes none back. */
export type SingleStep = z.infer<typeof singleStepSchema>;

const tryFields = {
	when: z.number().int().min(0),
	seconds: z.number().int().min(0),
	right: z.boolean(),
	slips: z.array(z.string().max(40)).max(5),
	nudges: z.number().int().min(0),
	shown: z.boolean(),
	uncovered: z.number().int().min(0).max(100).optional(),
};

/** Slips are looked for after a try is kept: until they are found, or where that was broken off, it says so. */
const unnamedField = { unnamed: z.literal(true).optional() };

// What the core makes of a try is the first half of what is kept.
agreesWith<Try>()(z.object(tryFields));

/** What came of sending an exercise to the check, with the line and the answer as they then were. */
export const trySchema = z.object({
	...tryFields,
	...unnamedField,
	answer: textSchema,
	start: startSchema.nullable(),
	factors: z.array(factorSchema).max(60).readonly(),
});

export type KeptTry = z.infer<typeof trySchema>;

/**
 * What is kept of an exercise: the steps done, and the tries, which no undo takes back. Work kept before undo was a step
 * says in `at` how many of its steps hold; it is read as if the rest had been undone one by one.
 */
export const workBodySchema = z
	.object({
		exercise: exerciseNameSchema,
		/** The exercise itself, where it was made for a Round: what was worked opens whatever becomes of its scenes. */
		posed: exerciseSchema.optional(),
		steps: z.array(stepSchema).max(STEPS_LIMIT),
		at: z.number().int().min(0).optional(),
		tries: z.array(trySchema).max(TRIES_LIMIT).optional(),
	})
	.refine((body) => body.at === undefined || body.at <= body.steps.length, {
		message: 'at is past the last step',
		path: ['at'],
	})
	.transform(({ at, ...body }) => {
		const undone = at === undefined ? [] : body.steps.slice(at).filter((step) => step.do !== 'nudge');
		return { ...body, steps: [...body.steps, ...undone.map((): Step => ({ do: 'undo' }))] };
	});

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
export const keepWorkSchema = z.object({
	base: z
		.number()
		.int()
		.min(0)
		.max(NUMBER_LIMIT - 1),
	body: workBodySchema,
});

export type KeepWork = z.infer<typeof keepWorkSchema>;

/**
 * Pieces of work as the server gives them. Each is read by itself, so that one of an older or broken shape does not hide
 * the others; `aside` names those that the server itself could not read.
 */
export const worksSchema = z.object({ works: z.array(z.unknown()), aside: z.array(idSchema).default([]) });

/** What the server can refuse, with the status of its reply: a row is what is said of it to one who writes against the API. */
export const API_CODES = {
	'not-json': [400, 'The body is not JSON, or says that it is not (415).'],
	'bad-request': [400, 'This is no request.'],
	'read-only': [403, 'The demo desk stays as it is.'],
	'not-found': [404, 'There is no page at this address.'],
	'no-desk': [404, 'There is no desk with this id and this key.'],
	'no-class': [404, 'There is no class with this id and this key.'],
	'no-handed': [404, 'The class has no set with this id.'],
	'no-code': [404, 'There is no code like this that still holds.'],
	'no-look': [404, 'There is nothing to look at with this link.'],
	conflict: [409, 'Another version was kept since; nothing was overwritten.'],
	unreadable: [409, 'What is kept cannot be read; nothing was overwritten.'],
	erased: [410, 'The desk was erased, and does not come back.'],
	'class-erased': [410, 'The class was erased, with all that was sent to it.'],
	'piece-erased': [410, 'The piece of work was erased, and does not come back.'],
	generation: [412, 'A backup was brought back on the server since; what is here and there is to be compared.'],
	'too-large': [413, 'The body is too large.'],
	'too-much': [413, 'The desk holds as much as a desk may.'],
	shape: [422, 'The body or the address is not of the right shape.'],
	'too-many': [429, 'Too many requests; `Retry-After` says when to come again.'],
	'server-fault': [500, 'Something that was not foreseen.'],
	away: [503, 'The database does not answer; `Retry-After` says when to come again.'],
	full: [507, 'The disk of the server is full; nothing was changed.'],
} as const;

export type ApiCode = keyof typeof API_CODES;

/** An error reply of the server: a code for programs and a sentence for people. */
export const errorSchema = z.object({ error: z.object({ code: z.string(), message: z.string() }) });

/** The reply to a version that does not follow the one kept: what is kept. */
export const conflictSchema = errorSchema.extend({ kept: workSchema });

export const healthSchema = z.object({ ok: z.literal(true), version: z.string() });
