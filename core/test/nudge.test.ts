import { asideStep, BOOK, bookExercise, type Exercise, type Factor, goalOf, type Start, workChain } from '../src';
import { nudgesFor } from '../src/help';

const q = (text: string) => ({ number: text.split(' ')[0] as string, unit: text.split(' ')[1] ?? '' });
const over = (top: string, bottom: string): Factor => ({ top: q(top), bottom: q(bottom) });
const nudges = (start: Start, factors: readonly Factor[], unit: string) =>
	nudgesFor({ start, factors }, { prompt: '', start, facts: [], want: { unit }, rounding: 'figures' });
const snow = (...factors: Factor[]) => nudges(q('2.75 in/h'), factors, 'mm/min');
const add = (shift: string, more: Partial<Factor> = {}): Factor => ({ ...over('1', '1'), ...more, shift });

/** Exercises whose line adds as well as scales; they have nudges of their own. */
const SHIFTED = [
	'seed-store',
	'glasshouse-noon',
	'freezer-dial',
	'night-range',
	'roof-beam',
	'sled-scale',
	'lamp-hours',
	'shelf-plank',
	'herb-bed',
	'seed-chamber',
	'gate-height',
];

describe('nudges where no line, or no factor, is worked', () => {
	const asked = (more: Partial<Exercise>) =>
		nudgesFor(
			{ start: more.start ?? { number: '', unit: '' }, factors: [] },
			{ prompt: '', facts: [], want: { unit: '' }, rounding: 'figures', ...more },
		);

	it.each<[string, Partial<Exercise>, string]>([
		['figures to count', { want: { figures: '0.0404' } }, 'first figure that is not 0'],
		[
			'a factor to name',
			{ want: { slip: { start: q('2 h'), factors: [over('100 min', '1 h')], want: 'min' } } },
			'Are top and bottom equal',
		],
		['a count to round to', { start: q('9.99 g'), want: { unit: 'g' }, rounding: { significant: 2 } }, 'to 2 figures'],
		['a place to round to', { start: q('9.99 g'), want: { unit: 'g' }, rounding: { place: -1 } }, 'to the tenths'],
		['scientific form', { start: q('420 g'), want: { unit: 'g', form: 'scientific' } }, 'then the point'],
		['plain form', { start: q('4.2e-3 g'), want: { unit: 'g', form: 'plain' } }, 'A negative power'],
		['a difference', { start: q('9.0 °F'), want: { unit: 'K' }, difference: true }, 'you only multiply'],
	])('%s', (_, exercise, says) => {
		const told = asked(exercise);
		expect(told.length).toBeGreaterThan(2);
		expect(told.join(' ')).toContain(says);
	});

	it('a closed line whose answer is to be rounded tells that, not the figures of the inputs', () => {
		const exercise: Partial<Exercise> = { start: q('2.5 h'), want: { unit: 'min' }, rounding: { place: 0 } };
		const told = nudgesFor(
			{ start: q('2.5 h'), factors: [over('60 min', '1 h')] },
			{ prompt: '', facts: [], want: { unit: 'min' }, rounding: 'figures', ...exercise },
		);
		expect(told.at(-1)).toBe('Round the answer to the ones.');
	});
});

