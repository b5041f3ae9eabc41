import { cutSheet } from '../src/problem';

type Page = readonly [name: string, page: string, problems: readonly (readonly [label: string | null, text: string])[]];

const SNOW = 'Snow lies 42 cm deep. How many mm is that?';
const SLED = 'A sled load weighs 96 lb. What is that in kg?';
const LAMP = 'The lamps burn 7.35 h a day. How many minutes is that?';

const PAGES: readonly Page[] = [
	[
		'numbered',
		`1. ${SNOW}\n2. ${SLED}\n3. ${LAMP}`,
		[
			['1', SNOW],
			['2', SLED],
			['3', LAMP],
		],
	],
	[
		'numbered with brackets',
		`1) ${SNOW}\n\n2) ${SLED}`,
		[
			['1', SNOW],
			['2', SLED],
		],
	],
	[
		'from another number',
		`7. ${SNOW}\n8. ${SLED}`,
		[
			['7', SNOW],
			['8', SLED],
		],
	],
	[
		'lettered',
		`a) ${SNOW}\nb) ${SLED}\nc) ${LAMP}`,
		[
			['a', SNOW],
			['b', SLED],
			['c', LAMP],
		],
	],
	[
		'bulleted',
		`• ${SNOW}\n• ${SLED}`,
		[
			[null, SNOW],
			[null, SLED],
		],
	],
	[
		'by blank lines',
		`${SNOW}\n\n${SLED}\n\n${LAMP}`,
		[
			[null, SNOW],
			[null, SLED],
			[null, LAMP],
		],
	],
	['one', `${SNOW}`, [[null, SNOW]]],
	[
		'one over several lines',
		'Snow lies 42 cm deep\non the ridge. How many mm\nis that?',
		[[null, 'Snow lies 42 cm deep\non the ridge. How many mm\nis that?']],
	],
	[
		'one heading for all',
		'Convert to metres:\n1. 3.2 km\n2. 45 cm\n3. 7 mm',
		[
			['1', 'Convert to metres: 3.2 km'],
			['2', 'Convert to metres: 45 cm'],
			['3', 'Convert to metres: 7 mm'],
		],
	],
	[
		'a title and an instruction on top',
		`Worksheet 4: the weather mast\nName: ______ Date: ______\nShow your work and round to 3 significant figures.\n1. ${SNOW}\n2. ${SLED}`,
		[
			['1', `Show your work and round to 3 significant figures. ${SNOW}`],
			['2', `Show your work and round to 3 significant figures. ${SLED}`],
		],
	],
	[
		'parts with instructions of their own',
		'Convert to grams:\n1. 3.2 kg\n2. 45 mg\n\nConvert to litres:\n3. 250 mL\n4. 3.5 dL',
		[
			['1', 'Convert to grams: 3.2 kg'],
			['2', 'Convert to grams: 45 mg'],
			['3', 'Convert to litres: 250 mL'],
			['4', 'Convert to litres: 3.5 dL'],
		],
	],
	[
		'letters under numbers',
		`1. Convert to cm:\na) 3.2 m\nb) 45 mm\n2. ${SLED}`,
		[
			['1a', 'Convert to cm: 3.2 m'],
			['1b', 'Convert to cm: 45 mm'],
			['2', SLED],
		],
	],
	[
		'two columns run together',
		'1. 3.2 kg → g    2. 45 mm → cm\n3. 250 mL → L    4. 2.5 h → min',
		[
			['1', '3.2 kg → g'],
			['2', '45 mm → cm'],
			['3', '250 mL → L'],
			['4', '2.5 h → min'],
		],
	],
	[
		'an answer key behind',
		`1. ${SNOW}\n2. ${SLED}\n\nAnswer key\n1. 420 mm\n2. 44 kg`,
		[
			['1', SNOW],
			['2', SLED],
		],
	],
	[
		'terse lines under a heading',
		'Fill in:\n91 cm = ___ ft\n3.2 kg → g\n40 L to mL',
		[
			[null, 'Fill in: 91 cm = ___ ft'],
			[null, 'Fill in: 3.2 kg → g'],
			[null, 'Fill in: 40 L to mL'],
		],
	],
	[
		'terse lines alone',
		'91 cm = ___ ft\n3.2 kg → g',
		[
			[null, '91 cm = ___ ft'],
			[null, '3.2 kg → g'],
		],
	],
	[
		'problems that go on',
		`1. Snow lies 42 cm deep.\n   How many mm is that?\n2. ${SLED}`,
		[
			['1', 'Snow lies 42 cm deep.\n   How many mm is that?'],
			['2', SLED],
		],
	],
	[
		'by the word',
		`Problem 1: ${SNOW}\nProblem 2: ${SLED}`,
		[
			['1', SNOW],
			['2', SLED],
		],
	],
	[
		'a number at the start of a sentence',
		'12 jars go into a crate. How many crates do 96 jars need?',
		[[null, '12 jars go into a crate. How many crates do 96 jars need?']],
	],
	[
		'line ends of another system',
		`1. ${SNOW}\r\n2. ${SLED}\r\n`,
		[
			['1', SNOW],
			['2', SLED],
		],
	],
];

