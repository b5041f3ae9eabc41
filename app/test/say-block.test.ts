import { type BookExercise, bookExercise, type Factor, goalOf, judge, workChain } from '@tidy-sum/core';
import { sayFigures } from '@tidy-sum/core/help';
import { sayBlock } from '../src/desk/say-block';

function over(top: string, bottom: string, more: Partial<Factor> = {}): Factor {
	const quantity = (text: string) => {
		const [number = '', unit = ''] = text.split(' ');
		return { number, unit };
	};
	return { top: quantity(top), bottom: quantity(bottom), ...more };
}

const SNOW = bookExercise('new-snow') as BookExercise;

function work(factors: readonly Factor[], exercise: BookExercise = SNOW) {
	const worked = workChain({ start: exercise.start, factors, want: goalOf(exercise) ?? '' });
	if (!worked.ok) throw new Error(worked.fault.message);
	return worked.value;
}

describe('what is said of a block', () => {
	it.each<[string, readonly Factor[], RegExp, boolean]>([
		['that cancels', [over('2.54 cm', '1 in')], /^“in” cancels\.$/, false],
		['upside down', [over('1 in', '2.54 cm')], /“in” is now twice on the top.*Put it on the bottom/, true],
		['upside down below', [over('60 min', '1 h')], /h is now twice on the bottom.*Put it on the top/, true],
		['a cube upside down', [over('1 in', '2.54 cm', { power: 3 })], /“in” is now 4 times on the top/, true],
		['that has nothing to do with the line', [over('1000 mL', '1 L')], /Nothing on the line cancels/, false],
		['that is not equal', [over('2.45 cm', '1 in')], /not equal/, false],
	])('%s', (_, factors, text, turn) => {
		const said = sayBlock(
			{ worked: work(factors), exercise: SNOW, support: 'close', verdict: null },
			factors.length - 1,
		);
		expect(said.text).toMatch(text);
		expect(said.turn).toBe(turn);
	});

	it('is as much as the support allows: light leaves unequal sides to the check, none says nothing', () => {
		const unequal = work([over('2.45 cm', '1 in')]);
		expect(sayBlock({ worked: unequal, exercise: SNOW, support: 'light', verdict: null }, 0).text).toBe(
			'“in” cancels.',
		);
		const twice = work([over('1 in', '2.54 cm')]);
		expect(sayBlock({ worked: twice, exercise: SNOW, support: 'none', verdict: null }, 0)).toEqual({
			text: '',
			turn: false,
		});
	});

	it('is what the check found at the block, once it was checked, whatever the support', () => {
		const factors = [over('1 in', '2.54 cm')];
		const judged = judge(SNOW, '1.1 mm/min', { start: SNOW.start, factors, want: 'mm/min' });
		if (!judged.ok) throw new Error(judged.fault.message);
		const { lines: verdict } = judged.value;
		for (const support of ['close', 'none'] as const)
			expect(sayBlock({ worked: work(factors), exercise: SNOW, support, verdict }, 0)).toEqual({
				text: verdict.line.why,
				turn: true,
				checked: true,
			});
		expect(verdict.line.why).toMatch(/Look at factor 1/);
	});

	it('takes what the problem states for equal, though its units are alike', () => {
		const dog = bookExercise('dog-dose') as BookExercise;
		const worked = work([over('1.5 mg', '1 kg')], dog);
		expect(sayBlock({ worked, exercise: dog, support: 'close', verdict: null }, 0).text).not.toContain('not equal');
	});
});

describe('what is said of the figures', () => {
	it('names the inputs that have the fewest, and that exact facts limit nothing', () => {
		const tank = bookExercise('nutrient-tank') as BookExercise;
		expect(sayFigures(work(tank.line ?? [], tank), tank.start)).toBe(
			'The answer may have 3 figures. Of the measured numbers, 2.50 L and 1.18 g have the fewest. Exact facts do not limit the figures.',
		);
	});
});
