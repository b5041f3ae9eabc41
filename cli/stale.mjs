import { readdirSync, statSync } from 'node:fs';
import { dirname, join } from 'node:path';
import { fileURLToPath } from 'node:url';

const here = dirname(fileURLToPath(import.meta.url));
export const BUILT = join(here, 'dist', 'tidy-sum.mjs');
const SOURCES = ['../core/src', '../schema/src', '../exchange/src', './src'].map((folder) => join(here, folder));

/** Whether the built command line is missing or older than any of its sources; asked at each start, so it needs nothing else. */
export function isStale() {
	const built = statSync(BUILT, { throwIfNoEntry: false });
	if (!built) return true;
	return SOURCES.some((folder) =>
		readdirSync(folder, { recursive: true }).some((file) => statSync(join(folder, file)).mtimeMs > built.mtimeMs),
	);
}
