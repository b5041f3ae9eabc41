import { readWorking } from '../src/problem';
import { filledUnits } from '../src/read/working/filled-units';

const factorsOf = (text: string) =>
	readWorking(text).factors.map(({ top, bottom }) => `${top.number} ${top.unit}/${bottom.number} ${bottom.unit}`);

describe('a working in other forms', () => {
	it.each([
		['grouped with spaces', '3 h × 3 600 s/1 h = 10 800 s', ['3 600 s/1 h']],
		['struck', '4.0 ~~yd~~ × 3 ft/1 ~~yd~~ = 12 ft', ['3 ft/1 yd']],
		['in square brackets', '4.0 [yd] × 3 ft/1 [yd] = 12 ft', ['3 ft/1 yd']],
		['in round brackets', '4.0 (yd) × 3 ft/1 (yd) = 12 ft', ['3 ft/1 yd']],
		['with a decimal comma', '2,5 km × 1000 m/1 km = 2500 m', ['1000 m/1 km']],
		['divided by a rate', '110 lb / 2.2 lb/kg = 50 kg', ['1 kg/2.2 lb']],
		['with a dose beside it', 'dose = 12 mg per kg\n20 kg × 12 mg/1 kg = 240 mg', ['12 mg/1 kg']],
		['paid for', '3.5 kg x $4.20/1 kg = $14.70', ['4.20 $/1 kg']],
	])('%s is read, and none of it is said to fail', (_, text, factors) => {
		expect(factorsOf(text)).toEqual(factors);
		expect(readWorking(text).first).toBeNull();
	});

	it('has fractions that are stacked over three lines', () => {
		const text = '         60 min   60 s\n2.0 h × -------- × ------ = 7200 s\n          1 h     1 min';
		expect(factorsOf(text)).toEqual(['60 min/1 h', '60 s/1 min']);
		expect(readWorking(text)).toMatchObject({ answer: { number: '7200', unit: 's' }, first: null });
		const wrong = readWorking(text.replace('7200', '720'));
		expect(wrong.first).toEqual({ what: 'answer' });
	});

	it('has the units of bare numbers put in where the ends leave one reading', () => {
		expect(factorsOf('2.0 d × 24 × 60 = 2880 min')).toEqual(['24 h/1 d', '60 min/1 h']);
		expect(readWorking('2.0 d × 24 × 60 = 2880 min').first).toBeNull();
		expect(readWorking('2.0 d × 24 × 60 = 288 min').first).toEqual({ what: 'answer' });
		// What cannot be read is said to be neither right nor wrong.
		expect(readWorking('2.0 d × 17 × 60 = 2880 min').first).toBeNull();
		const bare = { top: { number: '17', unit: '' }, bottom: { number: '1', unit: '' } };
		expect(filledUnits({ number: '2.0', unit: 'd' }, [bare], 'min')).toBeNull();
	});

	it('is told where it fails in any of these forms', () => {
		expect(readWorking('4.0 ~~yd~~ × 5 ft/1 ~~yd~~ = 20 ft').first).toEqual({ what: 'factor', at: 0 });
		expect(readWorking('3 h × 3 700 s/1 h = 11 100 s').first).toEqual({ what: 'factor', at: 0 });
	});
});
