export function theFileOfExercises(message: string): string {
	return `The file of exercises: ${message}`;
}

export function theFileOfAnswers(message: string): string {
	return `The file of answers: ${message}`;
}

export function theFileOfAnswersOfRows(rows: string): string {
	return `The file of answers: ${rows}`;
}

export const theWorkerFailed = 'The worker failed.';

export const theJobWasStopped = 'the job was stopped';
