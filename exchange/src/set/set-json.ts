import { bad, type Outcome } from '@tidy-sum/core';
import { handedSchema } from '@tidy-sum/schema/handed';
import { type ExerciseSet, SET_EDITION, setExerciseSchema, setSchema } from '@tidy-sum/schema/set';
import { orNone, placeName, type ReadSet, setOf, setOfHanded } from './exercise-set';

/** A set as JSON, its fields in the order of the schema, so that the same set is always the same text. */
export function setJson(set: ExerciseSet): string {
	return `${JSON.stringify(setSchema.parse(set), null, '\t')}\n`;
}

/** Where in a JSON text a field is at fault, in words. */
function sayPath(path: readonly PropertyKey[]): string {
	return path.length ? `“${path.map(String).join('.')}”` : 'its outermost part';
}

/**
 * A set from JSON: a set of ours, problems that were handed on, one exercise by itself, or a list of them.
 * @returns it with what came of each exercise; `not-json`, `later-edition` for a set made by a later version, `shape`
 *   with the field that is at fault, `empty` where nothing of it can be read.
 */
export function readSetJson(text: string): Outcome<ReadSet> {
	let json: unknown;
	try {
		json = JSON.parse(text);
	} catch {
		return bad('not-json', 'This is not JSON. A part of it may be missing.');
	}
	const edition = typeof json === 'object' && json !== null && 'tidySum' in json ? json.tidySum : undefined;
	if (typeof edition === 'number' && edition > SET_EDITION)
		return bad('later-edition', 'This set was made with a newer version of the app.');
	if (edition === 1) {
		const handed = handedSchema.safeParse(json);
		if (handed.success) return orNone(setOfHanded(handed.data));
		return bad(
			'shape',
			`These problems are not whole: ${sayPath(handed.error.issues[0]?.path ?? [])} is not as it should be.`,
		);
	}
	if (edition === SET_EDITION) {
		const whole = setSchema.safeParse(json);
		if (whole.success) {
			const rows = whole.data.exercises.map(({ name }, i) => ({
				where: `exercise ${i + 1}`,
				name,
				taken: true,
				says: '',
			}));
			return { ok: true, value: { set: whole.data, rows } };
		}
		const [issue] = whole.error.issues;
		const [list] = issue?.path ?? [];
		// What is wrong with the set itself leaves nothing; what is wrong with one exercise leaves the others.
		if (list !== 'exercises' || (issue?.path.length ?? 0) < 2)
			return bad('shape', `This set is not whole: ${sayPath(issue?.path ?? [])} is not as it should be.`);
	}
	const { title, goesBy, exercises } = partsOf(json);
	const found = exercises.map((one, i) => {
		const named = typeof one === 'object' && one !== null && !('name' in one) ? { name: placeName(i), ...one } : one;
		return setExerciseSchema.safeParse(named);
	});
	const rows = found.map((one, i) => ({
		where: `exercise ${i + 1}`,
		name: one.success ? one.data.name : placeName(i),
		taken: one.success,
		says: one.success ? '' : `${sayPath(one.error.issues[0]?.path ?? [])} is not as it should be`,
	}));
	const read = found.flatMap((one) => (one.success ? [one.data] : []));
	return orNone({ set: setOf(title, read, { goesBy }), rows });
}

/** The parts of JSON that is no whole set: the exercises in it, and what stands round them. */
function partsOf(json: unknown): { title: string; goesBy?: ExerciseSet['goesBy']; exercises: readonly unknown[] } {
	if (Array.isArray(json)) return { title: '', exercises: json };
	if (typeof json === 'object' && json !== null && 'exercises' in json && Array.isArray(json.exercises)) {
		const around = setSchema.pick({ title: true, goesBy: true }).safeParse(json);
		return { title: '', ...(around.success ? around.data : {}), exercises: json.exercises };
	}
	return { title: '', exercises: [json] };
}
