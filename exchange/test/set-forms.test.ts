import { BOOK } from '@tidy-sum/core';
import { strToU8 } from 'fflate';
import Papa from 'papaparse';
import { handedText } from '../src/handed-link';
import {
	exercisesOf,
	handedOfSet,
	lookedOver,
	readSetFile,
	readSetText,
	setCsv,
	setJson,
	setOf,
	setOfRound,
	writeSet,
} from '../src/set';
import { BOOK_SET, isRight, keyText } from './sets';

const bytesOf = (content: string | Uint8Array) => (typeof content === 'string' ? strToU8(content) : content);

/** A set from a text or bytes, which must be read. */
function read(content: string | Uint8Array) {
	const made = readSetFile(bytesOf(content));
	if (!made.ok) throw new Error(made.fault.message);
	return made.value;
}

/** What is said of a file that cannot be read. */
function fault(content: string | Uint8Array): string {
	const made = readSetFile(bytesOf(content));
	return made.ok ? 'was read' : made.fault.message;
}

/** The exercises of a CSV, which must be read. */
const rows = (...lines: string[]) => read(lines.join('\n'));

const CLASS = {
	facts: [{ left: { number: '1', unit: 'stride' }, right: { number: '0.70', unit: 'm' } }],
	tables: ['prefixes', 'time'],
	ties: 'even',
	support: 'light',
	numbers: 'covered',
	decimal: 'point',
	rounding: [
		{ unit: 'gtt/min', place: 0 },
		{ unit: 'kg', significant: 2 },
	],
	given: 'exact',
} as const;

const IN_CLASS = {
	...BOOK_SET,
	goesBy: { ...CLASS, facts: [...CLASS.facts], tables: [...CLASS.tables], rounding: [...CLASS.rounding] },
};

describe('a set in each of its forms', () => {
	it.each(['json', 'csv', 'qti'] as const)('goes out as %s, comes in, and goes out as the same bytes', (form) => {
		const out = writeSet(form, IN_CLASS).content;
		const again = read(out);
		expect(again.set.goesBy).toEqual(IN_CLASS.goesBy);
		expect(Buffer.from(bytesOf(writeSet(form, again.set).content)).equals(Buffer.from(bytesOf(out)))).toBe(true);
		expect(again.rows.every(({ taken, says }) => taken && says === '')).toBe(true);
	});

	it('keeps the key of every exercise of the book', () => {
		for (const form of ['json', 'csv', 'qti'] as const) {
			const { set } = read(writeSet(form, BOOK_SET).content);
			expect(set.exercises.map(keyText)).toEqual(BOOK_SET.exercises.map(keyText));
		}
	});

	it('is known by what is in it, whatever the file is called', () => {
		expect(read(`\uFEFF${setCsv(BOOK_SET)}`).set.exercises).toHaveLength(BOOK.length);
		expect(readSetText(setJson(BOOK_SET)).ok).toBe(true);
		const wide = Buffer.concat([Buffer.from([0xff, 0xfe]), Buffer.from('start,wanted\n26 mi/h,ft/s', 'utf16le')]);
		expect(read(wide).set.exercises).toMatchObject([{ start: { number: '26', unit: 'mi/h' }, want: { unit: 'ft/s' } }]);
	});

	it('takes a Round by its code, and says that it is one', () => {
		const made = setOfRound('910K S5FA-F');
		if (!made.ok) throw new Error(made.fault.message);
		expect(made.value).toMatchObject({ title: 'Round 910k-s5fa-f', code: '910k-s5fa-f', exercises: { length: 5 } });
		expect(read(setCsv(made.value)).set).toEqual(made.value);
		expect(setOfRound('910k-s5fa-g').ok).toBe(false);
	});

	it('goes on by link as problems, with all that was told of each', () => {
		const again = read(handedText(handedOfSet(IN_CLASS)));
		expect(again.set.exercises.map(keyText)).toEqual(exercisesOf(IN_CLASS).map(keyText));
		expect(again.set.exercises[0]).toMatchObject({
			goesBy: { ties: 'even', support: 'light' },
			line: expect.any(Array),
		});
	});
});

