import type { Exercise } from '@tidy-sum/core';
import { fresh, SKILLS } from '@tidy-sum/core/practice';
import fc from 'fast-check';
import { strToU8 } from 'fflate';
import { readPackage } from '../src/qti';
import { mutable, readSetFile, type SetExercise, setOf, writeSet } from '../src/set';
import { BOOK_SET, freshSet, isRight, keyText, verdictsOf } from './sets';

const bytesOf = (content: string | Uint8Array) => (typeof content === 'string' ? strToU8(content) : content);

/** Everything that is judged by, in one order of its fields. */
function canonical(value: unknown): unknown {
	if (Array.isArray(value)) return value.map(canonical);
	if (typeof value !== 'object' || value === null) return value;
	const fields = Object.entries(value).sort(([a], [b]) => (a < b ? -1 : 1));
	return Object.fromEntries(fields.map(([key, one]) => [key, canonical(one)]));
}

/** Twelve fresh exercises of a skill and level, by any seed. */
const ANY = fc
	.record({
		skill: fc.constantFrom(...SKILLS.map(({ skill }) => skill)),
		level: fc.constantFrom(1, 2, 3),
		seed: fc.integer({ min: 0, max: 1_000_000 }),
	})
	.map((ask) => {
		const made = fresh({ ...ask, count: 12 });
		if (!made.ok) throw new Error(made.fault.message);
		return setOf(
			'Any',
			made.value.map((one, i): SetExercise => ({ name: `e${i}`, skill: ask.skill, ...mutable(one) })),
		);
	});

/** 170 sets of 12: more than 2 000 fresh exercises. */
const RUNS = { numRuns: 170 };

describe.each(['json', 'csv', 'qti'] as const)('written as %s, read, and written again', (form) => {
	const again = (set: typeof BOOK_SET) => {
		const out = bytesOf(writeSet(form, set).content);
		const read = readSetFile(out);
		if (!read.ok) throw new Error(read.fault.message);
		return { out, set: read.value.set };
	};

	it('every exercise of the book and 2 000 fresh ones are the same bytes, key, verdicts and figures', () => {
		const holds = (set: typeof BOOK_SET) => {
			const { out, set: read } = again(set);
			expect(Buffer.compare(bytesOf(writeSet(form, read).content), out)).toBe(0);
			expect(canonical(read.exercises)).toEqual(canonical(set.exercises));
			expect(read.exercises.map(keyText)).toEqual(set.exercises.map(keyText));
			for (const [i, exercise] of set.exercises.entries())
				expect(verdictsOf(read.exercises[i] as Exercise)).toEqual(verdictsOf(exercise));
		};
		holds(BOOK_SET);
		fc.assert(fc.property(ANY, holds), RUNS);
	});
});

describe('read by its items alone, as another program would', () => {
	it('has value, unit and rounding of every exercise that asks for a number', () => {
		const set = freshSet('alone', 3);
		const all = { ...set, exercises: [...BOOK_SET.exercises, ...set.exercises] };
		const read = readPackage(bytesOf(writeSet('qti', all).content), { items: true });
		if (!read.ok) throw new Error(read.fault.message);
		const own = new Map(all.exercises.map((exercise) => [exercise.name, exercise]));
		const left = read.value.rows.filter(({ taken }) => !taken).map(({ name }) => own.get(name)?.want);
		// Which block is wrong is chosen; a mixed measure, one quantity in several units, or a factor of a text that tells
		// nothing is no number with a unit.
		for (const want of left) expect(Object.keys(want ?? {})[0]).toMatch(/^(?:slip|mixed|units|factor)$/);
		expect(read.value.set.exercises.length).toBeGreaterThan(all.exercises.length * 0.94);
		for (const exercise of read.value.set.exercises) {
			const before = own.get(exercise.name) as SetExercise;
			const key = keyText(before);
			expect({ name: exercise.name, key, right: isRight(exercise, key) }).toMatchObject({ right: true });
			if (typeof before.rounding === 'object' && 'significant' in before.rounding)
				expect(exercise.rounding).toEqual(before.rounding);
		}
	});
});
