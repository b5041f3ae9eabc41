import { execFile, spawn, spawnSync } from 'node:child_process';
import { dirname, join } from 'node:path';
import { createInterface } from 'node:readline';
import { fileURLToPath } from 'node:url';

/** The folder of the project. */
export const ROOT = join(dirname(fileURLToPath(import.meta.url)), '..', '..');

/**
 * Runs a command in the project's folder and waits for it.
 * @returns whether it ended well, and what it said when it was to be quiet.
 */
export function run(command, args, { quiet = false, env = {}, cwd = ROOT } = {}) {
	const { status, stdout, stderr } = spawnSync(command, args, {
		cwd,
		env: { ...process.env, ...env },
		stdio: quiet ? ['ignore', 'pipe', 'pipe'] : ['ignore', 'inherit', 'inherit'],
		encoding: 'utf8',
		maxBuffer: 256 * 1024 * 1024,
	});
	return { ok: status === 0, said: quiet ? `${stdout}${stderr}` : '' };
}

/** Where a program of the installed packages is. */
export function binOf(name) {
	return join(ROOT, 'node_modules', '.bin', name);
}

/** Runs a program of the installed packages. */
export function runBin(name, args, options) {
	return run(process.execPath, [binOf(name), ...args], options);
}

/** Runs a program of the installed packages beside others, quietly: a promise of whether it ended well and what it said. */
export function runBinBeside(name, args) {
	return new Promise((resolve) => {
		execFile(
			process.execPath,
			[binOf(name), ...args],
			{ cwd: ROOT, maxBuffer: 256 * 1024 * 1024 },
			(error, stdout, stderr) => resolve({ ok: !error, said: `${stdout}${stderr}` }),
		);
	});
}

/** Commands that are running: they end with this process. */
const running = new Set();
process.on('exit', () => {
	for (const child of running) child.kill('SIGKILL');
});

/**
 * Runs a command beside whatever else this process does.
 * @param hear is given each line the command says, as it comes.
 * @returns a promise of whether it ended well, and of all it said.
 */
export function follow(command, args, { env = {}, cwd = ROOT, hear = () => {} } = {}) {
	return new Promise((resolve) => {
		const child = spawn(command, args, {
			cwd,
			env: { ...process.env, ...env },
			stdio: ['ignore', 'pipe', 'pipe'],
		});
		running.add(child);
		const said = [];
		for (const stream of [child.stdout, child.stderr])
			createInterface({ input: stream }).on('line', (line) => {
				said.push(line);
				hear(line);
			});
		child.on('error', (error) => said.push(error.message));
		child.on('close', (code) => {
			running.delete(child);
			resolve({ ok: code === 0, said: said.join('\n') });
		});
	});
}
