/** What is said where pictures, PDFs and Word files are read. */

export function readingPage(page: number, of: number): string {
	return of > 1 ? `Reading page ${page} of ${of}…` : 'Reading the page…';
}

export function readingFile(file: number, of: number): string {
	return `Reading file ${file} of ${of}…`;
}

export const firstTimeItFetches = 'The first time takes longer: 5 MB are fetched and kept on this device.';

export const stop = 'Stop';

export const readingThePage = 'reading the page';

export const stopped = 'Stopped. Nothing was changed.';

export const itCouldNotBeRead = 'The page could not be read. Please try again, or type the problem.';

export const checkAgainstThePicture = 'Check against the picture';

export function wordsToCheck(count: number): string {
	return count === 1
		? 'One word was hard to read. Check it before you go on.'
		: `${count} words were hard to read. Check them before you go on.`;
}

export function readAs(text: string): string {
	return `Read as ${text}`;
}

export const onThePicture = 'On the picture';

export const itIsRight = 'It is right';

export const change = 'Change it';

export const allAreRight = 'All are right';
