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
