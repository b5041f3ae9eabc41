import { spawnSync } from 'node:child_process';
import { mkdtempSync, readFileSync, rmSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';

const BIN = join(__dirname, '..', 'bin', 'tidy-sum.mjs');
const page = (name: string) => join(__dirname, 'pages', name);

// A picture is recognised, which takes some seconds beside other work.
jest.setTimeout(60_000);

let folder: string;

beforeEach(() => {
	folder = mkdtempSync(join(tmpdir(), 'tidy-sum-pages-'));
});

afterEach(() => {
	rmSync(folder, { recursive: true, force: true });
});

function read(args: readonly string[], input?: Buffer) {
	const { status, stdout, stderr } = spawnSync(process.execPath, [BIN, 'read', ...args], { encoding: 'utf8', input });
	return { status, out: stdout.trim(), said: stderr.trim() };
}

describe('a page with a block of 240 cm³ and a plank, read from a file', () => {
	it.each(['sheet.png', 'upside-down.jpg', 'sheet.pdf', 'sheet.docx'])('%s has the same problems', (name) => {
		const { status, out } = read([page(name)]);
		expect(out).toContain('start: 648 g over 240 cm³');
		expect(out).toContain('wanted: g/cm³');
		expect(out).toContain('start: 8 ft + 5 in');
		expect(status).toBe(0);
	});

	it('is known by what it is and not by its name, from standard input too', () => {
		const { out } = read(['-'], readFileSync(page('sheet.pdf')));
		expect(out).toContain('start: 648 g over 240 cm³');
	});

	it('tells programs where each doubtful word is', () => {
		const problems = JSON.parse(read(['--json', page('sheet.png')]).out);
		expect(problems).toHaveLength(2);
		for (const { unsure = [] } of problems)
			for (const { text, from } of unsure) {
				expect(text).not.toBe('');
				expect(from.page).toBe(1);
				expect(from.box.x1).toBeGreaterThan(from.box.x0);
			}
	});

	it.each([
		['a picture that was cut short', readFileSync(page('sheet.png')).subarray(0, 300), 'There is no writing to read'],
		['half a PDF', readFileSync(page('sheet.pdf')).subarray(0, 900), 'This PDF is damaged'],
		['a drawing', Buffer.from('<svg xmlns="http://www.w3.org/2000/svg"><script>1</script></svg>'), 'an SVG drawing'],
		['some other file', Buffer.from([1, 2, 0, 3, 4]), 'not a text, a picture, a PDF or a Word file'],
	])('ends with 2 and a sentence where it cannot be read: %s', (_, bytes, says) => {
		const file = join(folder, 'page');
		writeFileSync(file, bytes);
		const { status, said } = read([file]);
		expect(said).toContain(says);
		expect(status).toBe(2);
	});
});
