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

/** Our conversion and chain beside three libraries and beside bare products, all in the same rounds. */
export function calls(): readonly Row[] {
	const ucum = UcumLhcUtils.getInstance();
	const read = readChain(CHAIN);
	if (!read.ok) throw new Error(read.fault.message);
	const time = microseconds({
		ours: () => convert({ number: '40', unit: 'mi/h' }, 'ft/s'),
		mathjs: () => math.unit('40 mi/h').to('ft/s').toNumber('ft/s'),
		quantities: () => Qty('40 mi/h').to('ft/s').scalar,
		ucum: () => ucum.convertUnitTo('[mi_i]/h', 40, '[ft_i]/s').toVal,
		bare: () => product(TOPS) - product(BOTTOMS),
		derived: () => workRead(read.value),
		parsed: () => workChain(CHAIN),
	});
	const { ours, mathjs, quantities, bare, derived, parsed } = time;
	process.stdout.write(
		table('40 mi/h to ft/s from text, median microseconds a call (a ratio over 1 means ours is faster)', [
			['', 'tidy sum', 'mathjs', 'js-quantities', 'ucum-lhc'],
			['time', ...[ours, mathjs, quantities, time.ucum].map((one) => one.toFixed(2))],
			['ratio', '1', ...[mathjs, quantities, time.ucum].map((one) => (one / ours).toFixed(2))],
		]),
	);
	process.stdout.write(
		table('A chain of six factors, median microseconds', [
			['bare products', 'derived from a parsed chain', 'parsed and derived'],
			[bare.toFixed(3), derived.toFixed(2), parsed.toFixed(2)],
		]),
	);
	const fastest = Math.min(mathjs, quantities, time.ucum);
	return [
		row('convert from text, against the fastest of three libraries', fastest / ours, { least: 3 }, 'times'),
		row(
			'a parsed chain of six with everything derived, in bare BigInt products',
			derived / bare,
			{ most: 60 },
			'times',
		),
		row('the same, in mathjs conversions', derived / mathjs, { most: 1 }, 'times'),
	];
}
