import { HANDED_STEPS_LIMIT, SHEET_PROBLEMS_LIMIT, TEXT_LIMIT } from './limits';
import { stepSchema, toldSchema } from './work-schema';
import { z } from './zod';

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
