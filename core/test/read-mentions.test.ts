import { cutSheet, readProblem } from '../src/problem';
import { hasDecimalComma, withoutShortening } from '../src/read/as-written';
import { bareUnits } from '../src/read/problem/bare-units';
import { leadsTo } from '../src/read/problem/leads';
import { spokenNumbers } from '../src/read/problem/spoken-numbers';

const numbersOf = (text: string) => readProblem(text).numbers.map(({ number, unit }) => `${number} ${unit}`.trim());
const factsOf = (text: string) =>
	readProblem(text).facts.map(({ left, right }) => `${left.number} ${left.unit} = ${right.number} ${right.unit}`);

describe('numbers in words', () => {
	it.each([
		['thirty-six', '36'],
		['two hundred and five', '205'],
		['four thousand', '4000'],
		['a dozen', '12'],
		['three dozen', '36'],
		['half a', '1/2'],
		['a quarter of an', '1/4'],
		['three quarters of an', '3/4'],
		['two and a half', '2 1/2'],
		['minus eight', '-8'],
		['1.5 million', '1.5e6'],
	])('“%s” is %s', (words, number) => {
		expect(spokenNumbers(`${words} hours`)[0]).toEqual({ at: [0, words.length], number });
	});

	it.each(['one of them', 'a kettle', 'often', 'the seventh day', 'someone'])('“%s” is none', (words) => {
		expect(spokenNumbers(words)).toEqual([]);
	});

	it('is a quantity where a unit or a thing follows', () => {
		expect(numbersOf('Nine buckets hold forty-five litres. How many litres do two buckets hold?')).toEqual([
			'9 bucket',
			'45 litres',
			'2 bucket',
		]);
	});
});

describe('a text as it was written', () => {
	it('keeps its places where a unit is shortened', () => {
		const text = 'It weighs 12 lbs. and is 30 sq. ft. at 2 in./min.';
		expect(withoutShortening(text)).toHaveLength(text.length);
		expect(withoutShortening(text)).toBe('It weighs 12 lbs  and is 30 sq  ft  at 2 in/min .');
		expect(withoutShortening('It is 30 in. How long is that?')).toBe('It is 30 in. How long is that?');
	});

	it.each([
		['It weighs 2,5 kg.', true],
		['There are 0,025 t of it.', true],
		['It is 1.250,5 m long.', true],
		['It weighs 1,250 kg.', false],
		['See questions 1,2 for more.', false],
		['Name it (2,5 points): 3 km in m', false],
	])('“%s” has a decimal comma: %s', (text, has) => {
		expect(hasDecimalComma(text)).toBe(has);
	});

	it.each([
		['At 07:45 on 3 March 2024 the tank held 12 L. How many mL is that?', ['12 L']],
		['Bus 17 carried 34 kg. What is that in g?', ['34 kg']],
		['2. [3 marks] Convert 5.0 km to m.', ['5.0 km']],
		['A drop has 4.0 × 10-3 g. Give it in mg.', ['4.0 × 10^-3 g']],
		['How many cm^3 are 0.5 m^3?', ['0.5 m^3']],
		['It was 75 F in the warm room. What is that in Celsius?', ['75 °F']],
	])('%s', (text, numbers) => {
		expect(numbersOf(text)).toEqual(numbers);
	});
});

describe('a thing with the name of something in the language', () => {
	it.each(['constructor', 'toString', '__proto__', 'hasOwnProperty'])('3 %s is a quantity like any other', (thing) => {
		expect(() => readProblem(`Each ${thing} has 4 kg. How many kg have 3 ${thing}?`)).not.toThrow();
	});
});

describe('facts of the wider kind', () => {
	it.each([
		['Turn 4.0 stone into kg, taking 1 stone as 6.35 kg.', ['1 stone = 6.35 kg']],
		['A pump moves 40 L into the tank in a minute. How many minutes for 600 L?', ['40 L = 1 minute']],
		['In one hour the crew packs 90 boxes. How many hours for 450 boxes?', ['90 box = 1 hour']],
		['How many 250-mL mugs fill from 3 L?', ['250 mL = 1 mug']],
		['Litres\tKilograms\n5\t4.1\nWhat do 12 L weigh in kg?', ['5 Litres = 4.1 Kilograms']],
	])('%s', (text, facts) => {
		expect(factsOf(text)).toEqual(facts);
	});

	it('are a scale and a share, each with its sides kept apart', () => {
		const map = readProblem('On a 1:50 000 map a trail is 6.4 cm long. How many km is it on the ground?');
		expect(map.facts).toEqual([
			{ left: { number: '1', unit: 'cm{drawing}' }, right: { number: '50 000', unit: 'cm{real}' } },
		]);
		expect([map.start, map.want]).toEqual([{ number: '6.4', unit: 'cm{drawing}' }, { unit: 'km{real}' }]);
		const ore = readProblem('An alloy is 12 % tin by mass. How many grams of tin are in 2.5 kg of it?');
		expect(ore.facts).toEqual([
			{ left: { number: '12', unit: 'kg{tin}' }, right: { number: '100', unit: 'kg{whole}' } },
		]);
		expect([ore.start, ore.want]).toEqual([{ number: '2.5', unit: 'kg{whole}' }, { unit: 'grams{tin}' }]);
	});
});

