import type { Knex } from 'knex';
import * as desksAndWorks from './001-desks-and-works';
import * as keysAndChanges from './002-keys-and-changes';
import * as limits from './003-limits';
import * as generation from './004-generation';
import * as history from './005-history';
import * as classes from './006-classes';

const LIST: Readonly<Record<string, Knex.Migration>> = {
	'001-desks-and-works': desksAndWorks,
	'002-keys-and-changes': keysAndChanges,
	'003-limits': limits,
	'004-generation': generation,
	'005-history': history,
	'006-classes': classes,
};

/** The migrations in order. To add one is to add one file and one row. */
export const MIGRATIONS: Knex.MigrationSource<string> = {
	getMigrations: async () => Object.keys(LIST),
	getMigrationName: (name) => name,
	getMigration: async (name) => LIST[name] as Knex.Migration,
};

/** The names of the migrations this version knows. */
export const MIGRATION_NAMES: readonly string[] = Object.keys(LIST);
