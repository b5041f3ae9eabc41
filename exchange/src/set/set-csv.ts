import { bad, type Exercise, good, type Outcome } from '@tidy-sum/core';
import { formOf, wantInForm } from '@tidy-sum/core/help';
import { answerKey } from '@tidy-sum/core/practice';
import * as cell from './cells';
import { CellFault } from './cells';
import {
	type ExerciseSet,
	exercisesOf,
	type FromText,
	fromText,
	lacksStart,
	mutable,
	orNone,
	placeName,
	type ReadSet,
	type RowTold,
	type SaidOf,
	type SetExercise,
	saidOnly,
	setOf,
} from './exercise-set';
import { NO_ROWS, type Row, readTable, tableText } from './table';

type Said = { -readonly [K in keyof SaidOf]: SaidOf[K] };

/** A column of exercises: its name, and how it is written and read. To add one is to add a row. */
type Column = {
	readonly name: string;
	/** Other names it goes by. */
	readonly also?: readonly string[];
	/** Whether it stands there even where it is empty. */
	readonly always?: true;
	readonly write: (exercise: SetExercise) => string;
	readonly read: (text: string, said: Said) => void;
};

const YES = /^(?:yes|y|true|1|x)$/iu;

function yes(text: string): true | undefined {
	if (YES.test(text)) return true;
	if (/^(?:no|n|false|0)$/iu.test(text)) return undefined;
	throw new CellFault(`“${text}” is neither yes nor no`);
}

const COLUMNS: readonly Column[] = [
	{
		name: 'prompt',
		also: ['problem', 'question', 'text'],
		always: true,
		write: ({ prompt }) => prompt,
		read: (text, said) => {
			said.prompt = text;
		},
	},
	{
		name: 'start',
		also: ['from', 'given'],
		always: true,
		write: ({ start }) => (start ? cell.startCell(start) : ''),
		read: (text, said) => {
			Object.assign(said, cell.readStartCell(text));
		},
	},
	{
		name: 'range to',
		also: ['until'],
		write: ({ until }) => (until ? cell.quantityCell(until) : ''),
		read: (text, said) => {
			said.until = cell.readQuantityCell(text);
		},
	},
	{
		name: 'terms',
		write: ({ terms }) => (terms ? cell.termsCell(terms) : ''),
		read: (text, said) => {
			said.terms = cell.readTermsCell(text);
		},
	},
	{
		name: 'times',
		write: ({ times }) => (times ? cell.termsCell(times) : ''),
		read: (text, said) => {
			said.times = cell.readTermsCell(text);
		},
	},
	{
		name: 'parts',
		write: ({ parts }) => (parts === undefined ? '' : parts ? 'yes' : 'no'),
		read: (text, said) => {
			said.parts = yes(text) ?? false;
		},
	},
	{
		name: 'decimal',
		write: ({ decimal }) => decimal ?? '',
		read: (text, said) => {
			const mark = (['point', 'comma'] as const).find((one) => one === text.toLowerCase());
			if (!mark) throw new CellFault(`“${text}” is neither point nor comma`);
			said.decimal = mark;
		},
	},
	{
		name: 'difference',
		write: ({ difference }) => (difference ? 'yes' : ''),
		read: (text, said) => {
			said.difference = yes(text);
		},
	},
	{
		name: 'exact start',
		write: ({ exactStart }) => (exactStart ? 'yes' : ''),
		read: (text, said) => {
			said.exactStart = yes(text);
		},
	},
	{
		name: 'wanted',
		also: ['want', 'unit', 'unit wanted'],
		always: true,
		write: ({ want }) => cell.wantCell(want),
		read: (text, said) => {
			said.want = cell.readWantCell(text);
		},
	},
	{
		name: 'form',
		write: ({ want }) => formOf(want) ?? '',
		read: (text, said) => {
			const form = (['scientific', 'plain', 'fraction'] as const).find((one) => one === text.toLowerCase());
			if (!form) throw new CellFault(`“${text}” is not one of scientific, plain, fraction`);
			if (said.want) said.want = wantInForm(said.want, form);
		},
	},
	{
		name: 'rounding',
		always: true,
		write: ({ rounding }) => cell.roundingCell(rounding),
		read: (text, said) => {
			said.rounding = cell.readRoundingCell(text);
		},
	},
	{
		name: 'facts',
		always: true,
		write: ({ facts }) => cell.factsCell(facts),
		read: (text, said) => {
			said.facts = cell.readFactsCell(text);
		},
	},
	{
		name: 'line',
		write: ({ line }) => (line ? cell.lineCell(line) || NO_FACTOR : ''),
		read: (text, said) => {
			said.line = text === NO_FACTOR ? [] : cell.readLineCell(text);
		},
	},
	{
		name: 'marks',
		write: ({ marks }) => (marks ? cell.marksCell(marks) || NO_MARK : ''),
		read: (text, said) => {
			said.marks = text === NO_MARK ? [] : cell.readMarksCell(text);
		},
	},
	{
		name: 'goes by',
		write: ({ goesBy }) => (goesBy ? cell.goesByCell(goesBy) : ''),
		read: (text, said) => {
			said.goesBy = cell.readGoesByCell(text);
		},
	},
];

const NO_FACTOR = 'no factor';
const NO_MARK = 'none';

