import { isCounted, sameDimension } from '../../unit/dimension';
import { singular } from '../../unit/singular';
import { sentencesOf } from './bare-units';
import { type Found, unitOf } from './found';
import { type Linked, plain } from './linked';
import { TIMES } from './often';
import type { Reading } from './readings';
import { isAlike, unitNamed } from './unit-kinds';
import { isUnit, JOINS } from './words';

/** How many facts of this kind are tried at most. */
const SUPPOSED = 4;

/** A fact a text may mean, with how far apart in the text its two sides are. */
type Supposed = Linked & { readonly far: number };

/** What facts are looked for in: a text, its quantities, and the reading they are missing from. */
type Ground = {
	readonly text: string;
	readonly found: readonly Found[];
	readonly asked: Reading['asked'];
	/** Whether a quantity may still be half of a fact. */
	readonly isFree: (i: number) => boolean;
	/** Which sentence a place is in. */
	readonly sentenceAt: (at: number) => number;
	/** The units and things a line may pass, as they are printed. */
	readonly units: ReadonlySet<string>;
};

function forOneOf(one: Found, i: number, unit: string, far: number): Supposed {
	return { fact: { left: plain(one), right: { number: '1', unit } }, of: [i], far };
}

function between({ text, found }: Ground, i: number): string {
	return found[i - 1] && found[i] ? text.slice(found[i - 1]?.at[1], found[i]?.at[0]) : '';
}

/** What gives each of the things before it so much. */
const EACH = /,?\s+(?:each|every\s+one)\s+(?:of|with|holds|holding|weighs|weighing|has|having)\s+$/iu;

/** 12 seeds, each of 40 mg; a year of 365 days. */
function eachOfThose(ground: Ground): readonly Supposed[] {
	return ground.found.flatMap((one, i) => {
		const before = ground.found[i - 1];
		const isYearOf = before && /^\s+of\s+$/u.test(between(ground, i)) && isAlike(before.unit, one.unit);
		const isEach = before && (isYearOf || EACH.test(between(ground, i)));
		const isOther = before && before.unit !== '' && before.unit !== one.unit;
		return isEach && isOther && ground.isFree(i) ? [forOneOf(one, i, before.unit, 0)] : [];
	});
}

/** 15 drops out of 1 mL. Of like units, such as 17 gal 1 qt, only where it says so: 2 mg for each 1 kg. */
function besideOne(ground: Ground): readonly Supposed[] {
	const { text, found, isFree, sentenceAt } = ground;
	return found.flatMap((one, i) => {
		if (one.number !== '1' || !isFree(i)) return [];
		const isEvery = /\b(?:each|every|per|for)\s+$/iu.test(text.slice(Math.max(0, one.at[0] - 8), one.at[0]));
		return [i - 1, i + 1].flatMap((k) => {
			const other = found[k];
			if (!other || !isFree(k) || other.unit === '' || sentenceAt(other.at[0]) !== sentenceAt(one.at[0])) return [];
			if (isAlike(other.unit, one.unit) && !isEvery) return [];
			const far = k < i ? one.at[0] - other.at[1] : other.at[0] - one.at[1];
			return [{ fact: { left: plain(other), right: plain(one) }, of: [k, i], far }];
		});
	});
}

function isThing(unit: string): boolean {
	const read = unitNamed(unit);
	return read !== null && isCounted(read.dimension);
}

/** A bacterium doubles every 20 min: how many doublings? The light flashes 6 times a minute: how many flashes? */
function asOften(ground: Ground): readonly Supposed[] {
	const { text, found, asked, isFree } = ground;
	const units = [asked?.unit ?? '', ...found.map((one) => one.unit)];
	const unit = units.find((one) => one !== '' && !TIMES.test(one) && isThing(one));
	if (unit === undefined) return [];
	return found.flatMap((one, i) => {
		const isEvery = /\bevery\s+$/iu.test(text.slice(Math.max(0, one.at[0] - 8), one.at[0]));
		if (isEvery && isFree(i)) return [forOneOf(one, i, unit, 0)];
		const below = TIMES.exec(one.unit)?.[1];
		if (below === undefined) return [];
		return [{ fact: { left: { number: one.number, unit }, right: { number: '1', unit: below } }, of: [i], far: 0 }];
	});
}

/** 14 turns to go 30 m, and 2.1 km further on: two quantities side by side, where a third is of one of their kinds. */
function sideBySide(ground: Ground): readonly Supposed[] {
	const { found, isFree, sentenceAt } = ground;
	const isWarmth = (one: Found) => sameDimension(unitOf(one)?.dimension ?? {}, { K: 1 });
	return found.flatMap((other, i) => {
		const one = found[i - 1];
		const isTwo = one && one.unit !== '' && other.unit !== '' && isFree(i - 1) && isFree(i);
		if (!isTwo || sentenceAt(one.at[0]) !== sentenceAt(other.at[0]) || isWarmth(one) || isWarmth(other)) return [];
		const isMet = found.some((third, k) => k > i && [one, other].some(({ unit }) => isAlike(unit, third.unit)));
		if (!isMet || isAlike(one.unit, other.unit)) return [];
		return [{ fact: { left: plain(one), right: plain(other) }, of: [i - 1, i], far: other.at[0] - one.at[1] }];
	});
}

