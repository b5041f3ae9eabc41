import { WENT, type Went, wentOf } from '../practice/outcome';
import { weekOf, weeksBetween } from './weeks';
import type { Worked } from './worked';

/** How many exercises went each way. */
export type WentCounts = { readonly [W in Went]: number };

/** A skill by week: how its exercises went, in the week each was begun; empty weeks in between stand there too. */
export type SkillWeeks = {
	readonly skill: string;
	readonly all: WentCounts;
	readonly weeks: readonly { readonly week: number; readonly counts: WentCounts }[];
};

type Counting = { -readonly [W in Went]: number };

function none(): Counting {
	return Object.fromEntries(WENT.map((went) => [went, 0])) as Counting;
}

/** How many exercises were worked in all. */
export function workedCount(counts: WentCounts): number {
	return WENT.reduce((sum, went) => sum + (went === 'untouched' ? 0 : counts[went]), 0);
}

/**
 * How the exercises of each skill went, week by week; the skill worked last comes first.
 * @param zone minutes the device's clock is ahead of UTC.
 */
export function skillWeeks(worked: readonly Worked[], zone: number): readonly SkillWeeks[] {
	const skills = new Map<string, { all: Counting; weeks: Map<number, Counting>; last: number }>();
	for (const { skill, tries } of worked) {
		const began = tries[0]?.when;
		if (began === undefined) continue;
		const known = skills.get(skill) ?? { all: none(), weeks: new Map<number, Counting>(), last: 0 };
		const week = weekOf(began, zone);
		const counts = known.weeks.get(week) ?? none();
		const went = wentOf(tries);
		counts[went] += 1;
		known.all[went] += 1;
		known.weeks.set(week, counts);
		known.last = Math.max(known.last, began);
		skills.set(skill, known);
	}
	return [...skills]
		.sort(([, a], [, b]) => b.last - a.last)
		.map(([skill, { all, weeks }]) => {
			const known = [...weeks.keys()];
			const between = weeksBetween(Math.min(...known), Math.max(...known));
			return { skill, all, weeks: between.map((week) => ({ week, counts: weeks.get(week) ?? none() })) };
		});
}
