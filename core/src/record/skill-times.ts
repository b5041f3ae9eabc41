import type { Worked } from './worked';

/** How long exercises of a skill took, in seconds, as a spread: the shortest, a quarter, the middle, three quarters, the longest. */
export type SkillTimes = {
	readonly skill: string;
	readonly count: number;
	readonly spread: readonly [number, number, number, number, number];
};

/** The least exercises a spread is made of; of fewer it would be each of them. */
const LEAST = 3;

/** The value that a share of sorted numbers lies below, between two of them where it must. */
function quantile(sorted: readonly number[], share: number): number {
	const at = (sorted.length - 1) * share;
	const below = sorted[Math.floor(at)] ?? 0;
	const above = sorted[Math.ceil(at)] ?? below;
	return below + (above - below) * (at - Math.floor(at));
}

/** How long the exercises of each skill took until they were right, as a spread; skills with too few are left out. */
export function skillTimes(worked: readonly Worked[]): readonly SkillTimes[] {
	const seconds = new Map<string, number[]>();
	for (const { skill, tries } of worked) {
		const right = tries.findIndex((one) => one.right);
		if (right < 0) continue;
		const took = tries.slice(0, right + 1).reduce((sum, one) => sum + one.seconds, 0);
		const all = seconds.get(skill) ?? [];
		all.push(took);
		seconds.set(skill, all);
	}
	return [...seconds].flatMap(([skill, all]) => {
		if (all.length < LEAST) return [];
		const sorted = [...all].sort((a, b) => a - b);
		const spread = [0, 0.25, 0.5, 0.75, 1].map((share) => Math.round(quantile(sorted, share)));
		return [{ skill, count: all.length, spread: spread as unknown as SkillTimes['spread'] }];
	});
}
