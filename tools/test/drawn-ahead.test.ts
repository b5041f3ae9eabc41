import { readFileSync } from 'node:fs';
import { join } from 'node:path';
import vm from 'node:vm';

const { drawnAhead } = jest.requireActual('../../app/web/drawn-ahead.cjs') as {
	drawnAhead: (
		file: string,
		source: string,
	) => Promise<
		| {
				readonly dependencies: readonly { readonly name: string; readonly data: { readonly isESMImport: boolean } }[];
				readonly output: readonly { readonly data: { readonly code: string } }[];
		  }
		| undefined
	>;
};

/** Runs a module as Metro's runtime does; what it takes is given by name, and noted when it is read. */
async function running(file: string, source: string, has: Readonly<Record<string, unknown>> = {}) {
	const made = await drawnAhead(file, source);
	if (!made) throw new Error('it goes the long way');
	const read: string[] = [];
	const module = { exports: {} as Record<string, unknown> };
	const names = made.dependencies.map(({ name }) => name);
	vm.runInNewContext(made.output[0]?.data.code ?? '', {
		__d: (factory: (...of: unknown[]) => void) =>
			factory(
				globalThis,
				(at: number) => {
					read.push(names[at] as string);
					return has[names[at] as string];
				},
				null,
				null,
				module,
				module.exports,
				names.map((_, i) => i),
			),
	});
	return { names, read, exports: module.exports };
}

describe('a module that draws pages ahead', () => {
	it('is read with its types and markup, and takes what it imports when that is used', async () => {
		const { names, read, exports } = await running(
			'page.tsx',
			`import { later } from './later';
			import type { Shape } from './shape';
			export const now = 1;
			export const use = (shape?: Shape): unknown => later(<b>{String(shape)}</b>);`,
			{ './later': { later: (of: unknown) => of }, 'react/jsx-runtime': { jsx: (tag: string) => tag } },
		);
		expect(names).toEqual(['react/jsx-runtime', './later']);
		expect(exports.now).toBe(1);
		expect(read).toEqual([]);
		expect((exports.use as () => unknown)()).toBe('b');
		expect(read).toEqual(['./later', 'react/jsx-runtime']);
	});

	it('makes new ones of a class that is taken, and hands on what others export', async () => {
		const { exports } = await running(
			'made.ts',
			`import Thing from 'thing'; export * from 'more'; export const make = () => new Thing().name;`,
			{
				thing: {
					__esModule: true,
					default: class {
						name = 'made';
					},
				},
				more: { also: 2 },
			},
		);
		expect((exports.make as () => string)()).toBe('made');
		expect(exports.also).toBe(2);
	});

	it('leaves out what only development asks for', async () => {
		const { names } = await running(
			'index.js',
			`module.exports = process.env.NODE_ENV === 'production' ? require('./small') : null;
			if (__DEV__) require('./loud');`,
			{ './small': 3 },
		);
		expect(names).toEqual(['./small']);
	});

	it('goes the long way where a module is written in a way this does not know', async () => {
		expect(await drawnAhead('routes.js', `require.context('./app')`)).toBeUndefined();
		expect(await drawnAhead('flow.js', '/** @flow */ type A = {| a: 1 |};')).toBeUndefined();
		expect(await drawnAhead('data.json', '{}')).toBeUndefined();
		expect(await drawnAhead('broken.ts', 'const = 1')).toBeUndefined();
	});
});

/** Packages whose insides the build leans on, and what it takes for granted in each: when a version is raised, what broke has a name. */
const LEANT_ON: readonly (readonly [name: string, file: string, holds: RegExp, why: string])[] = [
	[
		'@expo/metro-config',
		'build/transform-worker/transform-worker.js',
		/exports\.transform = transform/,
		'the transformer is wrapped',
	],
	[
		'@expo/metro-config',
		'build/transform-worker/metro-transform-worker.js',
		/exports\.getCacheKey = getCacheKey/,
		'its cache key is added to',
	],
	['@expo/router-server', 'node/render.js', /static\/renderStaticContent/, 'pages are drawn ahead by it'],
	[
		'expo-router',
		'build/static/registerRootComponent.js',
		/require\("react-native-web"\)/,
		'styles are taken from one web target',
	],
	['react-native-web', 'dist/index.js', /exports\/StyleSheet/, 'it is named by this file'],
	['expo-router', 'build/ExpoRoot.js', /Sitemap/, 'the list of routes has a stand-in'],
];

describe('what the build leans on inside of packages', () => {
	const root = join(__dirname, '..', '..');
	const asked = ['package.json', 'app/package.json'].flatMap((file) => {
		const { dependencies = {}, devDependencies = {} } = JSON.parse(readFileSync(join(root, file), 'utf8'));
		return Object.entries<string>({ ...dependencies, ...devDependencies });
	});

	it.each(LEANT_ON)('%s is asked for in one exact version, and has %s as it is used', (name, file, holds) => {
		const [, version = ''] = asked.find(([of]) => of === name) ?? [];
		expect(version).toMatch(/^\d+\.\d+\.\d+$/);
		expect(readFileSync(join(root, 'node_modules', name, file), 'utf8')).toMatch(holds);
	});
});
