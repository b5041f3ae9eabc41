import { exerciseOf, type Level, waysOf } from '../content/skill/skill';
import { skillNamed } from '../content/skills';
import { Dice } from '../exercise/dice';
import type { Exercise } from '../exercise/exercise';
import { type FaultCode, good, type Outcome } from '../numeral/fault';

/** The most exercises one request may ask for (contract). */
export const FRESH_LIMIT = 100;

/** How often numbers are drawn anew for a prompt that was there already. */
const TRIES = 200;

export type FreshAsk = {
	readonly skill: string;
	readonly seed: string | number;
	readonly level: number;
	readonly count: number;
};

function refuse(field: string, code: FaultCode, message: string): Outcome<never> {
	return { ok: false, fault: { code, message, in: field } };
}

/**
 * Fresh exercises of a skill: the same request gives the same ones on every machine, and no prompt twice.
 * @returns the exercises, or `unknown-skill`, `shape` (a level or count that is none), `too-large`.
 */
export function fresh({ skill, seed, level, count }: FreshAsk): Outcome<readonly Exercise[]> {
	const found = skillNamed(skill);
	if (!found)
		return refuse('skill', 'unknown-skill', `There is no skill called “${skill}”. Ask for skills to see all.`);
	if (![1, 2, 3].includes(level)) return refuse('level', 'shape', 'A level is 1, 2 or 3.');
	if (!Number.isInteger(count) || count < 1) return refuse('count', 'shape', 'A set has at least one exercise.');
	if (count > FRESH_LIMIT) return refuse('count', 'too-large', `A set has at most ${FRESH_LIMIT} exercises.`);
	const dice = new Dice(`${skill} ${level} ${seed}`);
	const scenes = found.scenes.filter((scene) => scene.level === (level as Level));
	const ways = scenes.flatMap((scene) => Array.from({ length: waysOf(scene) }, (_, way) => ({ scene, way })));
	const seen = new Set<string>();
	const made: Exercise[] = [];
	// Every way of putting it comes once before one comes again.
	for (let left: typeof ways = [], before = -1; made.length < count; ) {
		if (!left.length) {
			if (made.length === before)
				return refuse('count', 'too-large', `This skill has only ${before} different exercises.`);
			before = made.length;
			left = [...dice.shuffled(ways)];
		}
		const { scene, way } = left.pop() as (typeof ways)[number];
		for (let i = 0; i < TRIES; i++) {
			const exercise = exerciseOf(scene, way, dice);
			if (seen.has(exercise.prompt)) continue;
			seen.add(exercise.prompt);
			made.push(exercise);
			break;
		}
	}
	return good(made);
}
