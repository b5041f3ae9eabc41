import type { Try } from '../practice/outcome';
import { slipNamed } from '../slip/slips';
import type { Worked } from './worked';

/** Where a slip came: at which exercise, in which of its tries, from 0, and when. */
export type SlipPoint = {
	readonly exercise: string;
	readonly skill: string;
	readonly place: number;
	readonly when: number;
};

/** A slip over time: each time it came, and for how many exercises it has stayed away since. */
export type SlipRecord = {
	readonly code: string;
	readonly title: string;
	readonly points: readonly SlipPoint[];
	/** Exercises worked since it came last, of the skills it came in. */
	readonly awayFor: number;
	/** The skills it came in, the most frequent first. */
	readonly skills: readonly string[];
};

/** The slip a try most likely made; null for a right one, or one with none named. */
function slipOf({ right, slips }: Try): string | null {
	return right ? null : (slips[0] ?? null);
}

function byFrequency(words: readonly string[]): readonly string[] {
	const times = new Map<string, number>();
	for (const word of words) times.set(word, (times.get(word) ?? 0) + 1);
	return [...times].sort(([, a], [, b]) => b - a).map(([word]) => word);
}

/** For how long a slip that came still counts for the order, in milliseconds: four weeks. */
const LATELY_MS = 28 * 86_400_000;

/**
 * The slips that came: which recur, and since when one has stayed away. The one that costs most comes first: that which came most
 * often in the four weeks before the latest try, then that which came last.
 */
export function slipRecords(worked: readonly Worked[]): readonly SlipRecord[] {
	const points = new Map<string, SlipPoint[]>();
	for (const { exercise, skill, tries } of worked)
		for (const [place, one] of tries.entries()) {
			const code = slipOf(one);
			if (code === null) continue;
			const came = points.get(code) ?? [];
			came.push({ exercise, skill, place, when: one.when });
			points.set(code, came);
		}
	const latest = Math.max(0, ...worked.flatMap(({ tries }) => tries.map(({ when }) => when)));
	const lately = (slip: SlipRecord) => slip.points.filter(({ when }) => latest - when < LATELY_MS).length;
	return [...points]
		.map(([code, came]): SlipRecord => {
			const sorted = came.sort((a, b) => a.when - b.when);
			const last = sorted.at(-1)?.when ?? 0;
			const skills = byFrequency(sorted.map(({ skill }) => skill));
			const since = worked.filter(({ skill, tries }) => skills.includes(skill) && (tries[0]?.when ?? 0) > last);
			return { code, title: slipNamed(code)?.title ?? code, points: sorted, awayFor: since.length, skills };
		})
		.sort((a, b) => lately(b) - lately(a) || (b.points.at(-1)?.when ?? 0) - (a.points.at(-1)?.when ?? 0));
}
