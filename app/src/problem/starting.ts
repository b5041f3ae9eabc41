import { sayQuantity } from '@tidy-sum/core';
import { type Starting, sidesInParts } from '@tidy-sum/core/help';
import type { SingleStep } from '@tidy-sum/schema';
import type { OwnParts } from '../work/exercises';
import * as words from './words';

/** A step that says what the problem starts from. */
export function startStep({ start, until, terms }: Starting): SingleStep {
	return { do: 'start', start, ...(until ? { until } : {}), ...(terms?.length ? { terms: [...terms] } : {}) };
}

/** What a start is read back as. */
export function sayStarting({ start, until, terms = [] }: Starting): string {
	const [first = [], second = []] = Object.values(sidesInParts(start, terms)).map((side) => side.map(sayQuantity));
	const over = second.length ? words.over(second.join(' ')) : '';
	// The parts of a rate are one measure; without one below they are added along the line.
	return `${first.join('top' in start ? ' ' : words.and)}${until ? words.toOfUntil(sayQuantity(until)) : ''}${over}`;
}

/** What a problem starts from; null where that is not told. */
export function startingOf({ start, until, terms }: OwnParts): Starting | null {
	return start ? { start, ...(until ? { until } : {}), terms } : null;
}
