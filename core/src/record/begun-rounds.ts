import { type Try, wentOf } from '../practice/outcome';
import { type RoundPlan, readRoundCode, skillAt } from '../practice/round';
import { placeInRound } from '../practice/round-names';
import type { Practised } from '../practice/schedule';

/** An exercise by its name, with tries at it. */
export type Tried<T extends Try = Try> = { readonly exercise: string; readonly tries?: readonly T[] | undefined };

/** A Round that was begun: its code and plan, the tries at each exercise by its place, and when it was last worked. */
export type BegunRound<T extends Try = Try> = {
	readonly code: string;
	readonly plan: RoundPlan;
	readonly tries: ReadonlyMap<number, readonly T[]>;
	readonly last: number;
};

/** The tries at each exercise, those of all its lines together, in the order they were made. */
export function triesByExercise<T extends Try>(all: readonly Tried<T>[]): ReadonlyMap<string, readonly T[]> {
	const byName = new Map<string, readonly T[]>();
	for (const { exercise, tries = [] } of all)
		if (tries.length)
			byName.set(
				exercise,
				[...(byName.get(exercise) ?? []), ...tries].sort((a, b) => a.when - b.when),
			);
	return byName;
}

/** The Rounds that were begun, the latest first; a code that no version knows any more is left out. */
export function begunRounds<T extends Try>(all: readonly Tried<T>[]): readonly BegunRound<T>[] {
	const rounds = new Map<string, Map<number, readonly T[]>>();
	for (const [name, tries] of triesByExercise(all)) {
		const at = placeInRound(name);
		if (!at) continue;
		const round = rounds.get(at.code) ?? new Map<number, readonly T[]>();
		rounds.set(at.code, round.set(at.place, tries));
	}
	return [...rounds]
		.flatMap(([code, tries]): BegunRound<T>[] => {
			const plan = readRoundCode(code);
			const last = Math.max(...[...tries.values()].flat().map(({ when }) => when));
			return plan.ok ? [{ code, plan: plan.value, tries, last }] : [];
		})
		.sort((a, b) => b.last - a.last);
}

/** How an exercise of a Round went so far. */
export type RoundState = 'right' | 'not-yet' | 'not-tried';

/**
 * How each exercise of a Round went so far, in its order.
 * @example roundStates(begun) // ['right', 'not-yet', 'not-tried', 'not-tried', 'not-tried']
 */
export function roundStates({ plan, tries }: Pick<BegunRound, 'plan' | 'tries'>): readonly RoundState[] {
	return Array.from({ length: plan.count }, (_, place) => {
		const went = wentOf(tries.get(place) ?? []);
		if (went === 'untouched') return 'not-tried';
		return went === 'not-yet' ? 'not-yet' : 'right';
	});
}

/** For how long a Round that was left is still one to go on with: two weeks. */
const LEFT_FOR_MS = 14 * 86_400_000;

/**
 * The Round to go on with: the one worked last, while something of it is still to be got right, and it is no older than two weeks.
 * @param begun the Rounds that were begun, the latest first, as `begunRounds` has them.
 * @returns it; null where there is nothing to go on with.
 */
export function unfinishedRound([latest]: readonly BegunRound[], now: number): BegunRound | null {
	if (!latest || now - latest.last > LEFT_FOR_MS) return null;
	return roundStates(latest).every((state) => state === 'right') ? null : latest;
}

/** Everything practised in Rounds: skill, level and tries, exercise by exercise. */
export function practisedIn(rounds: readonly BegunRound[]): readonly Practised[] {
	return rounds.flatMap(({ plan, tries }) =>
		[...tries].map(([place, of]) => ({ skill: skillAt(plan, place), level: plan.level, tries: of })),
	);
}
