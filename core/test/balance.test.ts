import {
	type BookExercise,
	balanceOf,
	bookExercise,
	type Factor,
	goalOf,
	letterOf,
	listed,
	mustGoOf,
	START,
	shownColumn,
	shownUnits,
	workChain,
} from '../src';
import { takenOn } from '../src/help';
import { quantityOfRow } from '../src/quantity/quantity';

function over(top: string, bottom: string, more: Partial<Factor> = {}): Factor {
	return { top: quantityOfRow(top), bottom: quantityOfRow(bottom), ...more };
}

const SNOW = bookExercise('new-snow') as BookExercise;

function work(factors: readonly Factor[], exercise: BookExercise = SNOW) {
	const worked = workChain({ start: exercise.start, factors, want: goalOf(exercise) ?? '' });
	if (!worked.ok) throw new Error(worked.fault.message);
	return worked.value;
}

function shown(factors: readonly Factor[], exercise: BookExercise = SNOW) {
	return balanceOf(work(factors, exercise), goalOf(exercise) ?? '').map(({ kind, top, bottom }) => {
		const cell = (of: typeof top) => (of ? `${of.symbol}${of.piece ? '' : '?'}` : '');
		return `${kind}: ${cell(top)}/${cell(bottom)}`;
	});
}

describe('the balance', () => {
	it('begins with empty sockets and everything still to go', () => {
		expect(shown([])).toEqual(['wanted: mm?/min?', 'must-go: in/h']);
	});

	it('ties a pair and fills a socket', () => {
		expect(shown([over('2.54 cm', '1 in'), over('10 mm', '1 cm')])).toEqual([
			'wanted: mm/min?',
			'must-go: /h',
			'cancelled: in/in',
			'cancelled: cm/cm',
		]);
	});

	it('has a socket for each power', () => {
		const pane = bookExercise('vent-pane') as BookExercise;
		expect(shown([over('100 cm', '1 m')], pane)).toEqual([
			'wanted: cm/',
			'wanted: cm?/',
			'must-go: m/',
			'cancelled: m/m',
		]);
		expect(shown([over('100 cm', '1 m', { power: 2 })], pane).slice(0, 2)).toEqual(['wanted: cm/', 'wanted: cm/']);
	});

	it('lists what must go once for each side', () => {
		const worked = work([over('1 in', '2.54 cm')]);
		expect(mustGoOf(balanceOf(worked, 'mm/min')).map(({ base }) => base)).toEqual(['in', 'h', 'cm']);
	});
});

describe('the units of a line, as they are shown', () => {
	it('are struck with the letter of their pair, wanted, or must go', () => {
		const worked = work([over('2.54 cm', '1 in'), over('10 mm', '1 cm')]);
		const columns = balanceOf(worked, 'mm/min');
		const states = (block: number, side: 'top' | 'bottom') =>
			shownUnits(worked, columns, block, side).map(({ symbol, state, letters }) =>
				`${symbol} ${state} ${letters}`.trim(),
			);
		expect([states(START, 'top'), states(START, 'bottom')]).toEqual([['in cancelled a'], ['h must-go']]);
		expect([states(1, 'top'), states(1, 'bottom')]).toEqual([['mm wanted'], ['cm cancelled b']]);
	});

	it('stand once each inside a raised block', () => {
		const pane = bookExercise('vent-pane') as BookExercise;
		const worked = work([over('100 cm', '1 m', { power: 2 })], pane);
		expect(shownUnits(worked, balanceOf(worked, 'cm²'), 0, 'top', 2)).toHaveLength(1);
	});

	it('are said: what stands where, and what a touch asks for', () => {
		const worked = work([over('2.54 cm', '1 in')]);
		const columns = balanceOf(worked, 'mm/min').map(shownColumn);
		expect(columns.map(({ top, bottom }) => [top?.say, bottom?.say])).toEqual([
			['mm should be on the top and is not there yet', 'min should be on the bottom and is not there yet'],
			[
				'centimetres, on the top, still must go. Show facts with it',
				'hours, on the bottom, still must go. Show facts with it',
			],
			['inches, on the top, is cancelled, pair a', 'inches, on the bottom, is cancelled, pair a'],
		]);
	});
});

describe('a result that is taken on', () => {
	it('is exact, with the figures it may have', () => {
		expect(takenOn(work([over('2.54 cm', '1 in')]))).toEqual({
			quantity: { number: '6.985', unit: 'cm/h' },
			figures: 3,
		});
	});

	it('is written in decimals where it does not end, and as the fraction it is where one is asked for, or nothing limits it', () => {
		const third = (exact: boolean) => {
			const made = workChain({
				start: { number: '7.00', unit: 'ft' },
				exactStart: exact,
				factors: [over('1 yd', '3 ft')],
				want: 'yd',
			});
			if (!made.ok) throw new Error(made.fault.message);
			return made.value;
		};
		expect(takenOn(third(false))).toEqual({ quantity: { number: '2.33333333333333', unit: 'yd' }, figures: 3 });
		expect(takenOn(third(false), true)?.quantity.number).toBe('7/3');
		expect(takenOn(third(true))).toEqual({ quantity: { number: '7/3', unit: 'yd' }, figures: null });
	});

	it('is none while a number is missing, or where it is so many times pi', () => {
		expect(takenOn(work([{ top: { number: '', unit: 'cm' }, bottom: quantityOfRow('1 in') }]))).toBeNull();
		const turns = workChain({ start: { number: '2', unit: 'rev' }, factors: [over('2π rad', '1 rev')], want: 'rad' });
		expect(turns.ok && takenOn(turns.value)).toBeNull();
	});
});

describe('small words', () => {
	it('letters go on after z, and lists read as sentences do', () => {
		expect([0, 25, 26].map(letterOf)).toEqual(['a', 'z', 'a2']);
		expect([listed([]), listed(['in']), listed(['in', 'h']), listed(['in', 'm', 'h'])]).toEqual([
			'',
			'in',
			'in and h',
			'in, m and h',
		]);
	});
});
