import type { Level } from '../content/skill/skill';
import { SKILLS, skillNamed } from '../content/skills';
import { Dice } from '../exercise/dice';
import type { Exercise } from '../exercise/exercise';
import { bad, good, type Outcome } from '../numeral/fault';
import { fresh } from './fresh';
import { plainCode } from './round-names';

/** How many exercises a Round may have. */
export const ROUND_COUNTS = [5, 10, 20] as const;

/** What a Round is made from: the same plan makes the same Round on every machine. */
export type RoundPlan = {
	readonly skills: readonly string[];
	readonly level: Level;
	readonly count: (typeof ROUND_COUNTS)[number];
	/** A whole number from 0 up to 2^20. */
	readonly seed: number;
	/** The edition of the scenes it is made from; the present one where it is left out. */
	readonly edition?: number;
};

/**
 * The present edition of the scenes. It goes up by one with every change of what a skill asks, so that a code never
 * quietly makes another set than the one it was given out for. Codes from before there were editions are of edition 0.
 */
export const EDITION = 1;

/** An exercise of a Round, with the skill it trains. */
export type RoundExercise = Exercise & { readonly skill: string };

/** Digits of codes: no letter that is taken for another or for a digit. */
const DIGITS = '0123456789abcdefghjkmnpqrstvwxyz';
const SEED_DIGITS = 4;
/** The most skills one Round mixes. */
export const SKILLS_IN_ROUND = 8;

export const SEEDS = DIGITS.length ** SEED_DIGITS;

/** A last digit that shows whether one of the others was mistyped or two were exchanged. */
function checkDigit(text: string): string {
	let sum = 0;
	for (const [i, digit] of [...text].entries()) sum += (i + 2) * DIGITS.indexOf(digit);
	return DIGITS[sum % 31] as string;
}

/** How many shapes a Round may have: its level and its count. */
const SHAPES = 3 * ROUND_COUNTS.length;

/** The first digits of a code: the shape of the Round, and from the first edition on which one it is. */
function shapeDigits(level: Level, count: RoundPlan['count'], edition: number): string {
	const shape = (level - 1) * ROUND_COUNTS.length + ROUND_COUNTS.indexOf(count);
	return edition === 0 ? (DIGITS[shape] as string) : `${DIGITS[shape + SHAPES]}${DIGITS[edition]}`;
}

/** The short code of a Round, in groups of four: "91ks-56fg-x". */
export function roundCode({ skills, level, count, seed, edition = EDITION }: RoundPlan): string {
	const shape = shapeDigits(level, count, edition);
	let digits = '';
	for (let i = 0, left = seed; i < SEED_DIGITS; i++, left = Math.floor(left / DIGITS.length))
		digits = (DIGITS[left % DIGITS.length] as string) + digits;
	const letters = skills.map((skill) => skillNamed(skill)?.letter ?? '').join('');
	const code = shape + digits + letters;
	return (code + checkDigit(code)).replace(/(.{4})(?=.)/g, '$1-');
}

/**
 * The plan a code stands for, however it is typed.
 * @returns the plan, or `unknown-code` with what may be wrong with it.
 */
export function readRoundCode(text: string): Outcome<RoundPlan> {
	const code = plainCode(text);
	const refuse = (message: string) => bad('unknown-code', message, [0, text.length]);
	if (code === '') return refuse('Type a code first. It looks like 4k7m-9ae.');
	const strange = [...code].find((digit) => !DIGITS.includes(digit));
	if (strange) return refuse(`A code has only digits and letters, not “${strange}”. It looks like 4k7m-9ae.`);
	if (code.length < SEED_DIGITS + 3) return refuse('A part of this code is missing. A code looks like 4k7m-9ae.');
	const body = code.slice(0, -1);
	if (checkDigit(body) !== code.at(-1))
		return refuse('No Round has this code. Check each sign. One may be wrong, or two may be swapped.');
	const first = DIGITS.indexOf(body[0] as string);
	const edition = first < SHAPES ? 0 : DIGITS.indexOf(body[1] as string);
	const shape = first < SHAPES ? first : first - SHAPES;
	const from = edition === 0 ? 1 : 2;
	const level = Math.floor(shape / ROUND_COUNTS.length) + 1;
	const count = ROUND_COUNTS[shape % ROUND_COUNTS.length];
	const letters = [...body.slice(from + SEED_DIGITS)];
	const skills = letters.map((letter) => SKILLS.find((skill) => skill.letter === letter)?.skill);
	if (
		level > 3 ||
		count === undefined ||
		!letters.length ||
		letters.length > SKILLS_IN_ROUND ||
		skills.some((skill) => !skill)
	)
		return refuse('This version of the app does not know this Round.');
	const seed = [...body.slice(from, from + SEED_DIGITS)].reduce(
		(sum, digit) => sum * DIGITS.length + DIGITS.indexOf(digit),
		0,
	);
	return good({ skills: skills as string[], level: level as Level, count, seed, edition });
}

/** The skill of the exercise at a place of a Round, from 0: its skills come in turn. */
export function skillAt({ skills }: Pick<RoundPlan, 'skills'>, place: number): string {
	return skills[place % skills.length] as string;
}

/**
 * The exercises of a Round, its skills in turn.
 * @returns the exercises, or `unknown-code` where its edition of the scenes is no longer here, or what `fresh` ends with.
 */
export function roundExercises(plan: RoundPlan): Outcome<readonly RoundExercise[]> {
	const { skills, level, count, seed, edition = EDITION } = plan;
	if (edition !== EDITION)
		return bad(
			'unknown-code',
			edition < EDITION
				? 'This Round is from an older edition, and its exercises are gone. Your work on it is kept. Start a new Round with the same skills.'
				: 'This Round needs a newer version of the app.',
		);
	const sets = new Map<string, readonly Exercise[]>();
	for (const skill of skills) {
		const made = fresh({ skill, seed: `round ${seed}`, level, count: Math.ceil(count / skills.length) });
		if (!made.ok) return made;
		sets.set(skill, made.value);
	}
	return good(
		Array.from({ length: count }, (_, place): RoundExercise => {
			const skill = skillAt(plan, place);
			const exercise = sets.get(skill)?.[Math.floor(place / skills.length)] as Exercise;
			return { ...exercise, skill };
		}),
	);
}

/** A seed for a Round from any text that is new each time, such as an id. */
export function seedFrom(text: string): number {
	return new Dice(text).whole(0, SEEDS - 1);
}
