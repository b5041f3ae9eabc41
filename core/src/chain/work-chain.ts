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
import { type Chain, type Factor, START } from './chain';
import { type FactorJudged, judgeFactor } from './judge-factor';
import { type ReadBlock, type ReadChain, type ReadFactor, readChain } from './read-chain';
import type { Exact, ReadStep, SetAside } from './steps/step-kind';

export type { Exact, SetAside } from './steps/step-kind';

/** Powers of the units still standing, by symbol. */
export type Standing = {
	readonly top: Readonly<Record<string, number>>;
	readonly bottom: Readonly<Record<string, number>>;
};

/** A value met on the way and the unit it is in; null while a number is missing. */
export type Running = {
	readonly value: Rational | null;
	readonly pi: number;
	readonly unit: string;
	/** Where it is what several parts come to together. */
	readonly together?: true;
};

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
	/** After the start and after each step: what stands; of several parts what they come to, once their units are the same. */
	readonly running: readonly Running[];
	/** What is set aside in the end: whole ones of a measure, and parts of a sum in another unit than the last. */
	readonly aside: readonly SetAside[];
	/** How many parts the line adds up: one, where it adds none. */
	readonly parts: number;
	/** Whether what stands is what is wanted; null when nothing is. */
	readonly reached: boolean | null;
	readonly significant: number | null;
	readonly atMost: number | null;
	readonly limitedBy: readonly number[];
	/** The last place that counts, where something was added; null where figures are counted. */
	readonly place: number | null;
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
function sum(value: Exact | null, shift: Exact | null): Exact | null {
	if (!value || !shift) return null;
	if (value.pi === shift.pi) return { value: value.value.add(shift.value), pi: value.pi };
	return { value: withPi(value.value, value.pi).add(withPi(shift.value, shift.pi)), pi: 0 };
}

/** Whether a step of the line is no factor: then there is no one product across the top and the bottom. */
export function hasStep({ factors }: ReadChain): boolean {
	return factors.some(({ step }) => step !== null);
}

