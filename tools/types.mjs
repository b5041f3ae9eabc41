import { existsSync, readdirSync } from 'node:fs';
import { join } from 'node:path';
import { ROOT, runBin } from './lib/run.mjs';

/** Checks the types of every room, each by its own rules; fails when one does. */
const rooms = readdirSync(ROOT).filter((name) => existsSync(join(ROOT, name, 'tsconfig.json')));
for (const room of rooms) {
	const { ok, said } = runBin('tsc', ['-p', room], { quiet: true });
	process.stdout.write(ok ? `${room}: types hold\n` : said);
	if (!ok) process.exitCode = 1;
}
