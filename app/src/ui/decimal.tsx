import { type DecimalMark, inMark, withPoints } from '@tidy-sum/core';
import { createContext, useContext } from 'react';

/** The decimal mark in which numbers are shown and typed. */
export const DecimalContext = createContext<DecimalMark>('point');

/** What a field shows: also a point that was typed last. */
function inField(text: string, mark: DecimalMark): string {
	return mark === 'comma' ? inMark(text, mark).replace(/(?<=\d)\.$/u, ',') : text;
}

/**
 * What is typed, in the decimal mark that is in force: it is shown in it, and kept with a point where a comma could
 * group digits as well.
 */
export function useMarked(value: string, onChange: (text: string) => void) {
	const mark = useContext(DecimalContext);
	if (mark === 'point') return { value, onChange };
	return { value: inField(value, mark), onChange: (text: string) => onChange(withPoints(text, mark)) };
}
