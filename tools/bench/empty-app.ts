import { existsSync } from 'node:fs';
import { join } from 'node:path';
import { Whole } from '../../e2e/src/whole';
import { runBin } from '../lib/run.mjs';

const SOURCES = join(__dirname, 'empty-app');
const DIST = join(__dirname, '..', 'dist', 'empty-app');

/** An empty page of the framework as it is without us, served as our pages are: what the app is measured against. */
export async function emptyApp(): Promise<Whole> {
	if (!existsSync(join(DIST, 'index.html'))) {
		const { ok, said } = runBin('expo', ['export', '--platform', 'web', '--output-dir', DIST], {
			quiet: true,
			cwd: SOURCES,
			env: { CI: '1', EXPO_OFFLINE: '1', EXPO_NO_TELEMETRY: '1' },
		});
		if (!ok) throw new Error(`the empty page could not be built: ${said}`);
		const { compressed } = await import('../lib/pages.mjs');
		await compressed(DIST);
	}
	return Whole.start(undefined, '0', { APP_DIR: DIST });
}
