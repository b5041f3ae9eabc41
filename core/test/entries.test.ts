import { BOOK, type Exercise, judge, parseUnit, solutionOf } from '../src';
import { type Entry, entriesOf } from '../src/entries';
import { unitWritings } from '../src/unit/unit-writings';

const GUST: Exercise = {
	prompt: '',
	start: { number: '18.5', unit: 'mi/h' },
	facts: [],
	want: { unit: 'ft/s' },
	rounding: 'figures',
};

function entries(exercise: Exercise): readonly Entry[] {
	const made = entriesOf(exercise);
	if (!made.ok) throw new Error(made.fault.message);
	return made.value.entries;
}

/** The number entry of an exercise, as the roundings and writings it takes. */
function taken(exercise: Exercise, name = 'NUMBER') {
	const found = entries(exercise).find((entry) => entry.name === name);
	return found?.by === 'number' ? found.taken : null;
}

describe('an answer taken apart', () => {
	it('is a number, rounded to the figures asked and written with them, and its unit', () => {
		expect(taken(GUST)).toEqual([
			{
				rounded: { significant: 3 },
				value: '27.1',
				finer: { rounded: { significant: 4 }, value: '27.13' },
				written: ['27.1', '2.71e1'],
			},
		]);
		const unit = entries(GUST).find(({ name }) => name === 'UNIT');
		expect(unit?.by === 'text' && unit.written).toEqual(expect.arrayContaining(['ft/s', 'feet per second', 'ft s^-1']));
	});

	it('takes each count of figures that zeros leave open', () => {
		expect(taken({ ...GUST, start: { number: '40', unit: 'mi/h' } })?.map(({ written }) => written?.[0])).toEqual([
			'60',
			'59',
		]);
	});

	it('keeps to the form that is asked, and to a place', () => {
		const inForm = (form: 'scientific' | 'plain') => taken({ ...GUST, want: { unit: 'ft/s', form } })?.[0]?.written;
		expect([inForm('scientific'), inForm('plain')]).toEqual([['2.71e1'], ['27.1']]);
		expect(taken({ ...GUST, rounding: { place: 0 } })?.[0]).toMatchObject({
			rounded: { place: 0 },
			value: '27',
			written: ['27', '2.7e1'],
		});
		const heavy: Exercise = { ...GUST, start: { number: '3.000', unit: 'kg' }, want: { unit: 'g' } };
		expect(taken(heavy)?.[0]?.written).toEqual(['3000.', '3.000e3']);
	});

	it('takes an exact value in any writing, and one that does not end from three figures on', () => {
		const exact: Exercise = {
			...GUST,
			start: { number: '3', unit: 'crate' },
			exactStart: true,
			want: { unit: 'jar' },
			facts: [{ left: { number: '12', unit: 'jar' }, right: { number: '1', unit: 'crate' } }],
		};
		expect(taken(exact)).toEqual([{ rounded: null, value: '36', written: null }]);
		const thirds: Exercise = { ...GUST, start: { number: '1', unit: 'ft' }, exactStart: true, want: { unit: 'yd' } };
		expect(taken(thirds)?.[0]).toMatchObject({ rounded: { significant: 3 }, value: '0.333' });
	});

	it.each<[string, Exercise, readonly string[]]>([
		[
			'a range',
			{ ...GUST, start: { number: '50', unit: '°F' }, until: { number: '68', unit: '°F' }, want: { unit: '°C' } },
			['LOW number', 'HIGH number', 'UNIT text'],
		],
		[
			'a mixed measure',
			{ ...GUST, start: { number: '8.75', unit: 'ft' }, want: { mixed: ['ft', 'in'] } },
			['PART1 number', 'PART2 number'],
		],
		['one factor', { ...GUST, start: { number: '3', unit: 'J' }, want: { factor: 'kJ' } }, ['FACTOR over']],
		['a count', { ...GUST, want: { figures: '0.00450' } }, ['COUNT number']],
		[
			'a fraction',
			{ ...GUST, start: { number: '42', unit: 'in' }, want: { unit: 'ft', form: 'fraction' } },
			['NUMBER text', 'UNIT text'],
		],
	])('has a part for each thing asked of %s', (_, exercise, parts) => {
		expect(entries(exercise).map(({ name, by }) => `${name} ${by}`)).toEqual(parts);
	});

	it('is right by the check, for every exercise of the book, as it is put together again', () => {
		const wrong = BOOK.filter((exercise) => {
			const answer = entries(exercise)
				.map((entry) => {
					if (entry.by === 'number') return `${entry.taken[0]?.written?.[0] ?? entry.taken[0]?.value} ${entry.behind}`;
					if (entry.by === 'over')
						return `${entry.written[0]} ${entry.behind[0]} / ${entry.written[1]} ${entry.behind[1]}`;
					return entry.by === 'text' ? entry.written[0] : `factor ${entry.right + 1}`;
				})
				.join(' ');
			// The two ends of a range stand in one unit.
			const isRange = exercise.until !== undefined;
			const judged = judge(exercise, isRange ? answer.replace(/^(\S+)\s+(\S+)\s+(°C)$/u, '$1 to $2 $3') : answer);
			return !judged.ok || !judged.value.lines.right;
		});
		expect(wrong.map(({ name }) => name)).toEqual([]);
	});

	it('ends as its key does', () => {
		const made = entriesOf({ ...GUST, want: { unit: 'kg' } });
		expect(made.ok ? '' : made.fault.code).toBe('no-route');
		expect(solutionOf({ ...GUST, want: { unit: 'kg' } }).ok).toBe(false);
	});
});

describe('the writings of a unit', () => {
	const writings = (text: string) => {
		const unit = parseUnit(text, { counted: true });
		return unit.ok ? unitWritings(unit.value) : [];
	};

	it.each([
		['m/s²', ['m/s²', 'm/s^2', 'm/s2', 'm s⁻²', 'm s^-2']],
		['µg', ['µg', 'ug']],
		['ft', ['ft', 'feet', 'foot']],
		['in²', ['in²', 'in^2', 'square inches', 'square inch']],
		['kJ/(mol·K)', ['kJ/(mol·K)', 'kJ/(mol K)']],
		['1/s', ['1/s']],
		['seed', ['seed', 'seeds']],
		['box/d', ['box/d', 'boxes per day']],
	])('of %s hold the common ones', (unit, some) => {
		expect(writings(unit)).toEqual(expect.arrayContaining(some));
		expect(writings(unit)[0]).toBe(some[0]);
	});

	it('are each read as the same unit', () => {
		for (const text of ['mi/h', 'g/cm³', 'L/h', 'kg·m²/s²', 'lb', '°C', 'mL/min', 'mm²']) {
			const unit = parseUnit(text);
			for (const writing of writings(text)) {
				const read = parseUnit(writing);
				expect({ writing, is: read.ok && read.value.text }).toEqual({ writing, is: unit.ok && unit.value.text });
			}
		}
	});
});
