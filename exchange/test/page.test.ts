import { good } from '@tidy-sum/core';
import { strToU8, zipSync } from 'fflate';
import { inReadingOrder } from '../src/page/columns';
import { directionOf } from '../src/page/direction';
import { kindOfFile } from '../src/page/kind-of-file';
import { MIX_UPS, unmixed } from '../src/page/mix-ups';
import { pageText } from '../src/page/page-text';
import { around, type PageLine, textOfWord } from '../src/page/page-words';
import { pdfLines } from '../src/page/pdf-lines';
import { raisedFigures, raisedRuns, withRaised } from '../src/page/raised';
import { type PageTools, readPages } from '../src/page/read-pages';
import { wordText } from '../src/page/word-text';

/** The height of a small letter in these lines, in pixels; each sign is as wide. */
const LETTER = 10;

/** A sign of a line: its text, how far its foot is above the baseline, and how sure it is. */
type Sign = readonly [text: string, up?: number, sure?: number];

/** A line at a place, of words of signs; a text is a word of signs on the baseline. */
function line(x: number, y: number, ...words: readonly (string | readonly Sign[])[]): PageLine {
	let at = x;
	const made = words.map((word) => {
		const signs = (typeof word === 'string' ? [...word].map((text): Sign => [text]) : word).map(
			([text, up = 0, sure = 0.98]) => {
				const box = { x0: at, x1: at + LETTER, y0: y - up - LETTER, y1: y - up };
				at += LETTER;
				return { text, sure, box };
			},
		);
		at += LETTER / 2;
		return { signs, sure: 0.9, box: around(signs.map(({ box }) => box)) };
	});
	return { words: made, box: around(made.map(({ box }) => box)), baseline: { left: y, right: y } };
}

const said = (lines: readonly PageLine[]) => lines.map(({ words }) => words.map(textOfWord).join(' '));

const text = (...lines: readonly PageLine[]) => pageText([{ lines, recognised: true }]);

describe('the order in which a page is read', () => {
	const left = [0, 1, 2].map((i) => line(0, 100 + 30 * i, `${i + 1}.`, 'left', 'column', 'of', 'problems'));
	const right = [0, 1, 2].map((i) => line(400, 100 + 30 * i, `${i + 4}.`, 'right', 'column', 'of', 'problems'));
	const heading = line(0, 40, 'A', 'heading', 'that', 'goes', 'right', 'across', 'both', 'of', 'the', 'columns');

	it('is the heading, then one column after the other', () => {
		const mixed = [heading, ...left.flatMap((one, i) => [one, right[i] as PageLine])];
		expect(said(inReadingOrder(mixed)).map((one) => one[0])).toEqual(['A', '1', '2', '3', '4', '5', '6']);
	});

	it('is row by row in a table', () => {
		const cells = ['oil', 'tar', 'ice'].flatMap((name, i) => [
			line(0, 100 + 30 * i, name),
			line(200, 100 + 30 * i, `0.${i}`),
		]);
		expect(said(inReadingOrder(cells))).toEqual(['oil', '0.0', 'tar', '0.1', 'ice', '0.2']);
	});

	it('parts a line that goes through two columns', () => {
		const through = left.map((one, i) => {
			const words = [...one.words, ...(right[i]?.words ?? [])];
			return { ...one, words, box: around(words.map(({ box }) => box)) };
		});
		expect(said(inReadingOrder(through)).map((one) => one[0])).toEqual(['1', '2', '3', '4', '5', '6']);
	});
});

describe('the direction of writing', () => {
	const SIDE = 300;

	/** A picture that is dark where a rule says so, under a shadow that grows to the right. */
	const picture = (isInk: (x: number, y: number) => boolean) => {
		const data = new Uint8ClampedArray(4 * SIDE * SIDE);
		for (let y = 0; y < SIDE; y += 1)
			for (let x = 0; x < SIDE; x += 1) {
				const paper = 250 - x / 3;
				data.fill(isInk(x, y) ? paper - 90 : paper, 4 * (y * SIDE + x), 4 * (y * SIDE + x) + 4);
			}
		return { width: SIDE, height: SIDE, getContext: () => ({ getImageData: () => ({ data }) }) };
	};

	/** Lines of dashes, four pixels high and sixteen apart. */
	const dashes = (along: number, across: number) => ((across % 16) + 16) % 16 < 4 && Math.floor(along / 9) % 4 !== 0;

	it.each([0, 3, -4])('is found on a shaded page that is %d degrees askew', (degrees) => {
		const angle = (degrees * Math.PI) / 180;
		const { sideways, skew } = directionOf(
			picture((x, y) => dashes(x, Math.round(y * Math.cos(angle) - x * Math.sin(angle)))),
		);
		expect(sideways).toBe(false);
		expect((skew * 180) / Math.PI).toBeCloseTo(degrees, 0);
	});

	it('is from top to bottom on a page that lies on its side', () => {
		expect(directionOf(picture((x, y) => dashes(y, x))).sideways).toBe(true);
	});
});

