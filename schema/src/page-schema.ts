import { exerciseSchema } from './exercise-schema';
import { z } from './zod';

/** A Round that comes with the page of one of its exercises, so that it need not be made on the device. */
export const pageRoundSchema = z.object({
	code: z.string(),
	exercises: z.array(z.intersection(exerciseSchema, z.object({ skill: z.string() }))).max(100),
});
