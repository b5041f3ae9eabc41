// What `ask` needs and what a person's commands need are scripts of their own, so that each begins as soon as it can.
const argv = process.argv.slice(2);
process.stdout.on('error', (error: NodeJS.ErrnoException) => {
	process.exit(error.code === 'EPIPE' ? 0 : 1);
});
if (argv[0] === 'ask' && argv.length === 1) {
	const { answerAll } = await import('./answer-all');
	await answerAll();
} else {
	const { people } = await import('./people');
	await people(argv.length ? argv : ['help']);
}

export {};
