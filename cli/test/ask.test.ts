import { spawnSync } from 'node:child_process';
import { join } from 'node:path';
import fc from 'fast-check';
import { ask, LINE_LIMIT } from '../src/ask';

const BIN = join(__dirname, '..', 'bin', 'tidy-sum.mjs');

function run(args: readonly string[], input: string) {
	return spawnSync(process.execPath, [BIN, ...args], { input, encoding: 'utf8', maxBuffer: 64 * 1024 * 1024 });
}

describe('ask', () => {
	it('gives the id back, whatever it is, and the op its answer', () => {
		expect(ask('{"id":{"a":[1]},"op":"numeral","text":"418"}')).toMatchObject({
			id: { a: [1] },
			ok: true,
			value: '418',
		});
		expect(ask('{"op":"numeral","text":"418"}')).toMatchObject({ id: null, ok: true });
	});

	it.each([
		['not json', '{"op":', { id: null, ok: false, error: { code: 'not-json' } }],
		['not an object', '7', { id: null, ok: false, error: { code: 'shape' } }],
		['no op', '{"id":4}', { id: 4, ok: false, error: { code: 'shape', in: 'op' } }],
		['an unknown op', '{"id":4,"op":"fly"}', { id: 4, ok: false, error: { code: 'unknown-op', in: 'op' } }],
		['an op named like a method', '{"op":"constructor"}', { ok: false, error: { code: 'unknown-op' } }],
		['a missing field', '{"op":"numeral"}', { ok: false, error: { code: 'shape', in: 'text' } }],
		[
			'both ways of rounding',
			'{"op":"round","value":"1","significant":1,"place":0}',
			{ ok: false, error: { code: 'shape' } },
		],
		[
			'a bad value',
			'{"op":"round","value":"1.5","significant":1}',
			{ ok: false, error: { code: 'not-a-number', in: 'value' } },
		],
		['a zero below', '{"op":"round","value":"1/0","significant":1}', { ok: false, error: { code: 'zero-below' } }],
	])('refuses %s', (_, line, expected) => {
		expect(ask(line)).toMatchObject(expected);
	});

	it('refuses a line over its limit, counted in bytes', () => {
		const line = JSON.stringify({ op: 'numeral', text: 'é'.repeat(LINE_LIMIT / 2) });
		expect(line.length).toBeLessThan(LINE_LIMIT);
		expect(ask(line)).toMatchObject({ id: null, ok: false, error: { code: 'too-large' } });
	});

	it('names the field and the place of a fault in a chain', () => {
		const reply = ask(
			JSON.stringify({
				op: 'chain',
				start: { number: '4', unit: 'm' },
				factors: [
					{ top: { number: '1', unit: 'km' }, bottom: { number: '1000', unit: 'm' } },
					{ top: { number: '1', unit: 'ft' }, bottom: { number: '12..5', unit: 'in' } },
				],
			}),
		);
		expect(reply).toMatchObject({
			ok: false,
			error: { code: 'two-points', in: 'factors.1.bottom.number', at: [3, 4] },
		});
	});

	it('never throws and always answers in form, whatever the line', () => {
		const texts = fc.oneof(fc.string(), fc.stringMatching(/^[-+0-9.,eEx×^/ ½πkmsgLh·()²⁻°'"%{}]{0,40}$/u));
		const request = fc.oneof(
			fc.string(),
			fc.json(),
			fc.record({ op: fc.constantFrom('numeral', 'unit'), text: texts }).map((each) => JSON.stringify(each)),
			fc
				.record({ op: fc.constant('convert'), from: fc.record({ number: texts, unit: texts }), to: texts })
				.map((each) => JSON.stringify(each)),
			fc
				.record({
					op: fc.constant('check'),
					exercise: fc.record({
						prompt: texts,
						start: fc.record({ number: texts, unit: texts }),
						facts: fc.constant([]),
						want: fc.record({ unit: texts }),
						rounding: fc.constant('figures'),
					}),
					answer: texts,
				})
				.map((each) => JSON.stringify(each)),
		);
		fc.assert(
			fc.property(request, (line) => {
				const reply = JSON.parse(JSON.stringify(ask(line)));
				expect(typeof reply.ok).toBe('boolean');
				expect('id' in reply).toBe(true);
				if (!reply.ok) {
					expect(reply.error.code).toMatch(/^[a-z][a-z-]+$/);
					expect(reply.error.message.length).toBeGreaterThan(5);
				}
			}),
			{ numRuns: 3000 },
		);
	});
});

describe('practice', () => {
	it('lists its skills, and makes fresh exercises with their lines and keys', () => {
		const { skills } = ask('{"op":"skills"}') as unknown as { skills: { skill: string; title: string }[] };
		expect(skills).toContainEqual(expect.objectContaining({ skill: 'areas', title: 'Areas' }));
		const made = ask('{"id":1,"op":"fresh","skill":"areas","seed":7,"level":1,"count":3}');
		expect(made).toMatchObject({ id: 1, ok: true });
		const { exercises } = made as unknown as { exercises: { prompt: string; line: unknown; key: { text: string } }[] };
		expect(exercises).toHaveLength(3);
		for (const { key, ...exercise } of exercises)
			expect(ask(JSON.stringify({ op: 'check', exercise, answer: key.text }))).toMatchObject({ right: true });
	});

	it.each([
		['skill', '{"op":"fresh","skill":"flying","seed":1,"level":1,"count":1}', 'unknown-skill'],
		['count', '{"op":"fresh","skill":"areas","seed":1,"level":1,"count":0}', 'shape'],
		['count', '{"op":"fresh","skill":"areas","seed":1,"level":1,"count":10000}', 'too-large'],
		['level', '{"op":"fresh","skill":"areas","seed":1,"level":9,"count":1}', 'shape'],
		['seed', '{"op":"fresh","skill":"areas","level":1,"count":1}', 'shape'],
	])('says what is wrong with a %s', (field, line, code) => {
		expect(ask(line)).toMatchObject({ ok: false, error: { code, in: field } });
	});
});

describe('the command', () => {
	it('answers line by line in order, passes over empty lines, and ends well', () => {
		const { status, stdout } = run(
			['ask'],
			'{"id":1,"op":"numeral","text":"5"}\n\nnope\n{"id":3,"op":"unit","text":"mph"}\n',
		);
		const replies = stdout
			.trim()
			.split('\n')
			.map((line) => JSON.parse(line));
		expect(status).toBe(0);
		expect(replies.map(({ id }) => id)).toEqual([1, null, 3]);
		expect(replies[2].text).toBe('mi/h');
	});

	it('answers ten thousand lines in order', () => {
		const lines = Array.from({ length: 10_000 }, (_, id) => JSON.stringify({ id, op: 'numeral', text: `${id}` }));
		const { stdout } = run(['ask'], `${lines.join('\n')}\n`);
		const ids = stdout
			.trim()
			.split('\n')
			.map((line) => JSON.parse(line).id);
		expect(ids).toEqual(lines.map((_, id) => id));
	});

	it('says how it is used, and fails on a command it does not know', () => {
		expect(run(['help'], '')).toMatchObject({
			status: 0,
			stdout: expect.stringContaining('reads requests from standard'),
		});
		expect(run(['fly'], '').status).toBe(2);
	});
});
