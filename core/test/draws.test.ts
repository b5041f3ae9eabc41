import fc from 'fast-check';
import { parseNumeral } from '../src';
import { Dice } from '../src/exercise/dice';
import { between, filled, followed, notRound, oneOf } from '../src/exercise/draws';
import { posed } from '../src/exercise/posed';

const some = <T>(draw: (dice: Dice) => T, count = 300): readonly T[] => {
	const dice = new Dice('some');
	return Array.from({ length: count }, () => draw(dice));
};

describe('seeded choices', () => {
	it('are the same from the same seed, and others from another', () => {
		const line = (seed: string) => {
			const dice = new Dice(seed);
			return Array.from({ length: 20 }, () => dice.whole(0, 999));
		};
		expect(line('fennel')).toEqual(line('fennel'));
		expect(line('fennel')).not.toEqual(line('ridge'));
		// Pinned: a Round handed out today must be the same one tomorrow.
		expect(line('fennel').slice(0, 4)).toEqual([230, 994, 149, 900]);
	});

	it('lie between their ends, and reach both', () => {
		const drawn = some((dice) => dice.whole(3, 7));
		expect([Math.min(...drawn), Math.max(...drawn)]).toEqual([3, 7]);
	});

	it('shuffle without losing anything', () => {
		fc.assert(
			fc.property(fc.array(fc.integer()), fc.string(), (list, seed) => {
				const shuffled = new Dice(seed).shuffled(list);
				expect([...shuffled].sort()).toEqual([...list].sort());
			}),
		);
	});
});

describe('drawn numbers', () => {
	it('are as fine as their ends are written', () => {
		for (const number of some(between('2.00', '9.75', 'a jar'))) {
			expect(number).toMatch(/^\d\.\d\d$/);
			expect(Number(number)).toBeGreaterThanOrEqual(2);
			expect(Number(number)).toBeLessThanOrEqual(9.75);
		}
		const below = some(between('-9.8', '-1.1', 'frost'));
		expect(below.length).toBeGreaterThan(20);
		for (const number of below) expect(number).toMatch(/^-\d\.\d$/);
	});

	it('that are whole do not end in a zero that leaves them unclear', () => {
		for (const number of some(between('7', '12', 'crates'))) {
			const read = parseNumeral(number);
			expect(read.ok && read.value.ambiguous).toBe(false);
		}
	});

	it('may be kept from ending in 0, be followed by something, or be one of a few', () => {
		expect(some(notRound(between('1.01', '9.89', 'a can'))).some((number) => number.endsWith('0'))).toBe(false);
		expect(new Set(some(followed(oneOf('a few', '4', '5'), '0', '00.', 'e3')))).toEqual(
			new Set(['40', '400.', '4e3', '50', '500.', '5e3']),
		);
	});

	it('keep the reason of their range', () => {
		expect(followed(notRound(between('1.01', '9.89', 'a can')), 'e3').why).toBe('a can');
	});

	it('stand in a text as typed, or as print has them', () => {
		const numbers = { n: '4.10e-3', m: '-3.5', k: '12' };
		expect(filled('<n> g, <m> °C, <k> jars, <x>', numbers, false)).toBe('4.10e-3 g, -3.5 °C, 12 jars, ');
		expect(filled('<n> g, <m> °C, <k> jars', numbers, true)).toBe('4.10 × 10⁻³ g, −3.5 °C, 12 jars');
	});
});

describe('a problem written down', () => {
	it('is an exercise with its quantities marked and read', () => {
		const exercise = posed({
			text: 'A flask of {602 mL|start} drips away at {19.5 mL|fact} each {1 min|fact}, at {20 °C|spare}.',
			start: '602 mL',
			facts: ['19.5 mL = 1 min', '12 jar = 1 crate exact'],
			want: 'min',
			line: ['1 min / 19.5 mL', '(100 cm / 1 m) ^ 2'],
		});
		expect(exercise.prompt).toBe('A flask of 602 mL drips away at 19.5 mL each 1 min, at 20 °C.');
		expect(exercise.marks?.map(({ at, role }) => [exercise.prompt.slice(...at), role])).toEqual([
			['602 mL', 'start'],
			['19.5 mL', 'fact'],
			['1 min', 'fact'],
			['20 °C', 'spare'],
		]);
		expect(exercise).toMatchObject({
			start: { number: '602', unit: 'mL' },
			facts: [{ exact: false }, { left: { number: '12', unit: 'jar' }, exact: true }],
			want: { unit: 'min' },
			rounding: 'figures',
			line: [{ bottom: { number: '19.5', unit: 'mL' } }, { top: { number: '100', unit: 'cm' }, power: 2 }],
		});
	});

	it('may start from two quantities, go to another, or have terms to add', () => {
		expect(posed({ text: '', start: '3.6 km in 12.5 min', want: 'm/s' }).start).toEqual({
			top: { number: '3.6', unit: 'km' },
			bottom: { number: '12.5', unit: 'min' },
		});
		const range = posed({ text: '', start: '2 °C', until: '9 °C', terms: ['7 ft'], want: { mixed: ['ft', 'in'] } });
		expect(range).toMatchObject({ until: { number: '9', unit: '°C' }, terms: [{ number: '7', unit: 'ft' }] });
		expect('start' in posed({ text: '', want: { figures: '3.0' } })).toBe(false);
	});
});
