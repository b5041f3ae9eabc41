import { existsSync, readFileSync, rmSync } from 'node:fs';
import { join } from 'node:path';
import { builtApp } from './build-app.mjs';
import { fingerprint, hasMark, leaveMark } from './fingerprint.mjs';
import { startProgress } from './progress.mjs';
import { follow, ROOT, run } from './run.mjs';
import { SetupFault } from './setup-fault.mjs';

export { builtApp } from './build-app.mjs';
export { SetupFault } from './setup-fault.mjs';

const CHROMIUM = process.env.CHROMIUM ?? '/usr/bin/chromium';
const CHROMEDRIVER = process.env.CHROMEDRIVER ?? '/usr/bin/chromedriver';
const WEBKITDRIVER = process.env.WEBKITDRIVER ?? '/usr/bin/WebKitWebDriver';
const XVFB = process.env.XVFB ?? '/usr/bin/Xvfb';

function say(text) {
	process.stdout.write(`· ${text}\n`);
}

/** How often the packages are counted, and the share of them after which the rest is compiling. */
const LOOK_EVERY_MS = 1000;
const NEARLY_ALL = 0.99;

/** Where the packages of the lock file go that are for this kind of machine. */
function packagePaths() {
	const { packages } = JSON.parse(readFileSync(join(ROOT, 'package-lock.json'), 'utf8'));
	const isFor = (list, here) => !list || list.includes(here);
	return Object.entries(packages)
		.filter(
			([path, { os, cpu }]) =>
				path.includes('node_modules/') && isFor(os, process.platform) && isFor(cpu, process.arch),
		)
		.map(([path]) => path);
}

/**
 * Installs packages only if the folder has no packages: for a tool that may run beside the server, which must keep its own even when
 * the lock file is newer.
 */
export async function somePackages() {
	if (!existsSync(join(ROOT, 'node_modules', 'tsx'))) await packages();
}

/** Installs the packages of the lock file when they are not there or are those of another lock file. */
export async function packages() {
	const [major, minor] = process.versions.node.split('.').map(Number);
	if (major < 20 || (major === 20 && minor < 17))
		throw new SetupFault(`Node 20.17 or later is needed; this is ${process.versions.node}.`);
	const lock = fingerprint(['package-lock.json']);
	const mark = 'node_modules/.tidy-sum-packages';
	if (hasMark(mark, lock)) return;
	const progress = startProgress('installing packages');
	// npm begins by taking away what is there; done first, what is counted is what has come.
	rmSync(join(ROOT, 'node_modules'), { recursive: true, force: true });
	const paths = packagePaths();
	const from = performance.now();
	const look = setInterval(() => {
		const there = paths.filter((path) => existsSync(join(ROOT, path))).length;
		if (there < NEARLY_ALL * paths.length) progress.at('package', there, paths.length);
		// npm says nothing while a package is compiled, and that takes most of the time.
		else {
			const seconds = (performance.now() - from) / 1000;
			progress.at('packages are here, SQLite is being compiled: second', seconds, progress.lastSeconds ?? seconds);
		}
	}, LOOK_EVERY_MS);
	const { ok, said } = await follow('npm', ['ci', '--no-audit', '--no-fund', '--loglevel=error']);
	clearInterval(look);
	if (!ok) {
		progress.fail();
		throw new SetupFault(
			`The packages could not be installed. Look whether the npm registry can be reached, then run the command again.\n${said}`,
		);
	}
	leaveMark(mark, lock);
	progress.end();
}

/** Builds the command line when its sources are newer. */
export async function commandLine() {
	const { isStale } = await import('../../cli/stale.mjs');
	if (!isStale()) return;
	const { buildCli } = await import('../../cli/build.mjs');
	await buildCli();
}

/** Bundles the server when its sources have changed. */
export async function builtServer() {
	const made = fingerprint([
		'server/src',
		'server/build.mjs',
		'core/src',
		'schema/src',
		'exchange/src',
		'package-lock.json',
	]);
	const mark = 'server/dist/.made-from';
	if (hasMark(mark, made)) return;
	const { buildServer } = await import('../../server/build.mjs');
	await buildServer();
	leaveMark(mark, made);
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

/** Brings everything the journeys need: packages, command line, browsers, the built app and the bundled server. */
export async function readyForJourneys() {
	await packages();
	await commandLine();
	browser();
	webkit();
	await builtApp();
	await builtServer();
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
