import { type Card, createEmptyCard, fsrs, type Grade, Rating } from 'ts-fsrs';
import type { Level } from '../content/skill/skill';
import { SKILLS } from '../content/skills';
import { slipNamed } from '../slip/slips';
import { converts } from './example';
import { slipsIn, type Try, type Went, wentOf } from './outcome';

/** An exercise of a Round that was worked: its skill and level, and the tries at it. */
export type Practised = { readonly skill: string; readonly level: Level; readonly tries: readonly Try[] };

/** Where a skill stands: when it is due again, and what is said of it. */
export type SkillState = {
	readonly skill: string;
	/** How many of its exercises were worked, and how many were right at once. */
	readonly worked: number;
	readonly atOnce: number;
	/** The day on which it is about to be forgotten, its beginning in milliseconds since 1970; null for what was never practised. */
	readonly due: number | null;
	readonly isDue: boolean;
	/** The slips that came, the most frequent first. */
	readonly slips: readonly { readonly code: string; readonly times: number }[];
	/** The level to go on with. */
	readonly level: Level;
	/** Why it is suggested, in words; '' where there is no reason to. */
	readonly why: string;
};

/** How a review is graded by how the exercise went. */
const GRADES: Readonly<Record<Exclude<Went, 'untouched'>, Grade>> = {
	'at-once': Rating.Good,
	'after-nudge': Rating.Hard,
	uncovered: Rating.Hard,
	'after-try': Rating.Hard,
	shown: Rating.Again,
	'not-yet': Rating.Again,
};

const DAY_MS = 86_400_000;
const MINUTE_MS = 60_000;

/** How many minutes the clock of a device is ahead of UTC at a moment: it changes in spring and in autumn. */
export type AheadAt = (when: number) => number;

const IN_UTC: AheadAt = () => 0;

/** The day a moment lies in by the device's calendar, as a count of days. */
function dayOf(when: number, aheadAt: AheadAt): number {
	return Math.floor((when + aheadAt(when) * MINUTE_MS) / DAY_MS);
}

/** A slip that came as often as this among the latest exercises is worth a Round of its own. */
const RECURS = 2;
/** How many of the latest exercises of a skill count for its slips and its level. */
const LATEST = 10;
/** How many in a row right at once lead to the next level, or not right lead back. */
const IN_A_ROW = 4;

// Skills are practised in sittings, not in minutes: the scheduler's steps within a day are left out.
const scheduler = fsrs({ enable_fuzz: false, enable_short_term: false, request_retention: 0.9 });

function lastTry({ tries }: Practised): number {
	return tries.at(-1)?.when ?? 0;
}

/**
 * The day on which a skill is due by the scheduler, from its exercises: one review a day, the worst of that day's. Only
 * days count, and not hours: the scheduler is told of the noon of each.
 */
function dueDayOf(worked: readonly Practised[], aheadAt: AheadAt): number | null {
	const days = new Map<number, Grade>();
	for (const one of worked) {
		const went = wentOf(one.tries);
		if (went === 'untouched') continue;
		const day = dayOf(lastTry(one), aheadAt);
		const known = days.get(day);
		days.set(day, known ? (Math.min(known, GRADES[went]) as Grade) : GRADES[went]);
	}
	let card: Card | null = null;
	for (const [day, grade] of [...days].sort(([a], [b]) => a - b)) {
		const noon = day * DAY_MS + DAY_MS / 2;
		card = scheduler.next(card ?? createEmptyCard(noon), noon, grade).card;
	}
	return card && Math.floor(card.due.getTime() / DAY_MS);
}

function levelOf(worked: readonly Practised[]): Level {
	const latest = worked.slice(-IN_A_ROW);
	const level = worked.at(-1)?.level ?? 1;
	if (latest.length < IN_A_ROW || latest.some((one) => one.level !== level)) return level;
	const went = latest.map(({ tries }) => wentOf(tries));
	if (went.every((one) => one === 'at-once')) return Math.min(3, level + 1) as Level;
	return went.every((one) => one === 'not-yet' || one === 'shown') ? (Math.max(1, level - 1) as Level) : level;
}

function timesText(times: number): string {
	return times === 2 ? 'twice' : `${times} times`;
}

