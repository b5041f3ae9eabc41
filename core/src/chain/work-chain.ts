import type { Outcome } from '../numeral/fault';
import type { Numeral } from '../numeral/numeral';
import { withPi } from '../numeral/pi';
import { type Printed, printInPlain, printValue } from '../numeral/print';
import { ONE, type Rational, toPower } from '../numeral/rational';
import { round } from '../numeral/round';
import { isReached } from '../unit/is-reached';
import { labelsClash, sameSize } from '../unit/like-units';
import { printUnit, symbolOfPart } from '../unit/print-unit';
import type { Unit, UnitPart } from '../unit/unit';
import { unitOfParts } from '../unit/unit-of-parts';
import { cancel, type Pair, type Piece } from './cancel';
import { type Chain, type Factor, START } from './chain';
import { type FiguresOfLine, figuresIn, NO_FIGURES, type Part } from './figures-of-line';
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
export type WorkedChain = FiguresOfLine & {
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
	readonly factors: readonly FactorJudged[];
	readonly printed: Printed | null;
};

const NOTHING: Exact = { value: ONE, pi: 0 };

function times(a: Exact | null, number: Numeral | null | undefined, power: number): Exact | null {
	if (!a || !number) return null;
	if (number.pi === 0 && power === 1) {
		const value = a.value.mul(number.value);
		// A written 1 changes nothing.
		return value === a.value ? a : { value, pi: a.pi };
	}
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

/** What the parts come to together; null while their units differ or a number is missing. */
function together(parts: readonly Part[]): Exact | null {
	const [first] = parts as [Part];
	if (!parts.every(({ unit }) => isOf(unit, first.unit))) return null;
	return parts.slice(1).reduce((total, { value }) => sum(total, value), first.value);
}

const UNDONE: readonly Part[] = [];

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
		reached: read.want ? !apart && isReached(unit, read.want) : null,
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

/** A value as it is reported: to a place where something was added, else to its figures. */
function printOf(value: Exact, significant: number | null, place: number | null): Printed {
	if (place === null) return printValue(value.value, value.pi, significant);
	return printInPlain(round(withPi(value.value, value.pi), { place }));
}
