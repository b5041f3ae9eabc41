import { type Chain, sidesOfStart } from '../chain/chain';
import type { ReadFactor } from '../chain/read-chain';
import type { WorkedChain } from '../chain/work-chain';
import { workChain } from '../chain/work-chain';
import type { Exercise, Want } from '../exercise/exercise';
import type { Outcome } from '../numeral/fault';
import { within } from '../numeral/fault';
import type { Quantity } from '../quantity/quantity';
import { type ReadQuantity, readQuantity } from '../quantity/quantity';
import { ratioOfUnits, sameSize } from '../unit/like-units';
import { judgeShifts } from './judge-shifts';
import { slipOfOpenLine, slipOfUnequal } from './slip/laid-slips';
import type { VerdictLine } from './verdict';

/** Whether two read quantities are the same amount, however written. */
function sameAmount(a: ReadQuantity, b: ReadQuantity): boolean {
	if (!a.number || !b.number || a.unit.text !== b.unit.text) return false;
	const ratio = ratioOfUnits(a.unit, b.unit);
	return a.number.value.mul(ratio.value).equals(b.number.value) && a.number.pi + ratio.pi === b.number.pi;
}

function statesFact(factor: ReadFactor, left: Quantity, right: Quantity): boolean {
	const [a, b] = [readQuantity(left, { counted: true }), readQuantity(right, { counted: true })];
	if (!a.ok || !b.ok) return false;
	const sides = (x: ReadQuantity, y: ReadQuantity) => sameAmount(factor.top, x) && sameAmount(factor.bottom, y);
	return sides(a.value, b.value) || sides(b.value, a.value);
}

/** Whether a block is one of the exercise's facts, or of its key's, either way up. */
export function isStated(factor: ReadFactor, exercise: Pick<Exercise, 'facts' | 'line'>): boolean {
	const facts = [
		...exercise.facts.map(({ left, right }) => [left, right] as const),
		...(exercise.line ?? []).map(({ top, bottom }) => [top, bottom] as const),
	];
	return facts.some(([left, right]) => statesFact(factor, left, right));
}

function startsRight(chain: Chain, exercise: Exercise): boolean {
	if (!exercise.start) return true;
	const [mine, asked] = [sidesOfStart(chain.start), sidesOfStart(exercise.start)];
	const same = (a: Quantity | null, b: Quantity | null) => {
		if (!a || !b) return a === b;
		const [x, y] = [readQuantity(a, { counted: true }), readQuantity(b, { counted: true })];
		return x.ok && y.ok && sameAmount(x.value, y.value);
	};
	return same(mine.top, asked.top) && same(mine.bottom, asked.bottom);
}

/** The unit a line should end at; any of a mixed measure will do, and the smallest stands for them. */
export function goalOf(want: Want): string | null {
	if ('unit' in want) return want.unit;
	if ('mixed' in want) return want.mixed.at(-1) ?? '';
	return 'factor' in want ? want.factor : null;
}

/** Judges a line that was given: its start, each block, and where it ends (contract, "check", line). */
export function judgeLine(chain: Chain, exercise: Exercise): Outcome<VerdictLine> {
	const worked = workChain({ ...chain, want: goalOf(exercise.want) ?? chain.want ?? '' });
	if (!worked.ok) return { ok: false, fault: within(worked.fault, 'chain') };
	return { ok: true, value: verdictOf(chain, worked.value, exercise) };
}

function verdictOf(chain: Chain, worked: WorkedChain, exercise: Exercise): VerdictLine {
	if (!startsRight(chain, exercise))
		return {
			verdict: 'wrong',
			factor: -1,
			slip: 'wrong-start',
			why: 'The line does not begin with the quantity the problem asks about.',
		};
	for (const [i, factor] of worked.factors.entries()) {
		const block = `Block ${i + 1}`;
		const read = worked.read.factors[i] as ReadFactor;
		const sides = `${shown(read.top)} and ${shown(read.bottom)}`;
		if (factor.equal === null) return { verdict: 'wrong', factor: i, why: `${block} has a number missing.` };
		// What the problem states need not be equal: 1.5 mg goes with each 1 kg of dog.
		const stated = factor.equal !== true && isStated(read, exercise);
		if (factor.equal === false && !stated)
			return {
				verdict: 'wrong',
				factor: i,
				slip: slipOfUnequal(read),
				why: `${block}: ${sides} are not equal, so this block changes the value.`,
			};
		if (factor.equal === 'stated' && !stated)
			return {
				verdict: 'wrong',
				factor: i,
				slip: 'unequal-factor',
				why: `${block}: nothing in the problem says that ${sides} go together.`,
			};
	}
	const shifts = worked.reached ? judgeShifts(chain, worked, exercise) : null;
	if (shifts) return shifts;
	if (worked.reached) return { verdict: 'right', why: 'Every block holds, and the line ends at what is wanted.' };
	const want = worked.read.want;
	if (want && sameSize(worked.unit, want))
		return {
			verdict: 'wrong',
			why: `The line ends at ${worked.unit.text}, which is of another substance than ${want.text}.`,
		};
	const laid = slipOfOpenLine({ ...chain, ...(want ? { want: want.text } : {}) });
	return {
		verdict: 'wrong',
		...(laid ? { slip: laid.code, factor: laid.factor } : {}),
		why: `The line ends at ${worked.unit.text || 'a plain number'}; ${want?.text ?? 'something else'} is wanted.${laid ? ` Look at block ${laid.factor + 1}.` : ''}`,
	};
}

function shown({ number, unit }: ReadQuantity): string {
	return `${number?.text ?? ''} ${unit.text}`.trim();
}
