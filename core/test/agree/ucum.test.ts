import { UcumLhcUtils } from '@lhncbc/ucum-lhc';
import { withPi } from '../../src/numeral/pi';
import { UNIT_ROWS } from '../../src/unit/table';
import { unitOfParts } from '../../src/unit/unit-of-parts';

const ucum = UcumLhcUtils.getInstance();

/** How near the two must be: the table of the library is in floating point. */
const NEAR = 1e-9;

/** The mole of the library's table, a pure number with an older constant. */
const MOLE = 6.0221367e23;

/** Units whose factor differs, each with its reason. */
const DIFFERENCES: Readonly<Record<string, string>> = {
	eV: 'an older value of the elementary charge',
	Da: 'an older value of the atomic mass constant',
	mmHg: 'mercury at 133.322 kPa/m, rounded',
	inHg: 'mercury at 133.322 kPa/m, rounded',
	Btu_th: 'rounded to 1054.35 J',
	pc: 'rounded to 3.085678e16 m',
	ph: 'given there as 10^-4 lx, where the phot is 10^4 lx',
};

/** A unit's size in the base units of UCUM: the gram for the kilogram, and moles as a number. */
function sizeInUcum(symbol: string): number {
	const { factor, pi, dimension } = unitOfParts([{ unit: symbol, power: 1 }]);
	const value = withPi(factor, pi);
	const size = Number(value.n) / Number(value.d);
	const near = Number.isFinite(size) && size !== 0 ? size : Number((value.n * 10n ** 60n) / value.d) / 1e60;
	return near * 1000 ** (dimension.kg ?? 0) * MOLE ** (dimension.mol ?? 0);
}

describe('the UCUM table', () => {
	const rows = UNIT_ROWS.filter(({ ucum: code, offset }) => code && !offset);

	it.each(rows.map(({ symbol, ucum: code }) => [symbol, code as string]))(
		'has %s as %s, of the same size',
		(symbol, code) => {
			const { unit, retMsg } = ucum.getSpecifiedUnit(code, 'validate');
			expect([code, unit === null ? retMsg : 'known']).toEqual([code, 'known']);
			const apart = Math.abs((unit?.magnitude_ ?? 0) / sizeInUcum(symbol) - 1);
			if (symbol in DIFFERENCES) expect(apart).toBeGreaterThan(NEAR);
			else expect(apart).toBeLessThan(NEAR);
		},
	);
});