/** A day that is so many days ago, as one says it: "today", "yesterday", "9 days ago". */
function daysAgo(days: number): string {
	if (days < 1) return 'today';
	return days === 1 ? 'yesterday' : `${days} days ago`;
}

/** When a skill was last got right, or last tried where it never was. */
function sayLast(worked: readonly Practised[], today: number, aheadAt: AheadAt): string {
	const rights = worked.flatMap(({ tries }) => tries.filter(({ right }) => right).map(({ when }) => when));
	const ago = (when: number) => daysAgo(today - dayOf(when, aheadAt));
	if (rights.length) return `last right ${ago(Math.max(...rights))}`;
	return `not right yet, last tried ${ago(Math.max(...worked.map(lastTry)))}`;
}

function whyOf(last: string, slips: SkillState['slips']): string {
	const [slip] = slips;
	const title = slip && slip.times >= RECURS ? slipNamed(slip.code)?.title : undefined;
	const came = title && slip ? `“${title}” came ${timesText(slip.times)}` : '';
	return [last, came].filter(Boolean).join('; ');
}

/**
 * Where each skill stands, in the order that teaches.
 * @param aheadAt the clock of the device, by whose calendar days are counted.
 */
export function skillStates(
	practised: readonly Practised[],
	now: number,
	aheadAt: AheadAt = IN_UTC,
): readonly SkillState[] {
	const today = dayOf(now, aheadAt);
	const bySkill = new Map<string, Practised[]>();
	for (const one of [...practised].sort((a, b) => lastTry(a) - lastTry(b)))
		if (one.tries.length) bySkill.set(one.skill, [...(bySkill.get(one.skill) ?? []), one]);
	return SKILLS.map(({ skill }) => {
		const worked = bySkill.get(skill) ?? [];
		const day = dueDayOf(worked, aheadAt);
		const due = day === null ? null : day * DAY_MS - aheadAt(now) * MINUTE_MS;
		const isDue = day !== null && day <= today;
		const slips = slipsIn(worked.slice(-LATEST).flatMap(({ tries }) => tries));
		return {
			skill,
			worked: worked.length,
			atOnce: worked.filter(({ tries }) => wentOf(tries) === 'at-once').length,
			due,
			isDue,
			slips,
			level: levelOf(worked),
			why: whyOf(isDue ? sayLast(worked, today, aheadAt) : '', slips),
		};
	});
}

/** A skill picked, and why. */
export type Picked = { readonly skill: string; readonly why: string };

/** The level to go on with for some skills together: that of the one that is least far. */
export function levelFor(states: readonly SkillState[], skills: readonly string[]): Level {
	const levels = states.filter(({ skill }) => skills.includes(skill)).map(({ level }) => level);
	return Math.min(3, ...levels) as Level;
}

/** How much a recurring slip weighs beside a day of being due. */
const SLIP_WEIGHT = 2;

/**
 * What to practise next: the skills about to be forgotten and those with slips that recur; with room left, the next
 * ones in the order that teaches. Somebody new begins with conversions, before counting figures.
 * @param most how many skills at the most.
 */
export function pickSkills(all: readonly SkillState[], now: number, most = 3): readonly Picked[] {
	const weight = ({ due, isDue, slips }: SkillState) =>
		(isDue && due !== null ? 1 + (now - due) / DAY_MS : 0) +
		slips.filter(({ times }) => times >= RECURS).reduce((sum, { times }) => sum + times * SLIP_WEIGHT, 0);
	const called = all
		.filter(({ why }) => why !== '')
		.sort((a, b) => weight(b) - weight(a))
		.slice(0, most)
		.map(({ skill, why }) => ({ skill, why }));
	const isNew = all.every(({ worked }) => worked === 0);
	const next = all
		.filter(({ worked, skill }) => worked === 0 && (!isNew || converts(skill)))
		.map(({ skill }) => ({ skill, why: 'new to you' }));
	const picked = [...called, ...next.slice(0, Math.max(0, Math.min(most - called.length, called.length ? 1 : 2)))];
	if (picked.length) return picked;
	// All were practised and none is due: the one that will be soonest.
	return [...all]
		.sort((a, b) => (a.due ?? 0) - (b.due ?? 0))
		.slice(0, 1)
		.map(({ skill }) => ({ skill, why: 'the next to be due' }));
}
