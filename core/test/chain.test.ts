import fc from 'fast-check';
import { balanceOf, type Chain, type Factor, mustGoOf, rationalText, workChain } from '../src';

function quantity(text: string) {
	const [number = '', ...unit] = text.split(' ');
	return { number, unit: unit.join(' ') };
}

function over(top: string, bottom: string, more: Partial<Factor> = {}): Factor {
	return { top: quantity(top), bottom: quantity(bottom), ...more };
}

function work(chain: Chain) {
	const worked = workChain(chain);
	if (!worked.ok) throw new Error(`${worked.fault.in}: ${worked.fault.message}`);
	return worked.value;
}

function line(start: string, factors: readonly Factor[], want?: string) {
	return work({ start: quantity(start), factors, ...(want === undefined ? {} : { want }) });
}

function judged(factor: Factor) {
	const { equal, exact, significant } = line('1 m', [factor]).factors[0] as {
		equal: unknown;
		exact: unknown;
		significant: unknown;
	};
	return { equal, exact, significant };
}

describe('cancelling', () => {
	it('pairs each unit with the earliest one still standing, from left to right', () => {
		const { cancelled } = line('5 m·m/s', [over('1 km', '1000 m'), over('60 s', '1 min'), over('1 km', '1000 m')]);
		expect(cancelled).toEqual([
			{ unit: 'm', from: -1, against: 0 },
			{ unit: 's', from: 1, against: -1 },
			{ unit: 'm', from: -1, against: 2 },
		]);
	});

	it('sets a unit of a block against the start before its own other side', () => {
		expect(line('5 m', [over('3 m', '2 m')]).cancelled).toEqual([{ unit: 'm', from: -1, against: 0 }]);
	});

	it('leaves alike units that are not the same standing', () => {
		const { standing, reached } = line('5 cm', [over('1 km', '1000 m')], 'km');
		expect(standing).toEqual({ top: { cm: 1, km: 1 }, bottom: { m: 1 } });
		expect(reached).toBe(false);
	});

	it('hands a label on to the other side of a factor without one', () => {
		const { unit, standing } = line('10 g{honey}', [over('1 kg', '1000 g')]);
		expect([unit.text, standing.top]).toEqual(['kg{honey}', { 'kg{honey}': 1 }]);
	});

	it('keeps two different labels apart', () => {
		expect(line('10 g{honey}', [over('1 mol{water}', '18.0 g{water}')]).standing.top).toEqual({
			'g{honey}': 1,
			'mol{water}': 1,
		});
	});

	it('takes a block to a power with all its units', () => {
		const { unit, value } = line('2.0 ft^3', [over('12 in', '1 ft', { power: 3 })], 'in^3');
		expect([unit.text, value && rationalText(value.value)]).toEqual(['in³', '3456']);
	});

	it('starts from one quantity over another', () => {
		const worked = work({ start: { top: quantity('150 km'), bottom: quantity('2.5 h') }, factors: [], want: 'km/h' });
		expect(worked).toMatchObject({ reached: true, significant: 2, limitedBy: [-1] });
		expect(worked.value && rationalText(worked.value.value)).toBe('60');
	});

	it('reaches a unit of the same kind and size, and not another substance or a shifted scale', () => {
		expect(line('3.0 kg·m/s^2', [], 'N').reached).toBe(true);
		expect(line('3.0 g{honey}', [], 'g').reached).toBe(true);
		expect(line('3.0 g{honey}', [], 'g{water}').reached).toBe(false);
		expect(line('3.0 K', [], 'degC').reached).toBe(false);
	});
});

describe('running values', () => {
	it('are in the unit of the line after each block', () => {
		const { running } = line('2.75 in/h', [over('2.54 cm', '1 in'), over('10 mm', '1 cm')]);
		expect(running.map(({ value, unit }) => [value && rationalText(value), unit])).toEqual([
			['11/4', 'in/h'],
			['1397/200', 'cm/h'],
			['1397/20', 'mm/h'],
		]);
	});

	it('are none from the first missing number on, while units still cancel', () => {
		const { running, unit, value } = line('2 h', [over(' min', ' h')]);
		expect([running.map(({ value: each }) => each !== null), unit.text, value]).toEqual([[true, false], 'min', null]);
	});

	it('carry pi', () => {
		expect(line('2 rev', [over('2π rad', '1 rev')]).value).toMatchObject({ pi: 1 });
		expect(line('2 rev', [over('2π rad', '1 rev')]).factors[0]).toMatchObject({ equal: true, exact: true });
	});
});

