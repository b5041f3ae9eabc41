import {
	addingStep,
	asideStep,
	askedBy,
	BOOK,
	type BookExercise,
	balanceOf,
	bookExercise,
	type Chain,
	type Exercise,
	type Factor,
	rationalText,
	shownColumn,
	shownStep,
	solutionOf,
	termStep,
	type WorkedChain,
	workChain,
} from '../src';
import {
	compareLines,
	divisionOfStep,
	keysOf,
	nudgesFor,
	offersFor,
	placeIn,
	printLine,
	readingsOf,
	readStarting,
	readWanted,
	saidOfStep,
	sayCarry,
	sayLine,
	startingText,
	takenOn,
	unroundedText,
} from '../src/help';
import { check, fresh } from '../src/practice';
import { nudgedStep } from './nudged-step';

const q = (text: string) => ({
	number: text.split(' ')[0] as string,
	unit: text.split(' ').slice(1).join(' '),
});
const over = (top: string, bottom: string): Factor => ({ top: q(top), bottom: q(bottom) });
const aside = (text: string, from?: string): Factor => asideStep({ ...q(text), ...(from ? { from } : {}) });
const term = (text: string): Factor => termStep(q(text));

function line(start: string, want: string, ...factors: Factor[]): Chain {
	return { start: q(start), factors, want };
}

function worked(chain: Chain): WorkedChain {
	const made = workChain(chain);
	if (!made.ok) throw new Error(made.fault.message);
	return made.value;
}

const running = (chain: Chain) =>
	worked(chain).running.map(({ value, unit }) => `${value ? rationalText(value) : '?'} ${unit}`.trim());
const kept = (chain: Chain) =>
	worked(chain).aside.map(({ value, unit }) => `${value ? rationalText(value) : '?'} ${unit.text}`);

const mixed = (start: string, units: readonly string[], more: Partial<Exercise> = {}): Exercise => ({
	prompt: '',
	start: q(start),
	facts: [],
	want: { mixed: units },
	rounding: 'figures',
	...more,
});
const sum = (start: string, terms: readonly string[], unit: string, more: Partial<Exercise> = {}): Exercise => ({
	prompt: '',
	start: q(start),
	terms: terms.map(q),
	facts: [],
	want: { unit },
	rounding: 'figures',
	...more,
});
const reading = (start: string, unit: string, more: Partial<Exercise> = {}): Exercise => ({
	prompt: '',
	start: q(start),
	facts: [],
	want: { unit },
	rounding: 'figures',
	...more,
});

function checked(exercise: Exercise, answer: string, chain?: Chain) {
	const made = check(exercise, answer, chain);
	if (!made.ok) throw new Error(made.fault.message);
	return made.value;
}

const FOOT = over('12 in', '1 ft');
const BEAM = line('8.75 ft', 'in', aside('8 ft'), FOOT);
const HOURS = line('2.2625 h', 's', aside('2 h'), over('60 min', '1 h'), aside('15 min'), over('60 s', '1 min'));

