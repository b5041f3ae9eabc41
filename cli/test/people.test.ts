import { spawnSync } from 'node:child_process';
import { mkdtempSync, rmSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';

const BIN = join(__dirname, '..', 'bin', 'tidy-sum.mjs');

function run(args: readonly string[], input = '') {
	const { status, stdout, stderr } = spawnSync(process.execPath, [BIN, ...args], { input, encoding: 'utf8' });
	return { status, out: stdout.trim(), said: stderr.trim() };
}

describe('the command line, for people', () => {
	it('converts: the worked line, the result, the figures and why', () => {
		const { status, out } = run(['convert', '26.0 mi/h', 'ft/s']);
		expect(status).toBe(0);
		expect(out.split('\n')).toEqual([
			expect.stringMatching(/^26\.0 mi\/h × \(.*5280 ft.*\) × \(.*\) = 38\.13333/),
			'26.0 mi/h is 38.1 ft/s.',
			expect.stringContaining('26.0 mi/h has the fewest'),
		]);
	});

	it('converts temperatures, which shift', () => {
		const { out } = run(['convert', '12.5 degC', 'K']);
		expect(out).toContain('is 285.7 K.');
		expect(out).toContain('273.15');
	});

	it('gives it as JSON and as LaTeX', () => {
		const { out } = run(['convert', '26.0 mi/h', 'ft/s', '--json']);
		expect(JSON.parse(out)).toMatchObject({ unit: 'ft/s', text: '38.1', significant: 3, chain: { factors: [{}, {}] } });
		expect(run(['convert', '5.5 ft', 'in', '--latex']).out).toContain('\\frac');
	});

	it.each([
		['what holds', '91 cm * 1 in/2.54 cm * 1 ft/12 in = 2.99 ft', 0, 'Every factor is right'],
		['what fails', '5.5 ft × 10 in/1 ft = 55 in', 1, 'The first mistake is in factor 1'],
		['how many figures it allows', '5.5 ft × 12 in/1 ft = 66 in', 0, 'The answer may have 2 figures'],
	])('checks a written working: %s', (_, text, code, sentence) => {
		const { status, out } = run(['check', text]);
		expect({ status, out }).toEqual({ status: code, out: expect.stringContaining(sentence) });
	});

	it('reads a problem from a file, and a page from standard input', () => {
		const folder = mkdtempSync(join(tmpdir(), 'tidy-sum-read-'));
		const file = join(folder, 'problem.txt');
		writeFileSync(file, '12 jars go to a crate. How many jars are in 36 crates, to 2 s.f.?');
		expect(run(['read', file]).out).toMatch(
			/start: 36 crate\n {2}fact: 12 jar = 1 crate\n {2}wanted: jar, to 2 figures$/,
		);
		rmSync(folder, { recursive: true });
		expect(run(['read', '-'], 'A carton weighs 21 kg when full. What is the mass in grams of 5 lids?').out).toContain(
			'not sure: it may start from 21 kg or 5 lid',
		);
		const { out } = run(['read', '-', '--json'], '1. 14 ft to yd\n2. How many mL are 0.35 L?');
		expect(JSON.parse(out)).toMatchObject([
			{ label: '1', told: { start: { number: '14', unit: 'ft' }, want: { unit: 'yd' } } },
			{ label: '2', told: { want: { unit: 'mL' } } },
		]);
	});

	it.each([
		['a number that is none', ['convert', '1..2 km', 'm'], 'point'],
		['units of two kinds', ['convert', '3 kg', 'm'], 'kg'],
		['no line at all', ['check', 'nothing'], 'I found no line'],
		['a file that is not there', ['read', '/nowhere.txt'], 'cannot be read'],
		['nothing to read', ['read', '-'], 'no problem'],
		['a command there is not', ['fly'], "unknown command 'fly'"],
		['a word too few', ['convert', '3 km'], "missing required argument 'unit'"],
	])('ends with 2 and a sentence: %s', (_, args, sentence) => {
		const { status, out, said } = run(args);
		expect({ status, out, said }).toEqual({ status: 2, out: '', said: expect.stringContaining(sentence) });
	});

	it('has help with examples, for all and for each', () => {
		expect(run([]).out).toMatch(/convert[\s\S]*mark[\s\S]*Exit code: 0 if all is well/);
		const { status, out } = run(['help', 'convert']);
		expect(status).toBe(0);
		expect(out).toContain('tidy-sum convert "26 mi/h" ft/s');
	});
});
