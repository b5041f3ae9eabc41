import type { Knex } from 'knex';

export async function up(db: Knex): Promise<void> {
	await db.schema.createTable('desk_event', (table) => {
		table.increments('id');
		table.string('desk', 40).notNullable().references('id').inTable('desk').onDelete('CASCADE');
		table.string('at', 30).notNullable();
		table.string('what', 20).notNullable();
		table.string('says', 60).notNullable();
		table.index(['desk', 'id']);
	});
	// A link made before this has no end: its owner expects none.
	await db.schema.alterTable('look', (table) => table.string('until', 30));
}

export async function down(db: Knex): Promise<void> {
	await db.schema.alterTable('look', (table) => table.dropColumn('until'));
	await db.schema.dropTable('desk_event');
}
