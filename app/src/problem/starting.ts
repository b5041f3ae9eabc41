import { sayQuantity, sidesOfStart } from '@tidy-sum/core';
import type { Starting } from '@tidy-sum/core/help';
import type { SingleStep } from '@tidy-sum/schema';
import type { OwnParts } from '../work/exercises';

/** A step that says what the problem starts from. */
export function startStep({ start, until, terms }: Starting): SingleStep {
	return { do: 'start', start, ...(until ? { until } : {}), ...(terms?.length ? { terms: [...terms] } : {}) };
}

/** What a start is read back as. */
export function sayStarting({ start, until, terms = [] }: Starting): string {
	const { top, bottom } = sidesOfStart(start);
	const more = [until ? ` to ${sayQuantity(until)}` : '', bottom ? ` over ${sayQuantity(bottom)}` : ''].join('');
	return [`${sayQuantity(top)}${more}`, ...terms.map(sayQuantity)].join(', and ');
}

/** What a problem starts from; null where that is not told. */
export function startingOf({ start, until, terms }: OwnParts): Starting | null {
	return start ? { start, ...(until ? { until } : {}), terms } : null;
}
