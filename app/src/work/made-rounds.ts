import {
	type BookExercise,
	type Exercise,
	type Fault,
	type Outcome,
	placeInRound,
	plainCode,
	roundName,
	titleInRound,
} from '@tidy-sum/core';
import type { RoundExercise } from '@tidy-sum/core/practice';
import { work } from '../worker/core-worker';
import * as words from './words';

/** A Round as it lies on the Desk: its code, and its exercises by name. */
export type MadeRound = {
	readonly code: string;
	readonly exercises: readonly (BookExercise & { readonly skill: string })[];
};

/** What a line starts from where nothing is given. */
export const NOTHING = { number: '', unit: '' };

/** Rounds made since the app was opened. What a code stands for never changes, so nothing of it is kept. */
const made = new Map<string, MadeRound>();

/** A Round that was made already. */
export function madeRound(code: string): MadeRound | undefined {
	return made.get(plainCode(code));
}

/** An exercise of a Round that was made already, by its name. */
export function roundExercise(name: string): BookExercise | undefined {
	const at = placeInRound(name);
	return at ? made.get(at.code)?.exercises[at.place] : undefined;
}

function laid(code: string, exercises: readonly RoundExercise[]): MadeRound {
	return {
		code,
		exercises: exercises.map(({ ...exercise }, place) => ({
			// Where nothing is started from, the line stays empty.
			start: NOTHING,
			...exercise,
			name: roundName(code, place),
			title: titleInRound(place, exercises.length),
			trains: '',
		})),
	};
}

/** An exercise of a Round that was made already, as it is kept with the work on it. */
export function posedInRound(name: string): Exercise | undefined {
	const at = placeInRound(name);
	const exercise = at ? made.get(at.code)?.exercises[at.place] : undefined;
	if (!exercise) return undefined;
	const { name: _, title: __, trains: ___, skill: ____, ...posed } = exercise;
	return posed;
}

/** Puts a Round where the Desk finds it. */
export function keepRound(code: string, exercises: readonly RoundExercise[]): MadeRound {
	const round = laid(plainCode(code), exercises);
	made.set(round.code, round);
	return round;
}

const AWAY: Fault = { code: 'worker', message: words.theRoundCouldNotBeMade };

/** Makes the Round of a code in the worker, once. */
export async function makeRound(code: string): Promise<Outcome<MadeRound>> {
	const known = madeRound(code);
	if (known) return { ok: true, value: known };
	const answer = await work((jobs) => jobs.round(plainCode(code))).catch(() => null);
	if (!answer) return { ok: false, fault: AWAY };
	return answer.ok ? { ok: true, value: keepRound(code, answer.value) } : answer;
}