describe('whole ones set aside', () => {
	it('are kept in their own unit, and what is left goes on', () => {
		expect(running(BEAM)).toEqual(['35/4 ft', '3/4 ft', '9 in']);
		expect(kept(BEAM)).toEqual(['8 ft']);
		expect(worked(BEAM)).toMatchObject({ reached: true, parts: 1 });
		expect(unroundedText(worked(BEAM))).toBe('8 ft 9 in');
	});

	it('go down through several units', () => {
		expect(running(HOURS)).toEqual(['181/80 h', '21/80 h', '63/4 min', '3/4 min', '45 s']);
		expect(unroundedText(worked(HOURS))).toBe('2 h 15 min 45 s');
	});

	it('are divided out of a smaller unit with a remainder, written out and in wholes', () => {
		const chain = line('105 in', 'in', aside('8 ft'));
		expect(running(chain)).toEqual(['105 in', '9 in']);
		const drawn = divisionOfStep(worked(chain), 0, ['ft', 'in']);
		const long = drawn?.long;
		expect(long && [long.all, long.by, long.wholes, long.times, long.left].map(rationalText)).toEqual([
			'105',
			'12',
			'8',
			'96',
			'9',
		]);
		expect(drawn && [drawn.division.whole, drawn.division.part].map(rationalText)).toEqual(['8', '3/4']);
	});

	it('are taken from others that were set aside: 83 min hold an hour', () => {
		const chain = line('5000 s', 's', aside('83 min'), aside('1 h', 'min'));
		expect(kept(chain)).toEqual(['23 min', '1 h']);
		expect(running(chain).at(-1)).toBe('20 s');
		expect(checked(mixed('5000 s', ['h', 'min', 's']), '1 h 23 min 20 s', chain)).toMatchObject({ right: true });
	});

	it('have the sign of the measure on every part', () => {
		const chain = line('-8.75 ft', 'in', aside('-8 ft'), FOOT);
		expect(unroundedText(worked(chain))).toBe('−8 ft -9 in'.replace('-', '−'));
		expect(checked(mixed('-8.75 ft', ['ft', 'in']), '-8 ft -9 in', chain).right).toBe(true);
		const offers = offersFor({
			exercise: mixed('-8.75 ft', ['ft', 'in']),
			chain: line('-8.75 ft', 'in'),
			worked: worked(line('-8.75 ft', 'in')),
			unit: 'ft',
			fills: true,
		});
		expect(offers[0]?.ways[0]?.factor).toEqual(aside('-8 ft'));
	});

	it('are taken on with what is left, as one', () => {
		expect(takenOn(worked(BEAM))?.quantity).toEqual({ number: '105', unit: 'in' });
		expect(takenOn(worked(line('8.75 ft', 'in', aside(' ft'))))).toBeNull();
	});

	it('wait for their number, and say so', () => {
		const chain = line('8.75 ft', 'in', aside(' ft'));
		expect(worked(chain).value).toBeNull();
		expect(keysOf(chain)).toMatchObject({ ok: false, fault: { code: 'empty', in: 'factors.0.aside' } });
		const broken = workChain(line('8.75 ft', 'in', aside('3.. ft')));
		expect(broken).toMatchObject({ ok: false, fault: { in: 'factors.0.aside.number' } });
	});

	it.each([
		['7 ft', 'but there is still a whole ft left'],
		['9 ft', 'but there are not that many'],
		['8.5 ft', 'not whole'],
		['2 yd', 'but the answer has no yd'],
	])('of %s are told at the check', (text, why) => {
		const chain = line('8.75 ft', 'in', aside(text), FOOT);
		const { line: judged } = checked(mixed('8.75 ft', ['ft', 'in']), '8 ft 9 in', chain);
		expect(judged).toMatchObject({ verdict: 'wrong', factor: 0 });
		expect(judged.why).toContain(why);
	});

	it('name the digits after the point read as inches, by the block and by the answer', () => {
		const chain = line('8.75 ft', 'in', aside('8 ft'), over('75 in', '0.75 ft'));
		expect(checked(mixed('8.75 ft', ['ft', 'in']), '8 ft 75 in', chain).first).toBe('decimal-as-parts');
		expect(checked(mixed('8.75 ft', ['ft', 'in']), '8 ft 105 in', line('8.75 ft', 'in', FOOT)).first).toBe(
			'whole-included',
		);
	});

	it('carry where the last part is rounded up to a whole one', () => {
		const wall = mixed('13.97 ft', ['ft', 'in'], { rounding: { place: 0 } });
		const chain = line('13.97 ft', 'in', aside('13 ft'), FOOT);
		expect(sayCarry(worked(chain), wall)).toBe('11.64 in rounded gives 12 in. That is a whole ft, so carry it over.');
		expect(checked(wall, '14 ft 0 in', chain).right).toBe(true);
		expect(checked(wall, '13 ft 12 in', chain).right).toBe(false);
		expect(sayCarry(worked(BEAM), mixed('8.75 ft', ['ft', 'in'], { rounding: { place: 0 } }))).toBeNull();
	});
});

