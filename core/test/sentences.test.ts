import { readFileSync } from 'node:fs';
import { join } from 'node:path';
import { saidIn } from './sentences-drawn';
import { formsOn, TESTED_CHECKS, TESTED_SEED } from './sentences-listed';

const PAGE = readFileSync(join(__dirname, '..', '..', 'docs', 'sentences.md'), 'utf8');

describe('what is said', () => {
	const said = saidIn(TESTED_CHECKS, TESTED_SEED);

	it('is on the page of sentences', () => {
		const forms = formsOn(PAGE);
		expect(said.length).toBeGreaterThan(5000);
		expect(forms.size).toBeGreaterThan(150);
		expect([...new Set(said.filter(({ form }) => !forms.has(form)).map(({ sentence }) => sentence))]).toEqual([]);
	});

	it('is a sentence without braces, base units or a word too many', () => {
		for (const { sentence } of said) {
			expect(sentence).toMatch(/^["“\p{L}\d°′″−.µ]/u);
			expect(sentence).toMatch(/[.?!]$/);
			expect(sentence).not.toMatch(/[{}]|undefined|null|NaN/);
			expect(sentence).not.toMatch(/ {2}|\b(\w+) and \w+ and |a quantity in/);
		}
	});
});
