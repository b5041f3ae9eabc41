import type { ClassExercise, ExerciseSet } from '../set/exercise-set';
import type { MarkedRow } from './mark';
import type { Scored } from './points';

/** How an answer went: right; right but for its figures or its unit; wrong; or not to be read. */
export const WENT = ['right', 'nearly', 'wrong', 'unread'] as const;
export type AnswerWent = (typeof WENT)[number];

/** How each is said, and shown by a sign that is not only a colour. */
export const SHOWN: { readonly [W in AnswerWent]: { readonly says: string; readonly sign: string } } = {
	right: { says: 'right', sign: '●' },
	nearly: { says: 'value right, not its figures or unit', sign: '◐' },
	wrong: { says: 'not right', sign: '○' },
	unread: { says: 'not read', sign: '–' },
};

export type Counts = { readonly [W in AnswerWent]: number };

/** Counts in the order of the ways, and all of them together. */
export function countsOf(counts: Counts): readonly number[] {
	return WENT.map((went) => counts[went]);
}

export function totalOf(counts: Counts): number {
	return countsOf(counts).reduce((sum, count) => sum + count, 0);
}

/** How many answers were not right in every way. */
export function lostOf(counts: Counts): number {
	return totalOf(counts) - counts.right;
}

/**
 * Rows with what was lost most first; rows that lost the same stay in their order.
 * @example byLost(report.exercises)[0] // the exercise that the most answers got wrong
 */
export function byLost<Row extends { readonly counts: Counts }>(rows: readonly Row[]): readonly Row[] {
	return [...rows].sort((a, b) => lostOf(b.counts) - lostOf(a.counts));
}

/** Counts in words: "328 right, 69 value right, not its figures or unit"; counts of zero are left out. */
export function sayCounts(counts: Counts): string {
	return WENT.filter((went) => counts[went])
		.map((went) => `${counts[went]} ${SHOWN[went].says}`)
		.join(', ');
}

/** A line of an answer that shows a slip: whose, to what, what was written, and what is said of it. */
export type Example = {
	readonly student: string;
	readonly exercise: string;
	readonly answer: string;
	readonly why: string;
};

export type SlipCount = {
	readonly code: string;
	readonly title: string;
	readonly count: number;
	readonly examples: readonly Example[];
};

export type ExerciseCount = {
	readonly name: string;
	readonly title: string;
	readonly prompt: string;
	readonly counts: Counts;
	/** The most common slips there. */
	readonly slip: string;
};

export type StudentCount = {
	readonly name: string;
	readonly counts: Counts;
	readonly points: Scored | null;
	/** How each exercise went, by its name; left out in a class too large for a table. */
	readonly went: ReadonlyMap<string, AnswerWent>;
};

/** What came of a class's answers, in numbers. */
export type Report = {
	readonly title: string;
	readonly rows: number;
	readonly counts: Counts;
	readonly exercises: readonly ExerciseCount[];
	readonly students: readonly StudentCount[];
	/** The most common slips first. */
	readonly slips: readonly SlipCount[];
	/** The first rows that could not be read, with why. */
	readonly unread: readonly UnreadRow[];
};

/** A row that could not be read: who wrote what, and why. */
export type UnreadRow = {
	readonly at: number;
	readonly student: string;
	readonly written: string;
	readonly why: string;
};

/** How much of what was written is shown. */
const WRITTEN = 60;

/**
 * A row that could not be read, in a sentence.
 * @example sayUnread(row) // 'Row 4, Bo, “3 m”: there is no exercise called “nope” in the set.'
 */
export function sayUnread({ at, student, written, why }: UnreadRow): string {
	const shown = written.length > WRITTEN ? `${written.slice(0, WRITTEN)}…` : written;
	return `${[`Row ${at}`, student, shown && `“${shown}”`].filter(Boolean).join(', ')}: ${why}.`;
}

/** How many lines are shown for a slip, and how many rows that could not be read. */
const EXAMPLES = 4;
const UNREAD = 50;
/** The largest class whose table is kept, student by exercise. */
const TABLE_STUDENTS = 300;

type Counting = { -readonly [W in AnswerWent]: number };

