import type { Knex } from 'knex';

export async function up(db: Knex): Promise<void> {
	await db.schema.createTable('class', (table) => {
		table.string('id', 40).primary();
		table.string('title', 120).notNullable();
		table.string('code', 8).unique();
		table.integer('seq').notNullable().defaultTo(0);
		table.string('made', 30).notNullable();
		table.string('used', 10).notNullable();
		table.boolean('erased').notNullable().defaultTo(false);
	});
	await db.schema.createTable('class_key', (table) => {
		table.string('class', 40).notNullable().references('id').inTable('class').onDelete('CASCADE');
		table.string('hash', 64).notNullable();
		table.string('made', 30).notNullable();
		table.primary(['class', 'hash']);
	});
	await db.schema.createTable('seat', (table) => {
		table.string('class', 40).notNullable().references('id').inTable('class').onDelete('CASCADE');
		table.string('id', 40).notNullable();
		table.string('hash', 64).notNullable();
		table.string('says', 40).notNullable();
		table.string('joined', 30).notNullable();
		table.primary(['class', 'id']);
		table.unique(['class', 'hash']);
		table.unique(['class', 'says']);
	});
	await db.schema.createTable('handed', (table) => {
		table.string('class', 40).notNullable().references('id').inTable('class').onDelete('CASCADE');
		table.string('id', 40).notNullable();
		table.string('title', 120).notNullable();
		table.string('due', 30);
		table.string('made', 30).notNullable();
		table.integer('count').notNullable();
		table.text('set').notNullable();
		table.primary(['class', 'id']);
	});
	await db.schema.createTable('class_try', (table) => {
		table.string('class', 40).notNullable().references('id').inTable('class').onDelete('CASCADE');
		table.string('seat', 40).notNullable();
		table.string('handed', 40).notNullable();
		table.integer('problem').notNullable();
		table.string('made', 16).notNullable();
		table.integer('seq').notNullable();
		table.string('came', 30).notNullable();
		table.boolean('unnamed').notNullable();
		table.text('body').notNullable();
		table.primary(['class', 'seat', 'handed', 'problem', 'made']);
		table.index(['class', 'seq']);
	});
}

export async function down(db: Knex): Promise<void> {
	for (const table of ['class_try', 'handed', 'seat', 'class_key', 'class']) await db.schema.dropTable(table);
}