/** Whether the line adds up several parts. */
export function hasTerm({ factors }: ReadChain): boolean {
	return factors.some(({ step }) => step?.kind.begins);
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

/** A part of a sum that is done: what it came to, its unit, and the block it began with. */
type Part = { readonly value: Exact | null; readonly unit: Unit; readonly by: number };

/** What the parts come to together; null while their units differ or a number is missing. */
function together(parts: readonly Part[]): Exact | null {
	const [first] = parts as [Part];
	if (!parts.every(({ unit }) => isOf(unit, first.unit))) return null;
	return parts.slice(1).reduce((total, { value }) => sum(total, value), first.value);
}

const UNDONE: readonly Part[] = [];
const NO_FIGURES = { significant: null, atMost: null, limitedBy: [], place: null } as const;

/** Works a line that is read. */
export function workRead(read: ReadChain): WorkedChain {
	const blocks: readonly ReadBlock[] = [read.start, ...read.factors];
	const struck = cancel(read);
	const parts = struck.standing.at(-1) as readonly UnitPart[];
	const unitAt = (i: number) => unitOfParts(struck.standing[i] ?? []);
	const stepped = hasStep(read);
	let top: Exact | null = NOTHING;
	let bottom: Exact | null = NOTHING;
	let value: Exact | null = null;
	let began = START;
	const before: Part[] = [];
	const aside: SetAside[] = [];
	const running: Running[] = [];
	for (let i = 0; i < blocks.length; i++) {
		const block = blocks[i] as ReadBlock;
		const step = stepped && i > 0 ? (block as ReadFactor).step : null;
		if (step?.kind.begins) {
			before.push({ value, unit: unitAt(i - 1), by: began });
			began = i - 1;
			top = NOTHING;
			bottom = NOTHING;
		}
		top = times(top, block.top.number, block.power);
		if (block.bottom) bottom = times(bottom, block.bottom.number, block.power);
		value = quotient(top, bottom);
		if (step && !step.kind.begins) {
			value = afterStep(value, step, (block as ReadFactor).written, unitAt(i), aside);
			if (step.kind.keeps) aside.push(keptBy(step, i - 1));
			// The products begin anew from what the step came to.
			top = value;
			bottom = NOTHING;
		}
		const unit = printUnit(struck.standing[i] ?? []);
		const added = before.length ? together([...before, { value, unit: unitAt(i), by: began }]) : null;
		running.push(
			added
				? { value: added.value, pi: added.pi, unit, together: true }
				: { value: value?.value ?? null, pi: value?.pi ?? 0, unit },
		);
	}
	const unit = unitOfParts(parts);
	const all: readonly Part[] = before.length ? [...before, { value, unit, by: began }] : UNDONE;
	const apart = all.some((part) => !isOf(part.unit, unit));
	if (before.length) value = together(all);
	if (apart)
		for (const part of before)
			aside.push({ value: part.value?.value ?? null, pi: part.value?.pi ?? 0, unit: part.unit, by: part.by });
	const factors = read.factors.map(judgeFactor);
	const { significant, atMost, limitedBy, place } = value ? figuresIn(read, factors, all, value, stepped) : NO_FIGURES;
	return {
		read,
		top: stepped ? null : top,
		bottom: stepped ? null : bottom,
		value,
		unit,
		standing: standingOf(parts),
		cancelled: struck.pairs,
		pieces: struck.pieces,
		running,
		aside,
		parts: before.length + 1,
		reached: read.want ? !apart && isOf(unit, read.want) : null,
		significant,
		atMost,
		limitedBy,
		place,
		factors,
		printed: value && printOf(value, significant, place),
	};
}

function isOf(unit: Unit, other: Unit): boolean {
	return sameSize(unit, other) && !labelsClash(unit, other);
}

/** What stands after a step that adds; one that takes from what was set aside before changes that instead. */
function afterStep(value: Exact | null, step: ReadStep, written: Factor, unit: Unit, aside: SetAside[]): Exact | null {
	const from = step.kind.from(written);
	if (from === null) return sum(value, step.kind.adds(step.quantity, unit));
	const at = aside.findIndex((one) => one.unit.text === from);
	const source = aside[at];
	if (!source) return null;
	const left = sum(source.value && { value: source.value, pi: source.pi }, step.kind.adds(step.quantity, source.unit));
	aside[at] = { ...source, value: left?.value ?? null, pi: left?.pi ?? 0 };
	return value;
}

function keptBy({ quantity: { number, unit } }: ReadStep, by: number): SetAside {
	return { value: number?.value ?? null, pi: number?.pi ?? 0, unit, by };
}

type FiguresOfLine = Pick<WorkedChain, 'significant' | 'atMost' | 'limitedBy' | 'place'>;

/** The figures a line allows: of a sum by places, after other steps those of its start, else by count. */
function figuresIn(
	read: ReadChain,
	factors: readonly FactorJudged[],
	parts: readonly Part[],
	value: Exact,
	stepped: boolean,
): FiguresOfLine {
	if (parts.length) return figuresAdded(read, factors, parts, withPi(value.value, value.pi));
	return stepped ? figuresShifted(read, withPi(value.value, value.pi)) : figuresOf(read, factors);
}

/**
 * The figures of a sum: it is good to the last place that all its parts have, each as far as its own line allows
 * (NIST SP 811, B.7). Exact parts limit nothing.
 */
function figuresAdded(
	read: ReadChain,
	factors: readonly FactorJudged[],
	parts: readonly Part[],
	value: Rational,
): FiguresOfLine {
	let place: number | null = null;
	let limitedBy: readonly number[] = [];
	for (const [i, { by, value: own }] of parts.entries()) {
		const end = parts[i + 1]?.by ?? factors.length;
		const begins = by === START ? null : (read.factors[by] as ReadFactor);
		const of = figuresOf(
			begins ? { ...read, start: begins, exactStart: false, startFigures: null } : read,
			factors.slice(by + 1, end),
		);
		if (of.significant === null || !own || own.value.sign === 0) continue;
		const last = round(withPi(own.value, own.pi), { significant: of.significant }).place;
		const mine = of.limitedBy.map((at) => at + by + 1);
		if (place === null || last > place) limitedBy = mine;
		else if (last === place) limitedBy = [...limitedBy, ...mine];
		place = place === null ? last : Math.max(place, last);
	}
	if (place === null) return { significant: null, atMost: null, limitedBy: [], place };
	const { significant } = round(value, { place });
	return { significant, atMost: significant, limitedBy, place };
}

/**
 * The figures of a value that something was added to: it keeps the last place of its start, the ones where
 * zeros are unclear, as in the contract's "convert"; what is added is exact.
 */
function figuresShifted({ start, exactStart }: ReadChain, value: Rational) {
	const number = start.top.number;
	if (exactStart || !number || number.lastPlace === null || start.bottom)
		return { significant: null, atMost: null, limitedBy: [], place: null };
	const place = placeKept(number);
	const { significant } = round(value, { place });
	return { significant, atMost: significant, limitedBy: [START], place };
}

/** A value as it is reported: to a place where something was added, else to its figures. */
function printOf(value: Exact, significant: number | null, place: number | null): Printed {
	if (place === null) return printValue(value.value, value.pi, significant);
	return printInPlain(round(withPi(value.value, value.pi), { place }));
}

type Limit = { readonly index: number; readonly significant: number; readonly atMost: number };

/** The fewest figures among the measured inputs; exact ones limit nothing (NIST SP 811, 7.9 and B.7). */
function figuresOf(read: ReadChain, factors: readonly FactorJudged[]): FiguresOfLine {
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
	if (!limits.length) return NO_FIGURES;
	let [significant, atMost] = [Number.POSITIVE_INFINITY, Number.POSITIVE_INFINITY];
	for (const limit of limits) {
		significant = Math.min(significant, limit.significant);
		atMost = Math.min(atMost, limit.atMost);
	}
	const limitedBy: number[] = [];
	for (const { index, significant: own } of limits)
		if (own === significant && !limitedBy.includes(index)) limitedBy.push(index);
	return { significant, atMost, limitedBy, place: null };
}
