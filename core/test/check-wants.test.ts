import { type Chain, type Exercise, termStep, workChain } from '../src';
import { countedWords } from '../src/ask';
import { check } from '../src/practice';
import { sayFigures } from '../src/say/say-figures-of-line';

const BASE = { prompt: '', facts: [], rounding: 'figures' } as const;

function verdict(
	exercise: Omit<Exercise, 'prompt' | 'facts' | 'rounding'> & Partial<Exercise>,
	answer: string,
	chain?: Chain,
) {
	const made = check({ ...BASE, ...exercise } as Exercise, answer, chain);
	if (!made.ok) return made.fault.code;
	const { value, figures, unit, right, first } = made.value;
	return { value: value.verdict, figures: figures.verdict, unit: unit.verdict, right, first };
}

const q = (text: string) => ({ number: text.split(' ')[0] as string, unit: text.split(' ').slice(1).join(' ') });

describe('a mixed answer', () => {
	const beam = { start: q('8.75 ft'), want: { mixed: ['ft', 'in'] } };

	it.each([
		['8 ft 9 in', true, 'right', 'right'],
		[`8'9"`, true, 'right', 'right'],
		['8 feet and 9 inches', true, 'right', 'right'],
		['8 ft, 9.0 in', true, 'right', 'right'],
		['8 ft 75 in', false, 'wrong', 'wrong'],
		['7 ft 21 in', false, 'right', 'wrong'],
		['8.75 ft', false, 'right', 'wrong'],
		['9 in 8 ft', true, 'right', 'right'],
		['about 8 ft 9 in', true, 'right', 'right'],
		[`8'-9"`, true, 'right', 'right'],
		['8 ft 9', false, 'wrong', 'absent'],
		['105 in', false, 'right', 'wrong'],
	])('%s is right: %s, its value %s and its units %s', (answer, right, value, unit) => {
		expect(verdict(beam, answer)).toMatchObject({ right, value, unit, figures: 'not-asked' });
	});

	it('may leave out a part of nothing, and has its sign once', () => {
		expect(verdict({ start: q('36 in'), want: { mixed: ['ft', 'in'] } }, '3 ft')).toMatchObject({ right: true });
		expect(verdict({ start: q('-89 in'), want: { mixed: ['ft', 'in'] } }, '-7 ft 5 in')).toMatchObject({ right: true });
	});

	it('is rounded where that is asked, with carries', () => {
		const sled = { start: q('11.99 in'), want: { mixed: ['ft', 'in'] }, rounding: { place: 0 } };
		expect(verdict(sled, '1 ft 0 in')).toMatchObject({ right: true });
		expect(verdict(sled, '0 ft 11.99 in')).toMatchObject({ value: 'right' });
		expect(verdict(sled, '0 ft 11 in')).toMatchObject({ value: 'wrong' });
	});
});

describe('a rate with a measure in parts below', () => {
	const run = (seconds: string) => ({
		start: { top: q('5.00 km'), bottom: q('18 min') },
		terms: [q(seconds)],
		want: { unit: 'km/h' },
	});

	it.each([
		['30 s', '16.2 km/h', true, 'right'],
		['30.0 s', '16.2 km/h', true, 'right'],
		['30 s', '16.7 km/h', false, 'right'],
		['30 s', '16.22 km/h', false, 'wrong'],
	])('18 min %s: %s is right: %s', (seconds, answer, right, figures) => {
		expect(verdict(run(seconds), answer)).toMatchObject({ right, figures });
	});

	it('is started in one unit by a line of the student’s own', () => {
		const line = (bottom: string) => ({
			start: { top: q('5.00 km'), bottom: q(bottom) },
			factors: [
				{ top: q('3600 s'), bottom: q('1 h') },
				...(bottom.endsWith('min') ? [{ top: q('1 min'), bottom: q('60 s') }] : []),
			],
		});
		expect(verdict(run('30 s'), '16.2 km/h', line('1110 s'))).toMatchObject({ right: true });
		expect(verdict(run('30 s'), '16.2 km/h', line('18.5 min'))).toMatchObject({ right: true });
		expect(verdict(run('30 s'), '16.7 km/h', line('18 min'))).toMatchObject({ right: false });
	});

	it('may stand above as well', () => {
		const rope = { start: { top: q('5 ft'), bottom: q('2.0 s') }, terms: [q('7 in')], want: { unit: 'in/s' } };
		expect(verdict(rope, '34 in/s')).toMatchObject({ right: true });
	});
});

