import type { Knex } from 'knex';

/** How many rows are told anew at a time: old work is counted once, when the database comes to this migration. */
const AT_A_TIME = 500;

type OldRow = { readonly desk: string; readonly id: string; readonly body: string };

function toldOf(body: string) {
	try {
		const { exercise, steps, tries } = JSON.parse(body);
		const count = (list: unknown) => (Array.isArray(list) ? list.length : 0);
		return {
			exercise: typeof exercise === 'string' ? exercise.slice(0, 60) : '',
			steps: count(steps),
			tries: count(tries),
		};
	} catch {
		return { exercise: '', steps: 0, tries: 0 };
	}
}

/** Counts the changes of every desk from 1, in the order they were kept, and tells each piece what is in it. */
async function countOld(db: Knex): Promise<void> {
	for (const { id: desk } of await db('desk').select<{ id: string }[]>('id')) {
		const old = await db('work').where({ desk }).orderBy('kept').orderBy('id').select<{ id: string }[]>('id');
		let bytes = 0;
		for (let at = 0; at < old.length; at += AT_A_TIME) {
			const ids = old.slice(at, at + AT_A_TIME).map(({ id }) => id);
			const rows: OldRow[] = await db('work').where({ desk }).whereIn('id', ids).select('desk', 'id', 'body');
			const byId = new Map(rows.map((row) => [row.id, row.body]));
			for (const [i, id] of ids.entries()) {
				const body = byId.get(id) ?? '';
				bytes += body.length;
				await db('work')
					.where({ desk, id })
					.update({ seq: at + i + 1, bytes: body.length, ...toldOf(body) });
			}
		}
		await db('desk').where({ id: desk }).update({ seq: old.length, pieces: old.length, bytes });
	}
}

export async function up(db: Knex): Promise<void> {
	await db.schema.alterTable('desk', (table) => {
		table.boolean('claimed').notNullable().defaultTo(false);
		table.boolean('erased').notNullable().defaultTo(false);
		table.integer('seq').notNullable().defaultTo(0);
		table.integer('pieces').notNullable().defaultTo(0);
		table.bigInteger('bytes').notNullable().defaultTo(0);
		table.string('used', 10).notNullable().defaultTo('');
	});
	await db.schema.alterTable('work', (table) => {
		table.integer('seq').notNullable().defaultTo(0);
		table.integer('bytes').notNullable().defaultTo(0);
		table.string('exercise', 60).notNullable().defaultTo('');
		table.integer('steps').notNullable().defaultTo(0);
		table.integer('tries').notNullable().defaultTo(0);
		table.boolean('gone').notNullable().defaultTo(false);
	});
	await countOld(db);
	await db.schema.alterTable('work', (table) => table.index(['desk', 'seq']));
	await db.schema.createTable('desk_key', (table) => {
		table.string('desk', 40).notNullable().references('id').inTable('desk').onDelete('CASCADE');
		table.string('hash', 64).notNullable();
		table.string('id', 40).notNullable();
		table.string('kind', 10).notNullable();
		table.string('says', 60).notNullable();
		table.string('made', 30).notNullable();
		table.string('used', 10).notNullable();
		table.primary(['desk', 'hash']);
	});
	await db.schema.createTable('join_code', (table) => {
		table.string('name', 4).primary();
		table.string('hash', 64).notNullable();
		table.string('desk', 40).notNullable().references('id').inTable('desk').onDelete('CASCADE');
		table.string('until', 30).notNullable();
		table.integer('tries').notNullable();
	});
	await db.schema.createTable('look', (table) => {
		table.string('id', 40).primary();
		table.string('hash', 64).notNullable();
		table.string('desk', 40).notNullable().references('id').inTable('desk').onDelete('CASCADE');
		table.string('shows', 200).notNullable();
		table.string('made', 30).notNullable();
		table.index(['desk']);
	});
}

export async function down(db: Knex): Promise<void> {
	for (const table of ['look', 'join_code', 'desk_key']) await db.schema.dropTable(table);
	await db.schema.alterTable('work', (table) => table.dropIndex(['desk', 'seq']));
	await db.schema.alterTable('work', (table) =>
		table.dropColumns('seq', 'bytes', 'exercise', 'steps', 'tries', 'gone'),
	);
	await db.schema.alterTable('desk', (table) =>
		table.dropColumns('claimed', 'erased', 'seq', 'pieces', 'bytes', 'used'),
	);
}
