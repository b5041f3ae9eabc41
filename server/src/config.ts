import { join, resolve } from 'node:path';
import { z } from '@tidy-sum/schema';
import * as words from './words';

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
	/** Whether the page that shows every component in every state is served, for whoever builds the app. */
	readonly specimen: boolean;
	/** How many proxies are in front of the server. */
	readonly proxies: number;
	/** The address people come by, without a slash at its end; null where it is the server's own. */
	readonly publicUrl: string | null;
	/** What the limits are multiplied by. */
	readonly limitFactor: number;
	/** The port on which metrics are read; null if they are not. */
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

const EVERY = words.backupEveryShouldBeAWhole;

const envSchema = z.object({
	HOST: z.string().trim().min(1, words.hostIsEmptyLeaveItOutFor).default('127.0.0.1'),
	PORT: z
		.string()
		.regex(/^\d{1,5}$/, words.portShouldBeAWholeNumber)
		.transform(Number)
		.refine((port) => port <= 65535, words.portShouldBeAWholeNumber)
		.default(4310),
	DATA_DIR: z.string().trim().min(1, words.dataDirIsEmptyLeaveItOut).optional(),
	APP_DIR: z.string().trim().min(1).optional(),
	LOG_LEVEL: z.enum(['silent', 'error', 'warn', 'info', 'debug'], words.logLevelShouldBeSilent).default('info'),
	DEMO: z.enum(['yes', 'no'], words.demoShouldBeYesOrNo).default('yes'),
	SPECIMEN: z.enum(['yes', 'no'], words.specimenShouldBeYesOrNo).default('no'),
	DATABASE_URL: z
		.string()
		.regex(/^postgres(ql)?:\/\//, words.databaseUrlShouldBeginWith)
		.optional(),
	TRUST_PROXY: z.string().regex(/^\d$/, words.trustProxyShouldBeHowMany).transform(Number).default(0),
	LIMIT_FACTOR: z
		.string()
		.regex(/^\d{1,4}$/, words.limitFactorShouldBeAWhole)
		.transform(Number)
		.default(1),
	METRICS_PORT: z
		.string()
		.regex(/^\d{1,5}$/, words.metricsPortShouldBeAWhole)
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
		.regex(/^[1-9]\d{0,3}$/, words.backupKeepShouldBeHowMany)
		.transform(Number)
		.default(14),
	BACKUP_DIR: z.string().trim().min(1, words.backupDirIsEmptyLeaveItOut).optional(),
	DISK_LIMIT: z
		.string()
		.regex(/^[1-9]\d{0,8}$/, words.diskLimitShouldBeAWhole)
		.transform(Number)
		.optional(),
	KEEP_DAYS: z
		.string()
		.regex(/^[1-9]\d{1,4}$/, words.keepDaysShouldBeAWhole)
		.transform(Number)
		.optional(),
	PUBLIC_URL: z
		.url({
			protocol: /^https?$/,
			error: words.publicUrlShouldBeThe,
		})
		.transform((url) => url.replace(/\/+$/, ''))
		.optional(),
});

/**
 * Reads the configuration from the environment: HOST, PORT (0 takes any free one), DATA_DIR, APP_DIR,
 * LOG_LEVEL, DEMO, SPECIMEN, DATABASE_URL, TRUST_PROXY, PUBLIC_URL, LIMIT_FACTOR, METRICS_PORT, BACKUP_EVERY, BACKUP_KEEP, BACKUP_DIR,
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
		specimen: set.SPECIMEN === 'yes',
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
