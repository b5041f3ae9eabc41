import {
	FACT_ROWS,
	factsHolding,
	factText,
	numbersFor,
	parseUnit,
	prefixFact,
	route,
	sayFactor,
	sayQuantity,
	type TableFact,
	workChain,
} from '../src';
import { factsNamed } from '../src/help';

function says({
	left,
	right,
}: {
	left: { number: string; unit: string };
	right: { number: string; unit: string };
}): string {
	return `${left.number} ${left.unit} = ${right.number} ${right.unit}`;
}

describe('the tables of facts', () => {
	it.each(FACT_ROWS.map((fact) => [says(fact), fact] as const))('%s is true', (_, { left, right, exact, tables }) => {
		if (tables.includes('constants')) return;
		const worked = workChain({ start: { number: '1', unit: 'm' }, factors: [{ top: left, bottom: right }] });
		expect(worked.ok && worked.value.factors[0]).toMatchObject({ equal: true, exact });
	});

	it('says what a prefix says: the 1 with the prefixed unit, the power of ten with the unit', () => {
		expect(says(prefixFact('c', 'g') ?? { left: { number: '', unit: '' }, right: { number: '', unit: '' } })).toBe(
			'1 cg = 10^-2 g',
		);
		expect(prefixFact('x', 'g')).toBeNull();
	});
});

describe('factsHolding', () => {
	it('puts what the problem states first, then the tables, then the prefix', () => {
		const stated = { left: { number: '1.18', unit: 'g' }, right: { number: '1', unit: 'mL' }, exact: false };
		const facts = factsHolding('mL', { problem: [stated] });
		expect(facts[0]).toMatchObject({ tables: ['problem'], exact: false });
		expect(facts.map(says).slice(0, 4)).toEqual(['1.18 g = 1 mL', '1 L = 1000 mL', '1 mL = 1 cm^3', '1 mL = 10^-3 L']);
		expect(facts.at(-1)?.note).toMatch(/^water/);
	});

	it('leaves out the tables a class may not use, but never the problem itself', () => {
		const stated = { left: { number: '1.18', unit: 'g' }, right: { number: '1', unit: 'mL' } };
		expect(factsHolding('mL', { problem: [stated], allowed: ['prefixes'] }).map(says)).toEqual([
			'1.18 g = 1 mL',
			'1 mL = 10^-3 L',
		]);
	});

	it('finds a unit inside a power and leaves its prefixed sisters alone', () => {
		expect(factsHolding('m').map(says)).toContain('1 ha = 10000 m^2');
		const inches = factsHolding('in').map(says);
		expect(inches[0]).toBe('1 ft = 12 in');
		expect(inches.indexOf('1 in = 2.54 cm')).toBeLessThan(inches.indexOf('1 m = 39.37 in'));
		expect(inches.join()).not.toContain('mi ');
	});

	it('offers common prefixes for a unit that takes them, and only facts that can be read', () => {
		const facts = factsHolding('A');
		expect(facts.map(says)).toContain('1 mA = 10^-3 A');
		for (const { left, right } of facts) expect(parseUnit(left.unit).ok && parseUnit(right.unit).ok).toBe(true);
	});

	it('has nothing for a unit no table holds', () => {
		expect(factsHolding('jar')).toEqual([]);
		expect(factsHolding('//')).toEqual([]);
	});
});

describe('saying it aloud', () => {
	it.each([
		[{ number: '2.75', unit: 'in/h' }, '2.75 inches per hour'],
		[{ number: '1', unit: 'in' }, '1 inch'],
		[{ number: '10^-2', unit: 'm' }, '10 to the minus 2 metres'],
		[{ number: '0.420', unit: 'm²' }, '0.420 square metres'],
		[{ number: '-4', unit: 'degC' }, 'minus 4 degrees Celsius'],
		[{ number: '24', unit: 'jar' }, '24 jars'],
		[{ number: '5', unit: '' }, '5'],
		[{ number: '', unit: 'm' }, 'a number to come metres'],
	])('%j is “%s”', (quantity, said) => {
		expect(sayQuantity(quantity)).toBe(said);
	});

	it('says a factor with its power', () => {
		expect(sayFactor({ top: { number: '100', unit: 'cm' }, bottom: { number: '1', unit: 'm' }, power: 2 })).toBe(
			'100 centimetres over 1 metre, all to the power 2',
		);
	});
});

describe('looking facts up', () => {
	it('finds them by name, symbol, or the beginning of a word', () => {
		expect(factsNamed('mile').map(says)).toContain('1 mi = 5280 ft');
		expect(factsNamed('mi')[0]?.left.unit).toBe('mi');
		expect(factsNamed('furl').map(says)).toEqual(['1 furlong = 220 yd']);
		const ofWater = factsNamed('water');
		expect(ofWater.length).toBeGreaterThan(0);
		for (const { note } of ofWater) expect(note).toMatch(/^water/);
		expect(factsNamed('zzz')).toEqual([]);
	});

	it('looks among one’s own and only in the tables a class may use', () => {
		const own = [{ left: { number: '9.5', unit: 'kg' }, right: { number: '1', unit: 'bale' }, exact: false }];
		expect(factsNamed('bale', { own })[0]).toMatchObject({ tables: ['own'], exact: false });
		expect(factsNamed('mile', { allowed: ['metric'] })).toEqual([]);
	});

	it('gives the numbers that go with two units, either way up', () => {
		expect(numbersFor('cm', 'in')).toEqual({ top: '2.54', bottom: '1', given: false });
		expect(numbersFor('in', 'cm')).toEqual({ top: '1', bottom: '2.54', given: false });
		expect(numbersFor('kg', 'm')).toBeNull();
	});
});

describe('the degrees of temperature scales', () => {
	it('are so long for each other, and no route goes by them', () => {
		const texts = factsHolding('°F').map((fact) => factText(fact).text);
		expect(texts.slice(0, 2)).toEqual(['9 °F for each 5 °C', '9 °F for each 5 K']);
		expect(factText(factsHolding('°C')[0] as TableFact).say).toContain(' for each ');
		expect(numbersFor('°C', '°F')).toMatchObject({ top: '5', bottom: '9' });
		// Whatever tables a class goes by: they are no table one learns.
		expect(factsHolding('°F', { allowed: [] })).toHaveLength(3);
		expect(route('°F', '°C', { facts: [], tables: true }).ok).toBe(false);
	});
});
