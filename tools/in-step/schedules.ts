import fc from 'fast-check';
import { EXERCISES, type Happening } from './two-devices';

const on = fc.constantFrom<0 | 1>(0, 1);

const worked = fc.record({
	on,
	is: fc.constantFrom('step', 'step', 'step', 'undo', 'try', 'anew', 'erase'),
	// Mostly on the same one, so that the two meet.
	exercise: fc.constantFrom(0, 0, 0, 1, EXERCISES.length - 1),
});

const befell = fc.record({
	on,
	is: fc.constantFrom('offline', 'online', 'online', 'kill', 'reply lost', 'sent twice'),
});

const passed = fc.record({ on, is: fc.constant('time'), ms: fc.integer({ min: 0, max: 4000 }) });

const calm = fc.record({ on, is: fc.constant('calm') });

/** What may happen to two devices of a desk, in any order: work, offline spells, kills, lost and repeated requests, time. */
export const schedules = fc.array(
	fc.oneof(
		{ weight: 5, arbitrary: worked },
		{ weight: 2, arbitrary: befell },
		{ weight: 3, arbitrary: passed },
		{ weight: 1, arbitrary: calm },
	),
	{ minLength: 4, maxLength: 40 },
) as fc.Arbitrary<readonly Happening[]>;