const WORD = /(?<![\p{L}\d])\p{L}[\p{L}²³-]*/gu;
/** Words that begin a unit of two words: square yard. */
const BEGINS = /^(?:square|cubic|fluid|nautical|degrees?)$/iu;
/** What names one of a thing. */
const ONE = /\b(?:an?|one|each|every|per|the)\s+$/iu;
/** A quantity right behind the thing that is asked for: how many tiles of 400 cm², how many days of 8 h. */
const OF = /^\s+of\s+$/iu;

/** A name of a unit or a thing that a line may pass, with its place, and whether it is one of them. */
type Name = { readonly name: string; readonly at: number; readonly to: number; readonly isOne: boolean };

function namesIn({ text, found, units }: Ground): readonly Name[] {
	return [...text.matchAll(WORD)].flatMap(({ 0: word, index }): readonly Name[] => {
		if (JOINS.has(word.toLowerCase()) || BEGINS.test(word)) return [];
		const name = isUnit(word) ? word : singular(word.toLowerCase());
		const isNumbered = found.some(({ at: [from, to] }) => index >= from && index < to);
		if (isNumbered || !units.has(unitNamed(name)?.text ?? name)) return [];
		const isOne = ONE.test(text.slice(Math.max(0, index - 10), index));
		return [{ name, at: index, to: index + word.length, isOne }];
	});
}

/** Butter comes in sticks of 113 g: a quantity in the same sentence as the name of a thing that is needed. */
function besideItsName(ground: Ground): readonly Supposed[] {
	const { text, found, asked, isFree, sentenceAt } = ground;
	const names = namesIn(ground);
	const isAsked = ({ name, at, isOne }: Name) =>
		asked !== null &&
		!isOne &&
		(isUnit(name)
			? unitNamed(name)?.text === unitNamed(asked.unit ?? '')?.text
			: at >= asked.at[0] && at < asked.at[1]);
	return found.flatMap((one, i) => {
		const unit = unitOf(one);
		if (!isFree(i) || one.unit === '' || !unit || sameDimension(unit.dimension, { K: 1 })) return [];
		return names
			.filter((name) => sentenceAt(name.at) === sentenceAt(one.at[0]))
			.filter((name) => !isAsked(name) || OF.test(text.slice(name.to, one.at[0])))
			.filter((name) => name.isOne || isAsked(name) || !isAlike(name.name, one.unit))
			.map(({ name, at, to }) => forOneOf(one, i, name, at < one.at[0] ? one.at[0] - to : at - one.at[1]));
	});
}

/** The units and things a line may pass: those of the quantities, of the facts and of what is asked for. */
function passed(found: readonly Found[], { asked, chosen }: Reading, things: ReadonlySet<string>): ReadonlySet<string> {
	const units = [
		...things,
		...found.map(({ unit }) => unit),
		...chosen.facts.flatMap(({ fact }) => [fact.left.unit, fact.right.unit]),
		...(asked?.unit ? asked.unit.split('/') : []),
	];
	return new Set(units.flatMap((unit) => (unit === '' ? [] : (unitNamed(unit)?.text ?? unit))));
}

/** The ways a text may mean a fact without saying so in words this program knows. */
const WAYS: readonly ((ground: Ground) => readonly Supposed[])[] = [
	eachOfThose,
	besideOne,
	asOften,
	sideBySide,
	besideItsName,
];

/**
 * Facts a text may mean without saying so in words this program knows: “butter comes in sticks of 113 g” beside “how many sticks” may
 * mean that one stick is 113 g. The nearest come first.
 */
export function supposedFacts(
	text: string,
	found: readonly Found[],
	reading: Reading,
	things: ReadonlySet<string>,
): readonly Linked[] {
	const { facts } = reading.chosen;
	// A tie between two numbers may be none: 2 700 bricks for 8 hours.
	const isTied = (i: number) =>
		facts.some(
			({ fact, of }) => of.includes(i) && (of.length === 1 || [fact.left.number, fact.right.number].includes('1')),
		);
	const sentences = sentencesOf(text);
	const ground: Ground = {
		text,
		found,
		asked: reading.asked,
		isFree: (i) => !isTied(i),
		sentenceAt: (place) => sentences.findIndex(({ at: [from, to] }) => place >= from && place < to),
		units: passed(found, reading, things),
	};
	return WAYS.flatMap((way) => way(ground))
		.sort((a, b) => a.far - b.far)
		.slice(0, SUPPOSED)
		.map(({ fact, of }) => ({ fact, of }));
}