describe('the balance of a measure in parts', () => {
	const sockets = (chain: Chain, want = 'in', parts = ['ft']) =>
		balanceOf(worked(chain), want, parts)
			.filter(({ kind }) => kind !== 'cancelled')
			.map(shownColumn)
			.map(({ kind, top }) => `${kind}: ${top?.kept ?? (top?.base ? 'stands' : 'waits')} ${top?.symbol}`);

	it('has a socket for each part, and shares out what still holds whole ones', () => {
		expect(sockets(line('8.75 ft', 'in'))).toEqual(['wanted: waits ft', 'wanted: waits in', 'to-share: stands ft']);
		expect(sockets(line('8.75 ft', 'in', aside('8 ft')))).toEqual([
			'wanted: 8 ft',
			'wanted: waits in',
			'must-go: stands ft',
		]);
		expect(sockets(BEAM)).toEqual(['wanted: 8 ft', 'wanted: stands in']);
	});

	it('does not close at 105 in', () => {
		expect(sockets(line('8.75 ft', 'in', FOOT))).toEqual([
			'wanted: waits ft',
			'wanted: waits in',
			'to-share: stands in',
		]);
		expect(sockets(line('0.75 ft', 'in', FOOT))).toEqual(['wanted: 0 ft', 'wanted: stands in']);
	});

	it('takes a number taken away by hand for what it is', () => {
		expect(sockets(line('8.75 ft', 'in', addingStep('-8'), FOOT))).toEqual(['wanted: 8 ft', 'wanted: stands in']);
	});
});

describe('the parts of a sum', () => {
	const FLIGHT = sum('30 s', ['2 h', '12 min'], 'h', { rounding: { place: -2 } });
	const toHours = [over('1 min', '60 s'), over('1 h', '60 min')];
	const chain = line('30 s', 'h', ...toHours, term('12 min'), over('1 h', '60 min'), term('2 h'));

	it('go each through their own blocks, and are together once their units are the same', () => {
		expect(running(chain)).toEqual(['30 s', '1/2 min', '1/120 h', '12 min', '5/24 h', '53/24 h']);
		expect(worked(chain)).toMatchObject({ reached: true, parts: 3, aside: [] });
		expect(checked(FLIGHT, '2.21 h', chain)).toMatchObject({ right: true });
		expect(keysOf(chain)).toMatchObject({ value: { keys: '30 ÷ ( 60 × 60 ) + 12 ÷ 60 + 2 =' } });
	});

	it('do not cancel across the plus', () => {
		const crossed = line('30 s', 'h', term('12 min'), over('1 min', '60 s'));
		expect(worked(crossed).cancelled).toEqual([]);
		expect(worked(line('5 in', 'ft', over('1 ft', '12 in'), term('7 ft'))).value).not.toBeNull();
		expect(kept(line('5.4 in', 'ft', over('1 ft', '12 in'), term('7 yd')))).toEqual(['9/20 ft']);
	});

	it('may come in any order, from any of them, and are right by their own facts', () => {
		const turned = line('2 h', 'h', term('12 min'), over('1 h', '60 min'), term('30 s'), ...toHours);
		expect(checked(FLIGHT, '2.21 h', turned).right).toBe(true);
		const own = line('10.00 kg', 'lb', over('2.20 lb', '1 kg'), term('3.25 lb'));
		const judged = checked(sum('10.00 kg', ['3.25 lb'], 'lb'), '25.3 lb', own);
		expect(judged.line.verdict).toBe('right');
		expect(judged.value.verdict).toBe('right');
		expect(judged.figures.verdict).toBe('right');
	});

	it('that lack one, or have one that is nowhere told, are told so', () => {
		const lacks = checked(FLIGHT, '2.01 h', line('30 s', 'h', ...toHours, term('2 h')));
		expect(lacks.line).toMatchObject({ verdict: 'wrong', why: 'You still have to add 12 min.' });
		expect(lacks.slips.map(({ code }) => code)).toContain('stopped-early');
		const strange = checked(FLIGHT, '5.21 h', { ...chain, factors: [...chain.factors, term('3 h')] });
		expect(strange.line).toMatchObject({ verdict: 'wrong', factor: 5 });
		const apart = checked(FLIGHT, '2.21 h', line('30 s', 'h', ...toHours, term('12 min'), term('2 h')));
		expect(apart.line.why).toContain('One part of the sum is still in min');
	});

	it('are good to the last place that all of them have', () => {
		const box = line('250.1 g', 'g', term('0.513 kg'), over('1000 g', '1 kg'));
		expect(worked(box)).toMatchObject({ place: 0, printed: { text: '763' }, limitedBy: [0] });
		expect(checked(sum('250.1 g', ['0.513 kg'], 'g'), '763 g', box).right).toBe(true);
		expect(worked(line('12.13 g', 'g', term('3.1 g'), term('0.313 g')))).toMatchObject({
			place: -1,
			printed: { text: '15.5' },
		});
	});

	it('lie in one socket, and those that wait beside it', () => {
		const columns = balanceOf(worked(line('5.4 in', 'ft', over('1 ft', '12 in'), term('7 yd'))), 'ft').map(shownColumn);
		expect(columns.map(({ kind, top }) => [kind, top?.kept ?? null])).toContainEqual(['aside', '0.45']);
		const whole = balanceOf(worked(line('5.4 in', 'ft', over('1 ft', '12 in'), term('7 ft'))), 'ft');
		expect(whole.filter(({ kind }) => kind !== 'cancelled')).toHaveLength(1);
	});
});

