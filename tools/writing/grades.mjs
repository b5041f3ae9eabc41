import { fleschKincaid } from 'flesch-kincaid';
import { syllable } from 'syllable';
import { catalogue, sentencesOf } from './catalogue.mjs';

/** No sentence on the screen is longer. */
export const WORDS_LIMIT = 22;
/** The school year that half of the sentences are at or below. */
export const GRADE_LIMIT = 6;

/** The words of a sentence; what is filled in counts as one. */
export function wordsOf(sentence) {
	return sentence
		.replace(/\{[^}]*\}/g, 'it')
		.split(/\s+/)
		.filter((word) => /[A-Za-z0-9]/.test(word));
}

/** The school year a sentence asks for, by Flesch and Kincaid; what is filled in counts as a short word. */
export function gradeOf(sentence) {
	const words = wordsOf(sentence);
	return fleschKincaid({ sentence: 1, word: words.length, syllable: syllable(words.join(' ')) });
}

/** Every sentence of the catalogue with its room and its grade, the hardest first. */
export function graded() {
	return catalogue()
		.flatMap(({ room, texts }) => texts.flatMap(sentencesOf).map((sentence) => ({ room, sentence })))
		.filter(({ sentence }) => wordsOf(sentence).length > 3)
		.map((one) => ({ ...one, grade: gradeOf(one.sentence) }))
		.sort((a, b) => b.grade - a.grade);
}

/** The grade in the middle. */
export function medianGrade(rows) {
	return rows[Math.floor(rows.length / 2)]?.grade ?? 0;
}
