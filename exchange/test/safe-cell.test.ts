import fc from 'fast-check';
import { safeCell, unsafeCell } from '../src/set/safe-cell';

describe('a cell that no spreadsheet changes', () => {
	it.each([
		['=1+1', "'=1+1"],
		['-40 °C', "'-40 °C"],
		['+3', "'+3"],
		['@x', "'@x"],
		['＝1+1', "'＝1+1"],
		['－3', "'－3"],
		['27.10', "'27.10"],
		['1.5e3', "'1.5e3"],
		['3/4', "'3/4"],
		['3 1/2', "'3 1/2"],
		['007', "'007"],
		['7000.', "'7000."],
		["'-3", "''-3"],
	])('%s is written %s', (text, cell) => {
		expect(safeCell(text)).toBe(cell);
	});

	it.each(['27.1', '27.10 ft/s', '3', '7\' 5"', 'about -3', '−40 °C', ''])('%s stays as it is', (text) => {
		expect(safeCell(text)).toBe(text);
	});

	it('is read as it was before, whatever it was', () => {
		const any = fc.oneof(fc.string(), fc.stringMatching(/^'{0,2}[-+=@]?\d{0,3}[./ ]?\d{0,3}$/));
		fc.assert(
			fc.property(any, (text) => {
				expect(unsafeCell(safeCell(text))).toBe(text);
				expect(safeCell(text)).not.toMatch(/^[=+\-@]/);
			}),
		);
	});
});
