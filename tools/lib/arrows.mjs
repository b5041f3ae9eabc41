import { existsSync, readdirSync, readFileSync } from 'node:fs';
import { dirname, join, relative, sep } from 'node:path';
import ts from 'typescript';

/**
 * The rooms of each workspace, lowest first: a room may import those before it, and not those behind it. Rooms in a list
 * inside the list are equals: each may import the others, without a circle.
 */
export const ROOMS = {
	'core/src': [
		'numeral',
		'unit',
		'quantity',
		'chain',
		['fact', 'mixed', 'ladder', 'sense', 'say', 'route'],
		'exercise',
		'read',
		'key',
		'slip',
		'answer',
		'check',
		'offer',
		'nudge',
		'content',
		'practice',
		'record',
	],
	'app/src': [
		'theme',
		'device',
		'quick',
		'ui',
		'places',
		'worker',
		'work',
		'sync',
		'store',
		'fact',
		'line',
		'problem',
		'taking',
		'picture',
		[
			'bring',
			'class',
			'desks',
			'hand-in',
			'marking',
			'problems',
			'record',
			'replay',
			'rounds',
			'settings',
			'shelf',
			'specimen',
			'today',
			'working',
		],
		'ways',
		'desk',
	],
	'server/src': ['migrations', 'keeping', 'pages', 'routes'],
	'cli/src': ['ops', 'commands'],
	'exchange/src': ['page', 'set', 'qti', 'forms', 'marking', 'record'],
	'schema/src': [],
};

/** Rooms that never import each other: the screens of the app. */
const APART = {
	'app/src': [
		'bring',
		'class',
		'desk',
		'desks',
		'hand-in',
		'marking',
		'problems',
		'record',
		'replay',
		'rounds',
		'settings',
		'shelf',
		'specimen',
		'today',
		'working',
	],
};

const SOURCE = /\.tsx?$/;
const TEST = /\.test\.tsx?$/;

function filesIn(folder) {
	if (!existsSync(folder)) return [];
	return readdirSync(folder, { recursive: true, withFileTypes: true })
		.filter((entry) => entry.isFile() && SOURCE.test(entry.name) && !TEST.test(entry.name))
		.map((entry) => join(entry.parentPath ?? entry.path, entry.name));
}

/** The imports from one room of a workspace into another: `[{ from, to, file }]`; files at the top belong to no room. */
export function arrowsIn(workspace) {
	return filesIn(workspace).flatMap((file) => {
		const [from, ...inside] = relative(workspace, file).split(sep);
		if (!inside.length) return [];
		const { importedFiles } = ts.preProcessFile(readFileSync(file, 'utf8'), true, true);
		return importedFiles.flatMap(({ fileName }) => {
			if (!fileName.startsWith('.')) return [];
			const [to, ...rest] = relative(workspace, join(dirname(file), fileName)).split(sep);
			return to === '..' || to === from || !rest.length ? [] : [{ from, to, file: relative(workspace, file) }];
		});
	});
}

/** The rooms that reach each other both ways, also through others: `[[a, b]]`. */
export function circlesIn(arrows) {
	const next = new Map();
	for (const { from, to } of arrows) next.set(from, (next.get(from) ?? new Set()).add(to));
	const reached = (room) => {
		const seen = new Set();
		for (const todo = [...(next.get(room) ?? [])]; todo.length; ) {
			const at = todo.pop();
			if (seen.has(at)) continue;
			seen.add(at);
			todo.push(...(next.get(at) ?? []));
		}
		return seen;
	};
	const reach = new Map([...next.keys()].map((room) => [room, reached(room)]));
	return [...reach.keys()]
		.sort()
		.flatMap((a) => [...reach.get(a)].filter((b) => a < b && reach.get(b)?.has(a)).map((b) => [a, b]));
}

/** What breaks the order of the rooms of a workspace, a sentence each. */
export function brokenArrows(root, workspace, order = ROOMS[workspace] ?? []) {
	const level = new Map(order.flatMap((rooms, i) => [rooms].flat().map((room) => [room, i])));
	const arrows = arrowsIn(join(root, workspace));
	const against = arrows
		.filter(({ from, to }) => level.has(from) && level.has(to) && level.get(to) > level.get(from))
		.map(({ from, to, file }) => `${workspace}/${file}: ${from}/ may not import ${to}/, which stands above it`);
	const apart = APART[workspace] ?? [];
	const screens = arrows
		.filter(({ from, to }) => apart.includes(from) && apart.includes(to))
		.map(
			({ from, to, file }) => `${workspace}/${file}: ${from}/ and ${to}/ are screens, which know nothing of each other`,
		);
	const unknown = [...new Set(arrows.flatMap(({ from, to }) => [from, to]))]
		.filter((room) => !level.has(room))
		.map((room) => `${workspace}/${room}: this room has no place in the order (tools/lib/arrows.mjs)`);
	const circles = circlesIn(arrows).map(
		([a, b]) => `${workspace}: ${a}/ and ${b}/ import each other, if by way of others`,
	);
	return [...against, ...screens, ...unknown, ...circles];
}
