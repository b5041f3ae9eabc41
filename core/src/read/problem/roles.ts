import type { Start } from '../../chain/chain';
import type { Fact } from '../../fact/fact';
import type { Quantity } from '../../quantity/quantity';
import { type Found, unitOf } from './found';
import { leadsTo } from './leads';
import { type Linked, plain } from './linked';
import { meantAmong } from './meant-among';
import { type Free, isNextPart, isRange, measureAround, measureOf } from './measure';
import { ratesIn } from './rates';
import { productOf, SUMS, sumOf } from './several';
import { isAlike, isRate, unitNamed } from './unit-kinds';

/** Whether a line leads from a quantity to what is wanted over some facts and the tables. */
type Leads = (from: Quantity) => boolean;

/** The same for the facts that are linked already; each unit is looked for once. */
function leadsOver(want: string, facts: readonly Fact[]): Leads {
	const known = new Map<string, boolean>();
	return ({ unit }) => {
		const before = known.get(unit);
		if (before !== undefined) return before;
		const leads = leadsTo(unit, want, facts);
		known.set(unit, leads);
		return leads;
	};
}

/** What the line starts from, of which quantities, and the facts that are left. */
export type Chosen = {
	/** What the start is multiplied by: of a length by a width the width. */
	readonly times?: readonly Quantity[];
	/** Whether further parts make one measure; false of a sum of several things. */
	readonly parts?: false;
	readonly start: Start | null;
	readonly of: readonly number[];
	readonly facts: readonly Linked[];
	/** The other end of a range that begins at the start. */
	readonly until: Quantity | null;
	/** The further parts of a start written in several: 9 lb 6 oz. */
	readonly terms: readonly Quantity[];
};

/** A start that is an amount in a time, with every part of the one written in parts: 5.00 km in 18 min 30 s. */
function withPartsOfRate(text: string, found: readonly Found[], chosen: Chosen): Chosen {
	const { start, of, facts, terms } = chosen;
	if (!start || !('top' in start) || of.length !== 2 || terms.length) return chosen;
	const measures = of.map((i) => measureAround(text, found, i));
	const [inParts, another] = measures.filter(({ length }) => length > 1);
	const inFacts = new Set(facts.flatMap((fact) => fact.of));
	if (!inParts || another || inParts.some(({ i }) => inFacts.has(i))) return chosen;
	const [first, ...rest] = inParts.map(({ quantity }) => plain(quantity));
	const isAbove = inParts.some(
		({ quantity }) => quantity.number === start.top.number && quantity.unit === start.top.unit,
	);
	return {
		...chosen,
		start: { ...start, [isAbove ? 'top' : 'bottom']: first },
		of: measures.flatMap((measure) => measure.map(({ i }) => i)),
		terms: rest,
	};
}

/** Which quantity the line starts from, with all its parts. */
export function startAmong(
	text: string,
	found: readonly Found[],
	linked: readonly Linked[],
	want: string | null,
): Chosen {
	return withPartsOfRate(text, found, firstAmong(text, found, linked, want));
}

