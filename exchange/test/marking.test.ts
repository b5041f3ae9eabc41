import { solutionOf, VERDICT_LINES, workChain } from '@tidy-sum/core';
import Papa from 'papaparse';
import { lineText } from '../src/line-text';
import {
	type AnswerRow,
	answerReader,
	answersCsv,
	byLost,
	Counted,
	type Marked,
	markedCsv,
	markerOf,
	placesInTime,
	readPoints,
	reportHtml,
	reportOf,
	spreadOf,
	stackedBars,
	stackedColumns,
} from '../src/marking';
import { BOOK_SET, keyText } from './sets';

const row = (exercise: string, answer: string, more: Partial<AnswerRow> = {}): AnswerRow => ({
	at: 2,
	student: 'Ann',
	exercise,
	answer,
	working: '',
	...more,
});

const POINTS = { line: 1, value: 2, figures: 1, unit: 1 };

const said = (made: Marked | null) => made && VERDICT_LINES.map((line) => made.lines[line].verdict);

describe('the columns of answers', () => {
	const read = (names: string[], cells: string[]) => {
		const made = answerReader(names);
		return made.ok ? made.value(cells, 7) : made.fault.message;
	};

	it('stand in any order, under the names people give them', () => {
		expect(read(['Result', 'Name', 'No', 'Question'], ["'-4.0 °C", 'Ben', 'x', '3'])).toEqual({
			at: 7,
			student: 'Ben',
			exercise: '3',
			answer: '-4.0 °C',
			working: '',
		});
		expect(read(['exercise', 'working'], ['1', '2 m = 200 cm'])).toMatchObject({ answer: '', working: '2 m = 200 cm' });
	});

	it('must be there', () => {
		expect(read(['student', 'answer'], [])).toContain('“exercise”');
		expect(read(['student', 'exercise'], [])).toContain('“answer”');
	});
});

describe('the answers of a class', () => {
	const { mark } = markerOf(BOOK_SET, POINTS);

	it('are judged as on the screen: the four lines, slips, what to look at, and points', () => {
		expect(said(mark(row('wind-gust', '27.1 ft/s')).marked)).toEqual(['not-asked', 'right', 'right', 'right']);
		expect(mark(row('wind-gust', '27.1 ft/s')).marked).toMatchObject({
			points: { got: 4, of: 4 },
			look: '',
			slips: [],
		});
		const { marked } = mark(row('wind-gust', '27.13 ft/s'));
		expect(marked).toMatchObject({
			slips: [{ code: 'digits-many', title: 'Too many figures' }],
			look: expect.stringContaining('are more than the numbers given can tell'),
			points: { got: 3, of: 4 },
		});
	});

	it.each([['2'], ['2.'], ['No. 2'], ['Exercise 2'], ['A gust at the mast'], ['WIND-GUST'], ['02']])(
		'know their exercise as %s',
		(named) => {
			expect(mark(row(named, '27.1 ft/s'))).toMatchObject({
				exercise: { name: 'wind-gust' },
				marked: { lines: { right: true } },
			});
		},
	);

	it('are judged by their own line where the working is there', () => {
		const working = '18.5 mi/h × 1.61 km/1 mi × 1000 m/1 km × 1 ft/0.3048 m × 1 h/3600 s = 27.1 ft/s';
		expect(said(mark(row('wind-gust', '', { working })).marked)).toEqual(['right', 'right', 'right', 'right']);
		const broken = '18.5 mi/h × 5200 ft/1 mi × 1 h/3600 s = 26.7 ft/s';
		expect(mark(row('wind-gust', '', { working: broken })).marked).toMatchObject({
			lines: { line: { verdict: 'wrong' }, value: { follows: true } },
			points: { of: 5 },
		});
	});

	it('hold with the worked line of every exercise of the book, as text', () => {
		const wrong = BOOK_SET.exercises.filter((exercise) => {
			const solved = solutionOf(exercise);
			const chain = solved.ok ? solved.value.chain : null;
			const worked = chain && workChain(chain);
			if (!chain || !worked?.ok) return false;
			const made = mark(row(exercise.name, keyText(exercise), { working: lineText(chain, worked.value) }));
			return !made.marked?.lines.right;
		});
		expect(wrong.map(({ name }) => name)).toEqual([]);
	});

	it.each([
		['an exercise that is not there', row('flight', '3 m'), 'no exercise called “flight”'],
		['no exercise', row('', '3 m'), 'does not say which exercise'],
		['nothing', row('wind-gust', ''), 'no answer'],
		['a number that is none', row('wind-gust', '1..2 ft/s'), 'point'],
		['a working that comes to nothing', row('wind-gust', '', { working: 'I thought about it' }), 'no answer'],
		['a thousand letters', row('wind-gust', 'x'.repeat(1001)), '1000 characters'],
	])('are marked as not read: %s', (_, one, why) => {
		expect(mark(one)).toMatchObject({ marked: null, why: expect.stringContaining(why) });
		expect(mark(one).why).not.toMatch(/\.$/);
	});

	it('go out as a table that opens anywhere, with the reason where a row was not read', () => {
		const rows = [row('night-frost', '=cmd'), row('wind-gust', '27.1 ft/s'), row('flight', '3 m', { at: 9 })].map(mark);
		const { data } = Papa.parse<Record<string, string>>(markedCsv(rows, true), { header: true, skipEmptyLines: true });
		expect(data[1]).toMatchObject({
			student: 'Ann',
			value: 'right',
			right: 'yes',
			points: '4',
			of: '4',
			'not read': '',
		});
		expect(data[2]).toMatchObject({
			value: '',
			right: '',
			'not read': expect.stringContaining('Row 9: there is no exercise'),
		});
		expect(data[0]?.answer).toBe("'=cmd");
	});

	it('are written to be filled in, with a working where there is one', () => {
		expect(answersCsv([{ student: '', exercise: '1', answer: '-3 m' }])).toBe(
			"student,exercise,answer\r\n,1,'-3 m\r\n",
		);
		expect(answersCsv([{ student: 'A', exercise: '1', answer: '3 m', working: '3 m' }])).toContain('working');
	});
});

