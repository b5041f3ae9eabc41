import { createInterface } from 'node:readline';
import { ask } from './ask';

const USE = `tidy-sum ask    reads requests from standard input, one JSON text a line, and answers each with one line\n`;

async function answerAll(): Promise<void> {
	for await (const line of createInterface({ input: process.stdin, crlfDelay: Number.POSITIVE_INFINITY })) {
		if (line.trim() === '') continue;
		const more = process.stdout.write(`${JSON.stringify(ask(line))}\n`);
		if (!more) await new Promise((resolve) => process.stdout.once('drain', resolve));
	}
}

const [command] = process.argv.slice(2);
process.stdout.on('error', (error: NodeJS.ErrnoException) => {
	process.exit(error.code === 'EPIPE' ? 0 : 1);
});
if (command === 'ask') await answerAll();
else {
	process.stderr.write(USE);
	process.exitCode = command === undefined || command === 'help' ? 0 : 2;
}
