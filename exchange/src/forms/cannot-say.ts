import type { RowTold } from '../set/exercise-set';

/** What a form cannot say of the exercises that are taken, each sentence once: it is the same for many of them. */
export function cannotSay(report: readonly RowTold[]): readonly string[] {
	const sentences = report.filter(({ taken }) => taken).flatMap(({ says }) => says.split(/(?<=\.) /u));
	return [...new Set(sentences)].filter(Boolean);
}
