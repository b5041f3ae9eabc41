import {
	type Chain,
	type Exercise,
	type Factor,
	parseNumeral,
	printValue,
	type Quantity,
	type Rational,
	turnedFactor,
	workChain,
} from '../../core/src';
import { rational, toPower } from '../../core/src/numeral/rational';
import { round } from '../../core/src/numeral/round';
import { check } from '../../core/src/practice';
import { median, percentile } from './measure';

const quantity = (text: string): Quantity => {
	const [number = '', unit = ''] = text.split(' ');
	return { number, unit };
};

function factor(text: string): Factor {
	const [sides = '', power] = text.split(' ^ ');
	const [top = '', bottom = ''] = sides.split(' / ');
	return { top: quantity(top), bottom: quantity(bottom), ...(power ? { power: Number(power) } : {}) };
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
	['kg/h', 'mg/s', ['10^3 g / 1 kg', '1 mg / 10^-3 g', '1 h / 60 min', '1 min / 60 s']],
	['mA', 'µA', ['10^-3 A / 1 mA', '1 nA / 10^-9 A', '10^-9 A / 1 nA', '1 µA / 10^-6 A']],
	['yd^2', 'cm^2', ['3 ft / 1 yd ^ 2', '12 in / 1 ft ^ 2', '2.54 cm / 1 in ^ 2']],
	['ft^3', 'L', ['12 in / 1 ft ^ 3', '2.54 cm / 1 in ^ 3', '1 mL / 1 cm^3', '1 L / 1000 mL']],
];
const STARTS = ['2.47', '18.5', '36.2', '7.31', '0.683', '94.6'];

type Factors = readonly Factor[];

const put = (factors: Factors, at: number, ...by: Factors) => [
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
	'5280': '1760',
	'10^3': '10^2',
	'10^-3': '10^-2',
};

type Laying = { readonly factors: Factors; readonly number?: string } | null;

/** A slip laid on a line of our own making; null where it cannot be, or changes nothing. */
const LAY: Readonly<Record<string, (factors: Factors, at: number, number: string) => Laying>> = {
	'flipped-factor': (all, at) => ({ factors: put(all, at, turnedFactor(all[at] as Factor)) }),
	'skipped-factor': (all, at) => ({ factors: put(all, at) }),
	'repeated-factor': (all, at) => ({ factors: put(all, at, all[at] as Factor, all[at] as Factor) }),
	'power-missed': (all, at) => {
		const { power, ...plain } = all[at] as Factor;
		return power ? { factors: put(all, at, plain) } : null;
	},
	'prefix-sign': (all, at) => {
		const { top, bottom } = all[at] as Factor;
		if (![top, bottom].every(({ number }) => /^(1|10+|10\^-?\d+)$/.test(number))) return null;
		const by = { top: { ...top, number: bottom.number }, bottom: { ...bottom, number: top.number } };
		return { factors: put(all, at, { ...(all[at] as Factor), ...by }) };
	},
	'wrong-number': (all, at) => {
		const one = all[at] as Factor;
		const side = one.top.number in WRONG ? 'top' : 'bottom';
		const number = WRONG[one[side].number];
		return number ? { factors: put(all, at, { ...one, [side]: { ...one[side], number } }) } : null;
	},
	'swapped-digits': (all, at, number) => {
		// Of two digits that both count; a zero that only holds a place is not copied wrongly.
		const swap = (text: string) => text.replace(/([1-9])(\.?)([1-9])/, '$3$2$1');
		if (at === 0) return { factors: all, number: swap(number) };
		const one = all[at] as Factor;
		return { factors: put(all, at, { ...one, top: { ...one.top, number: swap(one.top.number) } }) };
	},
};

type Exact = { readonly value: Rational; readonly figures: number };

/** A slip with the keys or with the number, once the line is right. */
const KEYED: Readonly<Record<string, (exact: Exact, factors: Factors, n: number) => string | null>> = {
	'bracket-missed': ({ value, figures }, factors) => {
		const below = factors.flatMap(({ bottom: { number }, power = 1 }) => {
			const read = parseNumeral(number);
			return read.ok && number !== '1' ? [toPower(read.value.value, power)] : [];
		});
		if (below.length < 2) return null;
		return printed(
			below.slice(1).reduce((all, one) => all.mul(one).mul(one), value),
			figures,
		);
	},
	'ee-slip': ({ value, figures }, factors) => {
		const tens = factors.flatMap(({ top, bottom }) => [
			...(top.number.startsWith('10^') ? [10n] : []),
			...(bottom.number.startsWith('10^') ? [-10n] : []),
		]);
		const [first] = tens;
		if (first === undefined) return null;
		return printed(first > 0n ? value.mul(rational(10n)) : value.div(rational(10n)), figures);
	},
	'place-slip': ({ value, figures }, _, n) => printed(value.mul(toPower(rational(10n), n % 2 ? 1 : -2)), figures),
	'sign-lost': ({ value, figures }) => printed(value.neg(), figures),
	truncated: ({ value, figures }) => {
		const place = value.leadingPlace() - figures + 1;
		const { whole } = value.steps(place);
		return printed(rational(whole).mul(toPower(rational(10n), place)), figures);
	},
	'rounded-early': ({ value, figures }, factors) => {
		let now = value;
		for (const one of [...factors].reverse()) now = now.div(worth(one));
		for (const [i, one] of factors.entries()) {
			now = now.mul(worth(one));
			if (i < factors.length - 1) now = round(now, { significant: 2 }).value;
		}
		return printed(now, figures);
	},
};

