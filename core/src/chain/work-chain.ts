import type { Outcome } from '../numeral/fault';
import { type Numeral, placeKept } from '../numeral/numeral';
import { isUnitNumber } from '../numeral/parse-numeral';
import { withPi } from '../numeral/pi';
import { type Printed, printInPlain, printValue } from '../numeral/print';
import { ONE, type Rational, toPower } from '../numeral/rational';
import { round } from '../numeral/round';
import { labelsClash, sameSize } from '../unit/like-units';
import { printUnit, symbolOfPart } from '../unit/print-unit';
import type { Unit, UnitPart } from '../unit/unit';
import { unitOfParts } from '../unit/unit-of-parts';
import { cancel, type Pair, type Piece } from './cancel';
import { type Chain, START } from './chain';
import { type FactorJudged, judgeFactor } from './judge-factor';
import { type ReadBlock, type ReadChain, readChain } from './read-chain';

/** Powers of the units still standing, by symbol. */
export type Standing = {
	readonly top: Readonly<Record<string, number>>;
	readonly bottom: Readonly<Record<string, number>>;
};

/** A value met on the way and the unit it is in; null while a number is missing. */
export type Running = { readonly value: Rational | null; readonly pi: number; readonly unit: string };

/** A number that is not rounded, times a power of pi. */
export type Exact = { readonly value: Rational; readonly pi: number };

/** Everything that follows from a line. */
export type WorkedChain = {
	readonly read: ReadChain;
	readonly top: Exact | null;
	readonly bottom: Exact | null;
	readonly value: Exact | null;
	readonly unit: Unit;
	readonly standing: Standing;
	readonly cancelled: readonly Pair[];
	readonly pieces: readonly Piece[];
	readonly running: readonly Running[];
	/** Whether what stands is what is wanted; null when nothing is. */
	readonly reached: boolean | null;
	readonly significant: number | null;
	readonly atMost: number | null;
	readonly limitedBy: readonly number[];
	readonly factors: readonly FactorJudged[];
	readonly printed: Printed | null;
};

const NOTHING: Exact = { value: ONE, pi: 0 };

function times(a: Exact | null, number: Numeral | null | undefined, power: number): Exact | null {
	if (!a || !number) return null;
	if (number.pi === 0 && power === 1) return { value: a.value.mul(number.value), pi: a.pi };
	return { value: a.value.mul(toPower(number.value, power)), pi: a.pi + number.pi * power };
}

function quotient(top: Exact | null, bottom: Exact | null): Exact | null {
	if (!top || !bottom) return null;
	const value = top.value.div(bottom.value);
	return { value, pi: value.sign === 0 ? 0 : top.pi - bottom.pi };
}

/** A value and what is added to it; where pi comes in on one side only, near enough to show. */
function sum(value: Exact | null, shift: Numeral | null): Exact | null {
	if (!value || !shift) return null;
	if (value.pi === shift.pi) return { value: value.value.add(shift.value), pi: value.pi };
	return { value: withPi(value.value, value.pi).add(withPi(shift.value, shift.pi)), pi: 0 };
}

/** Whether a step of the line adds something: then there is no one product across the top and the bottom. */
export function hasShift({ factors }: ReadChain): boolean {
	return factors.some(({ written }) => written.shift !== undefined);
}

function standingOf(parts: readonly UnitPart[]): Standing {
	const top: Record<string, number> = {};
	const bottom: Record<string, number> = {};
	for (const part of parts) {
		if (part.power > 0) top[symbolOfPart(part)] = part.power;
		else bottom[symbolOfPart(part)] = -part.power;
	}
	return { top, bottom };
}

/** Works a line through: cancelling, products, running values, figures. Faults name the field. */
export function workChain(chain: Chain): Outcome<WorkedChain> {
	const read = readChain(chain);
	return read.ok ? { ok: true, value: workRead(read.value) } : read;
}