describe('a range', () => {
	const house = { start: q('15 degC'), until: q('25 degC'), want: { unit: 'degF' } };

	it.each([
		['59 to 77 degF', true],
		['59 degF to 77 degF', true],
		['59–77 °F', true],
		['59 to 78 degF', false],
		['77 to 59 degF', false],
		['59 degF', false],
		['59 to 77', false],
	])('%s is right: %s', (answer, right) => {
		expect(verdict(house, answer)).toMatchObject({ right });
	});

	it('goes from low to high below zero too, whichever end is named first', () => {
		const freezer = { start: q('-18 degC'), until: q('-25 degC'), want: { unit: 'K' } };
		expect(verdict(freezer, '248 to 255 K')).toMatchObject({ right: true });
		expect(verdict(freezer, '255 to 248 K')).toMatchObject({ right: false });
	});

	it('names the end that is off', () => {
		const made = check({ ...BASE, ...house }, '59 to 78 degF');
		expect(made.ok && made.value.value.why).toContain('At the high end');
	});
});

describe('a sum', () => {
	const rope = { terms: [q('2.50 m'), q('35 cm'), q('0.4 m')], want: { unit: 'm' } };

	it('is good to the last place that all of its terms have', () => {
		expect(verdict(rope, '3.3 m')).toMatchObject({ right: true });
		expect(verdict(rope, '3.25 m')).toMatchObject({ value: 'right', figures: 'wrong' });
		expect(verdict(rope, '3.1 m')).toMatchObject({ value: 'wrong' });
	});

	it('begins with the start where there is one', () => {
		expect(verdict({ start: q('1.00 kg'), terms: [q('250. g')], want: { unit: 'kg' } }, '1.25 kg')).toMatchObject({
			right: true,
		});
	});
});

describe('a count of figures', () => {
	it.each([
		['0.0820', '3', true],
		['0.0820', '3 significant figures', true],
		['0.0820', '3 sf', true],
		['0.0820', '5', false],
		['1250', '3', true],
		['4000.', '4', true],
		['0.0820', 'three or so', false],
	])('of %s, %s is right: %s', (figures, answer, right) => {
		expect(verdict({ want: { figures } }, answer)).toMatchObject({ right, figures: 'not-asked' });
	});

	it('has no key for what is exact as written', () => {
		expect(verdict({ want: { figures: '10^-3' } }, '1')).toBe('no-key');
	});
});

describe('the one factor that is missing', () => {
	const work = { start: q('2500 J'), want: { factor: 'kJ' } };

	it.each([
		['1 kJ / 10^3 J', true, null],
		['1 kJ/1000 J', true, null],
		['(1 kJ / 1000 J)', true, null],
		['0.001 kJ / 1 J', true, null],
		['1 kJ per 1000 J', true, null],
		['0.001 kJ/J', true, null],
		['1000 J / 1 kJ', false, 'flipped-factor'],
		['1 kJ / 100 J', false, 'wrong-number'],
		['kJ', false, null],
	])('%s is right: %s', (answer, right, first) => {
		expect(verdict(work, answer)).toMatchObject({ right, first });
	});

	it('may carry a power, and may be a fact of the problem', () => {
		expect(verdict({ start: q('0.35 m^2'), want: { factor: 'cm^2' } }, '(100 cm / 1 m)^2')).toMatchObject({
			right: true,
		});
		const facts = [{ left: q('12 jar'), right: q('1 crate') }];
		expect(verdict({ start: q('4 crate'), want: { factor: 'jar' }, facts }, '12 jars / 1 crate')).toMatchObject({
			right: true,
		});
		expect(verdict({ start: q('4 crate'), want: { factor: 'jar' }, facts }, '10 jars / 1 crate')).toMatchObject({
			right: false,
		});
	});
});