describe('the readings of a temperature along its line', () => {
	const zeros = (chain: Chain) => readingsOf(worked(chain)).map(({ zero, degrees }) => `${degrees} from ${zero}`);
	const places = (chain: Chain) => readingsOf(worked(chain)).map(({ kelvins }) => rationalText(kelvins));
	const toC = over('5 °C', '9 °F');

	it('stay where the start stands, as long as the steps are right, in either order', () => {
		const first = line('77 °F', '°C', addingStep('-32'), toC);
		expect(zeros(first)).toEqual(['°F from °F', '°F from °C', '°C from °C']);
		expect(new Set(places(first)).size).toBe(1);
		const second = line('77 °F', '°C', toC, addingStep('-160/9'));
		expect(zeros(second)).toEqual(['°F from °F', '°C from °F', '°C from °C']);
		expect(new Set(places(second)).size).toBe(1);
		expect(checked(reading('77 °F', '°C'), '25 °C', second).line.verdict).toBe('right');
		const byCelsius = line('-40.0 °F', 'K', addingStep('-32'), toC, over('1 K', '1 °C'), addingStep('273.15'));
		expect(zeros(byCelsius).at(-1)).toBe('K from K');
		expect(new Set(places(byCelsius)).size).toBe(1);
	});

	it('leave it with a shift the wrong way, and in the wrong order', () => {
		expect(zeros(line('77 °F', '°C', addingStep('32')))).toEqual(['°F from °F', '°F from null']);
		expect(zeros(line('77 °F', '°C', toC, addingStep('-32'))).at(-1)).toBe('°C from null');
		expect(zeros(line('77 °F', '°C', toC)).at(-1)).toBe('°C from °F');
	});

	it('are none of what is no temperature', () => {
		expect(readingsOf(worked(line('8.75 ft', 'in', FOOT)))).toEqual([]);
		expect(readingsOf(worked(line('4 J/(g·°C)', 'J/(g·K)')))).toEqual([]);
	});
});

