import { readdirSync, rmSync } from 'node:fs';
import { basename, dirname, join } from 'node:path';
import { fileURLToPath } from 'node:url';
import { build } from 'esbuild';
import { BUILT } from './stale.mjs';

const here = dirname(fileURLToPath(import.meta.url));

/** Bundles the command line into files that plain node runs: what `ask` does not need comes in its own. */
export async function buildCli() {
	const { metafile } = await build({
		entryPoints: [join(here, 'src', 'main.ts')],
		outdir: dirname(BUILT),
		entryNames: 'tidy-sum',
		outExtension: { '.js': '.mjs' },
		splitting: true,
		// A package written for require finds it.
		banner: { js: "import{createRequire}from'node:module';const require=createRequire(import.meta.url);" },
		bundle: true,
		platform: 'node',
		format: 'esm',
		target: 'node20',
		minify: true,
		logLevel: 'warning',
		metafile: true,
		absWorkingDir: here,
	});
	// Scripts of builds before are cleared away.
	const made = new Set(Object.keys(metafile.outputs).map((file) => basename(file)));
	for (const file of readdirSync(dirname(BUILT)))
		if (!made.has(file)) rmSync(join(dirname(BUILT), file), { force: true });
}
