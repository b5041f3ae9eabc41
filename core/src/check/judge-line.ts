import { goalOf } from '../answer/answer-kinds';
import { type Chain, START, type Start, sidesOfStart, turnedFactor } from '../chain/chain';
import { type ReadFactor, readChain } from '../chain/read-chain';
import { unitOfStart } from '../chain/unit-of-start';
import type { WorkedChain } from '../chain/work-chain';
import { workChain } from '../chain/work-chain';
import type { Exercise } from '../exercise/exercise';
import { isStated, sameAmount } from '../exercise/is-stated';
import { partsOfLine } from '../exercise/parts-of-line';
import type { Fact } from '../fact/fact';
import { lineTo } from '../key/line-to';
import type { VerdictLine } from '../key/verdict';
import type { Outcome } from '../numeral/fault';
import { within } from '../numeral/fault';
import { isSwapOf } from '../numeral/swaps';
import { valueIn } from '../quantity/convert';
import type { ReadQuantity } from '../quantity/quantity';
import { isAlikeAlone, tyingFacts } from '../route/tied-route';
import { amountInSentence, quantityInSentence, unitInSentence } from '../say/in-sentence';
import { unitWord } from '../say/listed';
import { openLine } from '../slip/open-line';
import { labelsClash, likeUnits, sameSize } from '../unit/like-units';
import { parseUnit } from '../unit/parse-unit';
import { symbolOfPart } from '../unit/print-unit';
import type { Unit } from '../unit/unit';
import { judgeShifts } from './judge-shifts';

/** A start as one amount: 18.5 mi over 1 h is 18.5 mi/h. */
function amountOf(start: Start): ReadQuantity | null {
	const read = readChain({ start, factors: [] });
	if (!read.ok) return null;
	const { top, bottom } = read.value.start;
	if (!bottom) return top;
	const unit = parseUnit(unitOfStart(start), { counted: true });
	if (!unit.ok || !top.number || !bottom.number) return null;
	const value = top.number.value.div(bottom.number.value);
	return { number: { ...top.number, value, pi: top.number.pi - bottom.number.pi }, unit: unit.value };
}

/** Whether a line begins with the amount the problem asks about, in whichever writing. */
function startsRight(chain: Chain, exercise: Exercise): boolean {
	if (!exercise.start) return true;
	// A sum may begin with any of its parts.
	if (exercise.terms?.length && !partsOfLine(exercise, chain).strange.includes(START)) return true;
	const [mine, asked] = [amountOf(chain.start), amountOf(exercise.start)];
	return mine !== null && asked !== null && (sameAmount(mine, asked) || sameRate(chain.start, exercise.start));
}

/** Whether two rates have the same top, over the same amount in units of one kind: 5.00 km in 18.5 min, or in 1110 s. */
function sameRate(mine: Start, asked: Start): boolean {
	const [one, other] = [mine, asked].map((start) => readChain({ start, factors: [] }));
	if (!one?.ok || !other?.ok) return false;
	const [{ top, bottom }, { top: above, bottom: below }] = [one.value.start, other.value.start];
	if (!bottom?.number || !below?.number || !sameAmount(top, above) || !likeUnits(bottom.unit, below.unit)) return false;
	const { value, pi } = valueIn(bottom.number, bottom.unit, below.unit, true);
	return pi === below.number.pi && value.equals(below.number.value);
}

/** A fact between like units that the key needs and the line leaves out; null if the line has one. */
function leftOut(worked: WorkedChain, exercise: Exercise): Fact | null {
	const facts = [...exercise.facts, ...(exercise.line ?? []).map(({ top, bottom }) => ({ left: top, right: bottom }))];
	const ties = tyingFacts(facts);
	const goal = ties.length ? goalOf(exercise) : null;
	if (goal === null || !exercise.start || worked.read.factors.some((factor) => isStated(factor, { facts: ties })))
		return null;
	const key = lineTo(exercise, exercise.start, goal);
	const line = key.ok ? readChain(key.value) : null;
	if (!line?.ok) return null;
	return ties.find((tie) => line.value.factors.some((factor) => isStated(factor, { facts: [tie] }))) ?? null;
}

/** Judges a line that was given: its start, each block, and where it ends (contract, "check", line). */
export function judgeLine(chain: Chain, exercise: Exercise): Outcome<VerdictLine> {
	const worked = workChain({ ...chain, want: goalOf(exercise) ?? chain.want ?? '' });
	if (!worked.ok) return { ok: false, fault: within(worked.fault, 'chain') };
	return { ok: true, value: verdictOf(chain, worked.value, exercise) };
}

/** What is wrong with the blocks of a line by themselves, each with its place. */
function wrongBlocks(worked: WorkedChain, exercise: Exercise): readonly VerdictLine[] {
	return worked.factors.flatMap((factor, i): VerdictLine[] => {
		const block = `Factor ${i + 1}`;
		const read = worked.read.factors[i] as ReadFactor;
		const sides = `${shown(read.top)} and ${shown(read.bottom)}`;
		if (factor.equal === null) return [{ verdict: 'wrong', factor: i, why: `${block} needs a number.` }];
		// What the problem states need not be equal: 1.5 mg goes with each 1 kg of dog.
		if (factor.equal === true || isStated(read, exercise)) return [];
		// Said to be given, and given nowhere: alike units must then be equal like any others.
		const unequal = factor.equal === false || isAlikeAlone(read.top.unit, read.bottom.unit);
		const why = unequal
			? `${block}: ${sides} are not equal, so this factor changes the value.`
			: `${block}: the problem does not say that ${sides} go together.`;
		const code = unequal ? null : 'unequal-factor';
		return [{ verdict: 'wrong', factor: i, why, slips: [{ code, factor: i, why, block: read }] }];
	});
}

