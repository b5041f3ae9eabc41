import { copyFileSync, mkdirSync } from 'node:fs';
import { createRequire } from 'node:module';
import { dirname, join } from 'node:path';
import { ROOT } from './run.mjs';

/** The folder of the app that has what reads pictures, PDFs and Word files; it is fetched when a first one is brought. */
export const READING = 'reading';

/** Packages as a browser loads them, by the app's own. */
const { resolve } = createRequire(join(ROOT, 'app', 'package.json'));
const packageFile = (name, file) => join(dirname(resolve(`${name}/package.json`)), file);

/** Files that are served as they are installed. */
const AS_INSTALLED = () => [
	packageFile('tesseract.js', 'dist/worker.min.js'),
	packageFile('tesseract.js-core', 'tesseract-core-simd-lstm.wasm.js'),
	packageFile('@tesseract.js-data/eng', '4.0.0_best_int/eng.traineddata.gz'),
];

/** Everything they are made from. */
export const READING_SOURCES = [
	'core/src',
	'exchange/src/page',
	'app/src/picture/pages.worker.ts',
	'tools/lib/reading-files.mjs',
	'package-lock.json',
];

/** How many files there are. */
export const READING_FILES = 4;

/** Makes the files that read pages: the worker, with what it needs, and what recognises writing. */
export async function readingFiles(folder) {
	mkdirSync(folder, { recursive: true });
	const { build } = await import('esbuild');
	await build({
		entryPoints: [join(ROOT, 'app', 'src', 'picture', 'pages.worker.ts')],
		outfile: join(folder, 'pages.worker.js'),
		bundle: true,
		platform: 'browser',
		format: 'iife',
		target: 'es2022',
		minify: true,
		define: { 'process.env.NODE_ENV': '"production"', 'import.meta.url': '""', global: 'globalThis' },
		logLevel: 'error',
	});
	for (const file of AS_INSTALLED()) copyFileSync(file, join(folder, file.split('/').at(-1)));
}
