import { type Chain, type Factor, isBareStep, sidesOfStart } from '../chain/chain';
import { fieldOf } from '../chain/steps/steps';
import type { WorkedChain } from '../chain/work-chain';
import { printUnrounded } from '../numeral/print';
import { toSuperscript } from '../numeral/superscript';
import { printQuantity } from './say';
import { STEP_WORDS } from './step-words';

/** How many digits of an unrounded result are written out. */
const FIGURES = 10;

function factorText(factor: Factor): string {
	const { top, bottom, power = 1 } = factor;
	const scaled = ` × (${printQuantity(top)} / ${printQuantity(bottom)})${power > 1 ? toSuperscript(power) : ''}`;
	const field = fieldOf(factor);
	if (field === null) return scaled;
	return `${isBareStep(factor) ? '' : scaled}${STEP_WORDS[field].print(factor)}`;
}

/** The number a line comes to before it is rounded, cut with … where it is long: "1.164166666…"; '' while one is missing. */
export function unroundedNumber({ value }: WorkedChain): string {
	return value ? `${printUnrounded(value.value, FIGURES)}${value.pi ? ' π' : ''}` : '';
}

/** The whole ones a line has set aside, in print: ["8 ft"]; none where one is not written yet. */
export function asideTexts({ aside }: WorkedChain): readonly string[] {
	return aside.flatMap(({ value, unit }) =>
		value ? [printQuantity({ number: printUnrounded(value, FIGURES), unit: unit.text })] : [],
	);
}

/**
 * What a line comes to before it is rounded: "1.164166666… mm/min", with what was set aside before it: "8 ft 9 in"; ''
 * while a number is missing.
 */
export function unroundedText(worked: WorkedChain): string {
	if (!worked.value) return '';
	return [...asideTexts(worked), `${unroundedNumber(worked)} ${worked.unit.text}`.trim()].join(' ');
}

/**
 * A line in print, without what it comes to: "2.75 in/h × (2.54 cm / 1 in)". After a step that adds, what came before
 * it is bracketed; the parts of a sum follow each other with a plus.
 */
export function printLine({ start, factors }: Chain): string {
	const { top, bottom } = sidesOfStart(start);
	let text = bottom ? `(${printQuantity(top)} / ${printQuantity(bottom)})` : printQuantity(top);
	let before = '';
	let added = false;
	for (const factor of factors) {
		const next = factorText(factor);
		if (factor.term) {
			before += text;
			text = next;
		} else text = added && next.startsWith(' ×') ? `(${text})${next}` : text + next;
		added = fieldOf(factor) !== null && factor.term === undefined;
	}
	return before + text;
}