describe('a page cut into its problems', () => {
	it.each(PAGES)('%s', (_, page, problems) => {
		const cut = cutSheet(page);
		expect(cut.map(({ label, text }) => [label, text])).toEqual(problems);
		// Each is at the place it says, with its instruction put before.
		for (const { at, text } of cut) expect(text.endsWith(page.slice(...at).trim())).toBe(true);
	});

	it('of nothing has none, and of 100 000 signs no more than it can hold', () => {
		expect(cutSheet('')).toEqual([]);
		expect(cutSheet('  \n\n ')).toEqual([]);
		const many = Array.from({ length: 900 }, (_, i) => `${i + 1}. ${SNOW}`).join('\n');
		expect(cutSheet(many)).toHaveLength(500);
		expect(cutSheet('x'.repeat(300_000))[0]?.text).toHaveLength(200_000);
	});
});

describe('what holds for several problems', () => {
	it('is put before each, but for one that asks for another unit by itself', () => {
		const page = 'Convert to metres:\n1. 3.2 km\n2. How many litres are 350 mL?\n3. 40 mi/h = ___ ft/s';
		expect(cutSheet(page).map(({ text }) => text)).toEqual([
			'Convert to metres: 3.2 km',
			'How many litres are 350 mL?',
			'40 mi/h = ___ ft/s',
		]);
	});

	it('is put before one that asks, where it says how to round', () => {
		const page = 'Round each answer to 3 figures:\n1. How many litres are 350 mL?\n2. 14 ft to yd';
		expect(cutSheet(page)[0]?.text).toBe('Round each answer to 3 figures: How many litres are 350 mL?');
	});

	it('is cut where it is endless, so that a sheet stays as long as its page', () => {
		const page = `Convert to metres, ${'carefully '.repeat(200)}:\n1. 3.2 km\n2. 45 cm`;
		for (const { text } of cutSheet(page)) expect(text.length).toBeLessThan(450);
	});
});

describe('a page that is no good page', () => {
	it.each([
		['nothing', '', 0],
		['blank', ' \n\t\n', 0],
		['no numbers', 'The glasshouse is warm.', 1],
		['a third that is nonsense', '1. Convert 3 km to m.\n2. 14 ft to yd\n3. §§ %%\n4. How many mL are 0.35 L?', 4],
		['nine thousand problems', Array.from({ length: 9000 }, (_, i) => `${i + 1}. ${i} km to m`).join('\n'), 500],
	])('gives what is there: %s', (_, page, count) => {
		expect(cutSheet(page)).toHaveLength(count);
	});

	it('puts no instruction before a problem that asks for a unit of its own, inches among them', () => {
		const page = 'Convert to metres.\n1. 3.2 km\nPart B: use 1 in = 2.54 cm\n2. 7.5 in to cm';
		expect(cutSheet(page).map(({ text }) => text)).toEqual([
			'Convert to metres. 3.2 km',
			'use 1 in = 2.54 cm\n7.5 in to cm',
		]);
	});
});
