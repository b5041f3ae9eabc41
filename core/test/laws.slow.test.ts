import fc from 'fast-check';
import {
	type Chain,
	convert,
	FACT_ROWS,
	type Factor,
	parseNumeral,
	parseUnit,
	printValue,
	rationalText,
	route,
	turnedFactor,
	turnedStart,
	workChain,
} from '../src';
import { customRatio } from '../src/unit/customs';
import { PREFIXES } from '../src/unit/prefixes';
import { UNIT_ROWS } from '../src/unit/table';
import { unitOfParts } from '../src/unit/unit-of-parts';

function worked(chain: Chain) {
	const made = workChain(chain);
	if (!made.ok) throw new Error(`${made.fault.in}: ${made.fault.message}`);
	return made.value;
}

const number = fc
	.tuple(fc.integer({ min: 1, max: 99999 }), fc.integer({ min: -6, max: 6 }))
	.map(([digits, power]) => `${digits}e${power}`);

const row = fc.constantFrom(...UNIT_ROWS);

/** A unit of the table with a prefix it takes, and its power. */
const unit = fc
	.tuple(row, fc.constantFrom(undefined, ...PREFIXES), fc.integer({ min: -3, max: 3 }))
	.filter(([{ prefixes, symbol }, prefix, power]) => {
		// Written together these are other units' own symbols.
		const taken = ['TR', 'kph', 'mph'].includes(`${prefix?.symbol}${symbol}`);
		return power !== 0 && !taken && (prefix === undefined || prefixes === 'all');
	})
	.map(([{ symbol }, prefix, power]) => ({ unit: symbol, ...(prefix ? { prefix: prefix.symbol } : {}), power }));

const factor: fc.Arbitrary<Factor> = fc
	.tuple(fc.constantFrom(...FACT_ROWS), fc.boolean(), fc.integer({ min: 1, max: 3 }))
	.map(([{ left, right }, over, power]) => ({ top: over ? right : left, bottom: over ? left : right, power }));

const chain: fc.Arbitrary<Chain> = fc
	.tuple(number, fc.constantFrom('m', 'ft', 'mi/h', 'kg/L', 'm^2', 'g·cm^-3'), fc.array(factor, { maxLength: 5 }))
	.map(([value, text, factors]) => ({ start: { number: value, unit: text }, factors }));

describe('the laws of units', () => {
	it('what is printed is read as the same', () => {
		fc.assert(
			fc.property(fc.array(unit, { minLength: 1, maxLength: 3 }), (parts) => {
				const once = parseUnit(unitOfParts(parts).text);
				// Two parts of one unit are printed beside each other and read as one; from then on nothing changes.
				if (!once.ok) throw new Error(`${unitOfParts(parts).text}: ${once.fault.message}`);
				const twice = parseUnit(once.value.text);
				expect(twice.ok && twice.value.text).toBe(once.value.text);
				expect(twice.ok && rationalText(twice.value.factor)).toBe(rationalText(once.value.factor));
			}),
			{ numRuns: 500 },
		);
	});

	it('a conversion there and back is where it began', () => {
		fc.assert(
			fc.property(number, row, row, (value, from, to) => {
				const there = convert({ number: value, unit: from.symbol }, to.symbol);
				if (!there.ok || from.offset || to.offset) return;
				const text = rationalText(there.value.value);
				if (text.length > 190 || there.value.pi !== 0) return;
				const back = convert({ number: text, unit: to.symbol }, from.symbol);
				const first = parseNumeral(value);
				expect(back.ok && rationalText(back.value.value)).toBe(first.ok && rationalText(first.value.value));
			}),
			{ numRuns: 2000 },
		);
	});
});

describe('the laws of numerals', () => {
	it('what is printed of a rounded value is read as the same value with the same figures', () => {
		fc.assert(
			fc.property(number, fc.integer({ min: 1, max: 12 }), (text, significant) => {
				const read = parseNumeral(text);
				if (!read.ok) throw new Error(read.fault.message);
				const printed = printValue(read.value.value, 0, significant);
				const again = parseNumeral(printed.text);
				if (!again.ok) throw new Error(`${printed.text}: ${again.fault.message}`);
				expect(again.value.significant).toBe(significant);
				const scientific = parseNumeral(printed.scientific as string);
				expect(scientific.ok && rationalText(scientific.value.value)).toBe(rationalText(again.value.value));
			}),
		);
	});
});

describe('the laws of chains', () => {
	it('the order of the factors changes neither the value nor what stands', () => {
		fc.assert(
			fc.property(chain, (line) => {
				const one = worked(line);
				const other = worked({ ...line, factors: [...line.factors].reverse() });
				expect(rationalText(other.value?.value as never)).toBe(rationalText(one.value?.value as never));
				expect(other.standing).toEqual(one.standing);
				expect(other.significant).toBe(one.significant);
			}),
		);
	});

	it('a block or a start turned twice is as it was', () => {
		fc.assert(
			fc.property(chain, (line) => {
				expect(line.factors.map(turnedFactor).map(turnedFactor)).toEqual(line.factors);
				expect(turnedStart(turnedStart(line.start))).toEqual(line.start);
			}),
		);
		const trip = { top: { number: '150', unit: 'km' }, bottom: { number: '2.5', unit: 'h' } };
		expect(turnedStart(trip)).toEqual({ top: trip.bottom, bottom: trip.top });
	});

	it('cancelling changes no value: numbers and units together come to the same amount', () => {
		fc.assert(
			fc.property(chain, (line) => {
				const { value, unit: stands, read } = worked(line);
				const blocks = [read.start, ...read.factors];
				const amount = blocks.reduce((sum, { top, bottom, power }) => {
					const size = (side: typeof top) => side.number?.value.mul(side.unit.factor).pow(power) as never;
					const above = sum.mul(size(top));
					return bottom ? above.div(size(bottom)) : above;
				}, unitOfParts([]).factor);
				expect(value?.value.mul(stands.factor).equals(amount)).toBe(true);
			}),
		);
	});

	it('the figures are never more than the fewest of the inputs', () => {
		fc.assert(
			fc.property(chain, (line) => {
				const { significant, read, factors } = worked(line);
				const counts = [read.start.top.number?.significant, ...factors.map((one) => one.significant)];
				const fewest = Math.min(...counts.filter((count): count is number => typeof count === 'number'));
				expect(significant).toBe(fewest);
			}),
		);
	});

	it('a chain along its own route comes to what converting gives', () => {
		fc.assert(
			fc.property(number, row, row, (value, from, to) => {
				const found = route(from.symbol, to.symbol);
				if (!found.ok) return;
				const made = worked({
					start: { number: value, unit: from.symbol },
					factors: found.value.factors,
					want: to.symbol,
				});
				expect(made.reached).toBe(true);
				if (made.factors.some(({ exact }) => !exact)) return;
				// By the custom of classes 760 mmHg is 1 atm, exactly; by the definitions it is a ten-millionth more.
				if (found.value.factors.some(({ top, bottom }) => customRatio(top.unit, bottom.unit) !== null)) return;
				const direct = convert({ number: value, unit: from.symbol }, to.symbol);
				expect(rationalText(made.value?.value as never)).toBe(direct.ok && rationalText(direct.value.value));
			}),
			{ numRuns: 2000 },
		);
	});
});
