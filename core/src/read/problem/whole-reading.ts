import type { Start } from '../../chain/chain';
import type { Want } from '../../exercise/exercise';
import type { Fact } from '../../fact/fact';
import type { Span } from '../../numeral/fault';
import { singular } from '../../unit/singular';
import { against, type Candidate, unused, unusedInQuestion } from './against';
import { type BareUnit, bareUnits, sentencesOf } from './bare-units';
import { type Found, unitOf } from './found';
import { plain } from './linked';
import { type Attempt, canBeWorked, type Ground, groundOf, type Reading, readingFor, type Source } from './readings';
import { roundingIn, roundingSpans } from './rounding';
import { supposedFacts } from './supposed-facts';
import { isAlike } from './unit-kinds';
import { formIn, type WantTold, wantIn } from './wanted';
import { isUnit, JOINS } from './words';

/** A text in which no number has a point, so that a point ends a sentence; as long as before. */
function masked(text: string, found: readonly { readonly at: Span }[]): string {
	// J/(kg·K) is J/kg/K, so that no bracket ends what is asked for.
	const flat = text.replace(/\/\(([\p{L}³²]+)[·*]([\p{L}³²]+)\)/gu, '/$1/$2  ');
	return found.reduce((left, { at: [from, to] }) => {
		const number = left.slice(from, to).replace(/(?<=\d)\./gu, '0');
		return `${left.slice(0, from)}${number}${left.slice(to)}`;
	}, flat);
}

/** What a text could say as well as the best reading of it. */
export type Choice = { readonly start: Start | null; readonly want: Want | null; readonly facts: readonly Fact[] };

function choiceOf({ asked, chosen }: Reading): Choice {
	return { start: chosen.start, want: asked?.want ?? null, facts: chosen.facts.map(({ fact }) => fact) };
}

/** How many of the units a text names are tried as what it asks for, where the first choice leads nowhere. */
const TRIED = 2;
/** How many quantities are tried as the start, how many ways a text is tried in all, and how many choices there are. */
const STARTS = 3;
const ATTEMPTS = 16;
const CHOICES = 3;
/** With more quantities than this a text is several problems, and no way is tried. */
const MANY = 14;

/** The things a text asks for by the number: how many buses, how many 750-mL bottles, how many square tiles. */
const COUNTED_THINGS =
	/\bhow\s+many\s+(?:[\d.,]+[\s-]*\p{L}+[\s-]+)?(?:(?:more|such|full|whole|of\s+these|\p{Ll}+)\s+)??(\p{Ll}{3,}s)\b/giu;

/** The counted things that a text has a number of, or asks the number of. */
function thingsOf(text: string, found: readonly Found[]): ReadonlySet<string> {
	const asked = [...text.matchAll(COUNTED_THINGS)].flatMap(([, thing = '']) => (isUnit(thing) ? [] : singular(thing)));
	return new Set([...found.flatMap((quantity) => unitOf(quantity)?.counted ?? []), ...asked]);
}

/** The things a text has one of, and names again: a box weighs so much, tiles go in one box. */
function namedTwice(text: string): readonly string[] {
	const words = [...text.toLowerCase().matchAll(/\p{Ll}{3,}/gu)].map(([word]) => singular(word));
	const ones = [...text.toLowerCase().matchAll(/\b(?:an?|one|each|every|per)\s+(\p{Ll}{3,})/gu)].map(
		([, word = '']) => word,
	);
	return ones.filter((one) => !JOINS.has(one) && !isUnit(one) && words.filter((word) => word === one).length > 1);
}

/** A unit a text names as what it asks for. */
function asAsked(text: string, { unit, at }: BareUnit): WantTold {
	const form = formIn(text);
	const want = { unit, ...(form ? { form } : {}) };
	return { want, unit, at, ofUnit: want };
}

/** The quantities of facts that tie two numbers, neither of them one: the text may mean one of them as the start. */
function ofRatios({ asked, chosen }: Reading, found: readonly Found[]): readonly number[] {
	const isOther = (i: number) => !isAlike(found[i]?.unit ?? '', asked?.unit ?? '');
	return chosen.facts
		.filter(({ fact, of }) => of.length === 2 && fact.left.number !== '1' && fact.right.number !== '1')
		.flatMap(({ of }) => of)
		.filter(isOther);
}

/** Readings this near to the best one are choices: it is not sure. */
const NEAR = 0.3;

