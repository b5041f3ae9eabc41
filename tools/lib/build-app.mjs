import { existsSync, renameSync, rmSync } from 'node:fs';
import { availableParallelism } from 'node:os';
import { join } from 'node:path';
import { fingerprint, hasMark, leaveMark } from './fingerprint.mjs';
import { startProgress } from './progress.mjs';
import { READING, READING_FILES, READING_SOURCES, readingFiles } from './reading-files.mjs';
import { binOf, follow, ROOT } from './run.mjs';
import { SetupFault } from './setup-fault.mjs';

const APP = join(ROOT, 'app');
const DIST = join(APP, 'dist');

/** Where the app is made; it takes the place of the one before only once it is whole. */
const MAKING = join(APP, '.dist-making');
const BEFORE = join(APP, '.dist-before');

const MARK = '.made-from';

/** Everything the built app is made from. */
const SOURCES = [
	'app',
	'core/src',
	'schema/src',
	'exchange/src',
	'package-lock.json',
	'babel.config.cjs',
	...['build-app', 'pages', 'parts', 'reading-files'].map((name) => `tools/lib/${name}.mjs`),
];

/** How the bundler says how many modules it knows (app/metro.config.cjs). */
const MODULES = /^tidy-sum: (\d+) modules$/;

/** About how many modules there are in both bundles: the bundler finds out as it goes. */
const ABOUT_MODULES = 2980;

/** Exports the app for the web when anything it is made of has changed. Stopped at any moment, it leaves the app before as it was. */
export async function builtApp() {
	const made = fingerprint(SOURCES);
	if (hasMark(join('app', 'dist', MARK), made)) return;
	// Named by what they are made from: what a device keeps of them outlasts a new version of the rest.
	const reading = `${READING}/${fingerprint(READING_SOURCES).slice(0, 16)}`;
	const progress = startProgress('building the app');
	rmSync(MAKING, { recursive: true, force: true });
	progress.at('bundle: module', 0, ABOUT_MODULES);
	const { ok, said } = await follow(
		process.execPath,
		[
			binOf('expo'),
			'export',
			'--platform',
			'web',
			'--output-dir',
			MAKING,
			// Whole scripts are made small at the end, which makes them smaller, and in a tenth of the time.
			'--no-minify',
			'--max-workers',
			`${availableParallelism()}`,
		],
		{
			cwd: APP,
			env: {
				CI: '1',
				EXPO_OFFLINE: '1',
				EXPO_NO_TELEMETRY: '1',
				TIDY_SUM_COUNTS: '1',
			},
			hear: (line) => {
				const [, count] = MODULES.exec(line) ?? [];
				if (count) progress.at('bundle: module', Math.min(Number(count), ABOUT_MODULES), ABOUT_MODULES);
			},
		},
	);
	if (!ok) {
		progress.fail();
		throw new SetupFault(
			`The app could not be built. If the words below do not say why, try again after: rm -r node_modules && npm start\n${said}`,
		);
	}
	const { compressed, finishPages, smallScripts } = await import('./pages.mjs');
	await finishPages(MAKING, APP, { reading: `/${reading}` });
	await smallScripts(MAKING);
	await readingFiles(join(MAKING, reading));
	await offline(MAKING);
	await compressed(MAKING, (done, of) => progress.at('compress: file', done, of));
	leaveMark(join('app', '.dist-making', MARK), made);
	if (existsSync(DIST)) renameSync(DIST, BEFORE);
	renameSync(MAKING, DIST);
	rmSync(BEFORE, { recursive: true, force: true });
	progress.end();
}

/** Writes the service worker that keeps the whole app on the device, so that it opens without a network. */
async function offline(dist) {
	const { generateSW } = await import('workbox-build');
	const { warnings } = await generateSW({
		globDirectory: dist,
		// Pages drawn ahead are for the first time somebody comes; from the device an empty one draws itself as quickly.
		globPatterns: ['shell.html', '**/*.{js,css,woff2,ttf,svg,png,ico,json,webmanifest}'],
		globIgnores: ['metadata.json', `${READING}/**`],
		// What reads pictures is large: it is kept once a first one has been read.
		runtimeCaching: [
			{
				urlPattern: new RegExp(`/${READING}/`),
				handler: 'CacheFirst',
				options: { cacheName: READING, expiration: { maxEntries: READING_FILES } },
			},
		],
		swDest: join(dist, 'sw.js'),
		// Names with a hash of what is in them need no other version.
		dontCacheBustURLsMatching: /_expo\/static|assets\//,
		maximumFileSizeToCacheInBytes: 8 * 1024 * 1024,
		navigateFallback: '/shell.html',
		navigateFallbackDenylist: [/^\/api\//],
		inlineWorkboxRuntime: true,
		sourcemap: false,
		// A page that is open keeps the version it began with, and with it the scripts that come later.
		skipWaiting: false,
		clientsClaim: true,
		mode: 'production',
	});
	for (const warning of warnings) process.stdout.write(`· ${warning}\n`);
}
