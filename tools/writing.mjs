import { packages, tool } from './lib/steps.mjs';

/**
 * Says how the words of the app read: the twenty hardest sentences, the grade in the middle, sentences that are too long, and
 * the habits that lint finds. With --left it writes how many habits each older file still has.
 */
await tool(async () => {
	await packages();
	const { GRADE_LIMIT, graded, medianGrade, WORDS_LIMIT, wordsOf } = await import('./writing/grades.mjs');
	const { newHabits, writeHabitsLeft } = await import('./writing/habits-left.mjs');
	const rows = graded();
	const median = medianGrade(rows);
	const long = rows.filter(({ sentence }) => wordsOf(sentence).length > WORDS_LIMIT);
	const habits = newHabits();
	for (const line of [
		...rows.slice(0, 20).map(({ grade, room, sentence }) => `${grade.toFixed(1).padStart(5)}  ${room}: ${sentence}`),
		...long.map(({ room, sentence }) => `too long, ${room}: ${sentence}`),
		...habits,
		`${rows.length} sentences, median grade ${median.toFixed(1)}`,
	])
		process.stdout.write(`${line}\n`);
	if (process.argv.includes('--left')) writeHabitsLeft();
	if (median > GRADE_LIMIT || long.length || habits.length) process.exitCode = 1;
});
