import { readdirSync, statSync } from 'node:fs';
import { dirname, join } from 'node:path';
import { fileURLToPath } from 'node:url';
import { build } from 'esbuild';

const here = dirname(fileURLToPath(import.meta.url));
export const BUILT = join(here, 'dist', 'tidy-sum.mjs');
const SOURCES = ['../core/src', '../schema/src', '../exchange/src', './src'].map((folder) => join(here, folder));

/** Whether the built command line is missing or older than any of its sources. */
export function isStale() {
	const built = statSync(BUILT, { throwIfNoEntry: false });
	if (!built) return true;
	return SOURCES.some((folder) =>
		readdirSync(folder, { recursive: true }).some((file) => statSync(join(folder, file)).mtimeMs > built.mtimeMs),
	);
}

/** Bundles the command line into one file that plain node runs. */
export async function buildCli() {
	await build({
		entryPoints: [join(here, 'src', 'main.ts')],
		outfile: BUILT,
		bundle: true,
		platform: 'node',
		format: 'esm',
		target: 'node20',
		minify: true,
		logLevel: 'warning',
	});
}
