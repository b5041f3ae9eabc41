import { printUnrounded, rationalText, TABLE_NAMES } from '../src';
import { quantityOfRow } from '../src/quantity/quantity';
import {
	ABSOLUTE_ZERO,
	climbMoved,
	climbOf,
	degreesPerCelsius,
	fromCelsius,
	lineBetween,
	onScales,
	SCALES,
	scaleLine,
	takeApart,
	temperatures,
	toCelsius,
} from '../src/shelf';

const q = quantityOfRow;

describe('the line from a quantity to a unit of its kind', () => {
	it('is that of the route, with what it comes to', () => {
		const made = lineBetween(q('25 mi/h'), 'm/s', TABLE_NAMES);
		expect(made).toMatchObject({ ok: true, value: { unit: 'm/s', allowedOnly: true, result: { text: '11' } } });
		expect(made.ok && made.value.chain.factors.length).toBeGreaterThan(1);
	});

	it('goes beyond what a class may use only where that does not lead there, and says so', () => {
		const few = lineBetween(q('25 mi/h'), 'm/s', ['time', 'metric']);
		expect(few).toMatchObject({ ok: true, value: { allowedOnly: false } });
		expect(lineBetween(q('3 h'), 'min', ['time'])).toMatchObject({ ok: true, value: { allowedOnly: true } });
	});

	it.each([
		['3 kg', 'm', 'unlike', 'to'],
		['3 kg', 'kgg', 'unknown-unit', 'to'],
		['-300 °C', 'K', 'below-absolute-zero', 'from'],
	])('from %s to %s is none: %s', (from, to, code, field) => {
		expect(lineBetween(q(from), to, TABLE_NAMES)).toMatchObject({ ok: false, fault: { code, in: field } });
	});
});

describe('a measure taken apart', () => {
	const parts = (typed: readonly string[], ...units: string[]) => {
		const made = takeApart(typed.map(q), units);
		if (!made.ok) return made.fault.code;
		const { whole, parts: of } = made.value;
		return [`${whole.number} ${whole.unit}`, ...of.map(({ number, unit }) => `${number} ${unit}`)];
	};

	it('is its whole and its parts, whichever was typed; parts of nothing are left out', () => {
		expect(parts(['8.75 ft'], 'ft', 'in')).toEqual(['8.75 ft', '8 ft', '9 in']);
		expect(parts(['8 ft', '9 in'], 'ft', 'in')).toEqual(['35/4 ft', '8 ft', '9 in']);
		expect(parts(['3 ft'], 'ft', 'in')).toEqual(['3 ft', '3 ft']);
		expect(parts(['0 ft'], 'ft', 'in')).toEqual(['0 ft', '0 in']);
	});

	it('is none of another kind', () => {
		expect(parts(['8 kg'], 'ft', 'in')).toBe('unlike');
	});
});

describe('temperatures', () => {
	it('are one, or a range; a fault says which of the two it is of', () => {
		expect(temperatures('20', '°C', '')).toMatchObject({ ok: true, value: { low: q('20 °C'), high: null } });
		expect(temperatures('20', '°C', '30')).toMatchObject({ ok: true, value: { high: q('30 °C') } });
		expect(temperatures('-500', '°C', '')).toMatchObject({ ok: false, fault: { in: expect.stringMatching(/^low/) } });
		expect(temperatures('20', '°C', 'x')).toMatchObject({ ok: false, fault: { in: expect.stringMatching(/^high/) } });
	});

	it('stand on every scale, exactly', () => {
		const on = onScales(q('-40 °C'));
		expect(SCALES.map((scale) => on[scale] && rationalText(on[scale].value))).toEqual(['4663/20', '-40', '-40']);
		expect(onScales(q('-300 °C'))).toEqual({ K: null, '°C': null, '°F': null });
	});

	it('are placed by the sizes and zeros that the units have', () => {
		expect(Number(ABSOLUTE_ZERO)).toBe(-273.15);
		expect(fromCelsius(Number(ABSOLUTE_ZERO), 'K')).toBeCloseTo(0, 9);
		expect(fromCelsius(100, '°F')).toBeCloseTo(212, 9);
		expect(degreesPerCelsius('°F')).toBeCloseTo(1.8, 9);
		for (const scale of SCALES) expect(toCelsius(fromCelsius(36.6, scale), scale)).toBeCloseTo(36.6, 9);
	});

	it('go to another scale by a line whose shift is a step of its own', () => {
		const line = scaleLine(q('77 °F'), '°C');
		expect(line).toMatchObject({ ok: true, value: { start: q('77 °F'), want: '°C' } });
		expect(line.ok && line.value.factors.map(({ shift }) => shift)).toEqual(['-32', undefined]);
		expect(scaleLine(q('77 °X'), '°C').ok).toBe(false);
	});
});

describe('a climb on the Ladder', () => {
	const climb = (value: string, to: string) => {
		const made = climbOf(q(value), to);
		if (!made.ok) throw new Error(made.fault.message);
		return made.value;
	};

	it('has the value on its rung and the target on its own, with both numbers', () => {
		const { from, to, here, there } = climb('2.5 km', 'cm');
		expect([from.unit, to.unit]).toEqual(['km', 'cm']);
		expect([here, there].map(({ value }) => printUnrounded(value, 8))).toEqual(['2.5', '250000']);
	});

	it('takes the same prefix, or the bare unit, where the target is no rung of this unit', () => {
		expect(climb('2.5 km', 'mg').to.unit).toBe('mm');
		expect(climb('2.5 km', 'ft').to.unit).toBe('m');
	});

	it('stays the same amount when an end is moved', () => {
		const first = climb('2.5 km', 'm');
		const base = first.to;
		const moved = climbMoved(first, 'value', base);
		expect(moved.quantity).toEqual(q('2500 m'));
		expect(moved.from.unit).toBe('m');
		expect(climbMoved(first, 'target', first.from).there.value.equals(first.here.value)).toBe(true);
		expect(climbMoved(first, 'target', first.from).quantity).toEqual(first.quantity);
	});

	it.each([
		['3 ft', 'no-prefix'],
		['3 km/h', 'one-unit'],
	])('of %s is none: %s', (value, code) => {
		expect(climbOf(q(value), 'm')).toMatchObject({ ok: false, fault: { code } });
	});
});
