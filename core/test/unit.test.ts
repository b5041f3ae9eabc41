import fc from 'fast-check';
import { kindOf, likeUnits, nearUnits, PREFIXES, parseUnit, rationalText, sameSize, sayUnit, ucumOf } from '../src';
import { lettersApart } from '../src/unit/find-unit';
import { BINARY_PREFIXES } from '../src/unit/prefixes';
import { singular } from '../src/unit/singular';
import { SHORT_ROWS, UNIT_ROWS } from '../src/unit/table';

function read(text: string, counted = false) {
	const unit = parseUnit(text, { counted });
	if (!unit.ok) throw new Error(`${text}: ${unit.fault.code} ${unit.fault.message}`);
	return unit.value;
}

function fault(text: string, counted = false) {
	const unit = parseUnit(text, { counted });
	if (unit.ok) throw new Error(`${text} was read as ${unit.value.text}`);
	return unit.fault;
}

describe('the table of units', () => {
	it.each(UNIT_ROWS.map((row) => [row.symbol, row] as const))('%s is read by every writing of it', (symbol, row) => {
		const plural = row.plural ?? `${row.name}s`;
		const writings = [
			symbol,
			row.name,
			plural,
			row.name.toUpperCase(),
			...(row.symbols ?? []),
			...(row.names ?? []),
			row.ucum,
		];
		for (const writing of writings)
			if (writing && writing !== "''" && writing !== "'") expect(read(writing).text).toBe(symbol);
		expect(row.source).not.toBe('');
	});

	it('gives no symbol to two units', () => {
		const symbols = [...UNIT_ROWS, ...SHORT_ROWS].map(({ symbol }) => symbol);
		expect(new Set(symbols).size).toBe(symbols.length);
	});

	it('takes each prefix on the units that take them, and on no others', () => {
		for (const { symbol, name, power } of PREFIXES) {
			expect(rationalText(read(`${symbol}Pa`).factor)).toBe(
				power >= 0 ? `1${'0'.repeat(power)}` : `1/1${'0'.repeat(-power)}`,
			);
			expect(read(`${name}watts`).text).toBe(`${symbol}W`);
			for (const plain of ['ft', 'yd', 'lb', 'wk', 'yr', 'degC']) expect(parseUnit(`${symbol}${plain}`).ok).toBe(false);
		}
	});

	it.each([
		['min', 'min'],
		['ft', 'ft'],
		['pt', 'pt'],
		['cd', 'cd'],
		['h', 'h'],
		['d', 'd'],
		['T', 'T'],
		['"', 'in'],
		["'", 'ft'],
		['Pa', 'Pa'],
		['mph', 'mi/h'],
		['kWh', 'kW·h'],
		['mM', 'mmol/L'],
		['mcg', 'µg'],
		['cc', 'cm³'],
		['hrs', 'h'],
		['lbs', 'lb'],
		['gtt', 'drop'],
	])('settles what %s means', (text, print) => {
		expect(read(text).text).toBe(print);
	});
});

