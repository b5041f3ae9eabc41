import fc from 'fast-check';
import type { Exercise } from '../src';

/** A right answer in a writing people use, and the exercise it answers. */
export type RightAnswer = { readonly exercise: Exercise; readonly answer: string };

/** n/d, worked apart from the core, so that its numbers are held to others than its own. */
type Ratio = readonly [bigint, bigint];

/** What is converted, by how much, and the ways the wanted unit is written. */
const CONVERTED: readonly (readonly [string, string, Ratio, readonly string[]])[] = [
	['in', 'cm', [254n, 100n], ['cm', 'centimetres', 'centimeters', 'cm.', 'Cm', '㎝']],
	['mi', 'km', [1609344n, 1000000n], ['km', 'kilometres', 'KM', 'Km', 'kilometers']],
	['lb', 'kg', [45359237n, 100000000n], ['kg', 'Kg', 'KG', 'kilograms', 'kgs', '㎏', 'kg.']],
	[
		'mi/h',
		'ft/s',
		[5280n, 3600n],
		['ft/s', 'ft / s', 'ft·s⁻¹', 'ft s^-1', 'feet per second', 'ft per s', 'ft/sec', 'FT/S', 'feet/second'],
	],
	['km/h', 'mi/h', [1000000n, 1609344n], ['mi/h', 'mph', 'MPH', 'Mph', 'miles per hour', 'mi/hr', 'miles an hour']],
	['m/s', 'km/h', [3600n, 1000n], ['km/h', 'kph', 'KPH', 'km/hr', 'kilometres per hour', 'km h⁻¹']],
	['m^2', 'cm^2', [10000n, 1n], ['cm²', 'cm^2', 'cm2', 'sq cm', 'sq. cm', 'square centimetres', '㎠', 'square cm']],
	['L', 'gal', [1000000000n, 3785411784n], ['gal', 'gallons', 'gallon', 'gal.']],
	['kg', 'g', [1000n, 1n], ['g', 'grams', 'gm', 'g.']],
	['h', 's', [3600n, 1n], ['s', 'sec', 'seconds', 'Sec', 's.']],
	['J', 'N·m', [1n, 1n], ['N·m', 'N m', 'Nm', 'N*m', 'newton metres']],
	['kJ/(kg·K)', 'J/(g·°C)', [1n, 1n], ['J/(g·°C)', 'J/g·°C', 'J/g°C', 'J/(g °C)', 'J g⁻¹ °C⁻¹']],
	['rev/min', 'Hz', [1n, 60n], ['Hz', 'hertz']],
	['µg/mL', 'mg/L', [1n, 1n], ['mg/L', 'mg/l', 'mg per L', 'milligrams per litre', 'mg L⁻¹']],
];

/** Mixed measures: the unit of the start, the parts, how many of the second in the first, and writings of both. */
const MIXED: readonly (readonly [string, string, bigint, readonly (readonly [string, string])[]])[] = [
	[
		'ft',
		'in',
		12n,
		[
			['ft', 'in'],
			['ft.', 'in.'],
			["'", '"'],
			['′', '″'],
			['’', '”'],
			['feet', 'inches'],
			['Ft', 'In'],
		],
	],
	[
		'lb',
		'oz',
		16n,
		[
			['lb', 'oz'],
			['lbs', 'oz'],
			['lbs.', 'oz.'],
			['pounds', 'ounces'],
			['LBS', 'OZ'],
		],
	],
	[
		'h',
		'min',
		60n,
		[
			['h', 'min'],
			['hr', 'min'],
			['hr.', 'min.'],
			['hours', 'minutes'],
			['Hrs', 'Min'],
		],
	],
];

const DEGREES: readonly string[] = ['°C', 'C', 'degC', 'deg C', 'degrees C', 'degrees Celsius', 'ºC', '℃', '˚C'];
const FRONTS: readonly string[] = [
	'',
	'',
	'',
	'',
	'',
	'= ',
	'≈ ',
	'v = ',
	'about ',
	'x=',
	'It is ',
	'the answer is ',
	' ',
];

