import { type Fact, factForms, factsToward, type TableFact } from '../src';

const q = (text: string) => ({ number: text.split(' ')[0] as string, unit: text.split(' ')[1] ?? '' });
const fact = (left: string, right: string, exact = true): Fact => ({ left: q(left), right: q(right), exact });
const says = ({ left, right }: Fact) => `${left.number} ${left.unit} = ${right.number} ${right.unit}`;

/** The facts that lead from a unit to a wanted one, as text. */
function leading(unit: string, wanted: string, from: Parameters<typeof factsToward>[2] = {}): readonly string[] {
	const toward = factsToward(unit, wanted, from);
	return toward.facts.slice(0, toward.leading).map(says);
}

describe('facts that lead to a wanted unit', () => {
	it.each([
		['in', 'cm', '1 in = 2.54 cm'],
		['ft', 'cm', '1 ft = 12 in'],
		['mi', 'yd', '1 mi = 1760 yd'],
		['min', 'L/h', '1 h = 60 min'],
		['mL', 'L/h', '1 L = 1000 mL'],
		['g', 'kg', '1 kg = 1000 g'],
		['mA', 'µA', '1 mA = 10^-3 A'],
		['A', 'µA', '1 µA = 10^-6 A'],
		['wk', 'min', '1 wk = 7 d'],
	])('come first: from %s to %s', (unit, wanted, first) => {
		expect(leading(unit, wanted)[0]).toBe(first);
	});

	it('leave the others there, prefixes last, so that a wrong turn can be taken', () => {
		const { facts, leading: count } = factsToward('g', 'kg');
		const rest = facts.slice(count);
		expect(rest.map(says)).toContain('1 lb = 453.59237 g');
		const prefixes = rest.map(({ tables }) => tables.includes('prefixes'));
		expect(prefixes.indexOf(true)).toBeGreaterThan(prefixes.lastIndexOf(false));
	});

	it('take what the problem states, and nothing that a class leaves out or that holds for one substance only', () => {
		const problem = [fact('1.18 g', '1 mL', false)];
		expect(leading('mL', 'kg', { problem })).toEqual(['1.18 g = 1 mL']);
		expect(leading('mL', 'kg')).toEqual([]);
		expect(leading('mi', 'km', { allowed: ['customary', 'metric'] })).toEqual([]);
		expect(leading('mi', 'km')[0]).toBe('1 mi = 1.609344 km');
	});

	it('are empty when nothing is wanted, when the unit is the wanted one, and when it cannot be read', () => {
		expect(leading('g', '')).toEqual([]);
		expect(leading('g', 'g')).toEqual([]);
		expect(factsToward('', 'kg')).toEqual({ facts: [], leading: 0 });
	});
});

describe('the forms of a fact', () => {
	it('are the same ratio of the same units, either way round', () => {
		const facts = [
			fact('1 kg', '1000 g'),
			fact('1 lb', '453.59237 g'),
			fact('1 kg', '10^3 g'),
			fact('1 g', '0.001 kg'),
		];
		expect(factForms(facts).map((forms) => forms.map(says))).toEqual([
			['1 kg = 1000 g', '1 kg = 10^3 g', '1 g = 0.001 kg'],
			['1 lb = 453.59237 g'],
		]);
	});

	it('keep apart what is exact and what is measured, and lose no fact that has no ratio', () => {
		const facts = [fact('1 kg', '2.2 lb', false), fact('1 kg', '2.2 lb'), fact('180 °', 'π rad')];
		expect(factForms(facts)).toHaveLength(3);
	});

	it('put together no two facts of the tables that say different things', () => {
		const { facts } = factsToward('L', 'mL');
		const forms = factForms<TableFact>(facts);
		expect(forms.flat()).toHaveLength(facts.length);
		expect(forms.filter((group) => group.length > 1).map((group) => group.map(says))).toContainEqual([
			'1 L = 1000 mL',
			'1 mL = 10^-3 L',
		]);
	});
});
