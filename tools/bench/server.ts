import { allBars, leaveRows } from './all-bars';
import type { Row } from './measure';
import { timeAttackers } from './server/attackers';
import { timeClasses } from './server/classes';
import { inStep } from './server/in-step';
import { killing } from './server/killing';
import { timeSaving } from './server/saving';
import { schoolHour } from './server/school';
import { secondDevice } from './server/second-device';
import { timeStrangers } from './server/strangers';

/** The parts of the bench, by name: `npm run bench:server -- saving` runs one alone. */
const PARTS: Readonly<Record<string, () => Promise<readonly Row[]>>> = {
	saving: timeSaving,
	school: schoolHour,
	classes: timeClasses,
	strangers: timeStrangers,
	attackers: timeAttackers,
	'in-step': inStep,
	'second-device': secondDevice,
	killing,
};

async function main(): Promise<void> {
	const asked = process.argv.slice(2);
	const rows: Row[] = [];
	for (const [name, part] of Object.entries(PARTS)) {
		if (asked.length && !asked.includes(name)) continue;
		process.stdout.write(`· ${name}\n`);
		rows.push(...(await part()));
	}
	leaveRows('server', rows);
	process.stdout.write(allBars());
	if (rows.some(({ met }) => !met)) process.exitCode = 1;
	process.exit();
}

void main();