type Digits = { readonly digits: bigint; readonly place: number };

/** A ratio rounded to so many figures, half away from zero. */
function rounded([n, d]: Ratio, figures: number): Digits {
	let place = `${n / d || 1n}`.length - figures;
	if (n < d) {
		let scaled = n;
		place = 1 - figures;
		while (scaled < d) {
			scaled *= 10n;
			place -= 1;
		}
		place += 0;
	}
	const at = (p: number) => {
		const [a, b] = p < 0 ? [n * 10n ** BigInt(-p), d] : [n, d * 10n ** BigInt(p)];
		return (2n * a + b) / (2n * b);
	};
	const digits = at(place);
	return `${digits}`.length > figures ? { digits: digits / 10n, place: place + 1 } : { digits, place };
}

function plain({ digits, place }: Digits): string {
	if (place >= 0) return `${digits}${'0'.repeat(place)}`;
	const text = `${digits}`.padStart(-place + 1, '0');
	return `${text.slice(0, place)}.${text.slice(place)}`;
}

function scientific({ digits, place }: Digits): { readonly mantissa: string; readonly exponent: number } {
	const text = `${digits}`;
	return { mantissa: text.length > 1 ? `${text[0]}.${text.slice(1)}` : text, exponent: place + text.length - 1 };
}

const RAISED = '⁰¹²³⁴⁵⁶⁷⁸⁹';

function raised(power: number): string {
	return [...`${power}`].map((sign) => (sign === '-' ? '⁻' : RAISED[Number(sign)])).join('');
}

/** The ways a number is written that show its figures. */
function writingsOf(number: Digits): readonly string[] {
	const { mantissa, exponent } = scientific(number);
	const powers = [
		`e${exponent}`,
		`E${exponent}`,
		` E${exponent}`,
		` × 10^${exponent}`,
		`x10^${exponent}`,
		` X 10^${exponent}`,
		` × 10 ^ ${exponent}`,
		` × 10^(${exponent})`,
		` · 10${raised(exponent)}`,
		` ∙ 10${raised(exponent)}`,
		`*10^${exponent}`,
	];
	const written = powers.map((power) => mantissa + power);
	const clear = number.place < 0 || number.digits % 10n !== 0n;
	if (!clear || number.place > 0) return written;
	const text = plain(number);
	const [whole = '', after] = text.split('.');
	const grouped = (sign: string) => whole.replace(/\B(?=(\d{3})+$)/g, sign) + (after === undefined ? '' : `.${after}`);
	return [text, text, text, grouped(' '), grouped('\u2009'), grouped(','), text.replace(/^0\./, '.'), ...written];
}

const figures = fc.integer({ min: 2, max: 5 });

const converted = fc
	.record({
		row: fc.constantFrom(...CONVERTED),
		count: figures,
		seed: fc.nat(),
		scale: fc.integer({ min: -3, max: 2 }),
		a: fc.nat(),
		b: fc.nat(),
		c: fc.nat(),
	})
	.map(({ row: [from, unit, [n, d], names], count, seed, scale, a, b, c }): RightAnswer => {
		const low = 10 ** (count - 1);
		const digits = low + (seed % (9 * low));
		const start: Digits = { digits: BigInt(digits % 10 === 0 ? digits + 1 : digits), place: scale - count + 1 };
		const { mantissa, exponent } = scientific(start);
		const number = start.place > 0 ? `${mantissa}e${exponent}` : plain(start);
		const exact: Ratio =
			start.place < 0
				? [start.digits * n, d * 10n ** BigInt(-start.place)]
				: [start.digits * n * 10n ** BigInt(start.place), d];
		const all = writingsOf(rounded(exact, count));
		const answer = `${FRONTS[c % FRONTS.length]}${all[a % all.length]} ${names[b % names.length]}`;
		return {
			exercise: { prompt: '', start: { number, unit: from }, facts: [], want: { unit }, rounding: 'figures' },
			answer,
		};
	});