describe('a factor', () => {
	it.each<[string, Factor, unknown, unknown, unknown]>([
		['truly equal', over('1 kg', '10^3 g'), true, true, null],
		['equal as rounded', over('3.785 L', '1 gal'), true, false, 4],
		['equal as rounded, the 1 above', over('1 kg', '2.20 lb'), true, false, 3],
		['equal with unclear zeros', over('1610 m', '1 mi'), true, false, 3],
		['equal, neither side 1', over('8.05 km', '5.00 mi'), true, false, 3],
		['too few figures to hold', over('4 L', '1 gal'), false, false, 1],
		['wrong in a whole ratio', over('16 in', '1 ft'), false, false, 2],
		['wrong in a power of ten', over('1 m', '10^-2 cm'), false, false, null],
		['wrong however many figures', over('3.875 L', '1 gal'), false, false, 4],
		['of two kinds', over('1.42 g', '1 mL'), 'stated', false, 3],
		['counted on both sides', over('24 jar', '1 crate'), 'stated', true, null],
		['a whole count for a written 1', over('15 drop', '1 mL'), 'stated', true, null],
		['a measure for a counted thing', over('0.454 kg', '1 jar'), 'stated', false, 3],
		['of two substances', over('2 mol{Na}', '1 mol{Cl}'), 'stated', false, 1],
		['alike but given', over('1.5 mg', '1 kg', { given: true }), 'stated', false, 2],
		['declared exact', over('3.785 L', '1 gal', { exact: true }), true, true, null],
		['declared measured', over('60 min', '1 h', { exact: false }), true, false, 1],
		['with a number to come', over(' min', '1 h'), null, null, null],
	])('%s', (_, factor, equal, exact, significant) => {
		expect(judged(factor)).toEqual({ equal, exact, significant });
	});
});

describe('figures', () => {
	it('are the fewest of the measured inputs, with every input that has them', () => {
		expect(line('6.40 qt', [over('0.9464 L', '1 qt'), over('1.42 kg', '1 L')])).toMatchObject({
			significant: 3,
			limitedBy: [-1, 1],
		});
	});

	it('are not limited by an exact start', () => {
		expect(work({ start: quantity('3 d'), exactStart: true, factors: [over('24 h', '1 d')] })).toMatchObject({
			significant: null,
			limitedBy: [],
		});
	});

	it('keep both bounds where zeros are unclear', () => {
		expect(line('40 mi/h', [over('5280 ft', '1 mi')])).toMatchObject({ significant: 1, atMost: 2 });
	});
});

describe('what cannot be worked', () => {
	it.each<[string, Chain, string, string | undefined]>([
		[
			'a zero below',
			{ start: quantity('1 m'), factors: [over('1 km', '0 m')] },
			'zero-below',
			'factors.0.bottom.number',
		],
		['an unreadable number', { start: quantity('1..2 m'), factors: [] }, 'two-points', 'start.number'],
		['an unreadable want', { start: quantity('1 m'), factors: [], want: 'm//s' }, 'unit-unclear', 'want'],
		[
			'a power of none',
			{ start: quantity('1 m'), factors: [over('1 km', '1000 m', { power: 0 })] },
			'too-large',
			'factors.0.power',
		],
		[
			'too many factors',
			{ start: quantity('1 m'), factors: Array.from({ length: 61 }, () => over('1 km', '1000 m')) },
			'too-large',
			undefined,
		],
		[
			'too many powers',
			{ start: quantity('1 m'), factors: Array.from({ length: 9 }, () => over('1 m^30', '1 s^30', { power: 9 })) },
			'too-large',
			undefined,
		],
	])('%s is a fault with its field', (_, chain, code, field) => {
		expect(workChain(chain)).toMatchObject({ ok: false, fault: field === undefined ? { code } : { code, in: field } });
	});
});

const FACTORS: readonly Factor[] = [
	over('12 in', '1 ft'),
	over('2.54 cm', '1 in'),
	over('60 min', '1 h'),
	over('1 min', '60 s'),
	over('1 kg', '2.20 lb'),
	over('1.42 g', '1 mL'),
	over('100 cm', '1 m', { power: 2 }),
];

const someFactors = fc.array(fc.constantFrom(...FACTORS), { maxLength: 8 });

function turned({ top, bottom, ...rest }: Factor): Factor {
	return { ...rest, top: bottom, bottom: top };
}