describe('what is offered where a unit is touched', () => {
	const offers = (exercise: Exercise, unit: string, ...factors: Factor[]) => {
		const chain = {
			start: exercise.start as Chain['start'],
			factors,
			want: 'unit' in exercise.want ? exercise.want.unit : 'in',
		};
		return offersFor({ exercise, chain, worked: worked(chain), unit, fills: true }).map(({ text, ways }) =>
			[text, ...ways.map((way) => way.text)].join(' | ').replace(/\u00a0/g, ' '),
		);
	};

	it('of a temperature where the zeros stand, that of the wanted scale first, to add or to subtract', () => {
		expect(offers(reading('77 °F', '°C'), '°F')).toEqual([
			'0 °C is at 32 °F | + 32 °F | − 32 °F',
			'0 °F is at −17 7/9 °C | + 17 7/9 °F | − 17 7/9 °F',
			'0 K is at −459.67 °F | + 459.67 °F | − 459.67 °F',
		]);
		expect(offers(reading('4.5 °C', 'K'), '°C').slice(0, 2)).toEqual([
			'°C to K in one step | + 273.15 K | − 273.15 K',
			'0 °C is at 273.15 K | + 273.15 °C | − 273.15 °C',
		]);
		expect(offers(reading('4 J/(g·°C)', 'J/(g·K)'), '°C')).toEqual([]);
	});

	it.each([
		['4.5 °C', 'K', 0, '277.7 K'],
		['255.42 K', '°C', 1, '-17.73 °C'],
	])('from %s to %s a step that takes the unit along, and is right', (start, want, way, answer) => {
		const exercise = reading(start, want);
		const chain = line(start, want);
		const unit = want === 'K' ? '°C' : 'K';
		const ways = offersFor({ exercise, chain, worked: worked(chain), unit, fills: true })[0]?.ways ?? [];
		const laid = ways.map(({ factor, after }) => line(start, want, after as Factor, factor));
		expect(laid.map((each) => checked(exercise, answer, each).right)).toEqual([way === 0, way === 1]);
	});

	it('of a measure in parts the whole ones, by setting aside or by division', () => {
		expect(offers(mixed('8.75 ft', ['ft', 'in']), 'ft')).toEqual(['Set the whole ft aside | 8 ft aside']);
		expect(offers(mixed('105 in', ['ft', 'in']), 'in')).toEqual(['Divide 105 in by 12, with a remainder | 8 ft aside']);
		expect(offers(mixed('5000 s', ['h', 'min', 's']), 's')).toEqual([
			'Divide 5000 s by 3600, with a remainder | 1 h aside',
			'Divide 5000 s by 60, with a remainder | 83 min aside',
		]);
		expect(offers(mixed('5000 s', ['h', 'min', 's']), 's', aside('83 min'))).toEqual([
			'Divide 83 min by 60, with a remainder | 1 h aside',
		]);
		expect(offers(mixed('8.75 ft', ['ft', 'in']), 'ft', aside('8 ft'))).toEqual([]);
	});

	it('of a sum each part that is not on the line', () => {
		const box = sum('250.1 g', ['0.513 kg', '3.2 g'], 'g');
		expect(offers(box, 'g')).toEqual(['Add 0.513 kg | + 0.513 kg', 'Add 3.2 g | + 3.2 g']);
		expect(offers(box, 'g', term('3.2 g'))).toEqual(['Add 0.513 kg | + 0.513 kg']);
	});
});

