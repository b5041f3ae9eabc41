import { resolve } from 'node:path';
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
};

/** Something is wrong with the surroundings the server was started in; the message is for the person who started it. */
export class StartFault extends Error {}

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
 * LOG_LEVEL, DEMO, DATABASE_URL, TRUST_PROXY, PUBLIC_URL, LIMIT_FACTOR.
 * @param root the folder of the project, which relative defaults start from.
 * @throws StartFault with one sentence for each value that cannot be used.
 */
export function readConfig(env: Readonly<Record<string, string | undefined>>, root: string): Config {
	const read = envSchema.safeParse(env);
	if (!read.success) throw new StartFault(read.error.issues.map((issue) => issue.message).join('\n'));
	const { HOST, PORT, DATA_DIR, APP_DIR, LOG_LEVEL, DEMO, DATABASE_URL, TRUST_PROXY, PUBLIC_URL, LIMIT_FACTOR } =
		read.data;
	return {
		host: HOST,
		port: PORT,
		dataFolder: resolve(root, DATA_DIR ?? 'data'),
		appFolder: resolve(root, APP_DIR ?? 'app/dist'),
		logLevel: LOG_LEVEL,
		demo: DEMO === 'yes',
		databaseUrl: DATABASE_URL ?? null,
		proxies: TRUST_PROXY,
		publicUrl: PUBLIC_URL ?? null,
		limitFactor: LIMIT_FACTOR,
	};
}