const mixed = fc
	.record({
		row: fc.constantFrom(...MIXED),
		whole: fc.integer({ min: 1, max: 40 }),
		part: fc.integer({ min: 1, max: 15 }),
		quarter: fc.integer({ min: 0, max: 3 }),
		a: fc.nat(),
		b: fc.nat(),
	})
	.map(({ row: [large, small, times, names], whole, part, quarter, a, b }): RightAnswer => {
		const most = Number(times);
		const count = (part % (most - 1)) + 1;
		// The start as a fraction, so that it ends exactly where the parts do.
		const top = (whole * most + count) * 4 + quarter;
		const [first, second] = names[a % names.length] as readonly [string, string];
		const sign = /^['"′″’”]/.test(first);
		const last = ['', '.25', '.5', '.75'][quarter];
		const gap = sign && b % 2 ? '' : ' ';
		const between = [' ', sign ? ' ' : ' and ', ', '][b % 3];
		const unit = (text: string) => (sign ? text : ` ${text}`);
		return {
			exercise: {
				prompt: '',
				start: { number: `${top}/${most * 4}`, unit: large },
				facts: [],
				want: { mixed: [large, small] },
				rounding: 'figures',
			},
			answer: `${whole}${unit(first)}${sign ? gap : between}${count}${last}${unit(second)}`,
		};
	});

const MINUS = ['-', '−', '–', '‐'];

/** Tenths of a degree in °F as a number in °C, to the tenth, half away from zero. */
function celsius(tenths: number): number {
	const n = (tenths - 320) * 5;
	return Math.sign(n) * Math.floor((Math.abs(n) * 2 + 9) / 18);
}

function inTenths(tenths: number, minus: string): string {
	const size = Math.abs(tenths);
	return `${tenths < 0 ? minus : ''}${Math.floor(size / 10)}.${size % 10}`;
}

const reading = fc
	.record({
		low: fc.integer({ min: -900, max: 2500 }),
		more: fc.integer({ min: 20, max: 900 }),
		range: fc.boolean(),
		a: fc.nat(),
		b: fc.nat(),
		c: fc.nat(),
	})
	.map(({ low, more, range, a, b, c }): RightAnswer => {
		const degrees = DEGREES[a % DEGREES.length] as string;
		const minus = MINUS[b % MINUS.length] as string;
		const exercise: Exercise = {
			prompt: '',
			start: { number: inTenths(low, '-'), unit: '°F' },
			facts: [],
			want: { unit: '°C' },
			rounding: 'figures',
		};
		const first = inTenths(celsius(low), minus);
		if (!range) return { exercise, answer: `${FRONTS[c % FRONTS.length]}${first} ${degrees}` };
		const second = inTenths(celsius(low + more), minus);
		const answers = [
			`${first} to ${second} ${degrees}`,
			`${first} ${degrees} to ${second} ${degrees}`,
			`from ${first} to ${second} ${degrees}`,
			`between ${first} ${degrees} and ${second} ${degrees}`,
			`${first} … ${second} ${degrees}`,
			...(minus === '–'
				? []
				: [
						`${first}–${second} ${degrees}`,
						`${first} ${degrees} – ${second} ${degrees}`,
						`${first} ${degrees} - ${second} ${degrees}`,
					]),
		];
		const until = { number: inTenths(low + more, '-'), unit: '°F' };
		return { exercise: { ...exercise, until }, answer: answers[c % answers.length] as string };
	});

/** Right answers in random writings, each with the exercise it answers (contract, "check", Writings). */
export const rightAnswers: fc.Arbitrary<RightAnswer> = fc.oneof(
	{ weight: 6, arbitrary: converted },
	{ weight: 2, arbitrary: mixed },
	{ weight: 2, arbitrary: reading },
);
