import { type BookExercise, bookExercise, type Factor, goalOf, listed, workChain } from '@tidy-sum/core';
import { balanceOf, letterOf, mustGoOf, sayBlock, sayFigures } from '../src/desk/describe';
import { DARK, LIGHT, type Palette } from '../src/theme/tokens';

function over(top: string, bottom: string, more: Partial<Factor> = {}): Factor {
	const quantity = (text: string) => {
		const [number = '', unit = ''] = text.split(' ');
		return { number, unit };
	};
	return { top: quantity(top), bottom: quantity(bottom), ...more };
}

const SNOW = bookExercise('new-snow') as BookExercise;

function work(factors: readonly Factor[], exercise: BookExercise = SNOW) {
	const worked = workChain({ start: exercise.start, factors, want: goalOf(exercise.want) ?? '' });
	if (!worked.ok) throw new Error(worked.fault.message);
	return worked.value;
}

function shown(factors: readonly Factor[], exercise: BookExercise = SNOW) {
	return balanceOf(work(factors, exercise), goalOf(exercise.want) ?? '').map(({ kind, top, bottom }) => {
		const cell = (of: typeof top) => (of ? `${of.symbol}${of.piece ? '' : '?'}` : '');
		return `${kind}: ${cell(top)}/${cell(bottom)}`;
	});
}

describe('the balance', () => {
	it('begins with empty sockets and everything still to go', () => {
		expect(shown([])).toEqual(['wanted: mm?/min?', 'must-go: in/h']);
	});

	it('ties a pair and fills a socket', () => {
		expect(shown([over('2.54 cm', '1 in'), over('10 mm', '1 cm')])).toEqual([
			'wanted: mm/min?',
			'must-go: /h',
			'cancelled: in/in',
			'cancelled: cm/cm',
		]);
	});

	it('has a socket for each power', () => {
		const pane = bookExercise('vent-pane') as BookExercise;
		expect(shown([over('100 cm', '1 m')], pane)).toEqual([
			'wanted: cm/',
			'wanted: cm?/',
			'must-go: m/',
			'cancelled: m/m',
		]);
		expect(shown([over('100 cm', '1 m', { power: 2 })], pane).slice(0, 2)).toEqual(['wanted: cm/', 'wanted: cm/']);
	});

	it('lists what must go once for each side', () => {
		const worked = work([over('1 in', '2.54 cm')]);
		expect(mustGoOf(balanceOf(worked, 'mm/min')).map(({ base }) => base)).toEqual(['in', 'h', 'cm']);
	});
});

describe('what is said of a block', () => {
	it.each<[string, readonly Factor[], RegExp, boolean]>([
		['that cancels', [over('2.54 cm', '1 in')], /^“in” cancels\.$/, false],
		['upside down', [over('1 in', '2.54 cm')], /“in” now stands twice on the top.*should be on the bottom/, true],
		['upside down below', [over('60 min', '1 h')], /“h” now stands twice on the bottom.*should be on the top/, true],
		['that has nothing to do with the line', [over('1000 mL', '1 L')], /Nothing on the line cancels/, false],
		['that is not equal', [over('2.45 cm', '1 in')], /not equal/, false],
	])('%s', (_, factors, text, turn) => {
		const said = sayBlock({ worked: work(factors), exercise: SNOW, support: 'close' }, factors.length - 1);
		expect(said.text).toMatch(text);
		expect(said.turn).toBe(turn);
	});

	it('is as much as the support allows: light leaves unequal sides to the check, none says nothing', () => {
		const unequal = work([over('2.45 cm', '1 in')]);
		expect(sayBlock({ worked: unequal, exercise: SNOW, support: 'light' }, 0).text).toBe('“in” cancels.');
		const twice = work([over('1 in', '2.54 cm')]);
		expect(sayBlock({ worked: twice, exercise: SNOW, support: 'none' }, 0)).toEqual({ text: '', turn: false });
	});

	it('takes what the problem states for equal, though its units are alike', () => {
		const dog = bookExercise('dog-dose') as BookExercise;
		const worked = work([over('1.5 mg', '1 kg')], dog);
		expect(sayBlock({ worked, exercise: dog, support: 'close' }, 0).text).not.toContain('not equal');
	});
});

describe('what is said of the figures', () => {
	it('names the inputs that have the fewest, and that exact facts limit nothing', () => {
		const tank = bookExercise('nutrient-tank') as BookExercise;
		expect(sayFigures(work(tank.line ?? [], tank), tank.start)).toBe(
			'The answer may have 3 figures: of the measured inputs 2.50 L and 1.18 g have the fewest. The exact facts limit nothing.',
		);
	});
});

describe('small words', () => {
	it('letters go on after z, and lists read as sentences do', () => {
		expect([0, 25, 26].map(letterOf)).toEqual(['a', 'z', 'a2']);
		expect([listed([]), listed(['in']), listed(['in', 'h']), listed(['in', 'm', 'h'])]).toEqual([
			'',
			'in',
			'in and h',
			'in, m and h',
		]);
	});
});

/** Relative luminance and contrast by WCAG 2.2. */
function contrast(one: string, two: string): number {
	const light = (colour: string) => {
		const [r = 0, g = 0, b = 0] = [1, 3, 5]
			.map((i) => Number.parseInt(colour.slice(i, i + 2), 16) / 255)
			.map((c) => (c <= 0.04045 ? c / 12.92 : ((c + 0.055) / 1.055) ** 2.4));
		return 0.2126 * r + 0.7152 * g + 0.0722 * b;
	};
	const [a, b] = [light(one), light(two)].sort((x, y) => y - x) as [number, number];
	return (a + 0.05) / (b + 0.05);
}

describe.each<[string, Palette]>([
	['light', LIGHT],
	['dark', DARK],
])('the colours of the %s theme', (_, palette) => {
	it('have contrast enough: 4.5 for words, 3 for edges that mean something', () => {
		const words = [
			...(['page', 'panel', 'pineWash', 'lookWash'] as const).flatMap((on) =>
				(['ink', 'soft', 'look'] as const).map((tone) => [palette[tone], palette[on]] as const),
			),
			[palette.pine, palette.page],
			[palette.pine, palette.panel],
			[palette.pine, palette.pineWash],
			[palette.onPine, palette.pine],
			[palette.onApricot, palette.apricot],
		] as const;
		for (const [tone, on] of words) expect(contrast(tone, on)).toBeGreaterThanOrEqual(4.5);
		for (const edge of [palette.edge, palette.pine, palette.apricotEdge, palette.look])
			expect(contrast(edge, palette.page)).toBeGreaterThanOrEqual(3);
	});
});
