import { randomBytes } from 'node:crypto';
import type { Database } from './database';

/** A fresh name for what a database holds from now on. */
export const freshGeneration = (): string => randomBytes(12).toString('base64url');

/**
 * The generation of a database: an id that is made with it, and again each time a backup takes its place. A device that knows
 * another one compares its work with the server from the beginning, since the counts of changes mean nothing any more.
 */
export async function generationOf(db: Database): Promise<string> {
	const found: { value: string } | undefined = await db('about').where({ name: 'generation' }).first('value');
	return found?.value ?? '';
}

/** Begins a new generation: to be called once a backup was brought back. */
export async function beginGeneration(db: Database): Promise<void> {
	await db('about').where({ name: 'generation' }).update({ value: freshGeneration() });
}

/** The generation, asked for until the database gives it, and known from then on: a backup comes back while no server runs. */
export function knownGeneration(db: Database): () => Promise<string> {
	let known: string | null = null;
	return async () => {
		known ??= await generationOf(db);
		return known;
	};
}
