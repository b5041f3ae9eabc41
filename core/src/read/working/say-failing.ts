import { sidesOfStart } from '../../chain/chain';
import { type WorkedChain, workChain } from '../../chain/work-chain';
import { printUnrounded } from '../../numeral/print';
import { sayQuantity } from '../../say/say';
import { parseUnit } from '../../unit/parse-unit';
import type { Claim, Failing } from './first-failing';
import type { Working } from './read-working';

/** How many figures of a value on the way a sentence shows. */
const DIGITS = 6;

/** The true value of the line after a factor (-1: the start), in words; '' if it is unknown. */
export function standsAt(worked: WorkedChain, after: number): string {
	const running = worked.running[after + 1];
	if (!running?.value) return '';
	return `${printUnrounded(running.value, DIGITS)}${running.pi ? ' π' : ''} ${running.unit}`.trim();
}

function sayFactor(at: number, { factors }: Working, worked: WorkedChain): string {
	const factor = factors[at];
	const block = `The first mistake is in factor ${at + 1}.`;
	if (!factor) return block;
	const [top, bottom] = [sayQuantity(factor.top), sayQuantity(factor.bottom)];
	if (worked.factors[at]?.equal === false) return `${block} ${top} and ${bottom} are not the same amount.`;
	return `${block} No unit of ${top} over ${bottom} cancels this way up. Turn it over.`;
}

function sayValue(what: string, value: Pick<Claim, 'number' | 'unit'>, stands: string, unit: string): string {
	const written = sayQuantity(value);
	if (stands === '') return `${what}, ${written}, does not follow from the line.`;
	const [mine, theirs] = [parseUnit(value.unit, { counted: true }), parseUnit(unit, { counted: true })];
	const isOther = mine.ok && theirs.ok && mine.value.text !== theirs.value.text;
	return isOther
		? `${what}, ${written}, has another unit than the line there. The line gives ${stands}.`
		: `${what}, ${written}, does not follow from the line, which gives ${stands}.`;
}

/**
 * Where a working by itself first fails, in one or two sentences; what to say where all of it holds; and what is missing
 * where there is no line to look at.
 * @example sayFailing(readWorking('5.5 ft × 12 in/1 ft = 67 in')) // 'The answer, 67 inches, does not follow from the line, which gives 66 in.'
 */
export function sayFailing(working: Working): string {
	const { start, factors, claims, answer, first } = working;
	if (!start) return 'I found no line in it. Write a quantity and then factors, such as 5.5 ft × 12 in / 1 ft.';
	const worked = workChain({ start, factors });
	if (!worked.ok) return worked.fault.message;
	const { value } = worked;
	if (!first) {
		if (!factors.length) return 'There is only a start, and no factor yet.';
		return answer || claims.length
			? 'Every factor is right, and so is every value you wrote.'
			: 'Every factor is right. You have written no value yet.';
	}
	return sayFirst(first, working, value);
}

function sayFirst({ what, at = 0 }: Failing, working: Working, worked: WorkedChain): string {
	const { start, factors, claims, answer } = working;
	if (what === 'factor') return sayFactor(at, working, worked);
	if (what === 'answer' && answer) {
		const last = factors.length - 1;
		return sayValue('The answer', answer, standsAt(worked, last), worked.running.at(-1)?.unit ?? '');
	}
	const claim = claims[at];
	if (!claim) return 'A value on the way does not follow.';
	const behind = claim.after < 0 ? 'The start, written again' : `The value written after factor ${claim.after + 1}`;
	const unit = worked.running[claim.after + 1]?.unit ?? (start ? sidesOfStart(start).top.unit : '');
	return sayValue(behind, claim, standsAt(worked, claim.after), unit);
}