describe('the block that is wrong', () => {
	const line = (...factors: (readonly [string, string, number?])[]): Exercise['want'] => ({
		slip: {
			start: q('3.0 ft'),
			factors: factors.map(([top, bottom, power]) => ({ top: q(top), bottom: q(bottom), ...(power ? { power } : {}) })),
			want: 'cm',
		},
	});

	it.each([
		['upside down', line(['12 in', '1 ft'], ['1 in', '2.54 cm']), 2],
		['with a wrong number', line(['16 in', '1 ft'], ['2.54 cm', '1 in']), 1],
	])('is found %s', (_, want, block) => {
		expect(verdict({ want }, `factor ${block}`)).toMatchObject({ right: true });
		expect(verdict({ want }, `${block}`)).toMatchObject({ right: true });
		expect(verdict({ want }, `factor ${3 - block}`)).toMatchObject({ right: false, value: 'wrong' });
		expect(verdict({ want }, 'the last')).toMatchObject({ right: false, value: 'absent' });
	});

	it('is none in a line that holds', () => {
		expect(verdict({ want: line(['12 in', '1 ft'], ['2.54 cm', '1 in']) }, 'factor 1')).toBe('no-key');
	});
});

describe('the words taken for counted things', () => {
	it('are those of the exercise and of the answer, each once', () => {
		const exercise = {
			...BASE,
			start: q('4 crates'),
			facts: [{ left: q('12 jars'), right: q('1 crate') }],
			want: { unit: 'jar' },
		};
		expect(countedWords(exercise, '48 blubs')).toEqual(['crate', 'jar', 'blub']);
		expect(countedWords({ ...BASE, want: { figures: '0.082' } }, '2 figures')).toEqual([]);
	});
});

describe('an exercise without a line', () => {
	it('has its key by a route over its facts and the tables', () => {
		const honey = {
			start: q('4.0 crate'),
			facts: [
				{ left: q('12 jar'), right: q('1 crate') },
				{ left: q('454 g'), right: q('1 jar'), exact: false },
			],
			want: { unit: 'kg' },
		};
		expect(verdict(honey, '22 kg')).toMatchObject({ right: true });
		expect(verdict(honey, '21 kg')).toMatchObject({ value: 'wrong' });
		expect(verdict({ ...honey, facts: [] }, '22 kg')).toBe('no-route');
	});

	it('starts from two quantities, one over the other', () => {
		const sled = { start: { top: q('150. km'), bottom: q('2.5 h') }, want: { unit: 'm/s' } };
		expect(verdict(sled, '17 m/s')).toMatchObject({ right: true });
	});

	it('takes a fact between systems rounded to as many figures as are asked', () => {
		const road = { start: q('25.00 mi'), want: { unit: 'km' }, rounding: { significant: 3 } };
		expect(verdict(road, '40.2 km')).toMatchObject({ right: true });
		expect(verdict(road, '40.3 km')).toMatchObject({ right: true });
		expect(verdict(road, '40.5 km')).toMatchObject({ right: false });
		const load = { start: q('6.00 lb'), want: { unit: 'kg' } };
		expect(verdict(load, '2.72 kg')).toMatchObject({ right: true });
	});
});

describe('an answer in two units', () => {
	const jar = { start: q('1.50 kg'), want: { units: ['g', 'mg'] } };

	it.each([
		['1.50e3 g and 1.50e6 mg', true],
		['1.50e6 mg, 1.50e3 g', true],
		['1.50e3 g = 1.50e6 mg', true],
		['1.50e3 g', false],
		['1.50e3 g and 1.50e5 mg', false],
	])('%s is right: %s', (answer, right) => {
		expect(verdict(jar, answer)).toMatchObject({ right });
	});

	it('says in which of them it is not right, or is missing', () => {
		const made = check({ ...BASE, ...jar } as Exercise, '1.50e3 g and 1.50e5 mg');
		expect(made.ok && made.value.value.why).toMatch(/^In mg: /);
		const half = check({ ...BASE, ...jar } as Exercise, '1.50e6 mg');
		expect(half.ok && half.value.value).toMatchObject({ verdict: 'absent', why: 'The answer in g is still missing.' });
	});
});

