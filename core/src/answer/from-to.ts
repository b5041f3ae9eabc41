import { sidesOfStart } from '../chain/chain';
import type { Exercise } from '../exercise/exercise';
import type { Quantity } from '../quantity/quantity';
import { printQuantity, printUnitText, printWritten } from '../say/say';
import { askedBy } from './answer-kinds';

/** What an exercise starts from and the units it is to end in, as they are printed; '' where an exercise has no such part. */
export type FromTo = { readonly from: string; readonly to: string };

/** What a label in braces names is said by the problem. */
const LABEL = /\{[^}]*\}/g;

function printPlain(quantity: Quantity): string {
	// A quantity stays on one line.
	return printQuantity(quantity).replace(LABEL, '').replace(/ /g, '\u00a0');
}

function printStart({ start, until, terms = [], times = [] }: Exercise): string {
	if (!start) return '';
	const { top, bottom } = sidesOfStart(start);
	if (until) return `${printWritten(top.number)} to ${printPlain(until)}`;
	// A rate for one of something reads as one quantity.
	if (bottom)
		return bottom.number.trim() === '1'
			? `${printPlain(top)}/${printUnitText(bottom.unit)}`
			: `${printPlain(top)} / ${printPlain(bottom)}`;
	if (times.length) return [top, ...times].map(printPlain).join(' × ');
	const isSum = terms.some(({ unit }) => unit === top.unit);
	// Of a measure in parts the larger come behind the start.
	return isSum ? [top, ...terms].map(printPlain).join(' + ') : [...terms, top].map(printPlain).join(' ');
}

/**
 * What an exercise starts from and what it is to end in.
 * @example fromTo(exercise) // { from: '2.75 in/h', to: 'mm/min' }
 */
export function fromTo(exercise: Exercise): FromTo {
	const { goal, units } = askedBy(exercise);
	const to = goal === null ? '' : units.map((unit) => printUnitText(unit).replace(LABEL, '')).join(', ');
	return { from: printStart(exercise), to };
}
