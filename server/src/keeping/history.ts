import type { DeskEvent } from '@tidy-sum/schema/desk';
import type { Database } from './database';

/** So many of what last happened on a desk are kept. */
export const EVENTS_KEPT = 50;

/** Notes on a desk who joined it or was removed, for all that have a key of it; the oldest go past so many. */
export async function noteOnDesk(
	db: Database,
	desk: string,
	{ what, says }: Pick<DeskEvent, 'what' | 'says'>,
	now: Date,
): Promise<void> {
	await db('desk_event').insert({ desk, at: now.toISOString(), what, says });
	const [past]: { id: number }[] = await db('desk_event')
		.where({ desk })
		.orderBy('id', 'desc')
		.offset(EVENTS_KEPT)
		.limit(1)
		.select('id');
	if (past) await db('desk_event').where({ desk }).andWhere('id', '<=', past.id).delete();
}

/** What happened on a desk, the last first. */
export async function historyOf(db: Database, desk: string): Promise<readonly DeskEvent[]> {
	return db('desk_event').where({ desk }).orderBy('id', 'desc').select('at', 'what', 'says');
}
