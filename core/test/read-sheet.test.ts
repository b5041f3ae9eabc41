import { readSheet } from '../src/problem';

const PAGE = `Fennel Ridge School: Units
Name: ____________  Date: ______
Convert each one.
1. 3 km to m
Answer: ______
2. 45 cm to m
Answer: ______
A cart weighs 12 kg. How many pounds is that?
Page 2 of 3`;

describe('a page', () => {
	it('has its title, and says what was left out', () => {
		const { title, problems, about } = readSheet(PAGE);
		expect(title).toBe('Fennel Ridge School: Units');
		expect(problems).toHaveLength(2);
		const left = about.map(({ text }) => text);
		expect(left).toContain('Name: ____________  Date: ______');
		expect(left).toContain('Page 2 of 3');
		for (const { at, text } of about) expect(PAGE.slice(...at)).toBe(text);
	});

	it('loses no line: each is in a problem, holds for one, or is said to be left out', () => {
		const { title, problems, about } = readSheet(PAGE);
		for (const line of PAGE.split('\n')) {
			const words = line.replace(/^\d\.\s/, '').replace(/\.$/, '');
			const kept = [title, ...problems.map(({ text }) => text), ...about.map(({ text }) => text)].join('\n');
			expect(kept).toContain(words);
		}
	});

	it('of one problem has no title', () => {
		expect(readSheet('A sled runs at 3.6 m/s.\nWhat is that in km/h?').title).toBeNull();
	});
});
