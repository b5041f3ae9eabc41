import type { Try } from '@tidy-sum/core';
import type { Tried } from '@tidy-sum/core/practice';
import type { WorkBody } from '@tidy-sum/schema';

/** The tries of a piece as they lie together with those of the others: its exercise, and no more of each than the Record goes by. */
export type KeptTries = readonly [exercise: string, tries: readonly Try[]];

/** The tries of all pieces: the texts of the device, and what was read or changed since, by id, which holds in their place. */
export type AllTries = {
	readonly texts: readonly string[];
	readonly fresh: Readonly<Record<string, KeptTries>>;
};

const stripped = new WeakMap<NonNullable<WorkBody['tries']>, readonly Try[]>();

/** Tries without the line and the answer they were made with. */
function bare(tries: NonNullable<WorkBody['tries']>): readonly Try[] {
	const before = stripped.get(tries);
	if (before) return before;
	const made = tries.map(({ answer: _, start: __, factors: ___, unnamed: ____, ...one }) => one);
	stripped.set(tries, made);
	return made;
}

const NO_TRIES: readonly Try[] = [];

/** The tries of a piece, as they are kept beside the index. */
export function keptTriesOf({ body }: { readonly body: WorkBody }): KeptTries {
	return [body.exercise, body.tries?.length ? bare(body.tries) : NO_TRIES];
}

/** All tries by the id of their piece. */
export function triesById({ texts, fresh }: AllTries): Readonly<Record<string, KeptTries>> {
	const kept = texts.map((text) => JSON.parse(text) as Record<string, KeptTries>);
	return Object.assign({}, ...kept, fresh);
}

/** All tries, piece by piece, of those that have some. */
export function triedIn(all: AllTries): readonly Tried[] {
	return Object.values(triesById(all)).flatMap(([exercise, tries]) => (tries.length ? [{ exercise, tries }] : []));
}