describe('raised signs', () => {
	const power: readonly Sign[] = [['m'], ['?', 7]];

	/** A line once all its raised signs were read as these digits. */
	const read = (one: PageLine, digits: string) => {
		const runs = raisedRuns(one);
		return withRaised(one, runs, new Map(runs.map((run) => [run, { digits, sure: 0.9 }])));
	};

	it('behind a unit are looked at again, whatever they were taken for', () => {
		const [run] = raisedRuns(line(0, 100, 'x', power));
		expect(run).toMatchObject({ word: 1, from: 1, to: 2 });
	});

	it('are figures of a power once they are read', () => {
		const one = line(0, 100, power);
		const raised = read(one, '-3');
		expect(said([raised])).toEqual(['m⁻³']);
		expect(raisedFigures('−12')).toBe('⁻¹²');
	});

	it.each<readonly [string, readonly Sign[]]>([
		['a question mark on the line', [['m'], ['?', 0]]],
		['an apostrophe', [['I'], ["'", 8], ['m']]],
		['a mark that is behind nothing', [["'", 8], ['m']]],
	])('are none in %s', (_, signs) => {
		expect(raisedRuns(line(0, 100, 'x', signs))).toEqual([]);
	});

	it('that no digits were read for stay as they were, and are in doubt', () => {
		const one = line(0, 100, power);
		const kept = withRaised(one, raisedRuns(one), new Map());
		expect(said([kept])).toEqual(['m?']);
		expect(kept.words[0]?.signs[1]?.sure).toBe(0);
	});

	it('stay the ring of a degree before C and F', () => {
		const one = line(0, 100, [['2'], ['5'], ['°', 7], ['C']]);
		const raised = read(one, '0');
		expect(said([raised])).toEqual(['25°C']);
	});
});

describe('what recognition mixes up', () => {
	const BEFORE = { 'behind a number': '5', 'between quantities': '5', 'behind what asks for a person': 'should' };

	it.each(MIX_UPS.map((row) => [...row.example, row] as const))('%s is %s', (seen, is, { where }) => {
		const before = (BEFORE as Readonly<Record<string, string>>)[where];
		const next = where === 'between quantities' ? '10⁸' : 'read';
		expect(unmixed(seen, before, next)).toBe(is);
		expect(unmixed(`${seen},`, before, next)).toBe(`${is},`);
	});

	it('is never what is a unit already', () => {
		const units =
			'g kg mg µg ug lb oz L mL ml dL l min h s d wk yr m mm cm km in ft yd mi mol mmol J kJ cal K °C °F N Pa atm t gal qt pt fl oz Hz W eV';
		const sides = ['km/h', 'g/mL', 'mg/L', 'kg/m³', 'mol/L', 'gtt/min', 'mL/min', 'in²'];
		for (const unit of [...units.split(' '), ...sides]) expect(unmixed(unit, '5', 'of')).toBe(unit);
	});

	it.each(['0.5', '12', '1.5e3', '−40', 'iron', 'main', 'Ibis'])('is not in %s', (word) => {
		expect(unmixed(word, '5', 'of')).toBe(word);
	});
});

describe('the text of a page', () => {
	it('joins a line to the next where a sentence had no room, and no problem to another', () => {
		const lines = [
			line(0, 100, '1.', 'How', 'many', 'grams'),
			line(0, 130, 'are', '3', 'kg?'),
			line(0, 160, '2.', 'How', 'many', 'metres'),
		];
		expect(text(...lines).text).toBe('1. How many grams are 3 kg?\n2. How many metres');
	});

	it('has a blank line where there is room between lines, and between pages', () => {
		const first = ['a)', 'b)', 'c)', 'd)'].map((mark, i) => line(0, 100 + 20 * i + (i === 3 ? 40 : 0), mark, 'x'));
		expect(text(...first).text).toBe('a) x\nb) x\nc) x\n\nd) x');
		const page = { lines: [line(0, 100, 'x')], recognised: true };
		expect(pageText([page, page]).text).toBe('x\n\nx');
	});

	it('marks a number that was hard to read, and a word that was put right', () => {
		const read = text(line(0, 100, 'about', [['1'], ['2', 0, 0.6]], '1b', 'of', 'flour'));
		expect(read.text).toBe('about 12 lb of flour');
		expect(read.doubts.map(({ at }) => read.text.slice(...at))).toEqual(['12', 'lb']);
	});

	it('marks neither a word without a number nor the number of a problem', () => {
		expect(text(line(0, 100, [['3', 0, 0.4], ['.']], [['f', 0, 0.3], ['l'], ['o']])).doubts).toEqual([]);
	});

	it('changes nothing on a page that was not recognised', () => {
		expect(pageText([{ lines: [line(0, 100, '5', '1b')], recognised: false }])).toEqual({ text: '5 1b', doubts: [] });
	});
});

