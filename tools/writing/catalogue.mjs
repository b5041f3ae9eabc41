import { execFileSync } from 'node:child_process';
import { readFileSync } from 'node:fs';
import { dirname, join } from 'node:path';
import { ROOT } from '../lib/run.mjs';
import { proseIn, wordsIn } from './prose.mjs';

/** Files of words: a room has one, called words.ts where nothing else there is called so. */
export const WORDS = /\/(?:words|ui-words|titles)\.ts$/;

/** Rooms whose every sentence is in a file of words. */
export const ROOMS_WITH_WORDS = ['app/src', 'app/app', 'server/src', 'cli/src'];

/** Files with texts that are no words of the app, and what they are. */
export const NOT_WORDS = {
	'app/src/theme/fonts.ts': 'names of fonts',
	'app/src/theme/page-styles.ts': 'CSS',
	'app/src/device/settings.ts': 'a script of the page',
	'app/src/sync/keys.ts': 'names of browsers',
	'app/src/sync/server-request.ts': 'a header',
	'app/src/sync/server-store.ts': 'a header',
	'app/src/sync/windows.ts': 'the name of a channel',
	'app/src/work/history.ts': 'keys',
	'app/src/line/block-sketch.tsx': 'CSS',
	'server/src/demo.ts': 'the work of the demo desk',
	'server/src/keeping/database.ts': 'SQL',
	'server/src/keeping/events.ts': 'SQL',
	'server/src/keeping/backup.ts': 'SQL',
};

/** The files that git knows or could add, below some folders. */
export function filesBelow(folders) {
	const listed = execFileSync('git', ['ls-files', '--cached', '--others', '--exclude-standard', ...folders], {
		cwd: ROOT,
		encoding: 'utf8',
	});
	return listed.split('\n').filter((name) => /\.tsx?$/.test(name) && !/\.test\.|\.d\.ts$/.test(name));
}

const read = (file) => readFileSync(join(ROOT, file), 'utf8');

/** The sentences that are in a component or a function and not among the words of their room, a line for each. */
export function inlineSentences() {
	return filesBelow(ROOMS_WITH_WORDS)
		.filter((file) => !WORDS.test(file) && !(file in NOT_WORDS))
		.flatMap((file) =>
			proseIn(file, read(file)).map(({ line, text }) => `${file}:${line}: “${text}” belongs in the words of its room.`),
		);
}

/** Rooms without a file of words: what they say, they say where it is decided. */
const ROOMS_THAT_SAY = ['core/src', 'exchange/src'];
/** Parts of the core that are no words of the app: problems to work, names of units, patterns of the reader. */
const CONTENT = /core\/src\/(?:content|sense|unit|read\/problem|fact\/tables|route)\/|core\/src\/answer\/entries/;

/**
 * All that people read, room by room, in the order of the alphabet.
 * @returns `{ room, texts }` for each, what is filled in as {name}.
 */
export function catalogue() {
	const rooms = new Map();
	const add = (file, texts) => {
		const room = dirname(file);
		rooms.set(room, [...(rooms.get(room) ?? []), ...texts]);
	};
	for (const file of filesBelow(ROOMS_WITH_WORDS)) if (WORDS.test(file)) add(file, wordsIn(file, read(file)));
	for (const file of filesBelow(ROOMS_THAT_SAY)) {
		if (CONTENT.test(file) || /html|print-style/.test(file)) continue;
		add(
			file,
			proseIn(file, read(file)).map(({ text }) => text),
		);
	}
	return [...rooms]
		.map(([room, texts]) => ({
			room,
			texts: [...new Set(texts)].filter(Boolean).sort((a, b) => a.localeCompare(b, 'en')),
		}))
		.filter(({ texts }) => texts.length)
		.sort((a, b) => a.room.localeCompare(b.room, 'en'));
}

/** The sentences of a text, each by itself. */
export function sentencesOf(text) {
	return text.split(/(?<=[.?!])\s+(?=[A-Z“{`])/).filter((sentence) => /[A-Za-z]{2}/.test(sentence));
}

/** The second part of docs/sentences.md: the words of every room. */
export function wordsPage() {
	const rooms = catalogue().map(
		({ room, texts }) => `## ${room}\n\n${texts.map((text) => `- ${text.replace(/\s*\n\s*/g, ' ')}`).join('\n')}\n`,
	);
	return rooms.join('\n');
}