describe('points', () => {
	it('are read as they are typed; a line that is left out gives none', () => {
		expect(readPoints('Value: 2; unit 0.5')).toEqual({ ok: true, value: { line: 0, value: 2, figures: 0, unit: 0.5 } });
		const none = readPoints('value two');
		expect(none.ok ? '' : none.fault.message).toContain('“value two” is not a line with its points');
	});
});

describe('the report of a class', () => {
	const marker = markerOf(BOOK_SET, POINTS);
	const rows = ['Ann', 'Ben', '<b>Cy</b>'].flatMap((student, i) => [
		marker.mark(row('wind-gust', i ? '27.13 ft/s' : '27.1 ft/s', { student })),
		marker.mark(row('honey-jar', i === 2 ? '454 kg' : '0.454 kg', { student })),
		marker.mark(row('flight', '1 m', { student, at: 5 + i })),
	]);
	const report = reportOf(BOOK_SET, marker.exercises, rows);

	it('counts how answers went, in all, by exercise and by student', () => {
		expect(report).toMatchObject({ rows: 9, counts: { right: 3, nearly: 2, wrong: 1, unread: 3 } });
		expect(report.exercises.find(({ name }) => name === 'wind-gust')).toMatchObject({
			counts: { right: 1, nearly: 2 },
			slip: 'Too many figures',
		});
		expect(report.students).toMatchObject([
			{ name: 'Ann', counts: { right: 2, unread: 1 }, points: { got: 8, of: 8 } },
			{ name: 'Ben', counts: { right: 1, nearly: 1, unread: 1 } },
			{ name: '<b>Cy</b>' },
		]);
		expect(report.unread).toHaveLength(3);
	});

	it('puts what was lost most first on the page, under contents that lead to each part', () => {
		const page = reportHtml(report);
		expect(byLost(report.exercises).map(({ name }) => name)[0]).toBe('wind-gust');
		expect(byLost(report.students).map(({ name }) => name)).toEqual(['<b>Cy</b>', 'Ben', 'Ann']);
		const contents = [...page.matchAll(/<a href="#([a-z]+)">/g)].map(([, part]) => part);
		expect(contents).toEqual(['class', 'slips', 'exercises', 'students', 'unread']);
		for (const part of contents) expect(page).toContain(`<h2 id="${part}">`);
		const students = page.slice(page.indexOf('<h2 id="students">'));
		expect(students.indexOf('Cy')).toBeLessThan(students.indexOf('Ann'));
	});

	it('names what slipped most first, with the very lines', () => {
		expect(report.slips[0]).toMatchObject({
			code: 'digits-many',
			count: 2,
			examples: [
				{ student: 'Ben', exercise: 'A gust at the mast', answer: '27.13 ft/s' },
				{ student: '<b>Cy</b>', answer: '27.13 ft/s' },
			],
		});
	});

	it('is a page to print, with charts that are plain SVG, and runs nothing', () => {
		const page = reportHtml(report);
		expect(page).toContain(
			'9 answers, 3 students: 3 right, 2 value right, not its figures or unit, 1 not right, 3 not read.',
		);
		expect(page.match(/<svg/g)?.length).toBeGreaterThan(4);
		expect(page).not.toMatch(/<script|<b>Cy/);
		expect(page).toContain('27.13 ft/s');
		expect(page).toMatch(/Row 5, [^:]+: there is no exercise called “[^”]+” in the set\.</);
	});

	it('does not grow with its rows', () => {
		const counted = new Counted('', marker.exercises);
		for (let i = 0; i < 5000; i++) counted.add(rows[i % rows.length] as (typeof rows)[number]);
		const made = counted.report();
		expect(made.rows).toBe(5000);
		expect(made.students).toHaveLength(3);
		expect(made.unread).toHaveLength(50);
		expect(made.slips[0]?.examples).toHaveLength(4);
	});
});