describe('a table that people write', () => {
	it('has its columns in any order, by the names people give them', () => {
		const { set } = rows(
			'Unit,Problem,From,rounding,extra',
			'ft/s,A gust of wind.,26.0 mi/h,2 decimal places,x',
			'"h, min, s",Lamps burn.,"3.26 h",none,',
		);
		expect(set.exercises).toMatchObject([
			{
				prompt: 'A gust of wind.',
				start: { number: '26.0', unit: 'mi/h' },
				want: { unit: 'ft/s' },
				rounding: { place: -2 },
			},
			{ want: { mixed: ['h', 'min', 's'] }, rounding: 'none' },
		]);
		expect(set.exercises.map(keyText)).toEqual(['38.13 ft/s', '3 h 15 min 36 s']);
	});

	it('is cut by semicolons or tabs where those stand between its cells', () => {
		expect(rows('start;wanted;facts', '3.2 kg;g;1 kg = 1000 g').set.exercises).toMatchObject([{ facts: [{}] }]);
		expect(rows('start\twanted', '3.2 kg\tg').set.exercises).toHaveLength(1);
	});

	it('says the rest by its prompt', () => {
		const { set, rows: told } = rows(
			'prompt,wanted',
			'12 jars go to a crate. How many jars are in 36 crates?,',
			'A rope of 7.25 ft hangs there.,in',
			'Nothing at all.,',
		);
		expect(set.exercises).toMatchObject([
			{ start: { number: '36', unit: 'crate' }, want: { unit: 'jar' }, facts: [{}] },
			{ start: { number: '7.25', unit: 'ft' }, want: { unit: 'in' } },
		]);
		expect(told.map(({ where, taken, says }) => `${where} ${taken} ${says}`)).toEqual([
			'row 2 true ',
			'row 3 true ',
			'row 4 false it does not say what to find',
		]);
	});

	it('takes ranges, sums, differences and starts over a time', () => {
		const { set } = rows(
			'start,range to,terms,difference,wanted,form,rounding',
			'50 °F,68 °F,,,°C,,',
			'250.1 g,,0.5 kg,,g,,',
			'18.0 °F,,,yes,°C,,',
			'3.6 km over 12.5 min,,,,m/s,scientific,2 figures',
		);
		expect(set.exercises.map(keyText)).toEqual(['10 to 20 °C', '800 g', '10.0 °C', '4.8 × 10⁰ m/s']);
	});

	it('names the row and the column of what cannot be read, and takes the others', () => {
		const { set, rows: told } = rows(
			'start,wanted,rounding,facts,line,marks',
			'3.2 kg,g,about three,,,',
			'3.2 kg,g,,12 = ,,',
			'3.2 kg,g,,,x,',
			'3.2 kg,g,,,,7',
			'3.2 kg,g,,,,',
		);
		expect(set.exercises).toHaveLength(1);
		expect(told.map(({ where, says }) => `${where}: ${says}`)).toEqual([
			expect.stringMatching(/^row 2: the column “rounding”: “about three” is no rounding/),
			expect.stringMatching(/^row 3: the column “facts”: /),
			expect.stringMatching(/^row 4: the column “line”: “x” is no factor/),
			expect.stringMatching(/^row 5: the column “marks”: “7” is no place/),
			'row 6: ',
		]);
	});

	it('runs no formula: a cell that begins one is written with a mark before it, and read without', () => {
		const set = setOf('=1+1', [
			{
				name: '@cold',
				prompt: '-18.0 °C\n+ more',
				start: { number: '-18.0', unit: '°C' },
				facts: [],
				want: { unit: '°F' },
				rounding: 'figures',
			},
		]);
		const csv = setCsv(set);
		const { data } = Papa.parse<string[]>(csv);
		for (const cell of data.flat()) expect(cell).not.toMatch(/^[=+\-@]/);
		expect(read(csv).set).toEqual(set);
	});
});

describe('a file that is no set', () => {
	const LATER = JSON.stringify({ tidySum: 3, title: '', exercises: [] });
	it.each([
		['an empty file', '', 'empty'],
		['one cell', 'hello', 'One must be “prompt” or “start”'],
		['a table without rows', 'prompt,wanted', 'no rows'],
		['five million letters of one line', 'x'.repeat(5_000_000), 'One must be “prompt” or “start”'],
		['half a JSON', '{"tidySum":2,', 'not JSON'],
		['a set of a later version', LATER, 'newer version'],
		['JSON of something else', '{"a":1}', 'exercise 1: “prompt”'],
		['a set without exercises', '{"tidySum":2,"title":"","exercises":[]}', '“exercises”'],
		['a page of a web site', '<!doctype html><p>x</p>', 'entities'],
		['XML of something else', '<a/>', 'not an item of QTI'],
		['what a class goes by, misspelt', 'start,wanted,class\n3 kg,g,ties odd', '“odd” is not one of away, even'],
	])('%s is told in a sentence', (_, content, sentence) => {
		expect(fault(content)).toContain(sentence);
	});

	it.each([
		['bytes of a picture', new Uint8Array([0x89, 0x50, 0x4e, 0x47, 0, 1, 2, 0xff])],
		['Latin letters of another encoding', new Uint8Array([...strToU8('prompt,wanted\n'), 0xe9, 0x2c, 0x67])],
	])('%s are told to be no text', (_, bytes) => {
		expect(fault(bytes)).toContain('not UTF-8 text');
	});

	it('takes what is whole of a set with one broken exercise', () => {
		const set = JSON.parse(setJson(BOOK_SET));
		set.exercises[1].rounding = 'sideways';
		const made = read(JSON.stringify(set));
		expect(made.set.exercises).toHaveLength(BOOK.length - 1);
		expect(made.rows.find(({ taken }) => !taken)).toMatchObject({
			where: 'exercise 2',
			name: expect.any(String),
			says: expect.stringContaining('rounding'),
		});
	});
});