/** Which quantity the line starts from: the only one left, or the only one that leads to what is wanted. */
function firstAmong(text: string, found: readonly Found[], linked: readonly Linked[], want: string | null): Chosen {
	const taken = new Set(linked.flatMap(({ of }) => of));
	const free = found
		.map((quantity, i) => ({ quantity, i }))
		.filter(({ i, quantity }) => !taken.has(i) && quantity.unit !== '');
	const facts = linked.map(({ fact }) => fact);
	const [lone] = free;
	// Rates alone are no start where no rate is asked for: what they are of is not told.
	if (
		want !== null &&
		free.length > 1 &&
		!isRate(want) &&
		free.every(({ quantity }) => isRate(quantity.unit) && !isAlike(quantity.unit, want))
	)
		return { start: null, of: [], facts: [...linked, ...ratesIn(found, linked)], until: null, terms: [] };
	// A rate alone is no start where it is asked how long or how much: the quantity is not told.
	if (
		free.length === 1 &&
		lone &&
		(want === null || !(isRate(want) || isAlike(lone.quantity.unit, want))) &&
		isRate(lone.quantity.unit) &&
		(want !== null || /\bhow\s+(?:long|far|much|many)\b|\bcosts?\b[^.]*\?/iu.test(text))
	)
		return { start: null, of: [], facts: [...linked, ...ratesIn(found, linked)], until: null, terms: [] };
	if (free.length === 0 && linked.length === 1 && linked[0]?.of.length === 2) {
		const [{ fact, of }] = linked as [Linked];
		// Two quantities and nothing else: 3.6 km in 12.5 min, when a rate is asked for.
		const over = `(${fact.left.unit})/(${fact.right.unit})`;
		if (want === null || isAlike(over, want))
			return { start: { top: fact.left, bottom: fact.right }, of, facts: [], until: null, terms: [] };
	}
	const leads = want === null ? null : leadsOver(want, facts);
	const tied = want === null || !leads ? null : amongTied(text, found, free, linked, want, leads);
	if (tied) return tied;
	const product = want === null ? null : productOf(text, free, linked, want);
	if (product) return product;
	const sum = sumOf(free, linked, want);
	if (sum && SUMS.test(text)) return sum;
	const paced = want === null ? null : amongRates(found, free, linked, want);
	if (paced) return paced;
	const firsts = free.filter(({ i }) => measureAround(text, found, i)[0]?.i === i);
	const over = want === null || !leads ? null : rateOf(firsts, want, leads);
	if (over) return { ...over, facts: linked, until: null, terms: [] };
	const leading =
		leads && want !== null ? toConvert(text, found, free, want).filter(({ quantity }) => leads(quantity)) : free;
	// The only quantity there is, whatever leads on from it.
	const may = leading.length === 0 && free.length === 1 ? free : leading;
	const told = may.length > 1 ? meantAmong(text, found, may) : [];
	const meant = told.length === 1 && told[0] ? measureOf(text, may, told[0]) : may;
	const [first, second, ...more] = meant;
	const from = (of: readonly Free[], also: Pick<Chosen, 'until' | 'terms'>) =>
		({ start: plain((of[0] as Free).quantity), of: of.map(({ i }) => i), facts: linked, ...also }) satisfies Chosen;
	if (!first) return { start: null, of: [], facts: linked, until: null, terms: [] };
	if (!second) return from([first], { until: null, terms: [] });
	// Two of one unit with a dash or “to” between are a range: both ends are the start.
	if (more.length === 0 && isRange(text, first, second))
		return from(meant, { until: plain(second.quantity), terms: [] });
	if (meant.every((one, k) => k === 0 || isNextPart(text, meant[k - 1] as Free, one)))
		return from(meant, { until: null, terms: meant.slice(1).map(({ quantity }) => plain(quantity)) });
	return { start: null, of: [], facts: linked, until: null, terms: [] };
}

/** The quantities that are not yet in the unit asked for; all of them if every one is. */
function toConvert(text: string, found: readonly Found[], free: readonly Free[], want: string): readonly Free[] {
	const unit = unitNamed(want)?.text;
	const isFirst = ({ i }: Free, next = found[i + 1]) =>
		next !== undefined && isNextPart(text, { quantity: found[i] as Found, i }, { quantity: next, i: i + 1 });
	const isDone = (one: Free) =>
		unitOf(one.quantity)?.text === unit && !isFirst(one) && measureAround(text, found, one.i).length === 1;
	const left = free.filter((one) => !isDone(one));
	return left.some(({ quantity }) => isAlike(quantity.unit, want)) ? left : free;
}

/** An amount in a time, where a rate is wanted and another rate leads there: 750 mL in 6 h, 10 gtt/mL, how many gtt/min? */
function runOf(found: readonly Found[], linked: readonly Linked[], want: string): Chosen | null {
	if (!isRate(want)) return null;
	for (const pair of linked) {
		const [one, other] = pair.of.map((i) => found[i]);
		if (!one || !other || [one.number, other.number].includes('1')) continue;
		const others = linked.filter((fact) => fact !== pair);
		const rates = ratesIn(found, linked);
		const told = [...others, ...rates];
		const unit = `(${one.unit})/(${other.unit})`;
		const isRun = !isAlike(unit, want) && told.length > 0 && isAlike(other.unit, belowOf(want));
		if (
			isRun &&
			leadsOver(
				want,
				told.map(({ fact }) => fact),
			)({ number: '1', unit })
		)
			return { start: { top: plain(one), bottom: plain(other) }, of: pair.of, facts: told, until: null, terms: [] };
	}
	return null;
}

/** The bottom unit of a rate. */
function belowOf(unit: string): string {
	return unit.replace(/^.*?(?:\/|\bper\b)\s*/u, '');
}

/**
 * The start where nothing that is free leads on, and two that are tied hold it: a rate is wanted and they make one (85 km
 * in 1.5 h: what speed?), or one of them is of the kind that is wanted (42.2 km in 3.5 h: how many miles?).
 */