/** The columns that name an exercise, and those that hold for the whole set, from whichever row has them. */
const NAMING = ['name', 'title', 'skill'] as const;
const WHOLE = ['set', 'round', 'class', 'class facts'] as const;
const ANSWER = 'answer';

function answerOf(exercise: Exercise): string {
	const key = answerKey(exercise);
	return key.ok ? key.value.text : '';
}

/**
 * A set as comma-separated values, an exercise a row. Columns that no exercise needs are left out; the title of the set
 * and what its class goes by stand in the first row.
 */
export function setCsv(set: ExerciseSet): string {
	const { title, goesBy, exercises } = set;
	const needed = COLUMNS.filter((column) => column.always || exercises.some((one) => column.write(one) !== ''));
	const naming = NAMING.filter((name) => name === 'name' || exercises.some((one) => one[name] !== undefined));
	const whole = {
		set: title,
		round: set.code ?? '',
		class: goesBy ? cell.goesByCell(goesBy) : '',
		'class facts': cell.factsCell(goesBy?.facts ?? []),
	};
	const about = WHOLE.filter((name) => whole[name] !== '');
	const worked = exercisesOf(set);
	const rows = exercises.map((one, i) => [
		...naming.map((name) => one[name] ?? ''),
		...needed.map((column) => column.write(one)),
		answerOf(worked[i] as Exercise),
		...about.map((name) => (i === 0 ? whole[name] : '')),
	]);
	return tableText([[...naming, ...needed.map(({ name }) => name), ANSWER, ...about], ...rows]);
}

/** The column of a row by any of its names. */
function cellOf({ cells }: Row, { name, also = [] }: Pick<Column, 'name' | 'also'>): string | undefined {
	return cells.get(name) ?? also.map((other) => cells.get(other)).find((text) => text !== undefined);
}

/** What is said in a row; or why one of its cells cannot be read. */
function saidIn(row: Row): Outcome<Said> {
	const said: Said = {};
	for (const column of COLUMNS) {
		const text = cellOf(row, column);
		if (text === undefined) continue;
		try {
			column.read(text, said);
		} catch (fault) {
			if (!(fault instanceof CellFault)) throw fault;
			return bad('shape', `the column “${column.name}”: ${fault.message}`);
		}
	}
	return good(said);
}

/** An exercise by what its row says; where that is not all, the text of its prompt says the rest. */
function exerciseIn(said: Said): FromText {
	const { prompt = '', want } = said;
	const exercise = want && { prompt, facts: [], rounding: 'figures' as const, ...saidOnly(said), want };
	return exercise && !lacksStart(exercise) ? { exercise, says: '' } : fromText(prompt, said);
}

/** The columns an exercise can be read from: at least one of them must be there. */
const TELLING = COLUMNS.filter(({ name }) => name === 'prompt' || name === 'start');

/**
 * A set from comma-separated values: its columns in any order, by their names.
 * @returns the set with what came of each row; `shape` where no column tells of an exercise, `empty` where no row can be read.
 */
export function readSetCsv(text: string): Outcome<ReadSet> {
	const table = readTable(text);
	if (!table.ok) return table;
	const { columns } = table.value;
	const tells = TELLING.some(({ name, also = [] }) => [name, ...also].some((one) => columns.includes(one)));
	if (!tells) return bad('shape', 'The first row names the columns. One must be “prompt” or “start”.');
	if (!table.value.rows.length) return bad('empty', NO_ROWS);
	const rows: RowTold[] = [];
	const exercises: SetExercise[] = [];
	const whole = new Map<string, string>();
	for (const row of table.value.rows) {
		for (const name of WHOLE) {
			const cell = row.cells.get(name);
			if (cell !== undefined) whole.set(name, cell);
		}
		const where = `row ${row.at}`;
		const name = row.cells.get('name') ?? placeName(exercises.length);
		const said = saidIn(row);
		const made = said.ok ? exerciseIn(said.value) : { exercise: null, says: said.fault.message };
		const answer = row.cells.get(ANSWER);
		rows.push({
			where,
			name,
			taken: made.exercise !== null,
			says: made.says,
			...(answer === undefined ? {} : { answer }),
		});
		if (!made.exercise) continue;
		const [title, skill] = [row.cells.get('title'), row.cells.get('skill')];
		exercises.push({
			name,
			...(title === undefined ? {} : { title }),
			...(skill === undefined ? {} : { skill }),
			...mutable(made.exercise),
		});
	}
	const by = goesByIn(whole);
	if (!by.ok) return by;
	const code = whole.get('round');
	return orNone({
		set: setOf(whole.get('set') ?? '', exercises, { goesBy: by.value, ...(code ? { code } : {}) }),
		rows,
	});
}

function goesByIn(whole: ReadonlyMap<string, string>): Outcome<ExerciseSet['goesBy']> {
	const [says, facts] = [whole.get('class'), whole.get('class facts')];
	if (says === undefined && facts === undefined) return good(undefined);
	try {
		return good({
			...(facts === undefined ? {} : { facts: cell.readFactsCell(facts) }),
			...(says === undefined ? {} : cell.readGoesByCell(says)),
		} as ExerciseSet['goesBy']);
	} catch (fault) {
		if (!(fault instanceof CellFault)) throw fault;
		return bad('shape', `The rules of the class cannot be read: ${fault.message}.`);
	}
}
