import { UcumLhcUtils } from '@lhncbc/ucum-lhc';
import Qty from 'js-quantities';
import * as math from 'mathjs';
import { type Chain, convert, readChain, workChain, workRead } from '../../core/src';
import { microseconds, type Row, row, table } from './measure';

/** A line of six factors, which several benches work. */
export const CHAIN: Chain = {
	start: { number: '18.5', unit: 'mi/h' },
	factors: [
		{ top: { number: '5280', unit: 'ft' }, bottom: { number: '1', unit: 'mi' } },
		{ top: { number: '12', unit: 'in' }, bottom: { number: '1', unit: 'ft' } },
		{ top: { number: '2.54', unit: 'cm' }, bottom: { number: '1', unit: 'in' } },
		{ top: { number: '1', unit: 'm' }, bottom: { number: '100', unit: 'cm' } },
		{ top: { number: '1', unit: 'h' }, bottom: { number: '60', unit: 'min' } },
		{ top: { number: '1', unit: 'min' }, bottom: { number: '60', unit: 's' } },
	],
	want: 'm/s',
};
const TOPS = [185n, 5280n, 12n, 254n, 1n, 1n, 1n];
const BOTTOMS = [10n, 1n, 1n, 100n, 100n, 60n, 60n];

function product(numbers: readonly bigint[]): bigint {
	let all = 1n;
	for (const number of numbers) all *= number;
	return all;
}

/** Pairs of units that all three libraries know as well, each library by its own name for it. */
const PAIRS = [
	['mi/h', 'ft/s', '[mi_i]/h', '[ft_i]/s'],
	['km', 'm', 'km', 'm'],
	['ft', 'in', '[ft_i]', '[in_i]'],
	['cm', 'mm', 'cm', 'mm'],
	['kg', 'g', 'kg', 'g'],
	['lb', 'kg', '[lb_av]', 'kg'],
	['oz', 'g', '[oz_av]', 'g'],
	['L', 'mL', 'L', 'mL'],
	['h', 'min', 'h', 'min'],
	['min', 's', 'min', 's'],
	['m/s', 'km/h', 'm/s', 'km/h'],
	['m^2', 'cm^2', 'm2', 'cm2'],
	['m^3', 'L', 'm3', 'L'],
	['ft^2', 'm^2', '[ft_i]2', 'm2'],
	['in', 'cm', '[in_i]', 'cm'],
	['yd', 'm', '[yd_i]', 'm'],
	['mi', 'km', '[mi_i]', 'km'],
	['g/mL', 'kg/L', 'g/mL', 'kg/L'],
	['kg/m^3', 'g/cm^3', 'kg/m3', 'g/cm3'],
	['J', 'kJ', 'J', 'kJ'],
	['W', 'kW', 'W', 'kW'],
	['Pa', 'kPa', 'Pa', 'kPa'],
	['bar', 'Pa', 'bar', 'Pa'],
	['mol', 'mmol', 'mol', 'mmol'],
	['A', 'mA', 'A', 'mA'],
	['V', 'mV', 'V', 'mV'],
	['km/h', 'mi/h', 'km/h', '[mi_i]/h'],
	['ft/min', 'm/s', '[ft_i]/min', 'm/s'],
	['L/min', 'mL/s', 'L/min', 'mL/s'],
	['mm', 'cm', 'mm', 'cm'],
	['nm', 'm', 'nm', 'm'],
	['MW', 'W', 'MW', 'W'],
	['N', 'kN', 'N', 'kN'],
	['s', 'min', 's', 'min'],
	['g', 'mg', 'g', 'mg'],
	['cm^3', 'mL', 'cm3', 'mL'],
	['mm^2', 'cm^2', 'mm2', 'cm2'],
	['kg/h', 'g/s', 'kg/h', 'g/s'],
	['m/min', 'cm/s', 'm/min', 'cm/s'],
	['in/h', 'mm/min', '[in_i]/h', 'mm/min'],
] as const;

const NUMBERS = Array.from({ length: 500 }, (_, i) => (1.37 + i * 0.731).toFixed(i % 4));

/** Calls with another number and another pair each time: what a library remembers of the last call helps it as little as us. */
function inTurn(call: (number: string, pair: (typeof PAIRS)[number]) => unknown): () => unknown {
	let at = 0;
	return () => {
		at = (at + 1) % (NUMBERS.length * PAIRS.length);
		return call(NUMBERS[at % NUMBERS.length] as string, PAIRS[(at * 7) % PAIRS.length] as (typeof PAIRS)[number]);
	};
}

/** Our conversion and chain beside three libraries and beside bare products, all in the same rounds. */
export function calls(): readonly Row[] {
	const ucum = UcumLhcUtils.getInstance();
	const read = readChain(CHAIN);
	if (!read.ok) throw new Error(read.fault.message);
	const time = microseconds({
		ours: inTurn((number, [from, to]) => convert({ number, unit: from }, to)),
		mathjs: inTurn((number, [from, to]) => math.unit(`${number} ${from}`).toNumber(to)),
		quantities: inTurn((number, [from, to]) => Qty(`${number} ${from}`).to(to).scalar),
		ucum: inTurn((number, [, , from, to]) => ucum.convertUnitTo(from, Number(number), to).toVal),
		bare: () => product(TOPS) - product(BOTTOMS),
		derived: () => workRead(read.value),
		parsed: () => workChain(CHAIN),
	});
	const { ours, mathjs, quantities, bare, derived, parsed } = time;
	process.stdout.write(
		table(
			'500 numbers and 40 pairs of units in turn, from text, median microseconds a call (a ratio over 1 means ours is faster)',
			[
				['', 'tidy sum', 'mathjs', 'js-quantities', 'ucum-lhc'],
				['time', ...[ours, mathjs, quantities, time.ucum].map((one) => one.toFixed(2))],
				['ratio', '1', ...[mathjs, quantities, time.ucum].map((one) => (one / ours).toFixed(2))],
			],
		),
	);
	process.stdout.write(
		table('A chain of six factors, median microseconds', [
			['bare products', 'derived from a parsed chain', 'parsed and derived'],
			[bare.toFixed(3), derived.toFixed(2), parsed.toFixed(2)],
		]),
	);
	const fastest = Math.min(mathjs, quantities, time.ucum);
	return [
		row(
			'convert from text, 500 numbers and 40 pairs in turn, against the fastest library',
			fastest / ours,
			{ least: 4 },
			'times',
		),
		row(
			'a parsed chain of six with everything derived, in bare BigInt products',
			derived / bare,
			{ most: 40 },
			'times',
		),
		row('the same, in mathjs conversions', derived / mathjs, { most: 1 }, 'times'),
	];
}
