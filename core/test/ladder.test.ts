import fc from 'fast-check';
import { convert, rationalText, workChain } from '../src';
import { climb, climbFactors, type Ladder, ladderOf, type Rung, sayClimb, stepNumber } from '../src/shelf';

function ladder(text: string): Ladder {
	const made = ladderOf(text);
	if (!made.ok) throw new Error(made.fault.message);
	return made.value;
}

function rung(of: Ladder, prefix: string): Rung {
	const found = of.rungs.find((one) => one.prefix === prefix);
	if (!found) throw new Error(`no rung ${prefix}`);
	return found;
}

describe('the Ladder of a unit', () => {
	it('has all prefixes from the largest down, the unit itself among them', () => {
		const { base, rungs, on } = ladder('km');
		expect(base).toBe('m');
		expect(rungs).toHaveLength(25);
		expect(rungs.map(({ at }) => at)).toEqual([...rungs.map(({ at }) => at)].sort((a, b) => b - a));
		expect(on.unit).toBe('km');
		expect(rungs.filter(({ near }) => near).map(({ prefix }) => prefix)).toEqual([
			...['G', 'M', 'k', 'h', 'da', '', 'd', 'c', 'm', 'µ', 'n'],
		]);
	});

	it('climbs by two and three where the unit is squared or cubed', () => {
		expect(rung(ladder('cm^2'), 'c').at).toBe(-4);
		expect(rung(ladder('cubic metre'), 'k')).toMatchObject({ at: 9, unit: 'km³' });
	});

	it('has only the rungs a unit takes', () => {
		expect(Math.min(...ladder('t').rungs.map(({ power }) => power))).toBe(0);
		expect(ladder('MB').rungs.at(-1)?.unit).toBe('B');
	});

	it.each([
		['ft', 'no-prefix'],
		['°C', 'no-prefix'],
		['KiB', 'no-prefix'],
		['m/s', 'one-unit'],
		['1/s', 'one-unit'],
		['', 'one-unit'],
		['flurb', 'unknown-unit'],
	])('says why %s has no place on it', (text, code) => {
		const made = ladderOf(text);
		expect(made.ok ? 'none' : made.fault.code).toBe(code);
	});
});

describe('climbing', () => {
	it('goes by way of the unit itself: the 1 with the prefix, the power with the unit', () => {
		const of = ladder('km');
		expect(climbFactors(of, rung(of, 'k'), rung(of, 'c'))).toEqual([
			{ top: { number: '10^3', unit: 'm' }, bottom: { number: '1', unit: 'km' } },
			{ top: { number: '1', unit: 'cm' }, bottom: { number: '10^-2', unit: 'm' } },
		]);
		expect(climbFactors(of, rung(of, ''), rung(of, 'm'))).toHaveLength(1);
		expect(climbFactors(of, rung(of, 'k'), rung(of, 'k'))).toEqual([]);
	});

	it('raises the whole factor for areas', () => {
		const of = ladder('m^2');
		expect(climbFactors(of, rung(of, ''), rung(of, 'c'))).toEqual([
			{ top: { number: '1', unit: 'cm' }, bottom: { number: '10^-2', unit: 'm' }, power: 2 },
		]);
	});

	it('comes by its factors to what the number becomes, from any rung to any other', () => {
		fc.assert(
			fc.property(
				fc.constantFrom('m', 'g', 'L', 'W', 'm^2', 'm^3'),
				fc.nat(24),
				fc.nat(24),
				fc.integer({ min: 1, max: 99999 }),
				(base, i, j, n) => {
					const of = ladder(base);
					const [from, to] = [of.rungs[i] as Rung, of.rungs[j] as Rung];
					const number = `${n}.5`;
					const made = climb(number, from, to);
					const worked = workChain({
						start: { number, unit: from.unit },
						factors: climbFactors(of, from, to),
						want: to.unit,
					});
					if (!made.ok || !worked.ok) throw new Error('it should climb');
					expect(worked.value.reached).toBe(true);
					expect(rationalText(made.value.value)).toBe(rationalText(worked.value.value?.value as never));
					expect(made.value.significant).toBe(number.length - 1);
				},
			),
			{ numRuns: 150 },
		);
	});

	it('says how far it is', () => {
		const of = ladder('cm^2');
		expect(sayClimb(rung(of, ''), rung(of, 'c'))).toBe('4 powers of ten down');
		expect(sayClimb(rung(of, 'c'), rung(of, 'd'))).toBe('2 powers of ten up');
		expect(sayClimb(rung(of, 'c'), rung(of, 'c'))).toBe('the same rung');
	});
});

describe('stepping a number', () => {
	it.each([
		['9.9', '0.1', 1, '10.0'],
		['2.5', '1', -1, '1.5'],
		['0.1', '0.25', -1, '-0.15'],
		['1 250', '10', 1, '1260'],
		['3.0e3', '1', 1, '3001'],
		['3/4', '0.25', 1, '1.00'],
		['6.02e23', '1e22', 1, '612000000000000000000000'],
	] as const)('%s and %s (%i) give %s', (text, by, times, gives) => {
		expect(stepNumber(text, by, times)).toEqual({ ok: true, value: gives });
	});

	it('can always be gone back on', () => {
		fc.assert(
			fc.property(fc.integer({ min: -9999, max: 9999 }), fc.integer({ min: 1, max: 999 }), (n, by) => {
				const there = stepNumber(`${n / 100}`, `${by / 10}`, 1);
				const back = there.ok ? stepNumber(there.value, `${by / 10}`, -1) : there;
				expect(back.ok && Number(back.value)).toBe(n / 100);
			}),
		);
	});

	it.each([
		['abc', '1', 'number'],
		['1', 'x', 'by'],
		['1/3', '1', undefined],
		['π', '1', undefined],
		['1e400', '1e-10', undefined],
	])('says why %s cannot be stepped by %s', (text, by, where) => {
		const made = stepNumber(text, by, 1);
		expect(made.ok).toBe(false);
		if (!made.ok) expect(made.fault.in).toBe(where);
	});

	it('agrees with convert about what stands on a rung', () => {
		const of = ladder('mg');
		const made = climb('2500', of.on, rung(of, ''));
		const straight = convert({ number: '2500', unit: 'mg' }, 'g');
		expect(made).toEqual(straight);
	});
});
