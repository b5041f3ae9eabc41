import { fileURLToPath } from 'node:url';

const BABEL = fileURLToPath(new URL('babel.config.cjs', import.meta.url));

const plain = (name) => ({
	displayName: name,
	rootDir: name,
	testEnvironment: 'node',
	testMatch: ['**/*.test.ts'],
	transform: { '\\.[jt]sx?$': ['babel-jest', { configFile: BABEL }] },
});

/** `npm run unit` runs all but the journeys, which need a built app and a browser (npm run e2e). */
export default {
	projects: [
		plain('core'),
		plain('cli'),
		plain('server'),
		plain('tools'),
		{
			displayName: 'app',
			rootDir: 'app',
			preset: 'jest-expo/web',
			testMatch: ['**/*.test.ts', '**/*.test.tsx'],
			transform: { '\\.mjs$': 'babel-jest' },
			transformIgnorePatterns: ['/node_modules/(?!(expo|@expo|react-native|lucide-react-native)[^/]*/)'],
		},
		...(process.env.JOURNEYS ? [plain('e2e')] : []),
	],
};