function amongTied(
	text: string,
	found: readonly Found[],
	free: readonly Free[],
	linked: readonly Linked[],
	want: string,
	leads: Leads,
): Chosen | null {
	const run = runOf(found, linked, want);
	if (run) return run;
	if (free.some(({ quantity }) => leads(quantity))) return null;
	// A rate of the wanted kind is the start, whatever other quantities there are.
	const rates = linked.filter(({ of: [i] }) => {
		const unit = found[i ?? -1]?.unit ?? '';
		return isRate(unit) && isAlike(unit, want);
	});
	const [rate] = rates;
	const of = rate?.of[0];
	if (rate && of !== undefined && rates.length === 1)
		return {
			start: plain(found[of] as Found),
			of: [of],
			facts: linked.filter((one) => one !== rate),
			until: null,
			terms: [],
		};
	const [told, ...more] = linked.filter(
		({ of, fact: { left, right } }) => of.length === 1 && isAlike(`(${left.unit})/(${right.unit})`, want),
	);
	if (told && more.length === 0)
		return {
			start: { number: told.fact.left.number, unit: `${told.fact.left.unit}/${told.fact.right.unit}` },
			of: told.of,
			facts: linked.filter((one) => one !== told),
			until: null,
			terms: [],
		};
	const pairs = linked.filter(({ of }) => of.length === 2);
	for (const pair of pairs) {
		const others = linked.filter((one) => one !== pair);
		const chosen = { facts: others, until: null, terms: [] };
		const { left, right } = pair.fact;
		for (const [top, bottom] of [
			[left, right],
			[right, left],
		] as const)
			if (isAlike(`(${top.unit})/(${bottom.unit})`, want)) return { start: { top, bottom }, of: pair.of, ...chosen };
		// An amount for every amount of another thing is a rate, not a start.
		const [a, b] = pair.of.map((i) => found[i]);
		if (a && b && /\b(?:every|each|per)\b/iu.test(text.slice(a.at[1], b.at[0]))) continue;
		const alike = pair.of.filter((i) => {
			const one = found[i];
			// A fact between two of one kind is one to convert by.
			const isWanted = one !== undefined && unitOf(one)?.text === unitOf({ number: '1', unit: want })?.text;
			const isOne = one?.number === '1';
			return one && !isOne && !isWanted && !isAlike(left.unit, right.unit) && isAlike(one.unit, want);
		});
		const [only] = alike;
		if (only !== undefined && alike.length === 1) {
			const one = found[only] as Found;
			return { start: plain(one), of: [only], ...chosen };
		}
	}
	return null;
}

/** Of two rates where a rate is wanted the one that leads there by the other: 10 mg/h of a drug of 2 mg/mL, how many mL/h? */
function amongRates(
	found: readonly Found[],
	free: readonly Free[],
	linked: readonly Linked[],
	want: string,
): Chosen | null {
	if (!isRate(want) || free.length !== 2 || !free.every(({ quantity }) => isRate(quantity.unit))) return null;
	const rates = ratesIn(found, linked);
	// Of the kind that is asked for already: 9.0 gal/min in L/s, beside 3.785 L/gal.
	const [one, another] = free.filter(({ quantity }) => isAlike(quantity.unit, want));
	if (one && !another) {
		const facts = [...linked, ...rates.filter(({ of }) => of[0] !== one.i)];
		return { start: plain(one.quantity), of: [one.i], facts, until: null, terms: [] };
	}
	const may = free.flatMap(({ quantity, i }): Chosen[] => {
		const facts = [...linked, ...rates.filter(({ of }) => of[0] !== i)];
		const isLed =
			!isAlike(quantity.unit, want) &&
			leadsOver(
				want,
				facts.map(({ fact }) => fact),
			)(quantity);
		return isLed ? [{ start: plain(quantity), of: [i], facts, until: null, terms: [] }] : [];
	});
	// Where either leads, it is the one that is for one of what the wanted one is for: mL/h beside gtt/mL, for gtt/min.
	const alike = may.filter(({ of: [i] }) => isAlike(belowOf(found[i ?? -1]?.unit ?? ''), belowOf(want)));
	const [only] = may.length === 1 ? may : alike;
	return only && (may.length === 1 || alike.length === 1) ? only : null;
}

/** Two measured parts of a rate, where a rate is wanted and neither leads there alone: 3.2 km, 45 min, what speed? */
function rateOf(free: readonly Free[], want: string, leads: Leads): Pick<Chosen, 'start' | 'of'> | null {
	const [one, other] = free;
	if (free.length !== 2 || !one || !other) return null;
	const isRun = [one, other].map(({ quantity }) => quantity.unit);
	if (!isRate(want) && !isAlike(`(${isRun[0]})/(${isRun[1]})`, want) && !isAlike(`(${isRun[1]})/(${isRun[0]})`, want))
		return null;
	if (isRate(one.quantity.unit) || isRate(other.quantity.unit)) return null;
	if ([one, other].some(({ quantity }) => leads(quantity))) return null;
	for (const [top, bottom] of [
		[one, other],
		[other, one],
	] as const)
		if (leads({ number: '1', unit: `(${top.quantity.unit})/(${bottom.quantity.unit})` }))
			return { start: { top: plain(top.quantity), bottom: plain(bottom.quantity) }, of: [one.i, other.i] };
	return null;
}
