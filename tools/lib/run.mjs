import { execFile, spawnSync } from 'node:child_process';
import { dirname, join } from 'node:path';
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

/** Runs a program of the installed packages. */
export function runBin(name, args, options) {
	return run(process.execPath, [join(ROOT, 'node_modules', '.bin', name), ...args], options);
}

/** Runs a program of the installed packages beside others, quietly: a promise of whether it ended well and what it said. */
export function runBinBeside(name, args) {
	const bin = join(ROOT, 'node_modules', '.bin', name);
	return new Promise((resolve) => {
		execFile(process.execPath, [bin, ...args], { cwd: ROOT, maxBuffer: 256 * 1024 * 1024 }, (error, stdout, stderr) =>
			resolve({ ok: !error, said: `${stdout}${stderr}` }),
		);
	});
}
