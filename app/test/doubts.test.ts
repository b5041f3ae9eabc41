import fc from 'fast-check';
import { type Doubt, doubtsAfter } from '../src/picture/doubts';

const doubt = (id: number, from: number, to: number): Doubt => ({ id, at: [from, to], strip: null });

describe('words that were hard to read, once the text is changed', () => {
	const text = '14 lb of 25 g';
	const doubts = [doubt(1, 0, 2), doubt(2, 9, 11)];
	const left = (after: string) => doubtsAfter(text, after, doubts).map(({ at }) => after.slice(...at));

	it('are left where something else was changed, at their places', () => {
		expect(left('14 kg of 25 g')).toEqual(['14', '25']);
		expect(left('About 14 lb of 25 g')).toEqual(['14', '25']);
	});

	it('are settled where they were changed or taken out', () => {
		expect(left('14 lb of 28 g')).toEqual(['14']);
		expect(left('lb of 25 g')).toEqual(['25']);
		expect(left('')).toEqual([]);
	});

	it('are the same words, whatever is put in or taken out elsewhere', () => {
		fc.assert(
			fc.property(fc.string(), fc.string(), fc.string(), fc.string(), (before, word, behind, more) => {
				const was = `${before}<${word}>${behind}`;
				const at = doubt(1, before.length, before.length + word.length + 2);
				for (const is of [`${more}${was}`, `${was}${more}`])
					for (const one of doubtsAfter(was, is, [at])) expect(is.slice(...one.at)).toBe(`<${word}>`);
			}),
		);
	});
});
