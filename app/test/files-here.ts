import { TextDecoder } from 'node:util';
import { strToU8 } from 'fflate';

// jsdom has no decoder of its own.
Object.assign(globalThis, { TextDecoder });

/** The door of the worker that reads and writes files, as it opens in a test: on the jobs themselves. */
export function filesHere() {
	const { formJobs } = jest.requireActual('../src/worker/form-jobs');
	const jobs = Object.fromEntries(
		Object.keys(formJobs).map((name) => [
			name,
			async (...asked: unknown[]) => {
				// A worker answers later, and the page goes on meanwhile.
				await new Promise((resolve) => setTimeout(resolve));
				return formJobs[name](...asked);
			},
		]),
	);
	return { workOnFiles: (job: (of: typeof jobs) => Promise<unknown>) => job(jobs), stopFiles: () => {} };
}

/** A file as a browser gives it; jsdom's own knows nothing of its bytes. */
export function fileOf(content: string | Uint8Array, name: string, type = ''): File {
	const bytes = typeof content === 'string' ? strToU8(content) : content;
	const file = new File([bytes as BlobPart], name, { type });
	return Object.assign(file, {
		arrayBuffer: async () => bytes.buffer.slice(bytes.byteOffset, bytes.byteOffset + bytes.byteLength),
	});
}

/** What was saved by the page: the contents by the names of the files. */
export function savedFiles(): ReadonlyMap<string, string | Uint8Array> {
	const saved = new Map<string, string | Uint8Array>();
	jest.spyOn(require('../src/ui/save-file'), 'saveFile').mockImplementation(((
		content: string | Uint8Array,
		name: string,
	) => {
		saved.set(name, typeof content === 'string' ? content.replace(/^\uFEFF/, '') : content);
	}) as never);
	return saved;
}
