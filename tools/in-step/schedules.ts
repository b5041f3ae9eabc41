import { type Step, stepSchema } from '@tidy-sum/schema';
import fc from 'fast-check';
import { fromSchema } from './from-schema';
import { EXERCISES, type Happening } from './two-devices';

const on = fc.constantFrom<0 | 1>(0, 1);

// Mostly on the same one, so that the two meet.
const exercise = fc.constantFrom(0, 0, 0, 1, EXERCISES.length - 1);

/** Any step a student can do: typing, sheets, and several done with one touch among them. */
const does = fc.record({ on, is: fc.constant('does'), exercise, step: fromSchema(stepSchema) as fc.Arbitrary<Step> });

const worked = fc.record({
	on,
	is: fc.constantFrom('step', 'step', 'step', 'undo', 'try', 'anew', 'erase'),
	exercise,
});

const befell = fc.record({
	on,
	is: fc.constantFrom('offline', 'online', 'online', 'kill', 'reply lost', 'sent twice'),
});

const passed = fc.record({ on, is: fc.constant('time'), ms: fc.integer({ min: 0, max: 4000 }) });

const calm = fc.record({ on, is: fc.constant('calm') });

const restored = fc.record({ on, is: fc.constantFrom('backup', 'restore') });

/** What may happen to two devices of a desk, in any order: work, offline spells, kills, lost and repeated requests, time. */
export const schedules = fc.array(
	fc.oneof(
		{ weight: 4, arbitrary: worked },
		{ weight: 3, arbitrary: does },
		{ weight: 2, arbitrary: befell },
		{ weight: 3, arbitrary: passed },
		{ weight: 1, arbitrary: calm },
	),
	{ minLength: 4, maxLength: 40 },
) as fc.Arbitrary<readonly Happening[]>;

/** The same, and the server goes back to a backup now and then. */
export const schedulesWithBackups = fc.array(
	fc.oneof(
		{ weight: 5, arbitrary: worked },
		{ weight: 2, arbitrary: befell },
		{ weight: 4, arbitrary: passed },
		{ weight: 2, arbitrary: calm },
		{ weight: 2, arbitrary: restored },
	),
	{ minLength: 6, maxLength: 40 },
) as fc.Arbitrary<readonly Happening[]>;
