#!/usr/bin/env node
import { existsSync } from 'node:fs';

const built = new URL('../dist/tidy-sum.mjs', import.meta.url);
// A checkout that has changed since it was set up must not answer from an old build.
if (!existsSync(built) || existsSync(new URL('../src', import.meta.url))) {
	const { isStale } = await import('../stale.mjs');
	if (isStale()) {
		const { buildCli } = await import('../build.mjs');
		await buildCli();
	}
}
await import(built.href);
