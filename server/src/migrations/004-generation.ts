import { randomBytes } from 'node:crypto';
import type { Knex } from 'knex';

export async function up(db: Knex): Promise<void> {
	await db.schema.createTable('about', (table) => {
		table.string('name', 20).primary();
		table.string('value', 60).notNullable();
	});
	await db('about').insert({ name: 'generation', value: randomBytes(12).toString('base64url') });
}

export async function down(db: Knex): Promise<void> {
	await db.schema.dropTable('about');
}
