import { type Exercise, printQuantity } from '@tidy-sum/core';
import { dequal } from 'dequal';
import type { OwnParts } from './exercises';
import * as words from './words';

/**
 * Says where the number on the line is from, for a rate that is told with a measure in parts; '' for any other start.
 * @param worked the exercise as it is worked, with the measure as one quantity.
 * @example sayPartsAsOne(work, exercise) // '18 min 30 s is 1110 s.'
 */
export function sayPartsAsOne(
	{ start, terms }: Pick<OwnParts, 'start' | 'terms'>,
	{ start: worked }: Exercise,
): string {
	if (!start || !worked || !terms.length || !('top' in start) || !('top' in worked)) return '';
	const side = dequal(start.bottom, worked.bottom) ? 'top' : 'bottom';
	return words.is([start[side], ...terms].map(printQuantity).join(' '), printQuantity(worked[side]));
}
