import fc from 'fast-check';
import { FACT_ROWS, type Fact, factFigures, parseUnit, type Rational, TABLE_NAMES, workChain } from '../src';
import { factsOfTable, findFacts } from '../src/help';
import {
	compareSize,
	divideDown,
	divisionFactor,
	MEASURES,
	scaleSteps,
	shownExactly,
	TEMPERATURE_MARKS,
	turnedFact,
	whyNotDigits,
} from '../src/shelf';

function toNumber({ n, d }: Rational): number {
	return Number(n) / Number(d);
}

function sides(facts: readonly Fact[]): readonly string[] {
	return facts.map(({ left, right }) => `${left.number} ${left.unit} = ${right.number} ${right.unit}`);
}

describe('finding facts', () => {
	it.each(['mi', 'mile', 'MILES'])('finds by symbol, name and plural: %s', (text) => {
		expect(sides(findFacts(text).facts)).toContain('1 mi = 5280 ft');
		expect(findFacts(text).meant).toBeNull();
	});

	it.each([
		['galon', 'gallon', '1 gal = 4 qt'],
		['killometre', 'kilometre', '1 km = 1000 m'],
		['ponud', 'pound', '1 lb = 16 oz'],
		['watar', 'water', '1 mL = 0.99705 g'],
	])('takes %s to mean %s, and says so', (text, meant, holds) => {
		const found = findFacts(text);
		expect(found.meant).toBe(meant);
		expect(sides(found.facts)).toContain(holds);
	});

	it('finds nothing for what is like nothing', () => {
		expect(findFacts('xqzzzzv')).toEqual({ facts: [], meant: null });
		expect(findFacts('  ')).toEqual({ facts: [], meant: null });
	});

	it('keeps to the tables that may be used', () => {
		expect(sides(findFacts('mile', { allowed: ['time'] }).facts)).toEqual([]);
	});

	it('has every fact of the tables in just one group', () => {
		const grouped = TABLE_NAMES.filter((name) => name !== 'prefixes').flatMap(factsOfTable);
		expect(grouped).toHaveLength(FACT_ROWS.length);
		const prefixes = factsOfTable('prefixes');
		expect(prefixes).toHaveLength(24);
		expect(sides(prefixes)).toContain('1 km = 10^3 m');
		expect(new Set(grouped).size).toBe(FACT_ROWS.length);
	});
});

describe('how well a fact is known', () => {
	it('is told by the figures of a measured one; an exact one has none to count', () => {
		const known = (text: string) => {
			const fact = FACT_ROWS.find((row) => sides([row])[0] === text);
			return fact && factFigures(fact);
		};
		expect(known('1 m = 3.281 ft')).toBe(4);
		expect(known('1 mL = 0.99705 g')).toBe(5);
		expect(known('1 in = 2.54 cm')).toBeNull();
		expect(
			factFigures({ left: { number: '1', unit: 'bale' }, right: { number: '950', unit: 'kg' }, exact: false }),
		).toBe(2);
		expect(
			factFigures({ left: { number: '1', unit: 'bale' }, right: { number: '10^2', unit: 'kg' }, exact: false }),
		).toBeNull();
	});
});

describe('a fact the other way round', () => {
	const fact = (left: string, lu: string, right: string, ru: string): Fact => ({
		left: { number: left, unit: lu },
		right: { number: right, unit: ru },
	});

	it.each([
		[fact('1', 'mi', '5280', 'ft'), '1 ft = 1/5280 mi', '≈ 0.0001894'],
		[fact('1', 'in', '2.54', 'cm'), '1 cm = 1/2.54 in', '≈ 0.3937'],
		[fact('12', 'jar', '1', 'crate'), '1 crate = 12 jar', null],
		[fact('1', 'mg', '10^-3', 'g'), '1 g = 1000 mg', null],
		[fact('1', 'rev', '2π', 'rad'), '1 rad = 1/(2π) rev', '≈ 0.1592'],
		[fact('1', 'eV', '1.602176634e-19', 'J'), '1 J = 1/(1.602176634 × 10⁻¹⁹) eV', '≈ 6.242 × 10¹⁸'],
		[fact('1', 'fortnight', '2', 'wk'), '1 wk = 1/2 fortnight', '= 0.5'],
	])('says it whole and in decimals', (given, text, decimals) => {
		expect(turnedFact(given)).toEqual({ text, decimals });
	});
});

