import { placeKept } from '../numeral/numeral';
import { isUnitNumber } from '../numeral/parse-numeral';
import { withPi } from '../numeral/pi';
import type { Rational } from '../numeral/rational';
import { round } from '../numeral/round';
import { figuresOfMeasure } from '../quantity/measure-in-parts';
import { sameSize } from '../unit/like-units';
import type { Unit } from '../unit/unit';
import { START } from './chain';
import type { FactorJudged } from './judge-factor';
import type { ReadChain, ReadFactor } from './read-chain';
import type { Exact } from './steps/step-kind';

/** How good the result of a line is. */
export type FiguresOfLine = {
	readonly significant: number | null;
	readonly atMost: number | null;
	/** The inputs with fewest figures, or the last place that counts: places of blocks, -1 the start. */
	readonly limitedBy: readonly number[];
	/** The last place that counts, where something was added; null where figures are counted. */
	readonly place: number | null;
};

/** Nothing limits the figures, or nothing is known of them yet. */
export const NO_FIGURES: FiguresOfLine = { significant: null, atMost: null, limitedBy: [], place: null };

/** A part of a sum: what it came to, its unit, and the block it began with. */
export type Part = { readonly value: Exact | null; readonly unit: Unit; readonly by: number };

/** The figures a line allows: of a sum by places, after other steps those of its start, else by count. */
export function figuresIn(
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
	const measure = figuresOfParts(read, factors, parts);
	if (measure) return measure;
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

/** The figures of a measure in parts that are added up, each by its own factors; null where it is a sum. */
function figuresOfParts(
	read: ReadChain,
	factors: readonly FactorJudged[],
	parts: readonly Part[],
): FiguresOfLine | null {
	const written = parts.map(({ by }) => (by === START ? read.start.top : (read.factors[by] as ReadFactor).top));
	const of = figuresOfMeasure(written, read.parts);
	if (of === null) return null;
	// What else limits the line are its factors: the measured facts on it.
	const others = figuresOf({ ...read, exactStart: true, startFigures: null }, factors);
	if (of === 'exact') return others;
	const last = parts[of.limitedBy] as Part;
	if (others.significant !== null && others.significant < of.significant) return others;
	const { significant, atMost } = of;
	const isSame = sameSize(last.unit, of.unit) && significant === atMost;
	return { significant, atMost, limitedBy: [last.by], place: isSame ? of.place : null };
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