/** The ways a text is tried to be read for one thing it may ask: with facts it may mean, and from each quantity that is left. */
function attempts(source: Source, base: Reading): readonly Attempt[] {
	const { text, found, things } = source;
	const supposed = supposedFacts(text, found, base, new Set([...things, ...namedTwice(text)]));
	const pairs = supposed.flatMap((one, i) =>
		supposed.slice(i + 1).flatMap((other) => (one.of[0] === other.of[0] ? [] : [[one, other]])),
	);
	const sets = [...supposed.map((one) => [one]), ...pairs];
	const starts = [...unused(base, found), ...ofRatios(base, found)].slice(0, STARTS);
	return [
		...sets.map((facts) => ({ supposed: facts })),
		...starts.map((from) => ({ from })),
		...starts.flatMap((from) =>
			sets.filter(([one]) => !one?.of.includes(from)).map((facts) => ({ from, supposed: facts })),
		),
	].slice(0, ATTEMPTS);
}

/** A reading of a whole text, with the others that are near it; those are empty if it is sure. */
export type WholeReading = { readonly reading: Reading; readonly choices: readonly Choice[] };

/** The readings of a text for one thing it may ask: as it says, and as it is tried. */
function candidatesFor(ground: Ground, named: number): readonly Candidate[] {
	const candidate = (attempt: Attempt): Candidate => {
		const reading = readingFor(ground, attempt);
		return { ...attempt, reading, isWorked: canBeWorked(reading), named };
	};
	const base = candidate({});
	const { source } = ground;
	const isOneProblem = source.found.length <= MANY;
	if (!isOneProblem || against(base, source) === 0) return [base];
	return [base, ...attempts(source, base.reading).map(candidate)];
}

/** The one quantity of a text that only asks to round it or to write it in another form, whatever it is tied to. */
function rewritten({ text, found }: Source): Reading | null {
	const [one, ...others] = found;
	if (!one || one.unit === '' || others.length || !(formIn(text) || roundingIn(text))) return null;
	return { asked: null, chosen: { start: plain(one), of: [0], facts: [], until: null, terms: [] }, untold: null };
}

/** What a text may ask for, the likeliest first: what it says in so many words, then what it names where it asks. */
function wantsOf({ text, found, things }: Source, told: WantTold | null): readonly WantTold[] {
	const spans = [...found.map(({ at }) => at), ...roundingSpans(text)];
	const named = bareUnits(text, spans, things).filter(({ weight }) => weight > 0);
	return [...(told ? [told] : []), ...named.slice(0, TRIED).map((one) => asAsked(text, one))];
}

/** The best reading with those that are near it, and those that start from what the question has and no line uses. */
function withChoices(source: Source, best: Reading, near: readonly Reading[]): WholeReading {
	const left = unusedInQuestion(best, source).map((i) => ({
		...choiceOf(best),
		start: plain(source.found[i] as Found),
	}));
	const choices = distinct([...[best, ...near].map(choiceOf), ...left]);
	return { reading: best, choices: choices.length > 1 ? choices.slice(0, CHOICES) : [] };
}

/**
 * The reading of a text with the least against it: by what it asks in so many words or what it names where it asks, with the facts
 * it states or with one or two that it may mean.
 */
export function wholeReading(text: string, found: readonly Found[]): WholeReading {
	const things = thingsOf(text, found);
	const asking = sentencesOf(text).filter(({ asks }) => asks);
	const question = asking.at(-1)?.at ?? null;
	const source = { text, found, things, question };
	const told = wantIn(masked(text, found), things, text);
	const first = candidatesFor(groundOf(source, told), 0);
	const isAnswered = told !== null && first.some(({ isWorked }) => isWorked);
	const others = isAnswered
		? []
		: wantsOf(source, told).flatMap((want, rank) => (want === told ? [] : candidatesFor(groundOf(source, want), rank)));
	const candidates = told ? [...first, ...others] : others;
	const weighed = candidates
		.map((candidate) => ({ ...candidate, weight: against(candidate, source) }))
		.sort((a, b) => a.weight - b.weight);
	const best = weighed[0];
	if (!best?.isWorked) {
		const [plainest] = [...(told ? first : others), ...first];
		const lone = told ? null : rewritten(source);
		return { reading: lone ?? (plainest as Candidate).reading, choices: [] };
	}
	const near = weighed.filter((one) => one !== best && one.isWorked && one.weight - best.weight < NEAR);
	return withChoices(
		source,
		best.reading,
		near.map(({ reading }) => reading),
	);
}

/** Choices with different starts, the first of each. */
function distinct(choices: readonly Choice[]): readonly Choice[] {
	const starts = choices.map(({ start }) => JSON.stringify(start));
	return choices.filter((_, i) => starts.indexOf(starts[i] as string) === i);
}