describe('a page of a PDF', () => {
	const run = (str: string, x: number, y: number, size = 12) => ({
		str,
		transform: [size, 0, 0, size, x, y],
		width: str.length * size * 0.5,
	});

	it('has its raised figures as such, and its runs as words', () => {
		const lines = pdfLines(
			[run('57.6 cm', 0, 700), run('3', 42, 705, 8), run('. Density', 46, 700), run('?', 105, 700)],
			800,
		);
		expect(said(lines)).toEqual(['57.6 cm³. Density ?']);
	});

	it('has a raised figure on its own line, even where another column has a line at its height', () => {
		const lines = pdfLines([run('g/cm', 0, 700), run('3', 24, 705, 8), run('other column', 300, 705)], 800);
		expect(said(lines)).toContain('g/cm³');
	});

	it('keeps what is lowered as it is', () => {
		expect(said(pdfLines([run('H', 0, 700), run('2', 6, 698, 8), run('O', 10, 700)], 800))).toEqual(['H2O']);
	});
});

describe('the text of a Word file', () => {
	it.each([
		['<p>25 cm<sup>3</sup> on the 5<sup>th</sup> day</p>', '25 cm³ on the 5th day'],
		[
			'<ol><li>14 ft to yd<ol><li>in yd</li><li>in m</li></ol></li><li>3 kg</li></ol>',
			'1. 14 ft to yd\na) in yd\nb) in m\n2. 3 kg',
		],
		['<table><tr><td><p>oil</p></td><td><p>0.9 g/mL</p></td></tr></table>', 'oil\t0.9 g/mL'],
		['<p>5 &lt; 6 &amp; 7</p><p>next</p>', '5 < 6 & 7\n\nnext'],
	])('of %s', (html, is) => {
		expect(wordText(html)).toBe(is);
	});
});

describe('a file of pages', () => {
	const page = (str: string) => ({
		high: 800,
		runs: async () => [{ str, transform: [12, 0, 0, 12, 0, 700], width: 200 }],
		drawn: async () => ({ width: 1, height: 1, getContext: () => null }),
	});
	const never = async () => {
		throw new Error('not needed here');
	};
	const tools = (more: Partial<PageTools>): PageTools => ({
		make: () => ({ width: 1, height: 1, getContext: () => null }),
		recognise: never,
		decode: never,
		openPdf: never,
		wordHtml: never,
		...more,
	});
	const pdf = strToU8('%PDF-1.7');

	it.each([
		['pdf', pdf],
		['picture', new Uint8Array([0x89, 0x50, 0x4e, 0x47, 0x0d, 0x0a, 0x1a])],
		['picture', new Uint8Array([0xff, 0xd8, 0xff, 0xe0])],
		['heic', strToU8('\0\0\0\x18ftypheic')],
		['word', zipSync({ 'word/document.xml': strToU8('<w/>') })],
		['other', zipSync({ 'imsmanifest.xml': strToU8('<m/>') })],
		['other', strToU8('1. How many pixels has a PNG of 3 × 4?')],
		['svg', strToU8('<?xml version="1.0"?><svg></svg>')],
	] as const)('is known by its bytes: %s', (kind, bytes) => {
		expect(kindOfFile(bytes)).toBe(kind);
	});

	it('with 300 pages is read up to the twentieth, and says so', async () => {
		const openPdf = async () => ({
			count: 300,
			page: async (at: number) => page(`this is page ${at + 1} of the file`),
			close: () => {},
		});
		const seen: number[] = [];
		const read = await readPages(pdf, tools({ openPdf }), ({ done }) => seen.push(done));
		expect(seen.at(-1)).toBe(20);
		expect(read).toMatchObject(good({ notes: ['Only the first 20 of 300 pages were read.'] }));
	});

	it.each([
		['has a password', Object.assign(new Error('locked'), { name: 'PasswordException' }), 'has a password'],
		['is damaged', new Error('no xref'), 'is damaged'],
	])('that %s is refused in a sentence', async (_, fault, says) => {
		const read = await readPages(pdf, tools({ openPdf: () => Promise.reject(fault) }));
		expect(read).toMatchObject({ ok: false, fault: { message: expect.stringContaining(says) } });
	});

	it('that unpacks to far more than it should is not opened', async () => {
		const bomb = zipSync({ 'word/document.xml': new Uint8Array(60_000_000) });
		const read = await readPages(bomb, tools({}));
		expect(read).toMatchObject({ ok: false, fault: { message: expect.stringContaining('cannot be read') } });
	});

	it('with nothing on it says so', async () => {
		const read = await readPages(
			zipSync({ 'word/document.xml': strToU8('<w/>') }),
			tools({ wordHtml: async () => ({ html: '<p></p>', leftOut: [] }) }),
		);
		expect(read).toMatchObject({ ok: false, fault: { code: 'empty' } });
	});
});
