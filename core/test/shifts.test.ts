import { bookExercise, type Chain, type Exercise, type Factor, rationalText, workChain } from '../src';
import { keysOf } from '../src/help';
import { check } from '../src/practice';

const q = (text: string) => ({ number: text.split(' ')[0] as string, unit: text.split(' ')[1] ?? '' });
const over = (top: string, bottom: string, more: Partial<Factor> = {}): Factor => ({
	top: q(top),
	bottom: q(bottom),
	...more,
});
const add = (shift: string): Factor => over('1', '1', { shift });

function line(start: string, want: string, ...factors: Factor[]): Chain {
	return { start: q(start), factors, want };
}

function worked(chain: Chain) {
	const made = workChain(chain);
	if (!made.ok) throw new Error(made.fault.message);
	return made.value;
}

function reading(start: string, unit: string): Exercise {
	return { prompt: '', start: q(start), facts: [], want: { unit }, rounding: 'figures' };
}

function lineOf(exercise: Exercise, answer: string, chain: Chain) {
	const made = check(exercise, answer, chain);
	if (!made.ok) throw new Error(made.fault.message);
	const { verdict, factor } = made.value.line;
	return { verdict, factor, first: made.value.first };
}

describe('a step that adds', () => {
	it('adds to the running value, in its unit, and keeps the last place of the start', () => {
		const value = worked(line('77 °F', '°C', add('-32'), over('5 °C', '9 °F')));
		expect(value.running.map((one) => one.value && `${rationalText(one.value)} ${one.unit}`)).toEqual([
			'77 °F',
			'45 °F',
			'25 °C',
		]);
		expect(value.printed?.text).toBe('25');
		expect(value).toMatchObject({ reached: true, top: null, bottom: null });
	});

	it('can scale and add in one, from degrees Celsius to kelvins', () => {
		const value = worked(line('4.5 °C', 'K', over('1 K', '1 °C', { shift: '273.15' })));
		expect(value.printed?.text).toBe('277.7');
		expect(value.reached).toBe(true);
	});

	it('waits for its number', () => {
		const chain = line('77 °F', '°C', add(''));
		expect(worked(chain).value).toBeNull();
		expect(keysOf(chain)).toMatchObject({ ok: false, fault: { code: 'empty', in: 'factors.0.shift' } });
		expect(workChain(line('77 °F', '°C', add('3..')))).toMatchObject({ ok: false, fault: { in: 'factors.0.shift' } });
	});

	it.each([
		[line('77 °F', '°C', add('-32'), over('5 °C', '9 °F')), '( 77 − 32 ) × 5 ÷ 9 ='],
		[line('25 °C', '°F', over('9 °F', '5 °C', { shift: '32' })), '25 × 9 ÷ 5 + 32 ='],
		[line('4 °C', 'K', over('1 K', '1 °C', { shift: '273.15' })), '4 + 273.15 ='],
		[line('8.75 ft', 'in', add('-8'), over('12 in', '1 ft')), '( 8.75 − 8 ) × 12 ='],
	])('is keyed with brackets where something follows: %#', (chain, keys) => {
		expect(keysOf(chain)).toMatchObject({ ok: true, value: { keys } });
	});
});

describe('the line of a temperature', () => {
	const noon = reading('77 °F', '°C');
	const toC = over('5 °C', '9 °F');
	const cold = reading('-18.0 °C', 'K');

	it.each<[string, Exercise, string, Chain, { verdict: string; factor: number | undefined; first: string | null }]>([
		[
			'shifted and scaled',
			noon,
			'25 °C',
			line('77 °F', '°C', add('-32'), toC),
			{ verdict: 'right', factor: undefined, first: null },
		],
		[
			'shifted the wrong way',
			noon,
			'61 °C',
			line('77 °F', '°C', add('32'), toC),
			{ verdict: 'wrong', factor: 0, first: 'offset-backwards' },
		],
		[
			'scaled before it is shifted',
			noon,
			'11 °C',
			line('77 °F', '°C', toC, add('-32')),
			{ verdict: 'wrong', factor: 1, first: 'offset-order' },
		],
		[
			'only scaled',
			noon,
			'43 °C',
			line('77 °F', '°C', toC),
			{ verdict: 'wrong', factor: undefined, first: 'offset-missed' },
		],
		[
			'shifted by 273',
			cold,
			'255.0 K',
			line('-18.0 °C', 'K', over('1 K', '1 °C', { shift: '273' })),
			{ verdict: 'wrong', factor: 0, first: 'offset-short' },
		],
		[
			'shifted where only a difference is asked',
			{ ...reading('10 °C', '°F'), difference: true },
			'50 °F',
			line('10 °C', '°F', over('9 °F', '5 °C', { shift: '32' })),
			{ verdict: 'wrong', factor: 0, first: 'difference-shifted' },
		],
	])('%s is judged so', (_, exercise, answer, chain, said) => {
		expect(lineOf(exercise, answer, chain)).toEqual(said);
	});
});

describe('the line of a mixed measure', () => {
	const beam = bookExercise('roof-beam') as Exercise;

	it('may set whole parts aside, and only those', () => {
		expect(lineOf(beam, '8 ft 9 in', line('8.75 ft', 'in', add('-8'), over('12 in', '1 ft'))).verdict).toBe('right');
		expect(lineOf(beam, '8 ft 9 in', line('8.75 ft', 'in', over('12 in', '1 ft'))).verdict).toBe('right');
		expect(lineOf(beam, '8 ft 9 in', line('8.75 ft', 'in', add('-8.5'), over('12 in', '1 ft')))).toMatchObject({
			verdict: 'wrong',
			factor: 0,
		});
	});

	it('is not right where the digits after the point are read as inches', () => {
		const made = check(beam, '8 ft 75 in');
		expect(made.ok && made.value.right).toBe(false);
	});

	it('of which the larger part is added comes to its decimal', () => {
		const plank = bookExercise('shelf-plank') as Exercise;
		const chain = line('5.4 in', 'ft', over('1 ft', '12 in'), add('7'));
		expect(lineOf(plank, '7.45 ft', chain).verdict).toBe('right');
		expect(lineOf(plank, '7.45 ft', line('5.4 in', 'ft', over('1 ft', '12 in'), add('8')))).toMatchObject({
			verdict: 'wrong',
			factor: 1,
		});
	});
});
