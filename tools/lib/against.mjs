import { lstatSync, mkdirSync, mkdtempSync, readdirSync, readFileSync, rmSync, symlinkSync } from 'node:fs';
import { loadavg, tmpdir } from 'node:os';
import { join } from 'node:path';
import { ROOT, run } from './run.mjs';
import { SetupFault } from './setup-fault.mjs';

/** How often each of the two is run. */
const TURNS = 5;

/** The workspaces, by the names their packages have. */
const OWN = ['core', 'schema', 'exchange', 'server', 'app', 'e2e'];

const isFolder = (path) => lstatSync(path, { throwIfNoEntry: false })?.isDirectory() ?? false;

/** Links everything in a folder of packages into another one, one level down for scopes, and leaves our own out. */
function linkPackages(from, to) {
	mkdirSync(to, { recursive: true });
	for (const name of readdirSync(from)) {
		if (name === '@tidy-sum' || name === 'tidy-sum' || name === '.cache') continue;
		if (name.startsWith('@')) linkPackages(join(from, name), join(to, name));
		else symlinkSync(join(from, name), join(to, name));
	}
}

/** A commit in a folder of its own, with packages: those of here where its lock file is the same, else its own. */
function checkedOut(commit) {
	const folder = mkdtempSync(join(tmpdir(), 'tidy-sum-against-'));
	if (!run('git', ['worktree', 'add', '--detach', '--force', folder, commit], { quiet: true }).ok)
		throw new SetupFault(`There is no commit ${commit}.`);
	const lock = (root) => readFileSync(join(root, 'package-lock.json'), 'utf8');
	if (lock(folder) !== lock(ROOT)) {
		process.stdout.write(`· installing the packages of ${commit}\n`);
		if (!run('npm', ['ci', '--no-audit', '--no-fund', '--loglevel=error'], { cwd: folder }).ok)
			throw new SetupFault(`The packages of ${commit} could not be installed.`);
	} else {
		for (const place of ['.', ...OWN, 'cli']) {
			const from = join(ROOT, place, 'node_modules');
			if (isFolder(from)) linkPackages(from, join(folder, place, 'node_modules'));
		}
		mkdirSync(join(folder, 'node_modules', '@tidy-sum'), { recursive: true });
		for (const name of OWN) symlinkSync(join(folder, name), join(folder, 'node_modules', '@tidy-sum', name));
		symlinkSync(join(folder, 'cli'), join(folder, 'node_modules', 'tidy-sum'));
	}
	run(process.execPath, ['tools/setup.mjs'], { cwd: folder, quiet: true });
	return folder;
}

function median(values) {
	const sorted = [...values].sort((a, b) => a - b);
	const middle = Math.floor(sorted.length / 2);
	return sorted.length % 2 ? sorted[middle] : (sorted[middle - 1] + sorted[middle]) / 2;
}

/** The figures a bench left in a folder, by their names. */
function figuresIn(root, bench) {
	const { rows } = JSON.parse(readFileSync(join(root, 'tools', 'dist', 'bench', `${bench}.json`), 'utf8'));
	return new Map(rows.map(({ name, measured }) => [name, Number.parseFloat(measured)]));
}

/**
 * Runs a bench of this tree and of a commit in turn, and prints for each figure the ratio of the medians with its spread: from
 * the smallest to the largest ratio of two runs that followed each other.
 * @param bench `core`, `app` or `server`.
 * @example await against('core', 'HEAD~3', []) // convert  1.02  (0.97 to 1.05)
 */
export async function against(bench, commit, parts) {
	const script = bench === 'core' ? 'bench' : `bench:${bench}`;
	const folder = checkedOut(commit);
	const turns = [];
	try {
		for (let i = 0; i < TURNS; i++) {
			process.stdout.write(`· turn ${i + 1} of ${TURNS}, load ${loadavg()[0].toFixed(1)}\n`);
			const pair = [folder, ROOT].map((root) => {
				run('npm', ['run', '--silent', script, '--', ...parts], { cwd: root, quiet: true });
				return figuresIn(root, bench);
			});
			turns.push(pair);
		}
	} finally {
		run('git', ['worktree', 'remove', '--force', folder], { quiet: true });
		rmSync(folder, { recursive: true, force: true });
	}
	const names = [...turns[0][1].keys()].filter((name) => turns.every((pair) => pair.every((of) => of.get(name))));
	process.stdout.write(
		`\n${bench}: this tree against ${commit}, the ratio of medians of ${TURNS} runs in turn (and its spread)\n`,
	);
	for (const name of names) {
		const ratio = median(turns.map(([, now]) => now.get(name))) / median(turns.map(([before]) => before.get(name)));
		const each = turns.map(([before, now]) => now.get(name) / before.get(name));
		const spread = `${Math.min(...each).toFixed(2)} to ${Math.max(...each).toFixed(2)}`;
		process.stdout.write(`${ratio.toFixed(2).padStart(7)}  (${spread})  ${name}\n`);
	}
}
