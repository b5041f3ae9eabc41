import {
	type Chain,
	check,
	type Exercise,
	type Factor,
	printValue,
	type Quantity,
	turnedFactor,
	workChain,
} from '../../core/src';
import { median, percentile } from './measure';

const quantity = (text: string): Quantity => {
	const [number = '', unit = ''] = text.split(' ');
	return { number, unit };
};

function factor(text: string): Factor {
	const [top = '', bottom = ''] = text.split(' / ');
	return { top: quantity(top), bottom: quantity(bottom) };
}

/** Lines of three to five factors, and the unit each ends at. */
const LINES: readonly (readonly [string, string, readonly string[]])[] = [
	['mi/h', 'm/s', ['1609.344 m / 1 mi', '1 h / 60 min', '1 min / 60 s']],
	['in/h', 'mm/min', ['2.54 cm / 1 in', '10 mm / 1 cm', '1 h / 60 min']],
	['ft/d', 'cm/h', ['12 in / 1 ft', '2.54 cm / 1 in', '1 d / 24 h']],
	['gal/wk', 'mL/h', ['3.785 L / 1 gal', '1000 mL / 1 L', '1 wk / 7 d', '1 d / 24 h']],
	['lb/d', 'g/min', ['453.6 g / 1 lb', '1 d / 24 h', '1 h / 60 min']],
	['yd/min', 'cm/s', ['3 ft / 1 yd', '12 in / 1 ft', '2.54 cm / 1 in', '1 min / 60 s']],
	['wk', 's', ['7 d / 1 wk', '24 h / 1 d', '60 min / 1 h', '60 s / 1 min']],
	['mi', 'cm', ['5280 ft / 1 mi', '12 in / 1 ft', '2.54 cm / 1 in']],
	['km/h', 'ft/s', ['1000 m / 1 km', '3.281 ft / 1 m', '1 h / 60 min', '1 min / 60 s']],
	['ton', 'kg', ['2000 lb / 1 ton', '453.6 g / 1 lb', '1 kg / 1000 g']],
];
const STARTS = ['2.47', '18.5', '36.2', '7.31', '0.683', '94.6'];

type Step = { readonly code: string; readonly make: (factors: readonly Factor[], at: number) => readonly Factor[] };

const put = (factors: readonly Factor[], at: number, ...by: readonly Factor[]) => [
	...factors.slice(0, at),
	...by,
	...factors.slice(at + 1),
];
const WRONG: Readonly<Record<string, string>> = {
	'12': '16',
	'60': '100',
	'1000': '100',
	'24': '12',
	'7': '5',
	'3': '12',
};

/** A fact with a wrong number in it; itself where none of its numbers is often taken for another. */
function withWrongNumber(one: Factor): Factor {
	const side = one.top.number in WRONG ? 'top' : 'bottom';
	return { ...one, [side]: { ...one[side], number: WRONG[one[side].number] ?? one[side].number } };
}

function withSwap(one: Factor): Factor {
	const { number } = one.top;
	const swapped = number.replace(/(\d)(\d)/, '$2$1');
	return swapped === number ? one : { ...one, top: { ...one.top, number: swapped } };
}

/** Slips laid on a line of our own making. */
const STEPS: readonly Step[] = [
	{ code: 'flipped-factor', make: (all, at) => put(all, at, turnedFactor(all[at] as Factor)) },
	{ code: 'skipped-factor', make: (all, at) => put(all, at) },
	{ code: 'repeated-factor', make: (all, at) => put(all, at, all[at] as Factor, all[at] as Factor) },
	{ code: 'wrong-number', make: (all, at) => put(all, at, withWrongNumber(all[at] as Factor)) },
	{ code: 'swapped-digits', make: (all, at) => put(all, at, withSwap(all[at] as Factor)) },
];

function worked(chain: Chain): string | null {
	const made = workChain(chain);
	const value = made.ok ? made.value.value : null;
	return value ? printValue(value.value, value.pi, 3).text : null;
}

/** How often the search names the slips that were laid, and how long one search takes. */
export function namingSlips() {
	const ranks: number[] = [];
	const pairs: boolean[] = [];
	const times: number[] = [];
	for (const [from, to, line] of LINES)
		for (const [n, number] of STARTS.entries()) {
			const factors = line.map(factor);
			const start = { number, unit: from };
			const exercise: Exercise = {
				prompt: '',
				start,
				facts: [],
				want: { unit: to },
				rounding: 'figures',
				line: factors,
			};
			const right = worked({ start, factors });
			const ask = (laid: readonly Factor[], codes: readonly string[]) => {
				const answer = worked({ start, factors: laid });
				if (answer === null || answer === right) return null;
				const began = performance.now();
				const made = check(exercise, `${answer} ${to}`);
				times.push(performance.now() - began);
				const found = made.ok ? made.value.slips.map(({ code }) => code) : [];
				return codes.map((code) => found.indexOf(code));
			};
			for (const [k, one] of STEPS.entries()) {
				const at = (n + k) % factors.length;
				const laid = one.make(factors, at);
				const rank = JSON.stringify(laid) === JSON.stringify(factors) ? null : ask(laid, [one.code]);
				if (rank) ranks.push(rank[0] as number);
				const other = STEPS[(k + 1 + (n % (STEPS.length - 1))) % STEPS.length] as Step;
				const where = (at + 1) % factors.length;
				// The later place first, so that the earlier one is still where it was.
				const [late, early] =
					at > where ? [[one, at] as const, [other, where] as const] : [[other, where] as const, [one, at] as const];
				const both = early[0].make(late[0].make(factors, late[1]), early[1]);
				const changed = [one.make(factors, at), other.make(factors, where)].every(
					(made) => JSON.stringify(made) !== JSON.stringify(factors),
				);
				const found = changed && one.code !== other.code ? ask(both, [one.code, other.code]) : null;
				if (found) pairs.push(found.every((place) => place >= 0));
			}
		}
	const share = (of: readonly boolean[]) => (100 * of.filter(Boolean).length) / of.length;
	return {
		singles: ranks.length,
		first: share(ranks.map((rank) => rank === 0)),
		three: share(ranks.map((rank) => rank >= 0 && rank < 3)),
		pairs: pairs.length,
		both: share(pairs),
		medianMs: median(times),
		slowMs: percentile(times, 0.99),
	};
}
