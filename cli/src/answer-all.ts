import { ask, LINE_LIMIT } from './ask';

function answer(line: string): string {
	return line.trim() === '' ? '' : `${JSON.stringify(ask(line))}\n`;
}

/** Writes and waits until there is room for more. */
async function say(text: string): Promise<void> {
	if (text !== '' && !process.stdout.write(text)) await new Promise((resolve) => process.stdout.once('drain', resolve));
}

/**
 * Answers the lines as they come in, all that one chunk completes at once. Of a line that is too long no
 * more is kept than it takes to say so.
 */
export async function answerAll(): Promise<void> {
	process.stdin.setEncoding('utf8');
	let rest = '';
	for await (const chunk of process.stdin) {
		const lines = (rest + chunk).split(/\r?\n/);
		rest = (lines.pop() as string).slice(0, LINE_LIMIT + 1);
		await say(lines.map(answer).join(''));
	}
	await say(answer(rest));
}
