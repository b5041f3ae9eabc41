import { type ChildProcess, spawn } from 'node:child_process';
import { mkdirSync, mkdtempSync, rmSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';

const ROOT = join(__dirname, '..', '..');

/** A folder of its own for a test, with a small stand-in for the built app in it. */
export function makeFolder(): { readonly data: string; readonly app: string; readonly remove: () => void } {
	const folder = mkdtempSync(join(tmpdir(), 'tidy-sum-test-'));
	const app = join(folder, 'app');
	mkdirSync(join(app, '_expo', 'static'), { recursive: true });
	writeFileSync(join(app, 'index.html'), '<!DOCTYPE html><title>Tidy Sum</title>');
	writeFileSync(join(app, '_expo', 'static', 'entry-abc.js'), `// ${'a script '.repeat(500)}`);
	return { data: join(folder, 'data'), app, remove: () => rmSync(folder, { recursive: true, force: true }) };
}

export type Running = {
	readonly url: string;
	readonly child: ChildProcess;
	readonly output: () => string;
	readonly ended: Promise<number | null>;
};

export type Ended = { readonly code: number | null; readonly output: string };

function launch(env: Readonly<Record<string, string>>): {
	child: ChildProcess;
	output: () => string;
	ended: Promise<number | null>;
} {
	const child = spawn(process.execPath, ['--import', 'tsx', join(ROOT, 'server', 'src', 'main.ts')], {
		cwd: ROOT,
		env: { ...process.env, LOG_LEVEL: 'error', ...env },
	});
	let output = '';
	child.stdout?.on('data', (data) => {
		output += data;
	});
	child.stderr?.on('data', (data) => {
		output += data;
	});
	const ended = new Promise<number | null>((resolve) => child.on('close', resolve));
	return { child, output: () => output, ended };
}

/** The real server in a process of its own, on a free port. */
export async function startServer(env: Readonly<Record<string, string>>): Promise<Running> {
	const { child, output, ended } = launch({ PORT: '0', ...env });
	const url = await new Promise<string>((resolve, reject) => {
		child.stdout?.on('data', () => {
			const match = /Tidy Sum is at (\S+)\//.exec(output());
			if (match) resolve(match[1] as string);
		});
		void ended.then(() => reject(new Error(`the server did not start: ${output()}`)));
	});
	return { url, child, output, ended };
}

/** A server that is expected not to start: how it ended and what it said. */
export async function startAndEnd(env: Readonly<Record<string, string>>): Promise<Ended> {
	const { output, ended } = launch({ PORT: '0', ...env });
	return { code: await ended, output: output() };
}
