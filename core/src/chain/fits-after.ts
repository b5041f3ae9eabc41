import { ONE } from '../numeral/rational';
import { ratioOfUnits } from '../unit/like-units';
import { parseUnit } from '../unit/parse-unit';
import type { Unit } from '../unit/unit';
import type { ReadFactor } from './read-chain';
import type { Running, WorkedChain } from './work-chain';

/** Whether so much is less than one of a unit, whatever its sign; false where that is not known. */
export function isUnderOne({ value, unit: text }: Running, of: Unit): boolean {
	const unit = parseUnit(text, { counted: true });
	return value !== null && unit.ok && value.abs().mul(ratioOfUnits(unit.value, of).value).compare(ONE) < 0;
}

/**
 * How a step that sets whole ones aside fits: what is left holds no whole one any more (`fits`), it still does (`more`),
 * or more were set aside than there are (`fewer`).
 * @param at the step, from 0.
 */
export function fitsAfter(worked: WorkedChain, at: number): 'fits' | 'more' | 'fewer' {
	const { read, running, aside } = worked;
	const { step, written } = read.factors[at] as ReadFactor;
	const from = step?.kind.from(written) ?? null;
	const source = from === null ? null : aside.find(({ unit }) => unit.text === from);
	const after = source ? { ...source, unit: source.unit.text } : running[at + 1];
	const before = running[at];
	if (!step || !before?.value || !after?.value) return 'more';
	if (before.value.sign !== 0 && after.value.sign !== 0 && after.value.sign !== before.value.sign) return 'fewer';
	return isUnderOne(after, step.quantity.unit) ? 'fits' : 'more';
}
