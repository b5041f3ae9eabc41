import { packages, tool } from './lib/steps.mjs';

/** Draws 50 sentences of the app and 50 comments of the code from a seed, for a person to read: npm run writing-sample -- 3. */
await tool(async () => {
	await packages();
	const { sample } = await import('./writing/sample.mjs');
	const { sentences, comments } = sample(Number(process.argv[2] ?? 1), 50);
	for (const [title, rows] of [
		['Sentences', sentences],
		['Comments', comments],
	])
		process.stdout.write(`${title}\n${rows.map((row) => `- ${row}\n`).join('')}`);
});
