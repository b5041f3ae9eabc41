import { symbolOfPiece } from '../chain/cancel';
import { isBareStep, START } from '../chain/chain';
import type { ReadFactor } from '../chain/read-chain';
import type { WorkedChain } from '../chain/work-chain';
import { printUnrounded } from '../numeral/print';
import { parseUnit } from '../unit/parse-unit';
import { listed } from './listed';
import { sayFactor, sayQuantity, sayUnit } from './say';
import { shownStep } from './step-words';

/** How many digits of a running value are said before it is cut. */
const SAID_FIGURES = 6;

function sayUnitText(text: string): string {
	const read = parseUnit(text, { counted: true });
	return (read.ok && sayUnit(read.value, true)) || 'a plain number';
}

/** What stands after a block, in words: "6.985 centimetres per hour", cut with "and so on" where it is long. */
function sayRunning(worked: WorkedChain, index: number): string {
	const running = worked.running[index + 1];
	if (!running) return '';
	const unit = running.unit ? sayUnitText(running.unit) : '';
	if (!running.value) return unit || 'a plain number';
	const digits = printUnrounded(running.value, SAID_FIGURES);
	const value = digits.endsWith('…') ? `about ${digits.slice(0, -1)}` : digits;
	return [value, running.pi ? 'pi' : '', unit].filter(Boolean).join(' ');
}

/** What the block did: which units cancelled with it. */
function sayCancelled(worked: WorkedChain, index: number): string {
	const gone = worked.pieces
		.filter(({ block, pair }) => block === index && pair !== null)
		.filter(
			({ pair }) =>
				Math.max(
					worked.cancelled[pair as number]?.from ?? START,
					worked.cancelled[pair as number]?.against ?? START,
				) === index,
		)
		.map((piece) => sayUnitText(symbolOfPiece(piece)));
	const units = [...new Set(gone)];
	if (!units.length) return 'Nothing cancels with it yet.';
	return `${listed(units)} cancel.`.replace(/^./, (c) => c.toUpperCase());
}

/**
 * A line in sentences, one for the start and one for each block, for reading aloud and for a worked
 * solution: what is multiplied by, what cancels, and what stands then.
 */
export function sayLine(worked: WorkedChain): readonly string[] {
	const { start, factors } = worked.read;
	const written = (quantity: typeof start.top) =>
		sayQuantity({ number: quantity.number?.text ?? '', unit: quantity.unit.text });
	const first = start.bottom ? `${written(start.top)} over ${written(start.bottom)}` : written(start.top);
	return [`Start with ${first}.`, ...factors.map((factor, i) => sayFactorStep(worked, factor, i))];
}

/** One step: what is multiplied by and what cancels, or what else is done; and what stands then. */
function sayFactorStep(worked: WorkedChain, { written, step }: ReadFactor, index: number): string {
	const said = sayRunning(worked, index);
	const now = `${worked.running[index + 1]?.together ? 'Together' : 'Now'} there ${/^1 \S/.test(said) ? 'is' : 'are'} ${said}.`;
	const multiplied = `Multiply by ${sayFactor(written)}. ${sayCancelled(worked, index)}`;
	const done = step && shownStep(worked, index);
	if (!done) return `${multiplied} ${now}`;
	return isBareStep(written) ? done.say : `${multiplied} ${done.say}`;
}