describe('a whole reading', () => {
	it('takes what is asked for from what the text names where nothing else leads there', () => {
		expect(readProblem('Load: 850 kg. In tonnes: ____').want).toEqual({ unit: 'tonnes' });
		expect(
			readProblem('The hall is to be painted in square metres of 1 coat. It has 900 ft². m²?').want,
		).not.toBeNull();
	});

	it('takes two units, and a measure in parts', () => {
		expect(readProblem('Write 301 K both in °C and in °F.').want).toEqual({ units: ['°C', '°F'] });
		expect(readProblem('The film runs 7 900 s. Put it in hours, minutes and seconds.').want).toEqual({
			mixed: ['h', 'min', 's'],
		});
	});

	it('multiplies lengths, and adds what is put together', () => {
		const bed = readProblem('A bed is 3.0 m by 1.5 m. What is its area in square feet?');
		expect([bed.start, bed.times]).toEqual([{ number: '3.0', unit: 'm' }, [{ number: '1.5', unit: 'm' }]]);
		const load = readProblem('2.0 kg of rope and 650 g of hooks go in one sack. What do they weigh altogether in lb?');
		expect([load.start, load.terms, load.parts]).toEqual([
			{ number: '2.0', unit: 'kg' },
			[{ number: '650', unit: 'g' }],
			false,
		]);
	});

	it('asks where the question has a quantity that no line uses', () => {
		const read = readProblem('A carton weighs 21 kg when full. What is the mass in grams of 5 lids?');
		expect(read).toMatchObject({ start: null, sure: false, want: { unit: 'grams' } });
		expect(read.choices?.map(({ start }) => start)).toEqual([
			{ number: '21', unit: 'kg' },
			{ number: '5', unit: 'lid' },
		]);
		expect(readProblem('A carton weighs 21 kg. What is that in grams?').sure).toBeUndefined();
	});
});

describe('what a text names without a number', () => {
	it('is weighed by the words beside it', () => {
		const [first] = bareUnits('Each litre costs 2 $. How many litres can be bought?', [], new Set());
		expect(first).toMatchObject({ unit: 'litres' });
		expect(bareUnits('It is a metre long.', [], new Set())[0]?.weight).toBeLessThan(0);
	});
});

describe('whether a line can lead', () => {
	const fact = { left: { number: '12', unit: 'jar' }, right: { number: '1', unit: 'crate' } };
	it.each([
		['jar', 'crate', true],
		['jar', 'kg', false],
		['km', 'mi', true],
		['km/h', 'crate', false],
	])('from %s to %s: %s', (from, to, leads) => {
		expect(leadsTo(from, to, [fact])).toBe(leads);
	});
});

describe('a page', () => {
	const cut = (text: string) => cutSheet(text).map(({ label, text: problem }) => [label, problem.replace(/\s+/g, ' ')]);

	it('leaves out what is no problem, and what a problem is worth', () => {
		const page =
			'Name: ________\n1) (2 points) How many feet are 3.0 m?\nAnswer: ________\n\n2) (1 point) How many g are 2 kg?\nAnswer: ________\nPage 1 of 1';
		expect(cut(page)).toEqual([
			['1', 'How many feet are 3.0 m?'],
			['2', 'How many g are 2 kg?'],
		]);
	});

	it('puts its facts before every problem, and what a group says before those of the group', () => {
		const page = 'Use 1 lb = 453.6 g.\n\nConvert to grams:\n1. 3.0 lb\n\nConvert to pounds:\n2. 900 g';
		expect(cut(page)).toEqual([
			['1', 'Use 1 lb = 453.6 g. Convert to grams: 3.0 lb'],
			['2', 'Use 1 lb = 453.6 g. Convert to pounds: 900 g'],
		]);
	});

	it('has roman numerals, parts, and instructions for some problems', () => {
		expect(cut('Write each in m.\ni. 3.0 ft\nii. 4.0 yd')).toEqual([
			['i', 'Write each in m. 3.0 ft'],
			['ii', 'Write each in m. 4.0 yd'],
		]);
		const page =
			'1. How many cm are 2 m?\n\nFor questions 2-2, round to two figures.\n2. How many ft are 3.1 m?\n\n3. How many s are 2 h?';
		expect(cut(page).map(([, text]) => text)).toEqual([
			'How many cm are 2 m?',
			'For questions 2-2, round to two figures. How many ft are 3.1 m?',
			'How many s are 2 h?',
		]);
	});

	it('puts what a number states before the letters under it', () => {
		expect(
			cut('1. A hose gives 18 L a minute.\n a) How many mL is that?\n b) How many L in 2 h?\n2. How many m are 3 km?'),
		).toEqual([
			['1a', 'A hose gives 18 L a minute. How many mL is that?'],
			['1b', 'A hose gives 18 L a minute. How many L in 2 h?'],
			['2', 'How many m are 3 km?'],
		]);
	});
});
