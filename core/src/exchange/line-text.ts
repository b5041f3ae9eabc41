import { type Chain, type Factor, onlyAdds, sidesOfStart } from '../chain/chain';
import type { WorkedChain } from '../chain/work-chain';
import { printUnrounded } from '../numeral/print';
import { toSuperscript } from '../numeral/superscript';
import { printQuantity, printWritten } from '../say/say';

/** How many digits of an unrounded result are written out. */
const FIGURES = 10;

function factorText(factor: Factor): string {
	const { top, bottom, power = 1, shift } = factor;
	const scaled = `(${printQuantity(top)} / ${printQuantity(bottom)})${power > 1 ? toSuperscript(power) : ''}`;
	if (shift === undefined) return ` × ${scaled}`;
	const added = printWritten(shift);
	return `${onlyAdds(factor) ? '' : ` × ${scaled}`} ${added.startsWith('−') ? `− ${added.slice(1)}` : `+ ${added}`}`;
}

/** What a line comes to before it is rounded, cut with … where it is long: "1.164166666… mm/min". */
export function unroundedText({ value, unit }: WorkedChain): string {
	if (!value) return '';
	return `${printUnrounded(value.value, FIGURES)}${value.pi ? ' π' : ''} ${unit.text}`.trim();
}

/**
 * A line as plain text that reads in any message: "2.75 in/h × (2.54 cm / 1 in) = 6.985 cm/h". After a step
 * that adds, what came before it is bracketed.
 */
export function lineText(chain: Chain, worked: WorkedChain): string {
	const { top, bottom } = sidesOfStart(chain.start);
	let text = bottom ? `(${printQuantity(top)} / ${printQuantity(bottom)})` : printQuantity(top);
	let added = false;
	for (const factor of chain.factors) {
		const next = factorText(factor);
		text = added && next.startsWith(' ×') ? `(${text})${next}` : text + next;
		added = factor.shift !== undefined;
	}
	const result = unroundedText(worked);
	return result === '' ? text : `${text} = ${result}`;
}
