import { fileURLToPath } from 'node:url';

const BABEL = fileURLToPath(new URL('babel.config.cjs', import.meta.url));

const transform = { '\\.m?[jt]sx?$': ['babel-jest', { configFile: BABEL }] };

/** Packages that come as modules only. */
const MODULES = 'd3-[a-z-]+|internmap|@noble/hashes';

const transformIgnorePatterns = [`/node_modules/(?!(?:${MODULES})/)`];

/** Laws over many thousand cases, and tests that start a process: they run in a project of their own. */
const SLOW = '\\.slow\\.test\\.ts$';

const plain = (name) => ({
	displayName: name,
	rootDir: name,
	testEnvironment: 'node',
	testMatch: ['**/*.test.ts'],
	testPathIgnorePatterns: ['/node_modules/', SLOW],
	transform,
	transformIgnorePatterns,
});

/**
 * The tests by room. `npm run unit` runs all but the slow ones and the journeys, which need a built app and a browser;
 * `npm test` runs everything.
 */
export default {
	testSequencer: '<rootDir>/tools/lib/longest-first.cjs',
	projects: [
		plain('core'),
		plain('schema'),
		plain('exchange'),
		plain('cli'),
		plain('server'),
		plain('tools'),
		{
			displayName: 'app',
			rootDir: 'app',
			preset: 'jest-expo/web',
			testMatch: ['**/*.test.ts', '**/*.test.tsx'],
			testPathIgnorePatterns: ['/node_modules/', SLOW],
			setupFiles: ['<rootDir>/test/reader-here.ts'],
			transform: { '\\.mjs$': 'babel-jest' },
			transformIgnorePatterns: [
				`/node_modules/(?!(?:(?:expo|@expo|react-native|lucide-react-native)[^/]*|${MODULES})/)`,
			],
		},
		{
			displayName: 'slow',
			testEnvironment: 'node',
			testMatch: ['<rootDir>/{app,core,cli,exchange,server,tools}/test/**/*.slow.test.ts'],
			transform,
			transformIgnorePatterns,
		},
		...(process.env.JOURNEYS
			? [
					{
						...plain('e2e'),
						testEnvironment: '<rootDir>/environment.cjs',
						setupFilesAfterEnv: ['<rootDir>/src/set-up.ts'],
					},
				]
			: []),
	],
};
