import { type ChildProcess, spawn } from 'node:child_process';
import { mkdtempSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { clearAway } from './clear-away';

const ROOT = join(__dirname, '..', '..');

/** The running whole, with a port and a data folder of its own: the bundled server, which `npm start` runs too. */
export class Whole {
	private constructor(
		readonly url: string,
		/** The link of the demo desk, as it is printed at the start. */
		readonly demo: string,
		private readonly child: ChildProcess,
		private readonly ended: Promise<unknown>,
		private readonly data: string,
	) {}

	static async start(
		data = mkdtempSync(join(tmpdir(), 'tidy-sum-data-')),
		port = '0',
		more: Readonly<Record<string, string>> = {},
	): Promise<Whole> {
		const child = spawn(process.execPath, [join(ROOT, 'server', 'dist', 'main.mjs')], {
			cwd: ROOT,
			env: {
				...process.env,
				PORT: port,
				HOST: '127.0.0.1',
				DATA_DIR: data,
				LOG_LEVEL: 'error',
				SPECIMEN: 'yes',
				...more,
			},
		});
		const ended = new Promise((resolve) => child.on('close', resolve));
		let said = '';
		const [url, demo] = await new Promise<readonly [string, string]>((resolve, reject) => {
			for (const stream of [child.stdout, child.stderr])
				stream.on('data', (text) => {
					said += text;
					const match = /Tidy Sum is at (\S+)\/\n.*some work on it: (\S+)/.exec(said);
					if (match) resolve([match[1] as string, match[2] as string]);
				});
			void ended.then(() => reject(new Error(`it did not start: ${said}`)));
		});
		return new Whole(url, demo, child, ended, data);
	}

	get port(): string {
		return new URL(this.url).port;
	}

	/** Ends the server as a power cut would. */
	async kill(): Promise<void> {
		this.child.kill('SIGKILL');
		await this.ended;
	}

	/** The same data on the same port, in a new process. */
	async again(): Promise<Whole> {
		await this.kill();
		return Whole.start(this.data, this.port);
	}

	async stop(): Promise<void> {
		this.child.kill('SIGTERM');
		await this.ended;
		clearAway(this.data);
	}
}
