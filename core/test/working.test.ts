import type { Factor } from '../src';
import { readWorking, sayFailing } from '../src/problem';

const quantity = ({ number, unit }: { number: string; unit: string }) => `${number} ${unit}`.trim();

/** A working in short: its start, its factors, its claims, its answer, and where it first fails. */
function short(text: string): string {
	const { start, factors, claims, answer, first } = readWorking(text);
	const block = ({ top, bottom, power, shift }: Factor) =>
		shift === undefined ? `${quantity(top)}/${quantity(bottom)}${power ? `^${power}` : ''}` : `shift ${shift}`;
	return [
		start ? ('top' in start ? `${quantity(start.top)}/${quantity(start.bottom)}` : quantity(start)) : '-',
		factors.map(block).join(' · ') || '-',
		claims.map((claim) => `${claim.after}: ${quantity(claim)}`).join(', ') || '-',
		answer ? quantity(answer) : '-',
		first ? `${first.what}${first.at === undefined ? '' : ` ${first.at}`}` : 'holds',
	].join(' | ');
}

describe('a written working, read', () => {
	it.each([
		[
			'5.5 mi * (5280 ft / 1 mi) * (12 in / 1 ft) = 348480 in',
			'5.5 mi | 5280 ft/1 mi · 12 in/1 ft | - | 348480 in | holds',
		],
		['72 km/h × (1000 m/km) ÷ (3600 s/h) = 20 m/s', '72 km/h | 1000 m/1 km · 1 h/3600 s | - | 20 m/s | holds'],
		['3.5 h·60 min/h·60 s/min = 12600 s', '3.5 h | 60 min/1 h · 60 s/1 min | - | 12600 s | holds'],
		['77 °F - 32 = 45 × 5/9 = 25 °C', '77 °F | shift -32 · 5 °C/9 °F | 0: 45 | 25 °C | holds'],
		['77 °F - 32 = 55 × 5/9 = 25 °C', '77 °F | shift -32 · 5 °C/9 °F | 0: 55 | 25 °C | claim 0'],
		['85 km / 1.5 h = 56.7 km/h', '85 km/1.5 h | - | - | 56.7 km/h | holds'],
		['\u200e4 ft\u200b × 12 in/1 ft = 48 in', '4 ft | 12 in/1 ft | - | 48 in | holds'],
		['(4 ft)(12 in/1 ft) = 48 in', '4 ft | 12 in/1 ft | - | 48 in | holds'],
		['$12.50/lb × 2.205 lb/1 kg = $27.56/kg', '12.50 $/lb | 2.205 lb/1 kg | - | 27.56 $/kg | holds'],
		['2 1/2 cups × 8 fl oz/1 cup = 20 fl oz', '2 1/2 cup | 8 fl oz/1 cup | - | 20 fl oz | holds'],
		['6.0 kg = 6.0 kg × 1000 g / 1 kg = 6000 g', '6.0 kg | 1000 g/1 kg | - | 6000 g | holds'],
		['? ft = 3.2 mi × 5280 ft / 1 mi = 17000 ft', '3.2 mi | 5280 ft/1 mi | - | 17000 ft | holds'],
		['x = 12 in × 2.54 cm/in = 30.5 cm', '12 in | 2.54 cm/1 in | - | 30.5 cm | holds'],
		['14.7 lb/in^2 × (12 in/1 ft)^2 = 2117 lb/ft^2', '14.7 lb/in² | 12 in/1 ft^2 | - | 2117 lb/ft² | holds'],
		['0.5 lb × 16 oz per lb = 8 oz', '0.5 lb | 16 oz/1 lb | - | 8 oz | holds'],
		['9.0×10^3 mm ÷ 10 mm/cm ÷ 100 cm/m = 9.0 m', '9.0×10^3 mm | 1 cm/10 mm · 1 m/100 cm | - | 9.0 m | holds'],
	])('%s', (text, said) => {
		expect(short(text)).toBe(said);
	});

	it('goes on from line to line, by signs and by words', () => {
		expect(short('Step 1: 3 mi × 5280 ft/mi = 15840 ft\nStep 2: 15840 ft × 12 in/ft = 190080 in')).toBe(
			'3 mi | 5280 ft/1 mi · 12 in/1 ft | 0: 15840 ft | 190080 in | holds',
		);
		expect(short('Start with 40 mi/h, multiply by 5280 ft/mi, then divide by 3600 s/h = 58.7 ft/s')).toBe(
			'40 mi/h | 5280 ft/1 mi · 1 h/3600 s | - | 58.7 ft/s | holds',
		);
		expect(short('Given: 3.2 L\n3.2 L x 1000 mL/1 L\n= 3200 mL')).toBe('3.2 L | 1000 mL/1 L | - | 3200 mL | holds');
	});

	it('takes steps that add, also in brackets, and the other scale of the same degrees', () => {
		expect(short('(77 °F − 32) × 5 °C/9 °F = 25 °C')).toBe('77 °F | shift -32 · 5 °C/9 °F | - | 25 °C | holds');
		expect(short('25 °C + 273.15 = 298 K')).toBe('25 °C | shift 273.15 | - | 298 K | holds');
		expect(short('(8.75 ft − 8 ft) × (12 in / 1 ft) = 9 in')).toBe(
			'8.75 ft | shift -8 · 12 in/1 ft | - | 9 in | holds',
		);
	});

	it('reads LaTeX in lines and brackets, and leaves what is no part of it', () => {
		const aligned =
			'\\begin{align} 5\\ \\text{km} &\\times \\frac{1000\\ \\text{m}}{1\\ \\text{km}} \\\\ &= 5000\\ \\text{m} \\end{align}';
		expect(short(aligned)).toBe('5 km | 1000 m/1 km | - | 5000 m | holds');
		const cube =
			'\\frac{2.40\\,\\cancel{\\mathrm{m}^{3}}}{1} \\times \\left(\\frac{10\\,\\mathrm{dm}}{1\\,\\mathrm{m}}\\right)^{3} = 2.40\\times10^{3}\\,\\mathrm{dm}^{3}';
		expect(short(cube)).toBe('2.40 m³ | 10 dm/1 m^3 | - | 2.40 × 10^3 dm³ | holds');
		const text = 'There are 12 inches in a foot, so 5 ft × 12 in/ft = 60 in (to 2 s.f.)';
		const { unread } = readWorking(text);
		expect(unread.map(([a, b]) => text.slice(a, b))).toEqual(['There are', 'a foot, so']);
	});

	it('says where it first fails, in the order it is read', () => {
		expect(short('2 ft^3 × (12 in / 1 ft)^3 = 288 in^3')).toContain('| answer');
		expect(short('3 mi × 5280 ft/1 mi = 15480 ft × 12 in/1 ft = 185760 in')).toContain('| claim 0');
		// A value that follows from a wrong one is no second mistake; a factor upside down comes first.
		expect(short('3 mi × 1 mi/5280 ft × 12 in/1 ft = 0.0068 in')).toContain('| factor 0');
		// A dose is not accused as a conversion gone wrong; lost zeros and a factor upside down are.
		expect(short('60 kg × 2.5 mg/1 kg = 150 mg')).toContain('| holds');
		expect(short('60 kg × 100 g/1 kg = 6000 g')).toContain('| factor 0');
		expect(short('60 g × 453.6 lb/1 g = 27216 lb')).toContain('| factor 0');
		expect(short('4 kg × 2.5 lb/1 kg = 10 lb')).toContain('| factor 0');
		expect(short('The dose is 2.5 mg = 1 kg. 60 kg × 2.5 mg/1 kg = 150 mg')).toContain('| holds');
		expect(short('3 ft × 12 in/1 ft = 36 ft')).toContain('| answer');
	});

	it('finds no line in bare arithmetic, in nothing, in what is no working', () => {
		for (const text of [
			'45 * 5280 / 3600 = 66',
			'',
			'I do not know.',
			'= = =',
			'× ÷ (',
			'((((5 km',
			'\\frac{',
			'\\begin{',
		])
			expect(readWorking(text)).toMatchObject({ factors: [], first: null });
		expect(readWorking('5 km × '.repeat(5000)).factors.length).toBeGreaterThan(60);
	});
});

