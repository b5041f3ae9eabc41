import { createHash } from 'node:crypto';

/**
 * Scripts that come later share modules. The bundler puts all of those into one script that every page waits for; here they
 * are parted by who needs them, so that a page brings along no more than it uses.
 */

/** One module as the bundler writes it: its number, and the numbers of those it needs at once. */
const TAIL = /\},(\d+),(\[[^\]]*\]|\{[^{}]*(?:\{[^{}]*\})?[^{}]*\})\);?\s*$/;

function needsOf(deps) {
	const read = JSON.parse(deps);
	if (Array.isArray(read)) return read.filter((id) => typeof id === 'number');
	const { paths = {}, ...ids } = read;
	// What has a path of its own comes when it is asked for.
	return Object.values(ids).filter((id) => typeof id === 'number' && !(id in paths));
}

/**
 * The modules of a script.
 * @returns a list of `{ id, needs, code }`; empty for a script that is no list of modules alone.
 */
export function modulesOf(script) {
	const modules = [];
	for (const line of script.split('\n')) {
		if (line.startsWith('__d(')) modules.push([line]);
		else if (line.startsWith('__r(')) return [];
		else if (modules.length && !line.startsWith('//#')) modules.at(-1).push(line);
	}
	return modules.map((lines) => {
		const code = lines.join('\n').trimEnd();
		const tail = TAIL.exec(code);
		if (!tail) throw new Error(`a module of a script is written in a way not known here: …${code.slice(-200)}`);
		return { id: Number(tail[1]), needs: needsOf(tail[2]), code };
	});
}

/** The numbers of all modules that some need, themselves or by way of others. */
function reached(from, byId) {
	const seen = new Set();
	const left = from.flatMap(({ needs }) => needs);
	for (let id = left.pop(); id !== undefined; id = left.pop()) {
		if (seen.has(id)) continue;
		seen.add(id);
		left.push(...(byId.get(id)?.needs ?? []));
	}
	return seen;
}

/**
 * Parts the script that others share.
 * @param shared the text of that script.
 * @param scripts the others, as a list of `[path, text]`.
 * @param first for each part that some page needs at once, its name and what the paths of the scripts that need it begin with;
 * a module goes to the first part that has a script in need of it, and else to a last one.
 * @returns `files`, a list of `[name, text]` with a hash of the text in each name; and `needs`, for each path the names of the
 * parts it needs.
 */
export function parted(shared, scripts, first) {
	const modules = modulesOf(shared);
	const byId = new Map(modules.map((module) => [module.id, module]));
	const reach = scripts.map(([path, text]) => ({ path, ids: reached(modulesOf(text), byId) }));
	const partOf = ({ id }) => {
		const paths = reach.filter(({ ids }) => ids.has(id)).map(({ path }) => path);
		return first.find(({ of }) => paths.some((path) => path.startsWith(of)))?.name ?? 'rest';
	};
	const parts = new Map();
	for (const module of modules) parts.set(partOf(module), [...(parts.get(partOf(module)) ?? []), module]);
	const named = [...parts].map(([name, list]) => {
		const text = `${list.map(({ code }) => code).join('\n')}\n`;
		const hash = createHash('sha256').update(text).digest('hex').slice(0, 32);
		return { file: `shared-${name}-${hash}.js`, text, ids: new Set(list.map(({ id }) => id)) };
	});
	const needs = Object.fromEntries(
		reach.map(({ path, ids }) => [
			path,
			named.filter((part) => [...part.ids].some((id) => ids.has(id))).map(({ file }) => file),
		]),
	);
	return { files: named.map(({ file, text }) => [file, text]), needs };
}
