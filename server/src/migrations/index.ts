import type { Knex } from 'knex';
import * as desksAndWorks from './001-desks-and-works';

const LIST: Readonly<Record<string, Knex.Migration>> = { '001-desks-and-works': desksAndWorks };

/** The migrations in order. To add one is to add one file and one row. */
export const MIGRATIONS: Knex.MigrationSource<string> = {
	getMigrations: async () => Object.keys(LIST),
	getMigrationName: (name) => name,
	getMigration: async (name) => LIST[name] as Knex.Migration,
};
