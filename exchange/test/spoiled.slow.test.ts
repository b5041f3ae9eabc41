import fc from 'fast-check';
import { strFromU8, strToU8, unzipSync, zipSync } from 'fflate';
import { answerReader, markerOf } from '../src/marking';
import { readSetFile, readSetText, writeSet } from '../src/set';
import { BOOK_SET } from './sets';

const SMALL = { ...BOOK_SET, exercises: BOOK_SET.exercises.slice(0, 12) };
const bytesOf = (content: string | Uint8Array) => (typeof content === 'string' ? strToU8(content) : content);
const FILES = (['json', 'csv', 'qti'] as const).map((form) => bytesOf(writeSet(form, SMALL).content));
const ITEM = strFromU8(unzipSync(FILES[2] as Uint8Array)['items/wind-gust.xml'] as Uint8Array);

/** A text with a piece of it cut out, doubled, or replaced by something else. */
const spoiled = (text: string) =>
	fc
		.tuple(
			fc.nat(text.length),
			fc.nat(60),
			fc.oneof(fc.string(), fc.constantFrom('', '"', '<', '&', ';', '\n', '\0', '=', '/', '🙂')),
		)
		.map(([at, length, put]) => text.slice(0, at) + put + text.slice(at + length));

/** What is read is a set, or a fault with a sentence; nothing is thrown, and no row is read without a place. */
function holds(read: ReturnType<typeof readSetText>): void {
	if (!read.ok) {
		expect(read.fault.message).toMatch(/\S.*[.:?!”]$/su);
		return;
	}
	expect(read.value.set.exercises.length).toBeGreaterThan(0);
	for (const { where } of read.value.rows) expect(where).not.toBe('');
}

describe('a file that is spoiled', () => {
	it('is read as far as it can be, or told in a sentence: texts', () => {
		const texts = [strFromU8(FILES[0] as Uint8Array), strFromU8(FILES[1] as Uint8Array), ITEM];
		for (const text of texts)
			fc.assert(
				fc.property(spoiled(text), (one) => holds(readSetText(one))),
				{ numRuns: 400 },
			);
	});

	it('is read as far as it can be, or told in a sentence: bytes', () => {
		for (const file of FILES)
			fc.assert(
				fc.property(fc.nat(file.length - 1), fc.nat(255), fc.boolean(), (at, byte, cut) => {
					const one = cut ? file.slice(0, at) : file.slice();
					if (!cut) one[at] = byte;
					holds(readSetFile(one));
				}),
				{ numRuns: 300 },
			);
		fc.assert(
			fc.property(fc.uint8Array({ maxLength: 300 }), (bytes) => holds(readSetFile(bytes))),
			{ numRuns: 500 },
		);
	});

	it('is read as far as it can be, or told in a sentence: an item inside a package', () => {
		const files = unzipSync(FILES[2] as Uint8Array);
		delete files['tidy-sum-set.json'];
		fc.assert(
			fc.property(spoiled(ITEM), (item) => {
				holds(readSetFile(zipSync({ ...files, 'items/wind-gust.xml': strToU8(item) })));
			}),
			{ numRuns: 60 },
		);
	});

	it('of answers is marked row by row, whatever stands in it', () => {
		const { mark } = markerOf(SMALL, { line: 1, value: 1, figures: 1, unit: 1 });
		const reader = answerReader(['student', 'exercise', 'answer', 'working']);
		if (!reader.ok) throw new Error(reader.fault.message);
		const cell = fc.oneof(
			fc.string(),
			spoiled('18.5 mi/h × 5280 ft / 1 mi × 1 h / 3600 s = 27.1 ft/s'),
			fc.constantFrom('', '27.1 ft/s', '1'),
		);
		fc.assert(
			fc.property(fc.constantFrom('1', '2', 'roof-beam', 'nothing'), cell, cell, (exercise, answer, working) => {
				const { marked, why } = mark(reader.value(['S', exercise, answer, working], 2));
				expect(marked === null).toBe(why !== '');
				if (marked?.points) expect(marked.points.got).toBeLessThanOrEqual(marked.points.of);
			}),
			{ numRuns: 1500 },
		);
	});
});
