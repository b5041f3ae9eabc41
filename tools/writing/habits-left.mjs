import { execFileSync } from 'node:child_process';
import { readFileSync, writeFileSync } from 'node:fs';
import { join } from 'node:path';
import { ROOT } from '../lib/run.mjs';
import { catalogue } from './catalogue.mjs';
import { HABITS, habitsIn } from './habits.mjs';

/** How many of these habits the older files still have. A number only goes down; a file that is not here has no habits. */
const LEFT = join(ROOT, 'tools', 'writing', 'habits-left.json');

function filesWithProse() {
	const listed = execFileSync(
		'git',
		['ls-files', '--cached', '--others', '--exclude-standard', '*.ts', '*.tsx', '*.mjs', '*.cjs', '*.md'],
		{ cwd: ROOT, encoding: 'utf8' },
	);
	return listed
		.split('\n')
		.filter(
			(file) =>
				file &&
				!/(?:^|\/)(?:dist|node_modules|vectors)\/|CHANGELOG|sentences\.md|tools\/writing\/|docs\/writing\.md/.test(
					file,
				),
		);
}

/** The habits of every file that has some. */
export function habitsByFile() {
	const found = new Map();
	for (const file of filesWithProse()) {
		const habits = habitsIn(file, readFileSync(join(ROOT, file), 'utf8'));
		if (habits.length) found.set(file, habits);
	}
	return found;
}

/** The column of a set with the rules of a class: files already use the name. */
const COLUMN = 'goes by';

/** What lint says: a line for each habit of a file that has more than it had, and for each in the words of the app. */
export function newHabits() {
	const left = JSON.parse(readFileSync(LEFT, 'utf8'));
	const inFiles = [...habitsByFile()].flatMap(([file, habits]) => {
		const allowed = left[file] ?? 0;
		if (habits.length <= allowed) return [];
		const says = habits.map(
			({ line, name, instead, text }) => `${file}:${line}: “${name}” (write ${instead}): ${text.slice(0, 100)}`,
		);
		return [`${file} has ${habits.length} habits of translated English, and may have ${allowed}:`, ...says];
	});
	const inWords = catalogue().flatMap(({ room, texts }) =>
		texts.flatMap((text) =>
			HABITS.filter(({ pattern }) => text !== COLUMN && pattern.test(text.replace(/\{\w+\}/g, 'it'))).map(
				({ name, instead }) => `${room}: “${name}” (write ${instead}): ${text.slice(0, 100)}`,
			),
		),
	);
	return [...inFiles, ...inWords];
}

/** Writes down how many habits each file has now. A file that was not on the list has no habits, and is not added. */
export function writeHabitsLeft() {
	const before = JSON.parse(readFileSync(LEFT, 'utf8'));
	const rows = [...habitsByFile()]
		.filter(([file]) => before[file] !== undefined)
		.map(([file, { length }]) => [file, Math.min(length, before[file])]);
	writeFileSync(
		LEFT,
		`${JSON.stringify(Object.fromEntries(rows), null, '	')}
`,
	);
}