describe('nudges', () => {
	it('say first what differs, then the unit, then the fact, then which way up', () => {
		expect(snow()).toEqual([
			'The line is in in/h. It should end in mm/min. “in” and h must go, mm and min are missing.',
			'Start with “in”, on the top. Which fact has it?',
			'This fact helps: 1 in is 25.4 mm.',
			'“in” is on the top, so put it on the bottom of the factor: 25.4 mm over 1 in.',
		]);
	});

	it('keep to the tables a class may use, and know one’s own facts', () => {
		const start = q('3 mi');
		const exercise: Exercise = { prompt: '', start, facts: [], want: { unit: 'km' }, rounding: 'figures' };
		const at = (from: Parameters<typeof nudgesFor>[2]) => nudgesFor({ start, factors: [] }, exercise, from).join(' ');
		expect(at({})).toContain('1 mi is 1.609344 km');
		expect(at({ allowed: ['customary', 'metric'] })).toContain('No fact leads on from here');
		const own = [{ left: q('1 mi'), right: q('1.61 km'), exact: false }];
		expect(at({ allowed: ['customary'], own })).toContain('1.61 km');
	});

	it('leave alone what is the same', () => {
		expect(nudges(q('3.1 kPa/min'), [], 'Pa/min')[0]).toContain('min stays');
	});

	it('point at the block that stands upside down', () => {
		const said = snow(over('1 in', '2.54 cm'));
		expect(said[0]).toBe('A unit is on the top twice and does not cancel.');
		expect(said.at(-1)).toBe('Factor 1 cancels nothing this way up. Turn it over.');
	});

	it('point at the block whose sides are not equal, with a fact to hold it against', () => {
		expect(snow(over('2.45 cm', '1 in'))).toEqual([
			'One factor changes the value, because its top and bottom are not equal.',
			'It is factor 1, 2.45 cm over 1 in. Check its numbers.',
			'Compare it with this fact: 1 in is 2.54 cm.',
		]);
	});

	it('name the power of an area', () => {
		expect(nudges(q('0.42 m^2'), [], 'cm^2').at(-1)).toContain('Raise the whole factor to the power 2.');
	});

	it('turn to the numbers once the line closes, without saying the answer', () => {
		const said = nudges(q('454 g'), [over('1 kg', '10^3 g')], 'kg');
		expect(said).toContain('The answer may have 3 figures.');
		expect(said.join(' ')).not.toContain('0.454');
	});

	it('lead through every exercise of the book, block by block, to a line that closes', () => {
		for (const exercise of BOOK) {
			const { name, start } = exercise;
			const want = { unit: goalOf(exercise) ?? '' };
			if (SHIFTED.includes(name)) continue;
			const factors: Factor[] = [];
			for (let step = 0; step < 12; step++) {
				const worked = workChain({ start, factors, want: want.unit });
				if (worked.ok && worked.value.reached) break;
				const block =
					/ on the (?:top|bottom) of the factor: (\S+) (\S+) over (\S+) (\S+?)\.(?: Raise the whole factor to the power (\d))?/.exec(
						nudgesFor({ start, factors }, exercise).at(-1) ?? '',
					);
				expect([name, block]).not.toEqual([name, null]);
				const [, a = '', b = '', c = '', d = '', power] = block ?? [];
				const plain = (text: string) => text.replaceAll('\u202f', '');
				factors.push({
					top: { number: plain(a), unit: b },
					bottom: { number: plain(c), unit: d },
					...(power ? { power: Number(power) } : {}),
				});
			}
			const worked = workChain({ start, factors, want: want.unit });
			expect([name, worked.ok && worked.value.reached]).toEqual([name, true]);
		}
	});

	it('lead a temperature to its shift, and say so when a step has gone wrong', () => {
		const noon = bookExercise('glasshouse-noon') as Exercise & { start: Start };
		const at = (...factors: Factor[]) => nudgesFor({ start: noon.start, factors }, noon);
		expect(at().at(-1)).toBe('The step: subtract 32.');
		expect(at()[0]).toContain('you also have to add or subtract');
		expect(at(add('32'))[0]).toBe('Step 1 does not help. Check it again, or undo it.');
		expect(at(add('-32'), over('5 °C', '9 °F'))[0]).toContain('The line is complete');
	});

	it('lead a mixed measure to setting its whole part aside, and then to the smaller unit', () => {
		const beam = bookExercise('roof-beam') as Exercise & { start: Start };
		const at = (...factors: Factor[]) => nudgesFor({ start: beam.start, factors }, beam);
		expect(at().at(-1)).toBe('The step: set aside 8 feet, 0.75 feet left.');
		expect(at(asideStep({ number: '8', unit: 'ft' })).at(-1)).toContain('12 in over 1 ft');
		expect(at(add('-8')).at(-1)).toContain('12 in over 1 ft');
		expect(at(add('-8'), over('12 in', '1 ft')).join(' ')).toContain('Write all the parts');
	});
});
