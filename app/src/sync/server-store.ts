import { conflictSchema, type StoredWork, workSchema, worksSchema } from '@tidy-sum/schema';
import type { WorkEntry } from '../desk/works-slice';

/** What came of sending a version: kept, parted from another one, refused for good, or the server is away. */
export type Sent =
	| { readonly came: 'kept'; readonly version: number }
	| { readonly came: 'parted'; readonly kept: StoredWork }
	| { readonly came: 'refused' }
	| { readonly came: 'away' };

export type ServerStore = {
	readonly list: (desk: string) => Promise<readonly StoredWork[] | null>;
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
		return read.success ? read.data.works : null;
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
			return read.success ? { came: 'parted', kept: read.data.kept } : { came: 'away' };
		}
		const read = workSchema.safeParse(body);
		return response.ok && read.success ? { came: 'kept', version: read.data.version } : { came: 'refused' };
	},
};
