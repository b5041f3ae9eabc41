import { readFileSync } from 'node:fs';
import { dirname, join } from 'node:path';
import { fileURLToPath } from 'node:url';
import { build } from 'esbuild';

const here = dirname(fileURLToPath(import.meta.url));

/** Where the bundled server is. */
export const SERVER = join(here, 'dist', 'main.mjs');

/** Bundles the server with the core and the schemas into one file that plain node runs; packages stay where they are installed. */
export async function buildServer() {
	const { dependencies } = JSON.parse(readFileSync(join(here, 'package.json'), 'utf8'));
	await build({
		entryPoints: [join(here, 'src', 'main.ts')],
		outfile: SERVER,
		bundle: true,
		platform: 'node',
		format: 'esm',
		target: 'node20',
		external: Object.keys(dependencies).filter((name) => !name.startsWith('@tidy-sum/')),
		logLevel: 'warning',
		absWorkingDir: here,
	});
}