/**
 * The place of a block that cancels more the other way up, and then leads to the kind of unit that is wanted, where more
 * than that is amiss; null for a line without one.
 */
function turnedAway(chain: Chain, worked: WorkedChain, want: Unit): number | null {
	const left = (of: WorkedChain) => of.pieces.filter(({ pair }) => pair === null).length;
	const at = chain.factors.findIndex((factor, i) => {
		const other = workChain({
			...chain,
			factors: chain.factors.map((one, k) => (k === i ? turnedFactor(factor) : one)),
		});
		return other.ok && left(other.value) < left(worked) && likeUnits(other.value.unit, want);
	});
	return at < 0 ? null : at;
}

/** What is wrong with where a line ends: blocks laid the wrong way, or a step that is missing. */
function wrongEnd(chain: Chain, worked: WorkedChain): VerdictLine {
	const { want } = worked.read;
	const beside = worked.parts > 1 && want ? worked.aside.find(({ unit }) => !sameSize(unit, want)) : undefined;
	if (beside && want) {
		const why = `One part of the sum is still in ${unitInSentence(beside.unit)}. Convert it to ${unitInSentence(want)} too.`;
		return { verdict: 'wrong', why, factor: beside.by, slips: [{ code: 'skipped-factor', factor: beside.by, why }] };
	}
	const ends = `The line ends at ${unitInSentence(worked.unit)}`;
	if (want && labelsClash(worked.unit, want))
		return { verdict: 'wrong', why: `${ends}, and that is not the same thing as ${unitInSentence(want)}.` };
	const laid = openLine({ ...chain, ...(want ? { want: want.text } : {}) });
	const wanted = `${ends}. It should end at ${want ? unitInSentence(want) : 'something else'}.`;
	const [first] = laid;
	if (first) {
		const slips = laid.map((one) => ({ ...one, why: `${wanted} Look at factor ${one.factor + 1}.` }));
		return { verdict: 'wrong', factor: first.factor, why: `${wanted} Look at factor ${first.factor + 1}.`, slips };
	}
	const turned = want ? turnedAway(chain, worked, want) : null;
	if (turned !== null) {
		const why = `${wanted} Look at factor ${turned + 1}. Turned over, more of it cancels.`;
		return { verdict: 'wrong', factor: turned, why, slips: [{ code: 'flipped-factor', factor: turned, why }] };
	}
	if (!want || !likeUnits(worked.unit, want)) return { verdict: 'wrong', why: wanted };
	const wantedBases = new Set(want.parts.map((part) => symbolOfPart(part)));
	const left = worked.pieces.find(({ pair, base }) => pair === null && !wantedBases.has(base));
	const why = `${wanted} A step is missing${left ? `: ${unitWord(left.base)} is still there` : ''}.`;
	const place = left ? { factor: left.block } : {};
	return { verdict: 'wrong', why, ...place, slips: [{ code: 'skipped-factor', ...place, why }] };
}

/** The first of what is wrong, with the slips of all of it. */
function joined(all: readonly VerdictLine[]): VerdictLine | null {
	const [first] = all;
	if (!first) return null;
	const slips = all.flatMap((line) => line.slips ?? []);
	return { ...first, ...(slips.length ? { slips } : {}) };
}

/** What is wrong with how a line begins: another quantity, or the right one with two digits exchanged. */
function wrongStart(chain: Chain, exercise: Exercise): readonly VerdictLine[] {
	if (!exercise.start || startsRight(chain, exercise)) return [];
	const [mine, asked] = [sidesOfStart(chain.start), sidesOfStart(exercise.start)];
	const copied = mine.top.unit === asked.top.unit && isSwapOf(mine.top.number, asked.top.number);
	const code = copied ? 'swapped-digits' : 'wrong-start';
	const why = copied
		? 'Two digits of the start are swapped. Compare it with the problem, digit by digit.'
		: 'The line does not start with the quantity the problem asks about.';
	return [{ verdict: 'wrong', factor: -1, why, slips: [{ code, factor: -1, why }] }];
}

function verdictOf(chain: Chain, worked: WorkedChain, exercise: Exercise): VerdictLine {
	const start = wrongStart(chain, exercise);
	const blocks = [...start, ...wrongBlocks(worked, exercise)];
	const shifts = worked.reached && !blocks.length ? judgeShifts(chain, worked, exercise) : null;
	if (shifts) return shifts;
	const past = worked.reached && !blocks.length ? leftOut(worked, exercise) : null;
	if (past) {
		const [a, b] = [past.left, past.right].map(quantityInSentence);
		const why = `The problem says that ${a} goes with ${b}. No factor on this line uses that.`;
		return { verdict: 'wrong', why, slips: [{ code: 'skipped-factor', why }] };
	}
	const end = worked.reached || start.length ? [] : [wrongEnd(chain, worked)];
	// Where a block is not equal, how the line ends matters only for blocks laid the wrong way.
	const all = blocks.length ? [...blocks, ...end.filter(({ factor }) => factor !== undefined)] : end;
	return joined(all) ?? { verdict: 'right', why: 'Every factor is right, and the line ends in the right unit.' };
}

function shown({ number, unit }: ReadQuantity): string {
	return amountInSentence(number?.text ?? '', unit);
}
