import Qty from 'js-quantities';
import * as math from 'mathjs';
import { withPi } from '../../src/numeral/pi';
import { dimensionKey } from '../../src/unit/dimension';
import { UNIT_ROWS } from '../../src/unit/table';
import { unitOfParts } from '../../src/unit/unit-of-parts';

/** Relative difference allowed: the libraries work in floating point and write many factors to ten digits or so. */
const NEAR = 1e-8;

/** The coherent unit of each kind as each library writes it. */
const BASES: readonly {
	readonly of: Readonly<Record<string, number>>;
	readonly mathjs: string;
	readonly quantities: string;
}[] = [
	{ of: { m: 1 }, mathjs: 'm', quantities: 'm' },
	{ of: { m: 2 }, mathjs: 'm^2', quantities: 'm2' },
	{ of: { m: 3 }, mathjs: 'm^3', quantities: 'm3' },
	{ of: { kg: 1 }, mathjs: 'kg', quantities: 'kg' },
	{ of: { s: 1 }, mathjs: 's', quantities: 's' },
	{ of: { kg: 1, m: 1, s: -2 }, mathjs: 'N', quantities: 'N' },
	{ of: { kg: 1, m: -1, s: -2 }, mathjs: 'Pa', quantities: 'Pa' },
	{ of: { kg: 1, m: 2, s: -2 }, mathjs: 'J', quantities: 'J' },
	{ of: { kg: 1, m: 2, s: -3 }, mathjs: 'W', quantities: 'W' },
	{ of: { rad: 1 }, mathjs: 'rad', quantities: 'rad' },
	{ of: { bit: 1 }, mathjs: 'bit', quantities: 'bit' },
	{ of: { K: 1 }, mathjs: 'K', quantities: 'tempK' },
	{ of: { m: 1, s: -1 }, mathjs: 'm/s', quantities: 'm/s' },
	{ of: { kg: 1, m: -1, s: -1 }, mathjs: 'Pa s', quantities: 'Pa*s' },
];

function sizeOf(symbol: string): number {
	const { factor, pi } = unitOfParts([{ unit: symbol, power: 1 }]);
	const value = withPi(factor, pi);
	return Number((value.n * 10n ** 60n) / value.d) / 1e60;
}

function attempt(read: () => number): number | null {
	try {
		return read();
	} catch {
		return null;
	}
}

/** Names under which a library means another unit, or an older value, each with its reason. */
const MATHJS: Readonly<Record<string, string>> = {
	eV: 'an older value of the elementary charge',
	acre: 'rounded to 4046.86 m²',
	ct: 'ct is a hundred of something there, as in percent',
	tbsp: 'the metric spoon of 15 mL',
	tsp: 'the metric spoon of 5 mL',
	yr: 'the Julian year',
	mmHg: 'mercury at 133.322 Pa, rounded',
	Torr: 'rounded to 133.322 Pa',
};
const QUANTITIES: Readonly<Record<string, string>> = {
	Da: 'an older value of the atomic mass constant',
	au: 'the value before it was defined in 2012',
	fathom: 'rounded',
	rod: 'rounded',
	furlong: 'rounded',
	league: 'rounded',
	bu: 'rounded to ten figures',
	yr: 'the tropical year',
	mmHg: 'mercury at 0 °C, rounded',
	psi: 'rounded to 6894.76 Pa',
	lbf: 'rounded to 4.448222 N',
	inHg: 'mercury at 0 °C, rounded',
	cmH2O: 'water at 4 °C',
	inH2O: 'water at 4 °C',
	ly: 'rounded to 9.46050e15 m',
	pc: 'rounded to 3.085678e16 m',
};

const rows = UNIT_ROWS.filter(({ offset }) => !offset).flatMap((row) => {
	const base = BASES.find(({ of }) => dimensionKey(of) === dimensionKey(row.dimension));
	return base ? [{ row, base }] : [];
});

describe.each([
	{
		library: 'mathjs',
		differs: MATHJS,
		size: (name: string, base: (typeof BASES)[number]) => math.unit(1, name.replaceAll(' ', '')).toNumber(base.mathjs),
	},
	{
		library: 'js-quantities',
		differs: QUANTITIES,
		size: (name: string, base: (typeof BASES)[number]) =>
			Qty(`1 ${name.replaceAll(' ', '-')}`).to(base.quantities).scalar,
	},
])('the units that $library also knows', ({ differs, size }) => {
	const known = rows.flatMap(({ row, base }) => {
		const name = [row.name, row.symbol].find((one) => attempt(() => size(one, base)) !== null);
		return name === undefined ? [] : [{ symbol: row.symbol, name, theirs: size(name, base) }];
	});

	it('are many', () => {
		expect(known.length).toBeGreaterThan(40);
	});

	it.each(known)('agree on $symbol ($name)', ({ symbol, theirs }) => {
		const apart = Math.abs(theirs / sizeOf(symbol) - 1);
		if (symbol in differs) expect(apart).toBeGreaterThan(NEAR);
		else expect(apart).toBeLessThan(NEAR);
	});
});