describe('parseUnit', () => {
	it.each([
		['metres per second squared', 'm/s²'],
		['square kilometers', 'km²'],
		['cu ft/min', 'ft³/min'],
		['kg·m²/s³', 'kg·m²/s³'],
		['J mol-1 K-1', 'J/(mol·K)'],
		['J per mole kelvin', 'J/(mol·K)'],
		['m·m', 'm²'],
		['m/m', ''],
		['(m/s)^2', 'm²/s²'],
		['foot-pounds', 'ft·lb'],
		['US fluid ounces', 'fl oz'],
		['μg/dL', 'µg/dL'],
		['1/min', '1/min'],
		['in.', 'in'],
		['kg.m/s2', 'kg·m/s²'],
		['m[H2O]', null],
		['g H2O', 'g{H2O}'],
		['mol CO2/L', 'mol{CO2}/L'],
		['g{honey}/mL', 'g{honey}/mL'],
		["° ''", '°·″'],
	])('reads %j as %s', (text, print) => {
		if (print === null) expect(fault(text).code).toBe('unknown-unit');
		else expect(read(text).text).toBe(print);
	});

	it.each([
		['metrs', 'unknown-unit', [0, 5]],
		['m/sx', 'unknown-unit', [2, 4]],
		['m//s', 'unit-unclear', [2, 3]],
		['m/', 'unit-unclear', [1, 2]],
		['(m', 'unit-unclear', [0, 1]],
		['m)', 'unit-unclear', [1, 2]],
		['^2', 'unit-unclear', [0, 2]],
		['5 m', 'unit-unclear', [0, 1]],
		['square', 'unit-unclear', [0, 6]],
		['m^99', 'too-large', [1, 4]],
		['m?', 'unit-unclear', [1, 2]],
		['g{}', 'unit-unclear', [1, 3]],
		['kmin', 'unknown-unit', [0, 4]],
	])('says what is wrong with %j, and where', (text, code, at) => {
		expect(fault(text)).toMatchObject({ code, at });
	});

	it('offers near names, and none for what is near nothing', () => {
		expect(fault('metrs').suggest).toEqual(['metre']);
		expect(fault('galon').suggest).toContain('gallon');
		expect(fault('MIEL').suggest).toContain('mile');
		expect(nearUnits('xylophone')).toEqual([]);
	});

	it.each([
		['Kg', 'kg'],
		['KM', 'km'],
		['MPH', 'mi/h'],
		['LBS', 'lb'],
		['Sec', 's'],
		['KJ', 'kJ'],
		['Hrs', 'h'],
	])('reads %s in its capitals as %s, which alone can be meant', (text, unit) => {
		expect(read(text).text).toBe(unit);
	});

	it.each(['Gal', 'Qt', 'M', 'Mg'])('keeps %s, which is a unit of its own', (text) => {
		expect(read(text).text).toBe(text === 'M' ? 'mol/L' : text);
	});

	it.each([
		['㎏', 'kg'],
		['㎡', 'm²'],
		['º', '°'],
		['sq. cm', 'cm²'],
		['m∕s', 'm/s'],
		['kg of honey', 'kg{honey}'],
	])('reads %s, which looks like %s', (text, unit) => {
		expect(read(text).text).toBe(unit);
	});

	it('limits parts, length and depth', () => {
		expect(
			fault(Array.from({ length: 21 }, (_, i) => `thing${String.fromCharCode(97 + i)}`).join('·'), true).code,
		).toBe('too-large');
		expect(fault('m'.repeat(501)).code).toBe('too-large');
		expect(fault(`${'('.repeat(60)}m${')'.repeat(60)}`).code).toBe('too-large');
	});

	it('takes unknown words for counted things when told, in the singular', () => {
		expect(read('jars/crate', true)).toMatchObject({
			text: 'jar/crate',
			counted: ['jar', 'crate'],
			dimension: { jar: 1, crate: -1 },
		});
		expect(fault('jars').code).toBe('unknown-unit');
	});

	it.each([
		['jars', 'jar'],
		['boxes', 'box'],
		['berries', 'berry'],
		['doses', 'dose'],
		['trays', 'tray'],
		['glasses', 'glass'],
		['glass', 'glass'],
		['Trays', 'tray'],
		['bus', 'bus'],
	])('takes %s for %s', (plural, one) => {
		expect(singular(plural)).toBe(one);
	});

	it('reads back what it prints, for every unit of up to four parts', () => {
		const parts = fc.uniqueArray(fc.constantFrom(...UNIT_ROWS.map(({ symbol }) => symbol)), {
			minLength: 1,
			maxLength: 4,
		});
		fc.assert(
			fc.property(
				parts,
				fc.array(fc.constantFrom(-3, -2, -1, 1, 2, 3), { minLength: 4, maxLength: 4 }),
				(symbols, powers) => {
					if (symbols.includes('°') || symbols.some((symbol) => /[′″]/.test(symbol))) return;
					const text = symbols.map((symbol, i) => `${symbol}^${powers[i]}`).join('·');
					const unit = read(text);
					const again = read(unit.text);
					expect(again.text).toBe(unit.text);
					expect(again.dimension).toEqual(unit.dimension);
					expect(again.factor.equals(unit.factor)).toBe(true);
				},
			),
		);
	});

	it('never throws, and places a fault inside the text', () => {
		const odd = fc.oneof(fc.string(), fc.stringMatching(/^[a-zµ°'"%·/^() .0-9{}²⁻-]{0,30}$/u));
		fc.assert(
			fc.property(odd, fc.boolean(), (text, counted) => {
				const unit = parseUnit(text, { counted });
				if (unit.ok) return;
				const [from, to] = unit.fault.at ?? [0, 0];
				expect(0 <= from && from <= to && to <= text.length).toBe(true);
			}),
			{ numRuns: 3000 },
		);
	});
});

describe('what is said of a unit', () => {
	it('knows like from unlike, with a radian in a compound disregarded', () => {
		expect(likeUnits(read('rpm'), read('1/s'))).toBe(true);
		expect(likeUnits(read('deg'), read(''))).toBe(false);
		expect(likeUnits(read('mL'), read('cm³'))).toBe(true);
		expect(sameSize(read('mL'), read('cm³'))).toBe(true);
		expect(sameSize(read('kg·m/s²'), read('N'))).toBe(true);
		expect(sameSize(read('°C'), read('K'))).toBe(false);
	});

	it('names the kind of a quantity', () => {
		expect([kindOf(read('mi/h').dimension), kindOf(read('g/mL').dimension), kindOf(read('kW·h').dimension)]).toEqual([
			'a speed',
			'a density',
			'an energy',
		]);
	});

	it('speaks a unit as a person does', () => {
		expect(sayUnit(read('mi/h'), true)).toBe('miles per hour');
		expect(sayUnit(read('m²'), true)).toBe('square metres');
		expect(sayUnit(read('ft'), false)).toBe('foot');
	});

	it('gives UCUM codes where there are any', () => {
		expect(ucumOf(read('µg/mL').parts)).toBe('ug/mL');
		expect(ucumOf(read('yr').parts)).toBeNull();
	});

	it('counts letters apart, an exchange as one', () => {
		expect([
			lettersApart('metre', 'metre'),
			lettersApart('metr', 'metre'),
			lettersApart('mter', 'metr'),
			lettersApart('', 'abc'),
		]).toEqual([0, 1, 1, 3]);
	});
});

describe('prefixes', () => {
	/** Writings that mean something else: the whole symbol is older than the prefixed one. */
	const TAKEN = ['TR', 'kph', 'mph'];

	it("are read on every unit that takes them, but where the writing is another unit's own", () => {
		const taken: string[] = [];
		for (const { symbol, prefixes } of UNIT_ROWS)
			for (const prefix of [...PREFIXES, ...BINARY_PREFIXES]) {
				const text = `${prefix.symbol}${symbol}`;
				const takes =
					prefix.two === undefined
						? prefixes === 'all' || (prefixes !== undefined && prefix.power > 0)
						: prefixes === 'binary';
				const unit = parseUnit(text);
				const [part] = unit.ok ? unit.value.parts : [];
				const isIt = part?.unit === symbol && part.prefix === prefix.symbol;
				if (takes && !isIt) taken.push(text);
				if (!takes) expect([text, isIt]).toEqual([text, false]);
			}
		expect(taken).toEqual(TAKEN);
	});
});

describe('counted things by one name', () => {
	it.each([
		['jars', 'jar'],
		['boxes', 'box'],
		['berries', 'berry'],
		['loaves', 'loaf'],
		['shelves', 'shelf'],
		['buses', 'bus'],
		['tomatoes', 'tomato'],
		['mice', 'mouse'],
		['glass', 'glass'],
	])('%s is %s', (plural, name) => {
		const read = parseUnit(plural, { counted: true });
		expect(read.ok && read.value.text).toBe(name);
	});
});
