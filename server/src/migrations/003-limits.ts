import type { Knex } from 'knex';

/** On PostgreSQL several processes count in one table: made here, once, since two that made it at the same time would clash. */
const isShared = (db: Knex) => db.client.config.client === 'pg';

/** The shape that rate-limiter-flexible counts in. */
export async function up(db: Knex): Promise<void> {
	if (!isShared(db) || (await db.schema.hasTable('limits'))) return;
	await db.schema.createTable('limits', (table) => {
		table.string('key', 255).primary();
		table.integer('points').notNullable().defaultTo(0);
		table.bigInteger('expire');
	});
}

export async function down(db: Knex): Promise<void> {
	await db.schema.dropTableIfExists('limits');
}
