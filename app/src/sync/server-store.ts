import { conflictSchema, type StoredWork, workSchema, worksSchema } from '@tidy-sum/schema';
import type { WorkEntry } from '../work/works-slice';

/** What came of sending a version: kept, parted from another one, refused for good, or the server is away. */
export type Sent =
	| { readonly came: 'kept'; readonly version: number }
	| { readonly came: 'parted'; readonly kept: StoredWork }
	| { readonly came: 'refused' }
	| { readonly came: 'away' };

/** All work of a desk that can be read, and how many pieces cannot: those are set aside, and kept. */
export type WorksKept = { readonly works: readonly StoredWork[]; readonly aside: number };

export type ServerStore = {
	readonly list: (desk: string) => Promise<WorksKept | null>;
	readonly send: (desk: string, entry: WorkEntry) => Promise<Sent>;
};

const WAIT_MS = 8000;

async function ask(path: string, init: RequestInit = {}): Promise<Response | null> {
	try {
		return await fetch(path, { ...init, signal: AbortSignal.timeout(WAIT_MS) });
	} catch {
		return null;
	}
}

async function bodyOf(response: Response): Promise<unknown> {
	return response.json().catch(() => null);
}

/** The server this page came from. */
export const serverStore: ServerStore = {
	list: async (desk) => {
		const response = await ask(`/api/desks/${desk}/works`);
		if (!response?.ok) return null;
		const read = worksSchema.safeParse(await bodyOf(response));
		if (!read.success) return null;
		const each = read.data.works.map((work) => workSchema.safeParse(work));
		const works = each.flatMap((work) => (work.success ? work.data : []));
		return { works, aside: read.data.aside.length + each.length - works.length };
	},
	send: async (desk, entry) => {
		const response = await ask(`/api/desks/${desk}/works/${entry.id}`, {
			method: 'PUT',
			headers: { 'content-type': 'application/json' },
			body: JSON.stringify({ base: entry.version, body: entry.body }),
		});
		if (!response || response.status >= 500 || response.status === 429) return { came: 'away' };
		const body = await bodyOf(response);
		if (response.status === 409) {
			const read = conflictSchema.safeParse(body);
			// A version that cannot be read stays as it is there, and the one from here as it is here.
			return read.success ? { came: 'parted', kept: read.data.kept } : { came: 'refused' };
		}
		const read = workSchema.safeParse(body);
		return response.ok && read.success ? { came: 'kept', version: read.data.version } : { came: 'refused' };
	},
};
