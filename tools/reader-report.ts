import { readFileSync } from 'node:fs';
import { join } from 'node:path';
import { holds } from '../cli/test/holds';
import { type Exercise, goalOf, parseNumeral, parseUnit, type Quantity, type Start } from '../core/src';
import { fresh, SKILLS } from '../core/src/practice';
import { readProblem } from '../core/src/problem';

/**
 * Says how the reader does: how many texts it reads whole, where it is sure and wrong, and where it asks. On the published cases,
 * and on the prompts of our own skills, whose start and unit are known.
 */
type Tally = { whole: number; wrong: number; asked: number; all: number };

const none = (): Tally => ({ whole: 0, wrong: 0, asked: 0, all: 0 });

/** A unit as it is printed, without the substance it may be of. */
function printed(unit: string): string {
	const read = parseUnit(unit.replace(/\{.*?\}/g, ''), { counted: true });
	return read.ok ? read.value.text : unit;
}

const asPrinted = (value: unknown): unknown =>
	JSON.parse(JSON.stringify(value), (key, one) => (key === 'unit' && typeof one === 'string' ? printed(one) : one));

type Case = { readonly ask: { readonly op: string; readonly text: string }; readonly expect: Record<string, unknown> };

function onCases(file: string): Tally {
	const tally = none();
	const path = join(__dirname, '..', 'cli', 'vectors', `${file}.jsonl`);
	for (const line of readFileSync(path, 'utf8').trim().split('\n')) {
		const { ask, expect } = JSON.parse(line) as Case;
		const { numbers: _, facts: __, ...expected } = asPrinted(expect) as Record<string, unknown>;
		const read = asPrinted(readProblem(ask.text)) as Record<string, unknown>;
		count(tally, holds(expected, read), read);
	}
	return tally;
}

/** What a line starts from, with its further parts in any order, as values: 1.2e3 g is 1 200 g. */
function partsOf({ start, terms }: { readonly start?: Start | null; readonly terms?: readonly Quantity[] }): string {
	if (!start) return '';
	const parts = 'top' in start ? [start.top, start.bottom] : [start];
	const all = [...parts, ...(terms ?? [])].map(({ number, unit }) => {
		const read = parseNumeral(number);
		return `${read.ok ? read.value.value.text() : number} ${printed(unit)}`;
	});
	return all.sort().join(', ');
}

function onSkills(): Tally {
	const tally = none();
	const exercises = SKILLS.flatMap(({ skill }) =>
		[1, 2, 3].flatMap((level): readonly Exercise[] => {
			const made = fresh({ skill, seed: 'reader', level, count: 20 });
			return made.ok ? made.value : [];
		}),
	);
	for (const exercise of exercises) {
		const read = readProblem(exercise.prompt);
		const wanted = goalOf(exercise);
		const heard = read.want && goalOf({ ...exercise, want: read.want });
		const isStart = !exercise.start || partsOf(read) === partsOf(exercise);
		// A prompt that only rounds a number, or writes it another way, names no unit.
		const isInItsUnit = read.want === null && JSON.stringify(exercise.start ?? null).includes(`"${wanted}"`);
		const isWanted = wanted === null || isInItsUnit || (heard !== null && printed(`${heard}`) === printed(wanted));
		count(tally, isStart && isWanted, read);
	}
	return tally;
}

function count(tally: Tally, isWhole: boolean, read: { readonly start?: unknown; readonly want?: unknown }): void {
	tally.all += 1;
	if (isWhole) tally.whole += 1;
	else if (read.start && read.want) tally.wrong += 1;
	else tally.asked += 1;
}

for (const [name, { whole, wrong, asked, all }] of [
	...['read', 'read-2', 'read-3'].map((file) => [file, onCases(file)] as const),
	['prompts of our skills', onSkills()] as const,
])
	process.stdout.write(
		`${name}: ${whole} of ${all} right in start and wanted, ${wrong} sure and wrong, ${asked} asked or left open\n`,
	);