describe('a step said, printed and written', () => {
	it('is read aloud with what is left, and what is together', () => {
		expect(sayLine(worked(BEAM))).toEqual([
			'Start with 8.75 feet.',
			'Set aside 8 feet; 0.75 feet are left.',
			'Multiply by 12 inches over 1 foot. Feet cancel. Now there are 9 inches.',
		]);
		expect(sayLine(worked(line('105 in', 'in', aside('8 ft'))))[1]).toBe(
			'105 inches hold 8 feet. Set aside 8 feet; 9 inches are left.',
		);
		expect(sayLine(worked(line('5.4 in', 'ft', over('1 ft', '12 in'), term('7 ft')))).at(-1)).toBe(
			'Put 7 feet beside it, to add later. Together there are 7.45 feet.',
		);
	});

	it('stands in a printed line', () => {
		expect(printLine(BEAM)).toBe('(8.75 ft − 8 ft) × (12 in / 1 ft)');
		expect(printLine(line('5.4 in', 'ft', over('1 ft', '12 in'), term('84 in'), over('1 ft', '12 in')))).toBe(
			'5.4 in × (1 ft / 12 in) + 84 in × (1 ft / 12 in)',
		);
		expect(shownStep(worked(BEAM), 0)).toMatchObject({ text: '8 ft aside', after: '0.75 ft left', part: null });
		expect(
			shownStep(worked(line('50 °F', '°C', addingStep('-32'))), 0, worked(line('68 °F', '°C', addingStep('-32')))),
		).toMatchObject({
			after: '= 18 to 36 °F',
		});
	});

	it('is told on the Desk as the support allows', () => {
		const said = (chain: Chain, support: 'close' | 'light' | 'none' = 'close', difference = false) => {
			const made = worked(chain);
			return saidOfStep({ worked: made, shown: made, exercise: { difference }, support }, chain.factors.length - 1);
		};
		const back = line('77 °F', '°C', addingStep('32'));
		expect(said(back)).toMatchObject({ wrong: true });
		expect(said(back, 'light')).toEqual({ text: 'Now it is 109 °F.', wrong: false });
		expect(said(back, 'none')).toEqual({ text: '', wrong: false });
		expect(said(line('77 °F', '°C', addingStep('-32'))).text).toBe(
			'45 °F, counted from 0 °C. It is still the same temperature.',
		);
		expect(said(line('20 K', '°C', addingStep('-273.15'), addingStep('-273.15'))).text).toContain(
			'below absolute zero',
		);
		expect(said(line('12.6 °C', '°F', addingStep('32')), 'close', true).text).toContain(
			'For a difference you only multiply',
		);
		expect(said(line('8.75 ft', 'in', aside('7 ft'))).text).toBe('There is still a whole ft left.');
	});
});

describe('two lines side by side', () => {
	it('that set aside or add in another order are not said to differ', () => {
		const whole = line('8.75 ft', 'in', FOOT, aside('8 ft'));
		expect(compareLines(worked(whole), worked(BEAM))).toMatchObject({ differs: null, sameEnd: true });
		const plank = (...factors: Factor[]) => worked(line('5.4 in', 'ft', ...factors));
		const turned = worked(line('7 ft', 'ft', term('5.4 in'), over('1 ft', '12 in')));
		expect(compareLines(turned, plank(over('1 ft', '12 in'), term('7 ft')))).toMatchObject({
			differs: null,
			sameEnd: true,
		});
		expect(compareLines(plank(over('1 ft', '12 in'), term('8 ft')), turned)).toMatchObject({ sameEnd: false });
		expect(compareLines(worked(line('8.75 ft', 'in', aside('7 ft'), FOOT)), worked(BEAM)).differs).toEqual({
			first: 0,
			second: 0,
		});
	});
});

describe('a nudge on a line with steps', () => {
	const beam = bookExercise('roof-beam') as BookExercise;
	const last = (exercise: Exercise, ...factors: Factor[]) =>
		nudgesFor({ start: exercise.start as Chain['start'], factors }, exercise).at(-1);

	it('accuses nobody who goes another way', () => {
		const noon = reading('77 °F', '°C');
		expect(last(noon, over('5 °C', '9 °F'))).toBe('The step: subtract 17 7/9.');
		expect(last(reading('77 °F', 'K'), addingStep('-32'))).toContain('5 K over 9 °F');
		expect(last(mixed('105 in', ['ft', 'in']))).toBe('The step: set aside 8 feet, 9 inches left.');
	});

	it('points at the step that does not lead on', () => {
		expect(nudgesFor(line('8.75 ft', 'in', aside('7 ft')), beam)[0]).toBe(
			'Step 1 does not help. Check it again, or undo it.',
		);
		expect(nudgesFor(line('77 °F', '°C', addingStep('32')), reading('77 °F', '°C'))[0]).toContain(
			'Step 1 does not help',
		);
		const flight = sum('30 s', ['2 h'], 'h');
		expect(nudgesFor(line('30 s', 'h', term('3 h')), flight)[0]).toContain('Step 1 does not help');
		expect(last(sum('250.1 g', ['3.2 g'], 'g'))).toBe('The step: add 3.2 g.');
	});
});

