/** The jobs of a worker as they look from outside: each answers later. */
export type Later<J> = {
	readonly [K in keyof J]: J[K] extends (...asked: infer A) => infer R ? (...asked: A) => Promise<Awaited<R>> : never;
};

/** The names of some jobs; the compiler misses one that is not there. */
export type NamesOf<J> = { readonly [K in keyof J]: true };