describe('a work sheet to print', () => {
	const sheet = (set = BOOK_SET, ask = {}) => `${writeSet('html', set, ask).content}`;

	it('has every problem with what is wanted, and the key with its lines on a page of its own', () => {
		const [problems = '', key = ''] = sheet().split('<div class="new">');
		for (const exercise of BOOK_SET.exercises) expect(key).toContain(keyText(exercise).replace(/'/g, '&#39;'));
		expect(problems.match(/class="problem/g)).toHaveLength(BOOK.length);
		expect(problems).not.toContain('<math');
		expect(key.match(/<math/g)?.length).toBeGreaterThan(38);
		expect(key).toContain('Key: The book');
	});

	it('says what is to be done where an exercise has no text', () => {
		const { set } = rows('start,range to,wanted', '26.0 mi/h,,ft/s', '50 °F,68 °F,°C');
		expect(sheet(set)).toContain('<p>26.0 mi/h → ft/s</p>');
		expect(sheet(set)).toContain('<p>50 to 68 °F → °C</p>');
		expect(read(writeSet('qti', set).content).set.exercises[0]?.prompt).toBe('');
	});

	it('shows the picture of a code that opens the same Round, or its letters', () => {
		const made = setOfRound('910k-s5fa-f');
		if (!made.ok) throw new Error(made.fault.message);
		expect(sheet(made.value)).not.toContain('<svg');
		expect(sheet(made.value)).toContain('910k-s5fa-f');
		const at = sheet(made.value, { url: 'http://ridge.test/', paper: 'letter' });
		expect(at).toContain('<svg');
		expect(at).toContain('http://ridge.test/round/910ks5faf');
		expect(at).toContain('size:letter');
	});

	it('says so where a set is too long for a picture', () => {
		expect(writeSet('html', BOOK_SET, { url: 'http://ridge.test' }).report).toMatchObject([
			{ says: 'This set is too long to fit in a code picture.' },
		]);
	});

	it('runs nothing that stands in a text', () => {
		const evil = '<script>alert(1)</script>';
		const page = sheet(
			setOf(evil, [
				{
					name: 'a',
					prompt: evil,
					start: { number: '3', unit: 'kg' },
					facts: [],
					want: { unit: 'g' },
					rounding: 'figures',
				},
			]),
		);
		expect(page).not.toContain('<script');
		expect(page).toContain('&lt;script&gt;');
	});
});

describe('what a class goes by', () => {
	const half = (goesBy: object) =>
		exercisesOf(
			setOf(
				'',
				[
					{
						name: 'a',
						prompt: '',
						start: { number: '2.25', unit: 'm' },
						facts: [],
						want: { unit: 'm' },
						rounding: { place: -1 },
					},
				],
				{ goesBy },
			),
		)[0] as never;

	it('rounds a half its way, and says so to one who rounds it the other', () => {
		expect(keyText(half({ ties: 'even' }))).toBe('2.2 m');
		expect(keyText(half({ ties: 'away' }))).toBe('2.3 m');
		expect([isRight(half({ ties: 'even' }), '2.3 m'), isRight(half({ ties: 'even' }), '2.2 m')]).toEqual([false, true]);
		expect([isRight(half({}), '2.3 m'), isRight(half({}), '2.2 m')]).toEqual([true, true]);
	});

	it('adds its facts to every exercise', () => {
		const set = setOf(
			'',
			[
				{
					name: 'a',
					prompt: '',
					start: { number: '350', unit: 'm' },
					facts: [],
					want: { unit: 'stride' },
					rounding: 'figures',
				},
			],
			{
				goesBy: { facts: [...CLASS.facts] },
			},
		);
		expect(keyText(exercisesOf(set)[0] as never)).toBe('5.0 × 10² stride');
	});
});

describe('a set looked over', () => {
	const over = (...lines: string[]) => lookedOver(rows(...lines));

	it('leaves out what has no key, and tells where its own answer is another', () => {
		const { set, rows: told } = over(
			'start,wanted,answer',
			'3.2 kg,g,3200 g',
			'3.2 kg,m,3 m',
			'26.0 mi/h,ft/s,38 ft/s',
			'26.0 mi/h,ft/s,',
		);
		expect(set.exercises.map(({ start }) => start)).toEqual([
			{ number: '3.2', unit: 'kg' },
			{ number: '26.0', unit: 'mi/h' },
			{ number: '26.0', unit: 'mi/h' },
		]);
		expect(told.map(({ taken, says }) => `${taken} ${says}`)).toEqual([
			'true ',
			expect.stringMatching(/^false it cannot be worked: .*kg.*m/),
			'true its own answer, 38 ft/s, differs from ours, 38.1 ft/s',
			'true ',
		]);
	});

	it('finds nothing to say of what we write ourselves', () => {
		for (const form of ['csv', 'json', 'qti'] as const) {
			const made = lookedOver(read(writeSet(form, BOOK_SET).content));
			expect(made.set.exercises).toHaveLength(BOOK.length);
			expect(made.rows.filter(({ says }) => says !== '')).toEqual([]);
		}
	});
});