export function workRead(read: ReadChain): WorkedChain {
	const blocks: readonly ReadBlock[] = [read.start, ...read.factors];
	const struck = cancel(read);
	const parts = struck.standing.at(-1) as readonly UnitPart[];
	let top: Exact | null = NOTHING;
	let bottom: Exact | null = NOTHING;
	let value: Exact | null = null;
	const running: Running[] = [];
	for (let i = 0; i < blocks.length; i++) {
		const block = blocks[i] as ReadBlock;
		top = times(top, block.top.number, block.power);
		if (block.bottom) bottom = times(bottom, block.bottom.number, block.power);
		value = quotient(top, bottom);
		const factor = read.factors[i - 1];
		if (factor?.written.shift !== undefined) {
			// After a step that adds, the products begin anew from what it came to.
			value = sum(value, factor.shift);
			top = value;
			bottom = NOTHING;
		}
		running.push({ value: value?.value ?? null, pi: value?.pi ?? 0, unit: printUnit(struck.standing[i] ?? []) });
	}
	const unit = unitOfParts(parts);
	const factors = read.factors.map(judgeFactor);
	const shifted = hasShift(read);
	const figures = !value
		? { significant: null, atMost: null, limitedBy: [] }
		: shifted
			? figuresShifted(read, withPi(value.value, value.pi))
			: figuresOf(read, factors);
	return {
		read,
		top: shifted ? null : top,
		bottom: shifted ? null : bottom,
		value,
		unit,
		standing: standingOf(parts),
		cancelled: struck.pairs,
		pieces: struck.pieces,
		running,
		reached: read.want ? sameSize(unit, read.want) && !labelsClash(unit, read.want) : null,
		...figures,
		factors,
		printed: value && printOf(read, value, figures.significant, shifted),
	};
}

/**
 * The figures of a value that something was added to: it keeps the last place of its start, the ones where
 * zeros are unclear, as in the contract's "convert"; what is added is exact.
 */
function figuresShifted({ start, exactStart }: ReadChain, value: Rational) {
	const number = start.top.number;
	if (exactStart || !number || number.lastPlace === null || start.bottom)
		return { significant: null, atMost: null, limitedBy: [] };
	const { significant } = round(value, { place: placeKept(number) });
	return { significant, atMost: significant, limitedBy: [START] };
}

function printOf({ start }: ReadChain, value: Exact, significant: number | null, shifted: boolean): Printed {
	if (!shifted || significant === null || !start.top.number) return printValue(value.value, value.pi, significant);
	return printInPlain(round(withPi(value.value, value.pi), { place: placeKept(start.top.number) }));
}

type Limit = { readonly index: number; readonly significant: number; readonly atMost: number };

/** The fewest figures among the measured inputs; exact ones limit nothing (NIST SP 811, 7.9 and B.7). */
function figuresOf(read: ReadChain, factors: readonly FactorJudged[]) {
	const limits: Limit[] = [];
	const add = (index: number, of: { significant: number | null; atMost: number | null } | null) => {
		if (of && of.significant !== null && of.atMost !== null)
			limits.push({ index, significant: of.significant, atMost: of.atMost });
	};
	const { startFigures } = read;
	if (startFigures !== null) add(START, { significant: startFigures, atMost: startFigures });
	else if (!read.exactStart) {
		add(START, read.start.top.number);
		// 18.5 mi over 1 h is 18.5 mi/h: the written 1 limits nothing.
		const below = read.start.bottom?.number ?? null;
		if (below && !isUnitNumber(below)) add(START, below);
	}
	for (const [i, factor] of factors.entries()) add(i, factor);
	if (!limits.length) return { significant: null, atMost: null, limitedBy: [] };
	let [significant, atMost] = [Number.POSITIVE_INFINITY, Number.POSITIVE_INFINITY];
	for (const limit of limits) {
		significant = Math.min(significant, limit.significant);
		atMost = Math.min(atMost, limit.atMost);
	}
	const limitedBy: number[] = [];
	for (const { index, significant: own } of limits)
		if (own === significant && !limitedBy.includes(index)) limitedBy.push(index);
	return { significant, atMost, limitedBy };
}
