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
});

/**
 * Reads the configuration from the environment: HOST, PORT (0 takes any free one), DATA_DIR, APP_DIR,
 * LOG_LEVEL, DEMO.
 * @param root the folder of the project, which relative defaults start from.
 * @throws StartFault with one sentence for each value that cannot be used.
 */
export function readConfig(env: Readonly<Record<string, string | undefined>>, root: string): Config {
	const read = envSchema.safeParse(env);
	if (!read.success) throw new StartFault(read.error.issues.map((issue) => issue.message).join('\n'));
	const { HOST, PORT, DATA_DIR, APP_DIR, LOG_LEVEL, DEMO } = read.data;
	return {
		host: HOST,
		port: PORT,
		dataFolder: resolve(root, DATA_DIR ?? 'data'),
		appFolder: resolve(root, APP_DIR ?? 'app/dist'),
		logLevel: LOG_LEVEL,
		demo: DEMO === 'yes',
	};
}
