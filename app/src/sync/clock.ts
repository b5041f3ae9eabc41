/** The time and the waits of whoever keeps something: a test has its own, in which nobody waits. */
export type Clock = {
	/** Milliseconds since 1970. */
	readonly now: () => number;
	/** Does something after so many milliseconds; gives what calls it off. */
	readonly wait: (ms: number, then: () => void) => () => void;
};

export const CLOCK: Clock = {
	now: () => Date.now(),
	wait: (ms, then) => {
		const timer = setTimeout(then, ms);
		return () => clearTimeout(timer);
	},
};
