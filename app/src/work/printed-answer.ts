import { printWritten, type Typing } from '@tidy-sum/core';

/** The parts of a typed answer as the check reads them; empty if it cannot be read, or a number is missing. */
export function answerParts({ reads }: Pick<Typing, 'reads'>, text: string) {
	const read = text.trim() === '' ? undefined : reads?.(text);
	const parts = read?.ok ? read.value : [];
	return parts.every(({ number }) => number) ? parts : [];
}

/**
 * A typed answer in print, its parts joined as its kind joins them.
 * @example printedAnswer(typing, '27ft/s') // '27 ft/s'
 * @returns '' where it cannot be read.
 */
export function printedAnswer(typing: Pick<Typing, 'reads' | 'joins'>, text: string): string {
	return answerParts(typing, text)
		.map(({ number, unit }) => `${printWritten(number?.text ?? '')} ${unit?.text ?? ''}`.trimEnd())
		.join(typing.joins);
}