describe('laws of a line', () => {
	it('does not depend on the order of its factors', () => {
		fc.assert(
			fc.property(someFactors, fc.nat(), (factors, seed) => {
				const shuffled = factors
					.map((factor, i) => [((i + 1) * (seed + 7)) % 11, factor] as const)
					.sort(([a], [b]) => a - b);
				const [one, two] = [
					line('2.50 ft/h', factors),
					line(
						'2.50 ft/h',
						shuffled.map(([, factor]) => factor),
					),
				];
				expect(one.value && two.value?.value.equals(one.value.value)).toBe(true);
				expect(two.standing).toEqual(one.standing);
				expect(two.significant).toBe(one.significant);
			}),
		);
	});

	it('is the same after turning every factor twice, and comes back with every factor beside its turned one', () => {
		fc.assert(
			fc.property(someFactors, (factors) => {
				const there = line('2.50 ft/h', factors);
				expect(line('2.50 ft/h', factors.map(turned).map(turned)).value).toEqual(there.value);
				const back = line('2.50 ft/h', [...factors, ...factors.map(turned)]);
				expect(back.unit.text).toBe('ft/h');
				expect(back.value && rationalText(back.value.value)).toBe('5/2');
			}),
		);
	});

	it('cancels without changing what the line measures, and never claims more figures than any input has', () => {
		fc.assert(
			fc.property(someFactors, (factors) => {
				const worked = line('2.50 ft/h', factors);
				const counts = [3, ...worked.factors.flatMap(({ significant }) => significant ?? [])];
				expect(worked.significant).toBe(Math.min(...counts));
				const stood =
					Object.values(worked.standing.top).reduce((a, b) => a + b, 0) -
					Object.values(worked.standing.bottom).reduce((a, b) => a + b, 0);
				expect(stood).toBe(0);
				expect(worked.pieces.filter(({ pair }) => pair !== null).length).toBe(2 * worked.cancelled.length);
			}),
		);
	});
});

describe('what is reached', () => {
	it.each([
		['640 mA', [over('1 mA', '10^-3 A')], 'µA', false],
		['7.2 km', [over('1 km', '1000 m')], 'Mm', false],
		['5.0 g', [over('1 mL', '1 cm^3')], 'g', false],
		['3.0 g{oil}', [over('4 jar', '1 g{salt}')], 'jar', false],
		['15 mm·km', [], 'm²', false],
		['4.0 µg/g', [], 'mg/kg', false],
		['15 mm·km', [], 'mm·km', true],
		['4.0 mg/kg', [], 'mg/kg', true],
		['12 kg·m/s²', [], 'N', true],
		['15 cm³', [], 'mL', true],
		['30.0 1/s', [], 'Hz', true],
		['2.5 L/m²', [], 'mm', true],
	])('%s by %j is %s: %s', (start, factors, want, reached) => {
		expect(line(start, factors, want).reached).toBe(reached);
	});

	it('is never two different units of one kind on two sides, unless they are wanted so', () => {
		const lengths = ['mm', 'cm', 'm', 'km', 'in', 'ft'] as const;
		const unit = fc.constantFrom(...lengths);
		fc.assert(
			fc.property(unit, unit, unit, fc.constantFrom(...lengths), (a, b, c, want) => {
				const worked = line(`2 ${a}`, [over(`3 ${b}`, `4 ${c}`)], want);
				const left = new Set([...Object.keys(worked.standing.top), ...Object.keys(worked.standing.bottom)]);
				expect(worked.reached).toBe(left.size === 1 && left.has(want) && worked.standing.top[want] === 1);
			}),
			{ numRuns: 400 },
		);
	});

	it('leaves nothing in the balance that must go, by whatever units it is reached', () => {
		const force = line('12 kg·m/s²', [], 'N');
		expect(mustGoOf(balanceOf(force, 'N'))).toEqual([]);
		const open = line('640 mA', [over('1 mA', '10^-3 A')], 'µA');
		expect(mustGoOf(balanceOf(open, 'µA')).map(({ base }) => base)).toEqual(['mA', 'A']);
	});
});

describe('the figures of a measure in parts', () => {
	const inInches = (feet: string, inches: string) =>
		line(`${inches} in`, [over('1', '1', { term: quantity(`${feet} ft`) }), over('12 in', '1 ft')], 'in');

	it('are those it has in its smallest unit', () => {
		expect(inInches('5', '7')).toMatchObject({ significant: 2, place: 0, limitedBy: [-1] });
		expect(inInches('8', '4')).toMatchObject({ significant: 3, place: 0 });
	});

	it('are those of a sum where it is said to be no measure', () => {
		const told = work({
			start: quantity('7 in'),
			factors: [over('1', '1', { term: quantity('5 ft') }), over('12 in', '1 ft')],
			parts: false,
		});
		expect(told.place).toBe(1);
	});
});
