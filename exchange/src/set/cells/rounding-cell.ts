import type { Rounding } from '@tidy-sum/core';
import { countOf } from '@tidy-sum/core';
import { CellFault } from './cell';

/** Ways to write how an answer is rounded; the first that fits is taken. */
const ROUNDINGS: readonly (readonly [RegExp, (found: RegExpExecArray) => Rounding])[] = [
	[/^(?:figures|)$/u, () => 'figures'],
	[/^none$/u, () => 'none'],
	[/^(\d{1,3}) *(?:significant )?(?:figures?|s\.? ?f\.?)$/u, ([, count]) => ({ significant: Number(count) })],
	[/^place (-?\d{1,3})$/u, ([, place]) => ({ place: Number(place) })],
	[/^(\d{1,3}) *(?:decimal places?|d\.? ?p\.?)$/u, ([, places]) => ({ place: 0 - Number(places) })],
];

/** How an answer is rounded: "figures" (as the inputs give), "none", "3 figures", "place -1" (tenths), "1 decimal place". */
export function readRoundingCell(text: string): Rounding {
	const cell = text.trim().toLowerCase();
	for (const [pattern, of] of ROUNDINGS) {
		const found = pattern.exec(cell);
		if (found) return of(found);
	}
	throw new CellFault(`“${text}” is no rounding; write figures, none, 3 figures or place -1`);
}

/** The same written. */
export function roundingCell(rounding: Rounding): string {
	if (typeof rounding === 'string') return rounding;
	return 'significant' in rounding ? `${countOf(rounding.significant, 'figure')}` : `place ${rounding.place}`;
}
