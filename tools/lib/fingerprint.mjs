import { createHash } from 'node:crypto';
import { existsSync, readdirSync, readFileSync, statSync, writeFileSync } from 'node:fs';
import { join } from 'node:path';
import { ROOT } from './run.mjs';

const SKIP = new Set(['node_modules', 'dist', '.dist-making', '.dist-before', '.expo', 'test']);

function filesIn(path) {
	if (!existsSync(path)) return [];
	if (statSync(path).isFile()) return [path];
	return readdirSync(path)
		.sort()
		.flatMap((name) => (SKIP.has(name) ? [] : filesIn(join(path, name))));
}

/** A hash of what is in these files and folders, tests and built things left out. */
export function fingerprint(paths) {
	const hash = createHash('sha256');
	for (const file of paths.flatMap((path) => filesIn(join(ROOT, path))))
		hash.update(file.slice(ROOT.length)).update(readFileSync(file));
	return hash.digest('hex');
}

/** Whether a mark left by `leaveMark` is there with the same text. */
export function hasMark(path, text) {
	const file = join(ROOT, path);
	return existsSync(file) && readFileSync(file, 'utf8') === text;
}

/** Notes that something was made from what has this fingerprint. */
export function leaveMark(path, text) {
	writeFileSync(join(ROOT, path), text);
}
