import type { Factor, Quantity } from '@tidy-sum/core';
import { z } from 'zod';
import { chainSchema, stepSchema, workBodySchema, worksSchema } from '../src';
import { agreesWith } from '../src/agrees';
import { exerciseSchema } from '../src/ask';

const number = z.string();
const quantity = agreesWith<Quantity>()(z.object({ number, unit: z.string() }));

/** Whether these are refused is for the compiler to say: a line it does not refuse fails the check of types. */
export const REFUSED = [
	// @ts-expect-error a field is missing
	() => agreesWith<Quantity>()(z.object({ number })),
	// @ts-expect-error a field too many
	() => agreesWith<Quantity>()(z.object({ number, unit: z.string(), label: z.string() })),
	// @ts-expect-error another kind of value
	() => agreesWith<Quantity>()(z.object({ number: z.number(), unit: z.string() })),
	// @ts-expect-error fields that may be left out are missing
	() => agreesWith<Factor>()(z.object({ top: quantity, bottom: quantity })),
];

describe('a schema that agrees with its type', () => {
	it('reads what it is the shape of, and leaves out what is not its own', () => {
		expect(quantity.parse({ number: '2.5', unit: 'km', colour: 'red' })).toEqual({ number: '2.5', unit: 'km' });
		expect(REFUSED).toHaveLength(4);
	});
});

describe('the shapes that cross a boundary', () => {
	const start = { number: '18.5', unit: 'mi/h' };

	it('have a start that is one quantity, or one over another', () => {
		expect(chainSchema.parse({ start, factors: [] }).start).toEqual(start);
		const over = { top: start, bottom: { number: '2', unit: 'h' } };
		expect(chainSchema.parse({ start: over, factors: [] }).start).toEqual(over);
	});

	it.each([
		[{ unit: 'ft/s' }],
		[{ unit: 'm', form: 'scientific' }],
		[{ mixed: ['ft', 'in'] }],
		[{ figures: '0.0820' }],
		[{ factor: 'kJ' }],
		[{ slip: { start, factors: [] } }],
	])('take an exercise that wants %j', (want) => {
		const exercise = { prompt: '', start, facts: [], want, rounding: 'figures' };
		expect(exerciseSchema.parse(exercise)).toEqual(exercise);
	});

	it('refuse an exercise that wants nothing known', () => {
		for (const want of [{}, { mixed: [] }, { unit: 5 }, { colour: 'red' }])
			expect(exerciseSchema.safeParse({ prompt: '', start, facts: [], want, rounding: 'figures' }).success).toBe(false);
	});

	it('take undo and redo as steps, and no step inside another but once', () => {
		expect(stepSchema.parse({ do: 'undo' })).toEqual({ do: 'undo' });
		const together = { do: 'together', steps: [{ do: 'check' }, { do: 'undo' }] };
		expect(stepSchema.safeParse(together).success).toBe(false);
	});

	it('read work of before as if the rest had been undone one by one', () => {
		const steps = [{ do: 'check' }, { do: 'nudge', steps: 1 }, { do: 'show' }];
		expect(workBodySchema.parse({ exercise: 'new-snow', steps, at: 1 }).steps).toEqual([...steps, { do: 'undo' }]);
		expect(workBodySchema.parse({ exercise: 'new-snow', steps, at: 3 }).steps).toEqual(steps);
		expect(workBodySchema.safeParse({ exercise: 'new-snow', steps, at: 4 }).success).toBe(false);
	});

	it('let a piece of work that cannot be read stand beside the others', () => {
		expect(worksSchema.parse({ works: [{ id: 'gone' }, 5] })).toEqual({ works: [{ id: 'gone' }, 5], aside: [] });
	});
});