describe('a measure in parts', () => {
	it.each([
		['5 ft', ['7 in'], 'cm', '170 cm'],
		['8 ft', ['4 in'], 'cm', '254 cm'],
		['1 h', ['15 min'], 'min', '75 min'],
		['3 kg', ['250 g'], 'g', '3250 g'],
		['2 h', ['20 min', '15 s'], 's', '8415 s'],
	])('%s and %j is good to its last part: %s, %s', (start, terms, unit, answer) => {
		expect(verdict({ start: q(start), terms: terms.map(q), want: { unit } }, answer)).toMatchObject({ right: true });
	});

	it('says on its line what the check goes by: its last part', () => {
		const worked = workChain({
			start: q('4 in'),
			factors: [termStep(q('8 ft')), { top: q('12 in'), bottom: q('1 ft') }],
			want: 'in',
		});
		expect(worked.ok && sayFigures(worked.value, q('4 in'))).toBe(
			'A measure in parts is as precise as its last part, 4 in: the ones.',
		);
	});

	it('is a sum where that is said, good to the last place that all its parts have', () => {
		const bag = { start: q('3 kg'), terms: [q('250 g')], want: { unit: 'g' } };
		expect(verdict({ ...bag, parts: false }, '3250 g')).toMatchObject({ figures: 'wrong' });
		expect(verdict({ ...bag, parts: false }, '3000 g')).toMatchObject({ right: true });
	});

	it('has its places compared in the unit of the answer', () => {
		const sum = { start: q('1250 g'), terms: [q('393 g')], want: { unit: 'g' }, rounding: { place: 1 } };
		const made = check({ ...BASE, ...sum } as Exercise, '1.64 kg');
		expect(made.ok && made.value.figures).toMatchObject({ verdict: 'right' });
		expect(verdict(sum, '1.64 kg')).toMatchObject({ value: 'right', unit: 'wrong', first: 'stopped-early' });
	});
});

describe('what else a problem may ask', () => {
	it('multiplies a start, and takes money to the cent', () => {
		const floor = { start: q('12 ft'), times: [q('15 ft')], want: { unit: 'ft²' } };
		expect(verdict(floor, '180 ft²')).toMatchObject({ right: true });
		const laid = { start: q('12 ft'), factors: [{ top: q('15 ft'), bottom: q('1') }] };
		expect(verdict(floor, '180 ft²', laid)).toMatchObject({ right: true });
		const jars = { start: q('36 jar'), facts: [{ left: q('1 jar'), right: q('0.42 £') }], want: { unit: '£' } };
		for (const answer of ['15.12 £', '£15.12', '15 £']) expect(verdict(jars, answer)).toMatchObject({ right: true });
		expect(verdict(jars, '15.1 £')).toMatchObject({ value: 'right', figures: 'wrong' });
	});

	it('takes a comma for the decimal mark where it can be nothing else, and asks where it may group', () => {
		const half = { start: q('1250. g'), want: { unit: 'kg' } };
		expect(verdict({ start: q('450 g'), want: { unit: 'kg' } }, '0,450 kg')).toMatchObject({ right: true });
		expect(verdict(half, '1,250 kg')).toMatchObject({ right: false, value: 'unclear', first: null });
		expect(verdict({ ...half, decimal: 'comma' }, '1,250 kg')).toMatchObject({ right: true });
		expect(verdict({ ...half, goesBy: { decimal: 'comma' } }, '1,250 kg')).toMatchObject({ right: true });
	});

	it('says what of a rate’s unit is missing or upside down', () => {
		const pump = { start: q('4.30 L/min'), want: { unit: 'L/h' } };
		const says = (answer: string) => {
			const made = check({ ...BASE, ...pump } as Exercise, answer);
			return made.ok ? made.value.unit.why : '';
		};
		expect(says('258 L')).toBe('h is missing below. The answer should be in L/h.');
		expect(says('258 h/L')).toBe('h/L is upside down. The answer should be in L/h.');
	});

	it('speaks of no block where only the way a number is written changes', () => {
		const round = { start: q('28549 L'), want: { unit: 'L' }, rounding: { significant: 3 } };
		const made = check({ ...BASE, ...round } as Exercise, '28600 L');
		expect(made.ok && made.value.first).toBe('rounded-early');
		expect(made.ok && made.value.value.why).not.toMatch(/factor|line/);
		const gust = { start: q('2.5711 m/s'), want: { unit: 'm/s' }, rounding: { significant: 2 } };
		expect(verdict(gust, '2.6e2 m/s')).toMatchObject({ first: 'place-slip' });
	});
});
