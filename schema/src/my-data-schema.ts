import { exerciseNameSchema, idSchema } from './work-schema';
import { z } from './zod';

/**
 * All of one's work as one file: the pieces with their ids, and which of them lies on the Desk for each exercise. No key and no
 * id of a desk stands in it. Each piece is read by itself, so that one that cannot be read hides none of the others.
 */
export const myDataSchema = z.object({
	tidySum: z.literal(1),
	holds: z.literal('my-work'),
	made: z.iso.datetime(),
	works: z.array(z.unknown()),
	open: z.record(exerciseNameSchema, idSchema).default({}),
	/** What the device was set to, as it keeps it. */
	settings: z.unknown().optional(),
});

export type MyData = z.infer<typeof myDataSchema>;