function none(): Counting {
	return { right: 0, nearly: 0, wrong: 0, unread: 0 };
}

/** How a marked answer went. */
export function wentOf({ marked }: Pick<MarkedRow, 'marked'>): AnswerWent {
	if (!marked) return 'unread';
	if (marked.lines.right) return 'right';
	return marked.lines.value.verdict === 'right' ? 'nearly' : 'wrong';
}

type ExerciseSoFar = {
	readonly exercise: ClassExercise;
	readonly counts: Counting;
	readonly slips: Map<string, number>;
};
type StudentSoFar = {
	readonly counts: Counting;
	readonly went: Map<string, AnswerWent>;
	points: { got: number; of: number } | null;
};
type SlipSoFar = { readonly title: string; count: number; readonly examples: Example[] };

/** What is counted as answers are marked one after another; it grows with students and exercises and not with rows. */
export class Counted {
	private rows = 0;
	private readonly counts = none();
	private readonly exercises: Map<string, ExerciseSoFar>;
	private readonly students = new Map<string, StudentSoFar>();
	private readonly slips = new Map<string, SlipSoFar>();
	private readonly unread: UnreadRow[] = [];

	constructor(
		private readonly title: string,
		exercises: readonly ClassExercise[],
	) {
		this.exercises = new Map(
			exercises.map((exercise) => [exercise.name, { exercise, counts: none(), slips: new Map() }]),
		);
	}

	/** Counts one more answer. */
	add(one: MarkedRow): void {
		const went = wentOf(one);
		const { row, marked, exercise } = one;
		this.rows += 1;
		this.counts[went] += 1;
		if (!marked && this.unread.length < UNREAD) {
			const { at, student, answer, working } = row;
			this.unread.push({ at, student, written: answer || working, why: one.why });
		}
		const of = exercise ? this.exercises.get(exercise.name) : undefined;
		if (of) of.counts[went] += 1;
		if (row.student !== '') this.addStudent(row.student, exercise?.name, went, marked?.points ?? null);
		if (!marked || marked.lines.right) return;
		const [first] = marked.slips;
		if (!first) return;
		of?.slips.set(first.code, (of.slips.get(first.code) ?? 0) + 1);
		const slip = this.slips.get(first.code) ?? { title: first.title, count: 0, examples: [] };
		slip.count += 1;
		if (slip.examples.length < EXAMPLES)
			slip.examples.push({
				student: row.student,
				exercise: exercise?.title ?? row.exercise,
				answer: row.working || row.answer,
				why: first.why,
			});
		this.slips.set(first.code, slip);
	}

	private addStudent(name: string, exercise: string | undefined, went: AnswerWent, points: Scored | null): void {
		const student: StudentSoFar = this.students.get(name) ?? { counts: none(), went: new Map(), points: null };
		student.counts[went] += 1;
		if (points)
			student.points = { got: (student.points?.got ?? 0) + points.got, of: (student.points?.of ?? 0) + points.of };
		if (exercise !== undefined && this.students.size <= TABLE_STUDENTS) student.went.set(exercise, went);
		this.students.set(name, student);
	}

	/** The report so far. */
	report(): Report {
		return {
			title: this.title,
			rows: this.rows,
			counts: { ...this.counts },
			exercises: [...this.exercises.values()].map(({ exercise, counts, slips }) => {
				const [most] = [...slips].sort(([, a], [, b]) => b - a);
				const { name, title = '', prompt } = exercise;
				return { name, title, prompt, counts, slip: most ? (this.slips.get(most[0])?.title ?? '') : '' };
			}),
			students: [...this.students].map(([name, { counts, went, points }]) => ({ name, counts, went, points })),
			slips: [...this.slips].map(([code, slip]) => ({ code, ...slip })).sort((a, b) => b.count - a.count),
			unread: [...this.unread],
		};
	}
}

/** What came of answers that are all marked already. */
export function reportOf(set: ExerciseSet, exercises: readonly ClassExercise[], rows: readonly MarkedRow[]): Report {
	const counted = new Counted(set.title, exercises);
	for (const row of rows) counted.add(row);
	return counted.report();
}