describe('the geometry of the charts', () => {
	it('stacks the counts of a week from the foot of its column, the highest as high as the chart', () => {
		const { columns, most } = stackedColumns(
			[
				[3, 1],
				[0, 0],
				[2, 0],
			],
			{ width: 300, height: 100 },
		);
		expect(most).toBe(4);
		expect(columns.map(({ parts }) => parts.map(({ y, height }) => [y, height]))).toEqual([
			[
				[25, 75],
				[0, 25],
			],
			[
				[100, 0],
				[100, 0],
			],
			[
				[50, 50],
				[50, 0],
			],
		]);
		const [first, second] = columns;
		expect(second?.x).toBeGreaterThan((first?.x ?? 0) + (first?.width ?? 0));
		// Few columns stay narrow, however wide the chart is.
		expect(stackedColumns([[1]], { width: 600, height: 100 }).columns[0]?.width).toBeLessThan(45);
	});

	it('places moments in time, and one alone in the middle', () => {
		expect(placesInTime([0, 50, 100], [0, 100], 200)).toEqual([0, 100, 200]);
		expect(placesInTime([7], [7, 7], 200)).toEqual([100]);
	});

	it('gives each count its share of the width, one behind the other', () => {
		const { bars, ticks, height } = stackedBars(
			[
				{ label: 'a', counts: [6, 2] },
				{ label: 'b', counts: [2, 2] },
			],
			{ width: 80, row: 20 },
		);
		expect(height).toBe(40);
		expect(bars.map(({ parts }) => parts.map(({ x, width }) => [x, width]))).toEqual([
			[
				[0, 60],
				[60, 20],
			],
			[
				[0, 20],
				[20, 20],
			],
		]);
		expect(bars[1]?.y).toBeGreaterThan((bars[0]?.y ?? 0) + (bars[0]?.height ?? 0));
		expect(ticks[0]).toEqual({ x: 0, label: '0' });
	});

	it('draws shares as a line over how many there are, highest where most are', () => {
		const { edge, fill } = spreadOf([0.5, 0.5, 0.5, 1], { width: 100, height: 50 });
		expect(edge).toMatch(/^M0,50/);
		expect(edge).toContain('50,0');
		expect(fill.endsWith('Z')).toBe(true);
	});
});
