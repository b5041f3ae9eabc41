import { spawnSync } from 'node:child_process';
import { readFileSync } from 'node:fs';
import { join } from 'node:path';
import { habitsIn } from '../writing/habits.mjs';
import { proseIn, wordsIn } from '../writing/prose.mjs';

const ROOT = join(__dirname, '..', '..');

/** The texts that lint would ask to be moved to the words of a room. */
const asked = (code: string) => proseIn('some.tsx', code).map(({ text }) => text);

describe('the words of a room', () => {
	it.each([
		['a text between tags', 'const a = <Words>Nothing is saved yet.</Words>;', ['Nothing is saved yet.']],
		['a label of one word', 'const a = <Button label="Undo" />;', ['Undo']],
		['a sentence in a constant', "const SAYS = 'Write a number first.';", ['Write a number first.']],
		['a sentence with something in it', `const says = \`\${count} problems found\`;`, ['{count} problems found']],
		['a title in a row', "const ROW = { title: 'Facts', id: 'facts' };", ['Facts']],
	])('are asked for where %s is inline', (_, code, texts) => {
		expect(asked(code)).toEqual(texts);
	});

	it.each([
		['a name for tests', 'const a = <Button testID="to the sheet" label={words.toTheSheet} />;'],
		['a key of the keyboard', "const isHome = key === 'Home';"],
		['a module', "import { a } from './two words';"],
		['a query', "db.raw('select name from sqlite_master where type = ?')"],
		['a style', "const STYLE = 'display: flex; color: red;';"],
		['a type', "type Who = 'desk or new' | 'anyone';"],
	])('are not asked for where there is %s', (_, code) => {
		expect(asked(code)).toEqual([]);
	});

	it('are listed with what is filled in', () => {
		const code = `export const undo = 'Undo';\nexport function found(count: number): string {\n\treturn \`\${count} problems found\`;\n}`;
		expect(wordsIn('words.ts', code)).toEqual(['Undo', '{count} problems found']);
	});
});

describe('how we write', () => {
	it('finds a habit in a comment and in a page, and none in code', () => {
		expect(habitsIn('a.ts', `const a = 1; /${'/'} The units that stand on top.`)).toMatchObject([{ name: 'stands' }]);
		expect(habitsIn('a.md', 'The page is made anew.')).toEqual([expect.objectContaining({ line: 1, name: 'anew' })]);
		expect(habitsIn('a.ts', 'const anew = stands;')).toEqual([]);
	});

	it('keeps sentences short, at or below the school year, and without old habits', () => {
		const { status, stdout } = spawnSync('node', ['tools/writing.mjs'], { cwd: ROOT, encoding: 'utf8' });
		expect(stdout).toMatch(/\d{4} sentences, median grade \d/);
		expect(status).toBe(0);
	});

	it('has every sentence on the page of sentences', () => {
		const said = "import('./tools/writing/catalogue.mjs').then(({ wordsPage }) => process.stdout.write(wordsPage()))";
		const { stdout } = spawnSync('node', ['-e', said], { cwd: ROOT, encoding: 'utf8' });
		expect(stdout.length).toBeGreaterThan(10_000);
		expect(readFileSync(join(ROOT, 'docs', 'sentences.md'), 'utf8')).toContain(stdout);
	});
});
