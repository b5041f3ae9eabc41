import { spawnSync } from 'node:child_process';
import { readFileSync } from 'node:fs';
import { join } from 'node:path';
import Ajv from 'ajv/dist/2020';
import { SCHEMA_FILE, schemaText } from '../set-schema';

const BIN = join(__dirname, '..', '..', 'cli', 'bin', 'tidy-sum.mjs');

/** A set as the command line writes it. */
function written(set: string): Record<string, unknown> {
	return JSON.parse(spawnSync(process.execPath, [BIN, 'set', set], { encoding: 'utf8', maxBuffer: 1e8 }).stdout);
}

describe('the published shape of a set', () => {
	const schema = JSON.parse(readFileSync(SCHEMA_FILE, 'utf8'));
	const isSet = new Ajv({ strict: false }).compile(schema);

	it('is what reads one (npm run set-schema writes it anew)', () => {
		expect(schema).toEqual(JSON.parse(schemaText()));
		expect(schema.$schema).toBe('https://json-schema.org/draft/2020-12/schema');
	});

	it('takes every set we write, and none that is broken', () => {
		const book = written('book');
		expect({ ok: isSet(book), errors: isSet.errors }).toEqual({ ok: true, errors: null });
		expect(isSet(written('910k-s5fa-f'))).toBe(true);
		expect(isSet({ ...book, tidySum: 3 })).toBe(false);
		expect(isSet({ ...book, exercises: [{ name: 'a', prompt: 'b' }] })).toBe(false);
	});
});