describe('where a working first fails, in a sentence', () => {
	it.each([
		['5.5 ft × 12 in/1 ft = 66 in', 'Every factor is right, and so is every value you wrote.'],
		['5.5 ft × 12 in/1 ft', 'Every factor is right. You have written no value yet.'],
		['5.5 ft × 12 in/1 ft = 67 in', 'The answer, 67 inches, does not follow from the line, which gives 66 in.'],
		[
			'5.5 ft × 12 in/1 ft = 66 m',
			'The answer, 66 metres, has another unit than the line there. The line gives 66 in.',
		],
		[
			'5.5 ft × 12 in/1 ft = 60 in × 2.54 cm/1 in = 152 cm',
			'The value written after factor 1, 60 inches, does not follow from the line, which gives 66 in.',
		],
		['5.5 ft × 10 in/1 ft = 55 in', 'The first mistake is in factor 1. 10 inches and 1 foot are not the same amount.'],
		[
			'5.5 ft × 1 ft/12 in × 2.54 cm/1 in = 1 cm',
			'The first mistake is in factor 1. No unit of 1 foot over 12 inches cancels this way up. Turn it over.',
		],
		['nothing here', 'I found no line in it. Write a quantity and then factors, such as 5.5 ft × 12 in / 1 ft.'],
	])('%s', (text, sentence) => {
		expect(sayFailing(readWorking(text))).toBe(sentence);
	});
});
