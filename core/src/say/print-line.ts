import { type Chain, type Factor, onlyAdds, sidesOfStart } from '../chain/chain';
import type { WorkedChain } from '../chain/work-chain';
import { printUnrounded } from '../numeral/print';
import { toSuperscript } from '../numeral/superscript';
import { printQuantity, printWritten } from './say';

/** How many digits of an unrounded result are written out. */
const FIGURES = 10;

function factorText(factor: Factor): string {
	const { top, bottom, power = 1, shift } = factor;
	const scaled = `(${printQuantity(top)} / ${printQuantity(bottom)})${power > 1 ? toSuperscript(power) : ''}`;
	if (shift === undefined) return ` × ${scaled}`;
	const added = printWritten(shift);
	return `${onlyAdds(factor) ? '' : ` × ${scaled}`} ${added.startsWith('−') ? `− ${added.slice(1)}` : `+ ${added}`}`;
}

/** The number a line comes to before it is rounded, cut with … where it is long: "1.164166666…"; '' while one is missing. */
export function unroundedNumber({ value }: WorkedChain): string {
	return value ? `${printUnrounded(value.value, FIGURES)}${value.pi ? ' π' : ''}` : '';
}

/** What a line comes to before it is rounded: "1.164166666… mm/min"; '' while a number is missing. */
export function unroundedText(worked: WorkedChain): string {
	return worked.value ? `${unroundedNumber(worked)} ${worked.unit.text}`.trim() : '';
}

/**
 * A line in print, without what it comes to: "2.75 in/h × (2.54 cm / 1 in)". After a step that adds, what came before
 * it is bracketed.
 */
export function printLine({ start, factors }: Chain): string {
	const { top, bottom } = sidesOfStart(start);
	let text = bottom ? `(${printQuantity(top)} / ${printQuantity(bottom)})` : printQuantity(top);
	let added = false;
	for (const factor of factors) {
		const next = factorText(factor);
		text = added && next.startsWith(' ×') ? `(${text})${next}` : text + next;
		added = factor.shift !== undefined;
	}
	return text;
}