describe('dividing down', () => {
	it('sets whole ones aside and takes the part on', () => {
		const made = divideDown({ number: '8.75', unit: 'ft' }, ['ft', 'in']);
		if (!made.ok) throw new Error(made.fault.message);
		const [feet, inches] = made.value;
		expect([feet, inches].map((one) => one && [shownExactly(one.whole), shownExactly(one.part)])).toEqual([
			['8', '0.75'],
			['9', '0'],
		]);
		expect(feet && divisionFactor(feet)).toEqual({
			top: { number: '12', unit: 'in' },
			bottom: { number: '1', unit: 'ft' },
		});
		expect(feet && whyNotDigits(feet)).toBe(
			'The 75 after the point is 75 hundredths of one ft, and one ft is 12 in: 0.75 × 12 in = 9 in, not 75 in.',
		);
		expect(inches && whyNotDigits(inches)).toBeNull();
	});

	it('goes through days, hours, minutes and seconds', () => {
		const made = divideDown({ number: '100000', unit: 's' }, ['d', 'h', 'min', 's']);
		if (!made.ok) throw new Error(made.fault.message);
		expect(made.value.map(({ whole, value }, i) => shownExactly(i === 3 ? value : whole))).toEqual([
			'1',
			'3',
			'46',
			'40',
		]);
	});

	it('loses nothing: the wholes and the last value make the quantity again', () => {
		fc.assert(
			fc.property(fc.constantFrom(...MEASURES), fc.integer({ min: 1, max: 999999 }), ({ units }, n) => {
				const made = divideDown({ number: `${n / 100}`, unit: units[0] as string }, units);
				if (!made.ok) throw new Error(made.fault.message);
				let total = 0;
				for (const [i, { whole, value, next }] of made.value.entries()) {
					total += toNumber(i === units.length - 1 ? value : whole);
					if (next) total *= toNumber(next.size);
				}
				const first = made.value.reduce((times, { next }) => (next ? times * toNumber(next.size) : times), 1);
				expect(total).toBeCloseTo((n / 100) * first, 6);
			}),
		);
	});

	it('says why for units of another kind', () => {
		const made = divideDown({ number: '1', unit: 'kg' }, ['ft', 'in']);
		expect(made.ok ? '' : made.fault.code).toBe('unlike');
	});
});

describe('the steps between two scales', () => {
	const scales = ['K', '°C', '°F'];
	const unit = (text: string) => {
		const read = parseUnit(text);
		if (!read.ok) throw new Error(text);
		return read.value;
	};

	it.each(scales.flatMap((from) => scales.map((to) => [from, to] as const)))('come from %s to %s', (from, to) => {
		const chain = { start: { number: '300', unit: from }, factors: scaleSteps(unit(from), unit(to)), want: to };
		const worked = workChain(chain);
		if (!worked.ok) throw new Error(worked.fault.message);
		const kelvin = { K: 300, '°C': 573.15, '°F': ((300 + 459.67) * 5) / 9 }[from] as number;
		const expected = { K: kelvin, '°C': kelvin - 273.15, '°F': (kelvin * 9) / 5 - 459.67 }[to] as number;
		expect(toNumber(worked.value.value?.value as Rational)).toBeCloseTo(expected, 9);
		expect(worked.value.reached).toBe(true);
	});
});

describe('likening a size', () => {
	const says = (number: string, of: string) => {
		const made = compareSize({ number, unit: of });
		return made.ok ? made.value.says : made.fault.code;
	};

	it.each([
		['1.35', 'kg', 'about the mass of three full honey jars'],
		['450', 'g', 'about the mass of a full honey jar'],
		['20', 'kg', 'about the mass of three crates of honey'],
		['1250', 'm', 'about the length of four paths to the hives'],
		['21', 'm/s', 'about three times as fast as a bee in flight'],
		['5', 'ng', 'the mass of a grain of pollen, divided by about four'],
		['90000', 'h', 'about the time of 25 winters of snow'],
		['-1.35', 'kg', 'about the mass of three full honey jars'],
		['24', '°C', 'as warm as the glasshouse (24 °C)'],
		['300', 'K', '3 °C warmer than the glasshouse (24 °C)'],
		['-40', '°F', '9 °C colder than the winter mast (−31 °C)'],
		['2', 'ft^4', 'nothing-like'],
		['0', 'kg', 'zero'],
		['-1', 'K', 'below-absolute-zero'],
		['x', 'kg', 'letters'],
	])('%s %s: %s', (number, of, expected) => {
		const made = says(number, of);
		if (expected === 'letters') expect(compareSize({ number, unit: of }).ok).toBe(false);
		else expect(made).toBe(expected);
	});

	it('makes a lost power of ten felt', () => {
		const made = compareSize({ number: '1.35', unit: 'kg' });
		expect(made.ok && made.value).toMatchObject({
			tenfold: 'about the mass of two and a half crates of honey',
			tenth: 'about the mass of 27 packets of seed',
			fact: { left: { number: '1', unit: 'jar' }, right: { number: '0.45', unit: 'kg' }, exact: false },
		});
	});

	it('knows its places from cold to warm', () => {
		const degrees = TEMPERATURE_MARKS.map(({ celsius }) => Number(celsius));
		expect(degrees).toEqual([...degrees].sort((a, b) => a - b));
	});

	it('has something for every kind a student meets, at every power of ten', () => {
		for (const of of ['kg', 'm', 'm^2', 'L', 's', 'm/s', 'W', 'J', 'Pa', 'N', 'L/min', 'g/mL', 'Hz', '°', 'MB', 'mol'])
			for (let power = -12; power <= 12; power += 1) expect(says(`3e${power}`, of)).toMatch(/the |as /);
	});
});
