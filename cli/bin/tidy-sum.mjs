#!/usr/bin/env node
import { existsSync } from 'node:fs';

const built = new URL('../dist/tidy-sum.mjs', import.meta.url);
// A checkout that has changed since it was set up must not answer from an old build.
if (!existsSync(built) || existsSync(new URL('../src', import.meta.url))) {
	const { buildCli, isStale } = await import('../build.mjs');
	if (isStale()) await buildCli();
}
await import(built.href);
