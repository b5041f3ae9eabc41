import type { Database } from '../../server/src/keeping/database';
import { beginGeneration } from '../../server/src/keeping/generation';
import type { Backups } from './two-devices';

const TABLES = ['desk', 'desk_key', 'work'] as const;

/** Of which column the id of the desk is, table by table. */
const deskIn = (table: (typeof TABLES)[number]) => (table === 'desk' ? 'id' : 'desk');

/**
 * Backups of one desk within the database of a server that goes on running, so that many schedules can share it.
 * @param endStreams ends what listens to the server, as its stop for a backup does.
 */
export function backupsIn(db: Database, endStreams: () => void): Backups {
	const kept = new Map<string, Readonly<Record<string, readonly object[]>>>();
	return {
		backUp: async (desk) => {
			const rows = await db.transaction((at) =>
				Promise.all(TABLES.map(async (table) => [table, await at(table).where(deskIn(table), desk)] as const)),
			);
			kept.set(desk, Object.fromEntries(rows));
		},
		restore: async (desk) => {
			const rows = kept.get(desk);
			if (!rows) return;
			await db.transaction(async (at) => {
				for (const table of [...TABLES].reverse()) await at(table).where(deskIn(table), desk).delete();
				for (const table of TABLES) for (const row of rows[table] ?? []) await at(table).insert(row);
				await beginGeneration(at);
			});
			endStreams();
		},
	};
}
