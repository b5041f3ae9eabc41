/** One try at an exercise: what came of sending it to the check. */
export type Try = {
	/** When, in milliseconds since 1970. */
	readonly when: number;
	/** How long it took since the exercise was opened, or since the try before. */
	readonly seconds: number;
	readonly right: boolean;
	/** The slips that were named, likely first, by their codes. */
	readonly slips: readonly string[];
	/** How many steps of nudges had been asked for, and whether the worked line was shown. */
	readonly nudges: number;
	readonly shown: boolean;
	/** How many numbers that were covered had been looked at; none where it is left out. */
	readonly uncovered?: number | undefined;
};

/** How an exercise went, from right at once to not right yet. */
export const WENT = ['at-once', 'after-nudge', 'uncovered', 'after-try', 'shown', 'not-yet', 'untouched'] as const;
export type Went = (typeof WENT)[number];

/** How an exercise went, by its tries in the order they were made. */
export function wentOf(tries: readonly Try[]): Went {
	const [first] = tries;
	if (!first) return 'untouched';
	const right = tries.find((one) => one.right);
	if (!right) return 'not-yet';
	if (right.shown) return 'shown';
	if (right !== first) return 'after-try';
	if (right.nudges > 0) return 'after-nudge';
	return right.uncovered ? 'uncovered' : 'at-once';
}

/** The slip that most likely was made in each try, with how often, the most frequent first. */
export function slipsIn(tries: readonly Try[]): readonly { readonly code: string; readonly times: number }[] {
	const times = new Map<string, number>();
	for (const { right, slips } of tries)
		if (!right && slips[0] !== undefined) times.set(slips[0], (times.get(slips[0]) ?? 0) + 1);
	return [...times].map(([code, count]) => ({ code, times: count })).sort((a, b) => b.times - a.times);
}
