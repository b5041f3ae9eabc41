import { type ChildProcess, execFile, spawn } from 'node:child_process';
import { randomBytes } from 'node:crypto';
import { Agent, request } from 'node:http';
import { join } from 'node:path';
import { promisify } from 'node:util';

const ROOT = join(__dirname, '..', '..', '..');

/** A server in a process of its own. */
export type Process = { readonly url: string; readonly child: ChildProcess; readonly ended: Promise<unknown> };

/** Starts a script that says where it is, as the server does. */
export async function startProcess(script: string, env: Readonly<Record<string, string>>): Promise<Process> {
	const child = spawn(process.execPath, ['--import', 'tsx', join(ROOT, script)], {
		cwd: ROOT,
		env: { ...process.env, LOG_LEVEL: 'error', PORT: '0', DEMO: 'no', LIMIT_FACTOR: '9999', ...env },
	});
	const ended = new Promise((resolve) => child.on('close', resolve));
	let said = '';
	const url = await new Promise<string>((resolve, reject) => {
		for (const stream of [child.stdout, child.stderr])
			stream?.on('data', (text) => {
				said += text;
				const match = /Tidy Sum is at (\S+)\//.exec(said);
				if (match) resolve(match[1] as string);
			});
		void ended.then(() => reject(new Error(`it did not start: ${said}`)));
	});
	return { url, child, ended };
}

/** A desk with its key. */
export type DeskKey = { readonly desk: string; readonly key: string };

export function newDeskKey(): DeskKey {
	return { desk: randomBytes(16).toString('base64url'), key: randomBytes(32).toString('base64url') };
}

const agent = new Agent({ keepAlive: true, maxSockets: 700 });

export type Reply = { readonly status: number; readonly body: string };

/** Asks a server once, over connections that stay open. */
export function ask(
	url: string,
	method: string,
	path: string,
	{ key = null, body, headers = {} }: { key?: string | null; body?: string; headers?: Record<string, string> } = {},
): Promise<Reply> {
	return new Promise((resolve, reject) => {
		const sent = request(
			`${url}${path}`,
			{
				method,
				agent,
				headers: {
					...(key === null ? {} : { authorization: `Bearer ${key}` }),
					...(body === undefined
						? {}
						: { 'content-type': 'application/json', 'content-length': Buffer.byteLength(body) }),
					...headers,
				},
			},
			(response) => {
				const parts: Buffer[] = [];
				response.on('data', (part) => parts.push(part));
				response.on('end', () => resolve({ status: response.statusCode ?? 0, body: Buffer.concat(parts).toString() }));
				response.on('error', reject);
			},
		);
		sent.on('error', (error: NodeJS.ErrnoException) => {
			// The server may just have closed an idle connection. As a browser does, send the request over a new one.
			if (sent.reusedSocket && error.code === 'ECONNRESET')
				ask(url, method, path, { key, headers, ...(body === undefined ? {} : { body }) }).then(resolve, reject);
			else reject(error);
		});
		sent.end(body);
	});
}

/** A piece of work of so many steps, as it comes from a device. */
export function bodyOf(steps: number, base = 0): string {
	return JSON.stringify({
		base,
		body: {
			exercise: 'new-snow',
			steps: Array.from({ length: steps }, (_, i) =>
				i % 4 === 3
					? { do: 'turn', block: `block-${i - 1}` }
					: {
							do: 'place',
							block: `block-${i}`,
							factor: { top: { number: '2.54', unit: 'cm' }, bottom: { number: '1', unit: 'in' } },
						},
			),
		},
	});
}

/** Does something with every one of a list, so many at a time. */
export async function inParallel<T>(list: readonly T[], many: number, each: (one: T) => Promise<void>): Promise<void> {
	let next = 0;
	await Promise.all(
		Array.from({ length: many }, async () => {
			for (let i = next++; i < list.length; i = next++) await each(list[i] as T);
		}),
	);
}

/** The resident memory of a process, in KB. Asking does not block the requests that are timed. */
export async function residentKb(pid: number): Promise<number> {
	const { stdout } = await promisify(execFile)('ps', ['-o', 'rss=', '-p', `${pid}`], { encoding: 'utf8' });
	return Number(stdout);
}
