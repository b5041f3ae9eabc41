import { inMark } from '../src';

describe('a printed text', () => {
	it.each([
		['27.1 ft/s', '27,1 ft/s'],
		['Reads as 3.0 × 10³ s · 2 figures.', 'Reads as 3,0 × 10³ s · 2 figures.'],
		[
			'The line gives 27.1333… ft/s. Look at 2.5, 3.25 and 4.',
			'The line gives 27,1333… ft/s. Look at 2,5, 3,25 and 4.',
		],
		['7000. L', '7000. L'],
		['1.234,5 kg', '1.234,5 kg'],
		['see 1.2.3', 'see 1.2.3'],
		['0.450', '0,450'],
	])('%s has commas where they are asked for', (text, shown) => {
		expect(inMark(text, 'comma')).toBe(shown);
		expect(inMark(text, 'comma')).toHaveLength(text.length);
		expect(inMark(text, 'point')).toBe(text);
	});
});
