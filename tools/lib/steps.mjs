import { existsSync } from 'node:fs';
import { join } from 'node:path';
import { fingerprint, hasMark, leaveMark } from './fingerprint.mjs';
import { ROOT, run, runBin } from './run.mjs';

const CHROMIUM = process.env.CHROMIUM ?? '/usr/bin/chromium';
const CHROMEDRIVER = process.env.CHROMEDRIVER ?? '/usr/bin/chromedriver';
const WEBKITDRIVER = process.env.WEBKITDRIVER ?? '/usr/bin/WebKitWebDriver';
const XVFB = process.env.XVFB ?? '/usr/bin/Xvfb';

/** Something is missing that the set-up may not bring itself; the message says what to do. */
export class SetupFault extends Error {}

function say(text) {
	process.stdout.write(`· ${text}\n`);
}

/** Installs the packages of the lock file when they are not there or are those of another lock file. */
export function packages() {
	const [major, minor] = process.versions.node.split('.').map(Number);
	if (major < 20 || (major === 20 && minor < 17))
		throw new SetupFault(`Node 20.17 or later is needed; this is ${process.versions.node}.`);
	const lock = fingerprint(['package-lock.json']);
	const mark = 'node_modules/.tidy-sum-packages';
	if (hasMark(mark, lock)) return;
	say('installing packages (the first time takes some minutes: SQLite is compiled)');
	if (!run('npm', ['ci', '--no-audit', '--no-fund', '--loglevel=error']).ok)
		throw new SetupFault('The packages could not be installed; see above.');
	leaveMark(mark, lock);
}

/** Builds the command line when its sources are newer. */
export async function commandLine() {
	const { isStale } = await import('../../cli/stale.mjs');
	if (!isStale()) return;
	const { buildCli } = await import('../../cli/build.mjs');
	await buildCli();
}

/** Exports the app for the web when anything it is made of has changed. */
export async function builtApp() {
	const made = fingerprint([
		'app',
		'core/src',
		'schema/src',
		'exchange/src',
		'package-lock.json',
		'babel.config.cjs',
		'tools/lib/steps.mjs',
		'tools/lib/pages.mjs',
		'tools/lib/parts.mjs',
	]);
	const mark = 'app/dist/.made-from';
	if (hasMark(mark, made)) return;
	say('building the app (about a minute)');
	const { ok, said } = runBin('expo', ['export', '--platform', 'web', '--output-dir', 'dist'], {
		quiet: true,
		cwd: join(ROOT, 'app'),
		env: { CI: '1', EXPO_OFFLINE: '1', EXPO_NO_TELEMETRY: '1' },
	});
	if (!ok) throw new SetupFault(`The app could not be built:\n${said}`);
	const { compressed, finishPages } = await import('./pages.mjs');
	const dist = join(ROOT, 'app', 'dist');
	await finishPages(dist);
	await offline();
	await compressed(dist);
	leaveMark(mark, made);
}

/** Writes the service worker that keeps the whole app on the device, so that it opens without a network. */
async function offline() {
	const { generateSW } = await import('workbox-build');
	const dist = join(ROOT, 'app', 'dist');
	const { warnings } = await generateSW({
		globDirectory: dist,
		// Pages drawn ahead are for the first time somebody comes; from the device an empty one draws itself as quickly.
		globPatterns: ['shell.html', '**/*.{js,css,woff2,ttf,svg,png,ico,json,webmanifest}'],
		globIgnores: ['metadata.json'],
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
	for (const warning of warnings) say(warning);
}

/** Installs packages of Debian where this account may; whether it did, and what was said. */
function fromDebian(packages) {
	const may = process.getuid?.() === 0 && run('which', ['apt-get'], { quiet: true }).ok;
	if (!may) return { may, ok: false, said: '' };
	const env = { DEBIAN_FRONTEND: 'noninteractive' };
	run('apt-get', ['update'], { quiet: true, env });
	return { may, ...run('apt-get', ['install', '-y', '--no-install-recommends', ...packages], { quiet: true, env }) };
}

/** Brings Debian's Chromium and ChromeDriver when they are missing and this account may. */
export function browser() {
	if (existsSync(CHROMIUM) && existsSync(CHROMEDRIVER)) return;
	const missing = new SetupFault(
		'The journeys need Chromium and ChromeDriver. On Debian, as root: apt-get install chromium chromium-driver.\n' +
			'Elsewhere, name them in CHROMIUM and CHROMEDRIVER.',
	);
	say('installing Chromium and ChromeDriver from Debian');
	const { may, ok, said } = fromDebian(['chromium', 'chromium-driver']);
	if (!may) throw missing;
	if (!ok || !existsSync(CHROMIUM) || !existsSync(CHROMEDRIVER)) throw new SetupFault(`${said}\n${missing.message}`);
}

/** Brings Debian's WebKit with its driver, and a display nobody sees, where this account may; without them its journeys are skipped by name. */
export function webkit() {
	if (existsSync(WEBKITDRIVER) && existsSync(XVFB)) return;
	say('installing WebKit and its driver from Debian');
	const { ok } = fromDebian(['webkit2gtk-driver', 'xvfb']);
	if (!ok)
		say(
			'WebKit could not be installed: the journeys on it are skipped. On Debian, as root: apt-get install webkit2gtk-driver xvfb.',
		);
}

/** Brings Debian's PostgreSQL where this account may; without it the server's tests run on SQLite, and those on it are skipped by name. */
export function postgres() {
	if (existsSync('/usr/lib/postgresql')) return;
	say('installing PostgreSQL from Debian');
	const { ok } = fromDebian(['postgresql']);
	if (!ok)
		say(
			'PostgreSQL could not be installed: the tests on it are skipped. On Debian, as root: apt-get install postgresql.',
		);
}

/** Runs a tool's main function; what is foreseen is one message, and the exit code says that it failed. */
export async function tool(main) {
	try {
		await main();
	} catch (error) {
		process.stderr.write(`${error instanceof SetupFault ? error.message : (error.stack ?? error)}\n`);
		process.exitCode = 1;
	}
}
