import { spawnSync } from 'node:child_process';
import { copyFileSync, mkdirSync, mkdtempSync, rmSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { dirname, join } from 'node:path';

const ROOT = join(__dirname, '..', '..');

const folder = mkdtempSync(join(tmpdir(), 'tidy-sum-arrows-'));
copyFileSync(join(ROOT, 'biome.json'), join(folder, 'biome.json'));
afterAll(() => rmSync(folder, { recursive: true, force: true }));

/** Lints a text as if it stood at a path of the project, by the project's own rules, and gives those it breaks. */
function broken(path: string, text: string): readonly string[] {
	const file = join(folder, path);
	mkdirSync(dirname(file), { recursive: true });
	writeFileSync(file, text);
	const biome = join(ROOT, 'node_modules', '.bin', 'biome');
	const { stdout, stderr } = spawnSync(biome, ['lint', '--vcs-enabled=false', path], { cwd: folder, encoding: 'utf8' });
	rmSync(file);
	const said = `${stdout}${stderr}`;
	if (!said.includes('Checked 1 file')) throw new Error(`nothing was linted: ${said}`);
	return [...said.matchAll(/lint\/(\w+\/\w+)/g)].map(([, rule]) => rule as string);
}

const IMPORTS = 'style/noRestrictedImports';
const NODE = 'correctness/noNodejsModules';
const GLOBALS = 'style/noRestrictedGlobals';

describe('the arrows between rooms', () => {
	it.each([
		['core/src/numeral/arrow-probe.ts', "import React from 'react';\nexport const a = React;\n", IMPORTS],
		['core/src/numeral/arrow-probe.ts', "import { z } from '@tidy-sum/schema';\nexport const a = z;\n", IMPORTS],
		['core/src/numeral/arrow-probe.ts', "import { b } from '../../../server/src/app';\nexport const a = b;\n", IMPORTS],
		['core/src/numeral/arrow-probe.ts', "import fs from 'node:fs';\nexport const a = fs;\n", NODE],
		['core/src/numeral/arrow-probe.ts', 'export const a = Date.now();\n', GLOBALS],
		['core/src/numeral/arrow-probe.ts', "export const a = fetch('/');\n", GLOBALS],
		['schema/src/arrow-probe.ts', "import knex from 'knex';\nexport const a = knex;\n", IMPORTS],
		['exchange/src/arrow-probe.ts', "import { b } from '../../app/src/work/work';\nexport const a = b;\n", IMPORTS],
		['exchange/src/arrow-probe.ts', "import knex from 'knex';\nexport const a = knex;\n", IMPORTS],
		['server/src/arrow-probe.ts', "import React from 'react';\nexport const a = React;\n", IMPORTS],
		['cli/src/arrow-probe.ts', "import { b } from '@tidy-sum/server';\nexport const a = b;\n", IMPORTS],
		['app/src/desk/arrow-probe.ts', "import { b } from '@tidy-sum/server';\nexport const a = b;\n", IMPORTS],
		['e2e/src/arrow-probe.ts', "import { b } from '@tidy-sum/core';\nexport const a = b;\n", IMPORTS],
	])('%s may not say %j', (path, text, rule) => {
		expect(broken(path, text)).toContain(rule);
	});

	it('let through what may be imported', () => {
		const text =
			"import { uniformInt } from 'pure-rand/distribution/uniformInt';\nimport { ONE } from './rational';\nexport const a = [uniformInt, ONE];\n";
		expect(broken('core/src/numeral/arrow-probe.ts', text)).toEqual([]);
		expect(
			broken('schema/src/arrow-probe.ts', "import type { Factor } from '@tidy-sum/core';\nexport type A = Factor;\n"),
		).toEqual([]);
	});
});

/** The rooms' own linter is a module of its own kind, so it is asked in a process. */
function asked<T>(expression: string): T {
	const script = `import('${join(ROOT, 'tools', 'lib', 'arrows.mjs')}').then((all) => console.log(JSON.stringify((${expression})(all))))`;
	const { stdout, stderr } = spawnSync(process.execPath, ['-e', script], { encoding: 'utf8' });
	if (!stdout) throw new Error(stderr);
	return JSON.parse(stdout);
}

/** What breaks the order of the rooms in a made-up tree of files. */
function brokenIn(workspace: string, files: Readonly<Record<string, string>>): readonly string[] {
	const tree = mkdtempSync(join(tmpdir(), 'tidy-sum-rooms-'));
	for (const [path, text] of Object.entries(files)) {
		mkdirSync(dirname(join(tree, workspace, path)), { recursive: true });
		writeFileSync(join(tree, workspace, path), text);
	}
	const broken = asked<readonly string[]>(`({ brokenArrows }) => brokenArrows('${tree}', '${workspace}')`);
	rmSync(tree, { recursive: true, force: true });
	return broken;
}

describe('the arrows between the rooms of one workspace', () => {
	const workspaces = asked<readonly string[]>('({ ROOMS }) => Object.keys(ROOMS)');

	it.each(workspaces)('%s: each room imports those before it, and none behind it', (workspace) => {
		expect(asked(`({ brokenArrows }) => brokenArrows('${ROOT}', '${workspace}')`)).toEqual([]);
	});

	it('are many: the measure above can fail', () => {
		const count = (workspace: string) => asked<number>(`({ arrowsIn }) => arrowsIn('${join(ROOT, workspace)}').length`);
		expect(count('core/src')).toBeGreaterThan(300);
		expect(count('app/src')).toBeGreaterThan(200);
	});

	it('make no circle, not even by way of a third', () => {
		const say = { 'say/a.ts': "import { b } from '../fact/b';\nexport const a = b;\n" };
		const circle = {
			...say,
			'fact/b.ts': "import type { C } from '../route/c';\nexport const b: C = 1;\n",
			'route/c.ts': "export type C = number;\nexport const c = async () => (await import('../say/a')).a;\n",
		};
		expect(brokenIn('core/src', say)).toEqual([]);
		expect(brokenIn('core/src', circle)).toContain('core/src: fact/ and say/ import each other, if by way of others');
	});

	it('do not go up', () => {
		const up = { 'numeral/a.ts': "import { b } from '../check/b';\nexport const a = b;\n" };
		expect(brokenIn('core/src', up)).toEqual([
			'core/src/numeral/a.ts: numeral/ may not import check/, which stands above it',
		]);
	});

	it('do not go from one screen to another', () => {
		const across = { 'desk/a.ts': "import { b } from '../rounds/b';\nexport const a = b;\n" };
		expect(brokenIn('app/src', across)).toEqual([
			'app/src/desk/a.ts: desk/ and rounds/ are screens, which know nothing of each other',
		]);
	});

	it('do not lead to a room that has no place in the order', () => {
		const stray = { 'unit/a.ts': "import { b } from '../cellar/b';\nexport const a = b;\n" };
		expect(brokenIn('core/src', stray)[0]).toContain('core/src/cellar: this room has no place');
	});
});
