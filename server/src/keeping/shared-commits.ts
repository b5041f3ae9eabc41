/** The most changes that share one commit. */
const TOGETHER = 64;

type Waiting<T, R> = {
	readonly one: T;
	readonly settle: (result: R) => void;
	readonly fail: (error: unknown) => void;
};

/** Takes the next changes that can be made together: no two of one name. */
function nextOf<T, R>(waiting: Waiting<T, R>[], nameOf: (one: T) => string): Waiting<T, R>[] {
	const taken: Waiting<T, R>[] = [];
	const names = new Set<string>();
	for (let i = 0; i < waiting.length && taken.length < TOGETHER; ) {
		const next = waiting[i] as Waiting<T, R>;
		const name = nameOf(next.one);
		if (names.has(name)) {
			i += 1;
			continue;
		}
		names.add(name);
		taken.push(next);
		waiting.splice(i, 1);
	}
	return taken;
}

/**
 * Makes changes, many in one commit: a change that arrives while another commit is under way shares the next one, and is answered
 * after it.
 * @param commit makes changes in one transaction, and gives a result for each, in their order.
 * @param nameOf names a change; no two of one name share a commit.
 */
export function sharedCommits<T, R>(
	commit: (changes: readonly T[]) => Promise<readonly R[]>,
	nameOf: (one: T) => string,
): (one: T) => Promise<R> {
	const waiting: Waiting<T, R>[] = [];
	let running = false;

	/** One that the database will not take does not take the others with it: each is then tried alone. */
	const attempt = async (changes: readonly Waiting<T, R>[]): Promise<void> => {
		try {
			const results = await commit(changes.map(({ one }) => one));
			for (const [i, { settle }] of changes.entries()) settle(results[i] as R);
		} catch (error) {
			if (changes.length === 1) changes[0]?.fail(error);
			else for (const one of changes) await attempt([one]);
		}
	};

	const run = async (): Promise<void> => {
		running = true;
		// What arrived with the same breath of the machine comes along.
		await new Promise((resolve) => setImmediate(resolve));
		while (waiting.length) await attempt(nextOf(waiting, nameOf));
		running = false;
	};

	return (one) =>
		new Promise<R>((settle, fail) => {
			waiting.push({ one, settle, fail });
			if (!running) void run();
		});
}