describe('nudges followed to the end', () => {
	const fresh24 = ['temperatures', 'temperature-ranges', 'into-parts', 'out-of-parts', 'figures-added'].flatMap(
		(skill) =>
			[1, 2, 3].flatMap((level) => {
				const set = fresh({ skill, seed: 7, level, count: 8 });
				return set.ok ? set.value : [];
			}),
	);
	const ofBook = BOOK.filter(({ terms, want, until, difference, start }) => {
		const unit = 'unit' in start ? start.unit : '';
		return terms || until || 'mixed' in want || (!difference && ['°C', '°F', 'K'].includes(unit));
	});

	it.each([...ofBook, ...fresh24].map((exercise) => [exercise.prompt, exercise] as const))('%s', (_, exercise) => {
		let chain: Chain = { start: exercise.start as Chain['start'], factors: [], want: askedBy(exercise).goal ?? '' };
		for (let i = 0; i < 12; i++) {
			const line = worked(chain);
			if (line.reached && askedBy(exercise).lacks(chain, line) === null) break;
			const step = nudgedStep(chain, exercise);
			if (!step) throw new Error(nudgesFor(chain, exercise).join(' '));
			const at = step.term ? chain.factors.length : placeIn(line, step);
			chain = { ...chain, factors: [...chain.factors.slice(0, at), step, ...chain.factors.slice(at)] };
		}
		const line = worked(chain);
		expect([line.reached, askedBy(exercise).lacks(chain, line)]).toEqual([true, null]);
		// And the check takes the line, with the answer of the key.
		const solved = solutionOf(exercise);
		expect(checked(exercise, solved.ok ? solved.value.answer : '', chain).line).toMatchObject({ verdict: 'right' });
	});
});

describe('a start and a want as they are typed', () => {
	it.each([
		['2.75 in/h', { start: q('2.75 in/h') }],
		['50 to 68 °F', { start: q('50 °F'), until: q('68 °F') }],
		['-5.9 to -3.1 °C', { start: q('-5.9 °C'), until: q('-3.1 °C') }],
		['7 ft 5.4 in', { start: q('5.4 in'), terms: [q('7 ft')] }],
		['7 ft and 5.4 in', { start: q('5.4 in'), terms: [q('7 ft')] }],
		['250.1 g + 0.5 kg', { start: q('250.1 g'), terms: [q('0.5 kg')] }],
		['5.00 km in 18 min 30 s', { start: { top: q('5.00 km'), bottom: q('18 min') }, terms: [q('30 s')] }],
		['2 gal 3 qt in 40 s', { start: { top: q('2 gal'), bottom: q('40 s') }, terms: [q('3 qt')] }],
	])('%s', (text, starting) => {
		const read = readStarting(text);
		expect(read).toEqual({ ok: true, value: starting });
		// Typed again as it is shown, it is the same.
		expect(read.ok && readStarting(startingText(read.value))).toMatchObject({
			ok: true,
			value: starting,
		});
	});

	it('names the units of a measure in parts, large to small', () => {
		expect(readWanted('ft and in')).toEqual({ ok: true, value: { unit: 'in', parts: ['ft', 'in'] } });
		expect(readWanted('h, min, s')).toEqual({ ok: true, value: { unit: 's', parts: ['h', 'min', 's'] } });
		expect(readWanted('mm/min')).toEqual({ ok: true, value: { unit: 'mm/min', parts: [] } });
		expect(readWanted('in and ft')).toMatchObject({ ok: false, fault: { code: 'order' } });
	});
});
