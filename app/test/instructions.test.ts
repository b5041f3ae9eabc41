import { instructed } from '../src/bring/instructions';

describe('the instruction of a list', () => {
	it('is said once, and each problem keeps its own words', () => {
		const texts = ['Convert to m: 3 km', 'Convert to m: 45 cm', 'Convert to g: 3 kg', 'Convert to g: 8 mg'];
		expect(instructed(texts)).toEqual([
			{ instruction: 'Convert to m:', own: '3 km' },
			{ instruction: null, own: '45 cm' },
			{ instruction: 'Convert to g:', own: '3 kg' },
			{ instruction: null, own: '8 mg' },
		]);
	});

	it('is left out where texts only begin alike', () => {
		const texts = ['Convert 3 km to m.', 'Convert 45 cm to m.'];
		expect(instructed(texts)).toEqual(texts.map((own) => ({ instruction: null, own })));
	});

	it('leaves a problem that is nothing but its instruction', () => {
		expect(instructed(['Use 1 in = 2.54 cm.', 'Use 1 in = 2.54 cm. How long is 3 in?'])[0]?.own).toBe(
			'Use 1 in = 2.54 cm.',
		);
	});
});
