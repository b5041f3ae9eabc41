import { type Practised, type RoundPlan, readRoundCode } from '@tidy-sum/core/practice';
import type { KeptTry } from '@tidy-sum/schema';
import type { WorksState } from '../desk/works-slice';
import { placeInRound } from './made-rounds';

/** A Round that was begun: its code and plan, the tries at each exercise by its place, and when it was last worked. */
export type BegunRound = {
	readonly code: string;
	readonly plan: RoundPlan;
	readonly tries: ReadonlyMap<number, readonly KeptTry[]>;
	readonly last: number;
};

/** The tries at each exercise, all lines of it together, in the order they were made. */
export function triesOf(works: WorksState): ReadonlyMap<string, readonly KeptTry[]> {
	const all = new Map<string, readonly KeptTry[]>();
	for (const { body } of Object.values(works.byId)) {
		const { exercise, tries = [] } = body;
		if (tries.length)
			all.set(
				exercise,
				[...(all.get(exercise) ?? []), ...tries].sort((a, b) => a.when - b.when),
			);
	}
	return all;
}

/** The Rounds begun on this desk, the latest first. */
export function begunRounds(works: WorksState): readonly BegunRound[] {
	const rounds = new Map<string, Map<number, readonly KeptTry[]>>();
	for (const [name, tries] of triesOf(works)) {
		const at = placeInRound(name);
		if (!at) continue;
		const round = rounds.get(at.code) ?? new Map<number, readonly KeptTry[]>();
		rounds.set(at.code, round.set(at.place, tries));
	}
	return [...rounds]
		.flatMap(([code, tries]): BegunRound[] => {
			const plan = readRoundCode(code);
			const last = Math.max(...[...tries.values()].flat().map(({ when }) => when));
			return plan.ok ? [{ code, plan: plan.value, tries, last }] : [];
		})
		.sort((a, b) => b.last - a.last);
}

/** The skill an exercise of a Round trains, by its place. */
export function skillAt({ skills }: RoundPlan, place: number): string {
	return skills[place % skills.length] as string;
}

/** Everything practised in Rounds. */
export function practisedIn(works: WorksState): readonly Practised[] {
	return begunRounds(works).flatMap(({ plan, tries }) =>
		[...tries].map(([place, of]) => ({ skill: skillAt(plan, place), level: plan.level, tries: of })),
	);
}
