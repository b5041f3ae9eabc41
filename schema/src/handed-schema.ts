import { z } from 'zod';
import { SHEET_PROBLEMS_LIMIT, stepSchema, TEXT_LIMIT, toldSchema } from './work-schema';

/** The most steps of a problem that are handed on with it. */
export const HANDED_STEPS_LIMIT = 2000;

/** Problems that are handed on, as a link or a file holds them; `tidySum` is the edition of this shape. */
export const handedSchema = z.object({
	tidySum: z.literal(1),
	title: z.string().max(120),
	problems: z
		.array(
			z.object({
				label: z.string().max(20).nullable(),
				text: z.string().max(TEXT_LIMIT),
				/** What was read of it, and said by hand over that; left out where the text tells it all. */
				told: toldSchema.optional(),
				/** How it was worked, step by step from where it was posed, where that was handed on as well. */
				worked: z.array(stepSchema).max(HANDED_STEPS_LIMIT).optional(),
			}),
		)
		.min(1)
		.max(SHEET_PROBLEMS_LIMIT),
});

export type Handed = z.infer<typeof handedSchema>;
