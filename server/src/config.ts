import { join, resolve } from 'node:path';
import { z } from '@tidy-sum/schema';

/** How the server is to run, read once at the start. */
export type Config = {
	readonly host: string;
	readonly port: number;
	readonly dataFolder: string;
	readonly appFolder: string;
	readonly logLevel: string;
	readonly demo: boolean;
	/** The address of a PostgreSQL database; null for SQLite in the data folder. */
	readonly databaseUrl: string | null;
	/** How many proxies stand before the server. */
	readonly proxies: number;
	/** The address people come by, without a slash at its end; null where it is the server's own. */
	readonly publicUrl: string | null;
	/** What the limits are multiplied by. */
	readonly limitFactor: number;
	/** The port on which metrics are read; null where they are not. */
	readonly metricsPort: number | null;
	/** How often a SQLite database is backed up, in milliseconds; null where it is not. */
	readonly backupEveryMs: number | null;
	/** How many such backups are kept. */
	readonly backupKeep: number;
	/** The folder they go to. */
	readonly backupFolder: string;
	/** Past so many bytes of work no new desk is taken; null where there is no limit. */
	readonly diskLimit: number | null;
	/** Desks that nobody used for so many days are cleared away, with their work; null where they never are. */
	readonly keepDays: number | null;
};

/** Something is wrong with the surroundings the server was started in; the message is for the person who started it. */
export class StartFault extends Error {}

const HOUR_MS = 3_600_000;
const MEGABYTE = 1_000_000;

const EVERY = 'BACKUP_EVERY should be a whole number of hours, up to 500; leave it out for no backups by schedule';

const envSchema = z.object({
	HOST: z.string().trim().min(1, 'HOST is empty; leave it out for 127.0.0.1').default('127.0.0.1'),
	PORT: z
		.string()
		.regex(/^\d{1,5}$/, 'PORT should be a whole number from 0 to 65535')
		.transform(Number)
		.refine((port) => port <= 65535, 'PORT should be a whole number from 0 to 65535')
		.default(4310),
	DATA_DIR: z.string().trim().min(1, 'DATA_DIR is empty; leave it out for the data folder of the project').optional(),
	APP_DIR: z.string().trim().min(1).optional(),
	LOG_LEVEL: z
		.enum(['silent', 'error', 'warn', 'info', 'debug'], 'LOG_LEVEL should be silent, error, warn, info or debug')
		.default('info'),
	DEMO: z.enum(['yes', 'no'], 'DEMO should be yes or no').default('yes'),
	DATABASE_URL: z
		.string()
		.regex(/^postgres(ql)?:\/\//, 'DATABASE_URL should begin with postgres://; leave it out for SQLite')
		.optional(),
	TRUST_PROXY: z
		.string()
		.regex(/^\d$/, 'TRUST_PROXY should be how many proxies stand before the server, from 0 to 9')
		.transform(Number)
		.default(0),
	LIMIT_FACTOR: z
		.string()
		.regex(/^\d{1,4}$/, 'LIMIT_FACTOR should be a whole number, which the limits are multiplied by')
		.transform(Number)
		.default(1),
	METRICS_PORT: z
		.string()
		.regex(/^\d{1,5}$/, 'METRICS_PORT should be a whole number from 0 to 65535; leave it out for no metrics')
		.transform(Number)
		.optional(),
	BACKUP_EVERY: z
		.string()
		.regex(/^[1-9]\d{0,2}$/, EVERY)
		.transform(Number)
		.refine((hours) => hours <= 500, EVERY)
		.optional(),
	BACKUP_KEEP: z
		.string()
		.regex(/^[1-9]\d{0,3}$/, 'BACKUP_KEEP should be how many backups are kept, from 1')
		.transform(Number)
		.default(14),
	BACKUP_DIR: z
		.string()
		.trim()
		.min(1, 'BACKUP_DIR is empty; leave it out for the folder backups beside the data')
		.optional(),
	DISK_LIMIT: z
		.string()
		.regex(/^[1-9]\d{0,8}$/, 'DISK_LIMIT should be a whole number of megabytes; leave it out for no limit')
		.transform(Number)
		.optional(),
	KEEP_DAYS: z
		.string()
		.regex(/^[1-9]\d{1,4}$/, 'KEEP_DAYS should be a whole number of days, from 10; leave it out to keep desks for good')
		.transform(Number)
		.optional(),
	PUBLIC_URL: z
		.url({
			protocol: /^https?$/,
			error: 'PUBLIC_URL should be the address people come by, as https://tidy-sum.example',
		})
		.transform((url) => url.replace(/\/+$/, ''))
		.optional(),
});

/**
 * Reads the configuration from the environment: HOST, PORT (0 takes any free one), DATA_DIR, APP_DIR,
 * LOG_LEVEL, DEMO, DATABASE_URL, TRUST_PROXY, PUBLIC_URL, LIMIT_FACTOR, METRICS_PORT, BACKUP_EVERY, BACKUP_KEEP, BACKUP_DIR,
 * DISK_LIMIT, KEEP_DAYS.
 * @param root the folder of the project, which relative defaults start from.
 * @throws StartFault with one sentence for each value that cannot be used.
 */
export function readConfig(env: Readonly<Record<string, string | undefined>>, root: string): Config {
	const read = envSchema.safeParse(env);
	if (!read.success) throw new StartFault(read.error.issues.map((issue) => issue.message).join('\n'));
	const set = read.data;
	const dataFolder = resolve(root, set.DATA_DIR ?? 'data');
	return {
		host: set.HOST,
		port: set.PORT,
		dataFolder,
		appFolder: resolve(root, set.APP_DIR ?? 'app/dist'),
		logLevel: set.LOG_LEVEL,
		demo: set.DEMO === 'yes',
		databaseUrl: set.DATABASE_URL ?? null,
		proxies: set.TRUST_PROXY,
		publicUrl: set.PUBLIC_URL ?? null,
		limitFactor: set.LIMIT_FACTOR,
		metricsPort: set.METRICS_PORT ?? null,
		backupEveryMs: set.BACKUP_EVERY ? set.BACKUP_EVERY * HOUR_MS : null,
		backupKeep: set.BACKUP_KEEP,
		backupFolder: set.BACKUP_DIR ? resolve(root, set.BACKUP_DIR) : join(dataFolder, 'backups'),
		diskLimit: set.DISK_LIMIT ? set.DISK_LIMIT * MEGABYTE : null,
		keepDays: set.KEEP_DAYS ?? null,
	};
}
