import { readdirSync, readFileSync } from 'node:fs';
import { dirname, join } from 'node:path';

const TOOLS = join(__dirname, '..');

/** What a script and the scripts it imports load as they begin, before they have done anything. */
function loadedAtFirst(file: string): readonly string[] {
	const names = [...readFileSync(file, 'utf8').matchAll(/^(?:import|export)\b[^;]*?\bfrom '([^']+)'/gm)].map(
		([, name]) => name as string,
	);
	return names.flatMap((name) => (name.startsWith('.') ? loadedAtFirst(join(dirname(file), name)) : [name]));
}

describe('on a fresh machine, where no package is installed yet', () => {
	const commands = readdirSync(TOOLS).filter((name) => name.endsWith('.mjs'));

	it('there are the commands that set themselves up', () => {
		expect(commands).toEqual(expect.arrayContaining(['start.mjs', 'test.mjs', 'setup.mjs', 'check.mjs', 'dev.mjs']));
	});

	it.each(commands)('%s begins with what Node itself has', (name) => {
		expect(loadedAtFirst(join(TOOLS, name)).filter((loaded) => !loaded.startsWith('node:'))).toEqual([]);
	});
});
