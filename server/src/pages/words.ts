export function exercisesLevel(count: number, level: number, trains: string): string {
	return `${count} exercises, level ${level}: ${trains}.`;
}
