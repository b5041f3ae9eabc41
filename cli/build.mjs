import { mkdirSync, readdirSync, renameSync, rmSync } from 'node:fs';
import { basename, dirname, join } from 'node:path';
import { fileURLToPath } from 'node:url';
import { build } from 'esbuild';
import { BUILT } from './stale.mjs';

const here = dirname(fileURLToPath(import.meta.url));
const DIST = dirname(BUILT);

/** Where the files are made before they take their places. */
const MAKING = join(here, '.dist-making');

/** Packages that find their own files beside them: they are loaded as they are installed. */
const AS_INSTALLED = ['@napi-rs/canvas', '@tesseract.js-data/eng', 'exifr', 'mammoth', 'pdfjs-dist', 'tesseract.js'];

/** Bundles the command line into files that plain node runs: what `ask` does not need comes in its own. */
export async function buildCli() {
	const { metafile } = await build({
		entryPoints: [join(here, 'src', 'main.ts')],
		outdir: MAKING,
		entryNames: 'tidy-sum',
		outExtension: { '.js': '.mjs' },
		splitting: true,
		// A package written for require finds it.
		banner: { js: "import{createRequire}from'node:module';const require=createRequire(import.meta.url);" },
		bundle: true,
		external: AS_INSTALLED.flatMap((name) => [name, `${name}/*`]),
		platform: 'node',
		format: 'esm',
		target: 'node20',
		minify: true,
		logLevel: 'warning',
		metafile: true,
		absWorkingDir: here,
	});
	const made = Object.keys(metafile.outputs).map((file) => basename(file));
	mkdirSync(DIST, { recursive: true });
	// The file that is started comes last: stopped before, the command line is still the one from before.
	const [start, ...others] = [basename(BUILT), ...made.filter((file) => file !== basename(BUILT))];
	for (const file of [...others, start]) renameSync(join(MAKING, file), join(DIST, file));
	rmSync(MAKING, { recursive: true, force: true });
	// Scripts of builds before are cleared away.
	for (const file of readdirSync(DIST)) if (!made.includes(file)) rmSync(join(DIST, file), { force: true });
}
