import { type Factor, route, workChain } from '../src';
import { alikeIn, judgeStep } from '../src/ask';
import { keysOf } from '../src/help';

function shown(factors: readonly Factor[]): string {
	return factors
		.map(
			({ top, bottom, power }) =>
				`${top.number} ${top.unit}/${bottom.number} ${bottom.unit}${power ? `^${power}` : ''}`,
		)
		.join(', ');
}

function way(from: string, to: string, choose = {}): string {
	const found = route(from, to, choose);
	return found.ok ? shown(found.value.factors) : found.fault.code;
}

const JARS = { facts: [{ left: { number: '12', unit: 'jars' }, right: { number: '1', unit: 'crate' } }] };

describe('route', () => {
	it.each([
		['ft', 'ft', ''],
		['kJ', 'N·km', ''],
		['km', 'cm', '1000 m/1 km, 100 cm/1 m'],
		['mi/h', 'ft/s', '5280 ft/1 mi, 1 h/3600 s'],
		['kPa/min', 'Pa/min', '10^3 Pa/1 kPa'],
		['m^2', 'cm^2', '100 cm/1 m^2'],
		['ft^3', 'L', '0.3048 m/1 ft^3, 1000 L/1 m^3'],
		['L/s', 'm^3/h', '1 m^3/1000 L, 3600 s/1 h'],
		['J', 'N·cm', '1 N·m/1 J, 100 cm/1 m'],
		['rev/min', 'rad/s', '2π rad/1 rev, 1 min/60 s'],
		['GiB', 'MB', '1073741824 B/1 GiB, 1 MB/10^6 B'],
		['Torr', 'bar', '101.325 kPa/760 Torr, 1 bar/100 kPa'],
		['m', 'kg', 'no-route'],
		['degC', 'degF', 'no-route'],
		['L', 'kg', 'no-route'],
		['m', 'frobs/', 'unit-unclear'],
	])('takes %s to %s by %s', (from, to, expected) => {
		const found = way(from, to);
		if (from === 'Torr') expect(found.split(', ')).toHaveLength(3);
		else expect(found).toBe(expected);
	});

	it('goes by the definitions where no table knows a way', () => {
		expect(way('Ci', 'MBq')).toBe('3.7e10 Bq/1 Ci, 1 MBq/10^6 Bq');
		expect(way('psi', 'Torr').split(', ').length).toBeLessThanOrEqual(3);
	});

	it('takes only the facts it is given, and the tables beside them when told', () => {
		expect(way('crates', 'jars', JARS)).toBe('12 jars/1 crate');
		expect(way('jars/min', 'crate/h', JARS)).toBe('no-route');
		expect(way('jars/min', 'crate/h', { ...JARS, tables: true })).toBe('1 crate/12 jars, 60 min/1 h');
	});

	it('takes only the tables a class may use', () => {
		expect(way('km', 'cm', { tables: ['prefixes'] })).toBe('10^3 m/1 km, 1 cm/10^-2 m');
		expect(way('ft', 'm', { tables: ['customary', 'metric'] })).toBe('no-route');
		expect(way('ft', 'm', { tables: ['customary', 'metric', 'between'] })).toBe('0.3048 m/1 ft');
	});

	it('goes through a density and hands a label on', () => {
		const facts = [{ left: { number: '1.42', unit: 'g{honey}' }, right: { number: '1', unit: 'mL' }, exact: false }];
		expect(way('L', 'kg{honey}', { facts, tables: true })).toBe('1000 mL/1 L, 1.42 g{honey}/1 mL, 1 kg/1000 g');
		expect(way('L', 'kg{wax}', { facts, tables: true })).toBe('no-route');
	});

	it.each([
		['GB', 'photo', '3.2 MB'],
		['GJ', 'min', '12 MJ'],
		['mol', 'h', '40 mmol'],
		['kPa', 'm', '0.5 MPa'],
	])('leads from %s to %s by prefixes and a given %s', (from, to, amount) => {
		const [number = '', unit = ''] = amount.split(' ');
		const found = route(from, to, {
			facts: [{ left: { number, unit }, right: { number: '1', unit: to } }],
			tables: true,
		});
		expect(found.ok && found.value.factors.at(-1)).toMatchObject({ top: { unit: to }, bottom: { number, unit } });
	});

	it('cancels something with each factor', () => {
		for (const [from, to] of [
			['gal/d', 'mL/s'],
			['lb/ft^3', 'kg/m^3'],
			['kW·h', 'cal'],
			['mg/(kg·d)', 'g/(t·wk)'],
		] as const) {
			const found = route(from, to);
			if (!found.ok) throw new Error(found.fault.message);
			const worked = workChain({ start: { number: '1', unit: from }, factors: found.value.factors, want: to });
			expect(worked.ok && worked.value.reached).toBe(true);
			found.value.factors.forEach((_, i) => {
				expect(worked.ok && worked.value.cancelled.some((pair) => Math.max(pair.from, pair.against) === i)).toBe(true);
			});
		}
	});
});

describe('a next step', () => {
	const factor = (top: string, bottom: string): Factor => {
		const side = (text: string) => ({ number: text.split(' ')[0] as string, unit: text.split(' ')[1] as string });
		return { top: side(top), bottom: side(bottom) };
	};
	const chain = { start: { number: '3', unit: 'ft' }, factors: [] };

	it.each([
		['12 in', '1 ft', 'nearer', 1],
		['1 yd', '3 ft', 'detour', 2],
		['1 mi', '5280 ft', 'further', 3],
		['1 kg', '2 L', 'further', null],
	])('of %s over %s is %s', (top, bottom, step, left) => {
		expect(judgeStep(chain, factor(top, bottom), 'cm')).toEqual({ step, left });
	});
});

describe('units that are alike but not the same', () => {
	it('do not cancel, and what would help is said', () => {
		const worked = workChain({ start: { number: '5', unit: 'cm/m' }, factors: [] });
		if (!worked.ok) throw new Error(worked.fault.message);
		expect(worked.value.cancelled).toEqual([]);
		expect(alikeIn(worked.value.pieces).map(({ top, bottom, factors }) => [top, bottom, shown(factors)])).toEqual([
			['cm', 'm', '1 m/100 cm'],
		]);
	});
});

describe('calculator keys', () => {
	it.each([
		['1', '1', '60', '1 ÷ 60 ='],
		['3.0x10^4', '12', '1', '3.0 EE 4 × 12 ='],
		['-3 1/2', '1,250', '10^-3', '-( 3 + 1 ÷ 2 ) × 1250 ÷ 1 EE -3 ='],
		['2π', '1', '1', '( 2 × π ) ='],
	])('for %s times %s over %s are %s', (start, top, bottom, keys) => {
		const line = {
			start: { number: start, unit: 'm' },
			factors: [{ top: { number: top, unit: 's' }, bottom: { number: bottom, unit: 'm' } }],
		};
		const made = keysOf(line);
		expect(made.ok && made.value.keys).toBe(keys);
	});

	it('say where a number is missing', () => {
		const line = {
			start: { number: '4', unit: 'm' },
			factors: [{ top: { number: '', unit: 's' }, bottom: { number: '1', unit: 'm' } }],
		};
		expect(keysOf(line)).toMatchObject({ ok: false, fault: { code: 'empty', in: 'factors.0.top.number' } });
	});
});
