import { printWritten, readAnswer, workChain } from '@tidy-sum/core';
import { printLine } from '@tidy-sum/core/help';
import type { KeptTry, WorkBody } from '@tidy-sum/schema';
import { bodyAfter } from './said-steps';
import { workOf } from './work';
import type { WorkEntry, WorksState } from './works-reducer';

/** The line of a try as text; its answer alone where it had none. */
export function tryText({ start, factors, answer }: KeptTry): string {
	const read = readAnswer(answer);
	const number = read.ok ? read.value.number : null;
	const said = number && read.ok ? `${printWritten(number.text)} ${read.value.unit?.text ?? ''}`.trim() : answer;
	if (!start) return said;
	const worked = workChain({ start, factors });
	return worked.ok ? `${printLine({ start, factors })} → ${said}` : said;
}

/**
 * The step that sent a try to the check, from 1: of all checks of that answer the one that has the place of the try among
 * its tries, counted from the end, since early tries may no longer be kept. The last step where none is found.
 */
export function stepOfTry(body: WorkBody, made: KeptTry): number {
	const tries = body.tries ?? [];
	const fromEnd = [...tries]
		.reverse()
		.filter(({ answer }) => answer === made.answer)
		.indexOf(made);
	const checks = body.steps
		.flatMap(({ do: does }, i) => (does === 'check' ? [i + 1] : []))
		.filter((place) => workOf(bodyAfter(body, place)).answer === made.answer);
	return checks.at(-1 - Math.max(0, fromEnd)) ?? checks[0] ?? body.steps.length;
}

/** A try that is kept, with the piece of work it was made on. */
type KeptAt = { readonly id: string; readonly body: WorkBody; readonly made: KeptTry };

/** The pieces of work by the exercise they are on, found once for the same works. */
const byExercise = new WeakMap<WorksState['byId'], ReadonlyMap<string, readonly WorkEntry[]>>();

function entriesOf({ byId }: WorksState, exercise: string): readonly WorkEntry[] {
	let known = byExercise.get(byId);
	if (!known) {
		const all = new Map<string, WorkEntry[]>();
		for (const entry of Object.values(byId)) {
			const of = all.get(entry.body.exercise);
			if (of) of.push(entry);
			else all.set(entry.body.exercise, [entry]);
		}
		known = all;
		byExercise.set(byId, known);
	}
	return known.get(exercise) ?? [];
}

/** The try that was made at an exercise at a moment; null where it is not kept any more. */
export function tryAt(works: WorksState, exercise: string, when: number): KeptAt | null {
	for (const { id, body } of entriesOf(works, exercise)) {
		const made = body.tries?.find((one) => one.when === when);
		if (made) return { id, body, made };
	}
	return null;
}

/** Where the very line of a try is played back. */
export function pathOfTry({ id, body, made }: KeptAt): string {
	const line = `/replay/${body.exercise}?line=${encodeURIComponent(id)}`;
	// Where its steps are still to come, nobody knows yet which of them it was.
	return body.steps.length ? `${line}&at=${stepOfTry(body, made)}` : line;
}