function worth({ top, bottom, power = 1 }: Factor): Rational {
	const [a, b] = [parseNumeral(top.number), parseNumeral(bottom.number)];
	return a.ok && b.ok ? toPower(a.value.value.div(b.value.value), power) : rational(1n);
}

function printed(value: Rational, figures: number): string {
	return printValue(value, 0, figures).text;
}

function lineValue(chain: Chain): Rational | null {
	const made = workChain(chain);
	return made.ok ? (made.value.value?.value ?? null) : null;
}

type Tally = { count: number; first: number; three: number; withLine: number; lines: number; pointed: number };

/**
 * How often the search names the slips that were laid, by code: from the bare answer, and with the line; how often two
 * slips are both named; and how long a check takes with it.
 */
export function namingSlips() {
	const byCode = new Map<string, Tally>();
	const times: number[] = [];
	let [pairs, both] = [0, 0];
	const tally = (code: string) => {
		const known = byCode.get(code) ?? { count: 0, first: 0, three: 0, withLine: 0, lines: 0, pointed: 0 };
		byCode.set(code, known);
		return known;
	};
	const name = (exercise: Exercise, answer: string, chain?: Chain) => {
		const began = performance.now();
		const made = check(exercise, answer, chain);
		times.push(performance.now() - began);
		return made.ok ? made.value.slips : [];
	};
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
			const truth = lineValue({ start, factors }) as Rational;
			const right = printed(truth, 3);
			const laid = (code: string, at: number, on: Factors = factors) => LAY[code]?.(on, at, number) ?? null;
			for (const [k, code] of Object.keys(LAY).entries()) {
				const at = (n + k) % factors.length;
				const one = laid(code, at);
				const chain = one && { start: { number: one.number ?? number, unit: from }, factors: one.factors };
				const value = chain && lineValue(chain);
				if (!value || printed(value, 3) === right) continue;
				const answer = `${printed(value, 3)} ${to}`;
				const found = name(exercise, answer).map((slip) => slip.code);
				const given = name(exercise, answer, { ...chain, want: to });
				const sums = tally(code);
				sums.count += 1;
				sums.first += Number(found[0] === code);
				sums.three += Number(found.slice(0, 3).includes(code));
				sums.lines += 1;
				sums.withLine += Number(given[0]?.code === code);
				sums.pointed += Number(given.some((slip) => slip.code === code && slip.factor !== undefined));
				const codes = Object.keys(LAY);
				const other = codes[(k + 1 + (n % (codes.length - 1))) % codes.length] as string;
				const where = (at + 1) % factors.length;
				const alone = laid(other, where);
				if (!alone || other === code || JSON.stringify(alone.factors) === JSON.stringify(factors)) continue;
				// The later place first, so that the earlier one is still where it was.
				const order: readonly [readonly [string, number], readonly [string, number]] =
					at > where
						? [
								[code, at],
								[other, where],
							]
						: [
								[other, where],
								[code, at],
							];
				const [[lateCode, late], [earlyCode, early]] = order;
				const second = laid(lateCode, late);
				const together = second && laid(earlyCode, early, second.factors);
				const twice =
					together &&
					lineValue({
						start: { number: together.number ?? second.number ?? number, unit: from },
						factors: together.factors,
					});
				if (!twice || printed(twice, 3) === right) continue;
				const named = name(exercise, `${printed(twice, 3)} ${to}`).map((slip) => slip.code);
				pairs += 1;
				both += Number(named.includes(code) && named.includes(other));
			}
			for (const [code, make] of Object.entries(KEYED)) {
				const text = make({ value: truth, figures: 3 }, factors, n);
				if (text === null || text === right) continue;
				const found = name(exercise, `${text} ${to}`).map((slip) => slip.code);
				const given = name(exercise, `${text} ${to}`, { start, factors, want: to }).map((slip) => slip.code);
				const sums = tally(code);
				sums.count += 1;
				sums.first += Number(found[0] === code);
				sums.three += Number(found.slice(0, 3).includes(code));
				sums.lines += 1;
				sums.withLine += Number(given[0] === code);
				sums.pointed += 1;
			}
		}
	const all = [...byCode.values()];
	const share = (field: keyof Tally, of: keyof Tally = 'count') =>
		(100 * all.reduce((sum, one) => sum + one[field], 0)) / all.reduce((sum, one) => sum + one[of], 0);
	return {
		byCode: [...byCode].map(([code, one]) => ({
			code,
			count: one.count,
			first: (100 * one.first) / one.count,
			three: (100 * one.three) / one.count,
			withLine: (100 * one.withLine) / one.lines,
			pointed: (100 * one.pointed) / one.lines,
		})),
		singles: all.reduce((sum, { count }) => sum + count, 0),
		first: share('first'),
		three: share('three'),
		withLine: share('withLine', 'lines'),
		pairs,
		both: (100 * both) / pairs,
		medianMs: median(times),
		slowMs: percentile(times, 0.99),
	};
}
