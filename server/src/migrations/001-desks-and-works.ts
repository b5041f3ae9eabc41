import type { Knex } from 'knex';

export async function up(db: Knex): Promise<void> {
	await db.schema.createTable('desk', (table) => {
		table.string('id', 40).primary();
		table.string('made', 30).notNullable();
	});
	await db.schema.createTable('work', (table) => {
		table.string('desk', 40).notNullable().references('id').inTable('desk').onDelete('CASCADE');
		table.string('id', 40).notNullable();
		table.integer('version').notNullable();
		table.text('body').notNullable();
		table.string('kept', 30).notNullable();
		table.primary(['desk', 'id']);
	});
}

export async function down(db: Knex): Promise<void> {
	await db.schema.dropTable('work');
	await db.schema.dropTable('desk');
}
