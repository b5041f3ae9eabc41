import { mkdirSync } from 'node:fs';
import { join } from 'node:path';
import { ROOT, run, runBin } from './lib/run.mjs';
import { commandLine, packages, SetupFault, tool } from './lib/steps.mjs';

const USAGE = `npm run bench, bench:app, bench:server or bench:pictures
  -- PART                      one part alone, of the app or the server
  -- --against COMMIT [PART]   this tree and a commit in turn, five times, and the ratio of their figures`;

/** Times the core as it is shipped: bundled, without the helpers a development loader puts into every function. */
async function benchCore() {
	const outfile = join(ROOT, 'tools', 'dist', 'bench-core.cjs');
	mkdirSync(join(ROOT, 'tools', 'dist'), { recursive: true });
	const { build } = await import('esbuild');
	await build({
		entryPoints: [join(ROOT, 'tools', 'bench', 'core.ts')],
		outfile,
		bundle: true,
		platform: 'node',
		format: 'cjs',
		packages: 'external',
		alias: {
			'@tidy-sum/core/entries': join(ROOT, 'core', 'src', 'entries.ts'),
			'@tidy-sum/core/ask': join(ROOT, 'core', 'src', 'ask.ts'),
			'@tidy-sum/core/help': join(ROOT, 'core', 'src', 'help.ts'),
			'@tidy-sum/core/practice': join(ROOT, 'core', 'src', 'practice.ts'),
			'@tidy-sum/core/problem': join(ROOT, 'core', 'src', 'problem.ts'),
			'@tidy-sum/schema/handed': join(ROOT, 'schema', 'src', 'handed-schema.ts'),
			'@tidy-sum/schema/set': join(ROOT, 'schema', 'src', 'set-schema.ts'),
			'@tidy-sum/schema/ask': join(ROOT, 'schema', 'src', 'ask.ts'),
			'@tidy-sum/core': join(ROOT, 'core', 'src', 'index.ts'),
			'@tidy-sum/schema': join(ROOT, 'schema', 'src', 'index.ts'),
		},
		logLevel: 'warning',
	});
	return run(process.execPath, [outfile]).ok;
}

await tool(async () => {
	const [bench = '', ...asked] = process.argv.slice(2);
	await packages();
	await commandLine();
	if (asked[0] === '--against') {
		const [, commit, ...parts] = asked;
		if (!commit) throw new SetupFault(USAGE);
		const { against } = await import('./lib/against.mjs');
		await against(bench, commit, parts);
		return;
	}
	const ok = bench === 'core' ? await benchCore() : runBin('tsx', [join('tools', 'bench', `${bench}.ts`), ...asked]).ok;
	if (!ok) process.exitCode = 1;
});
