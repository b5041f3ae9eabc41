import { workBodySchema, z } from '@tidy-sum/schema';
import { DESK_NAME_LIMIT } from '@tidy-sum/schema/limits';

const entrySchema = z.object({
	id: z.string(),
	body: workBodySchema,
	version: z.number().int().min(0),
	ahead: z.boolean(),
	touched: z.number().optional(),
	away: z.object({ steps: z.number(), tries: z.number() }).optional(),
});

const openSchema = z.object({
	open: z.record(z.string(), z.string()),
	last: z.string().nullable(),
	erasing: z.array(z.string()).default([]),
});

const deskHereSchema = z.object({
	id: z.string(),
	/** This device's own secret key of it. */
	key: z.string(),
	/** Whether the server has it: one that was only just begun is asked for by nobody. */
	kept: z.boolean(),
	/** What it is called on this device, where it was given a name. */
	name: z.string().max(DESK_NAME_LIMIT).optional(),
	/** When it was begun on this device and when it was last opened, in milliseconds since 1970. */
	begun: z.number(),
	opened: z.number(),
	/** Whether it is to be erased on the server as well, once that can be reached; nothing of it is here any more. */
	ends: z.boolean().optional(),
});

/** A desk as it lies in the list of this device's desks. */
export type KeptDesk = z.infer<typeof deskHereSchema>;

/** The desks of a list; one that cannot be read is passed over. */
export function readDesks(rows: unknown): readonly KeptDesk[] {
	return Array.isArray(rows) ? rows.flatMap((row) => deskHereSchema.safeParse(row).data ?? []) : [];
}

/** A piece of work; undefined where it cannot be read. */
export function readEntry(row: unknown): z.infer<typeof entrySchema> | undefined {
	return entrySchema.safeParse(row).data;
}

/** What is open where; undefined where it cannot be read. */
export function readOpen(row: unknown): z.infer<typeof openSchema> | undefined {
	return openSchema.safeParse(row).data;
}

/**
 * What the index of a desk has of a piece, by its id: the exercise, the last version the server acknowledged, when it was
 * touched (0 where that is not known), how many steps and tries it has, how far it was, and whether something of it is still to
 * be sent (1) or all of it is on the server alone (2).
 */
export type HeadRow = readonly [
	exercise: string,
	version: number,
	touched: number,
	steps: number,
	tries: number,
	here: string,
	kind: 0 | 1 | 2,
];

/**
 * Whether this is a row of the index. It is looked at by hand: there are thousands, before anything is shown, and a schema takes
 * ten times as long the first time (measured).
 */
function isHead(row: unknown): row is HeadRow {
	if (!Array.isArray(row) || row.length !== 7) return false;
	const [exercise, version, touched, steps, tries, here, kind] = row;
	if (typeof exercise !== 'string' || typeof here !== 'string' || typeof version !== 'number') return false;
	return (
		Number.isFinite(touched) &&
		Number.isFinite(steps) &&
		Number.isFinite(tries) &&
		(kind === 0 || kind === 1 || kind === 2)
	);
}

/** A part of the index; empty where it cannot be read. */
export function readPart(text: string): Readonly<Record<string, HeadRow>> {
	try {
		const part = JSON.parse(text) as Record<string, unknown>;
		return Object.values(part).every(isHead) ? (part as Record<string, HeadRow>) : {};
	} catch {
		return {};
	}
}
