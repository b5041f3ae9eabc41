import { goalOf, parseUnit, type Quantity, type Role, readQuantityText, sayWanted, type Want } from '@tidy-sum/core';
import { posedBy, readStarting, type Starting, wantText } from '@tidy-sum/core/help';
import type { SingleStep, Told } from '@tidy-sum/schema';
import type { Work } from '../work/work';
import * as words from './words';

/** What a token of the text is there for. */
export type Place = Role | 'wanted' | 'rounding' | null;

/** A piece of the text that was read, or marked by hand. */
export type Token = { readonly at: readonly [number, number]; readonly text: string; readonly place: Place };

/** What is said of a token by its place. */
export const SAYS_PLACE: Readonly<Record<Exclude<Place, null> | 'none', string>> = {
	start: words.theStart,
	fact: words.aFact,
	spare: words.notNeededLabel,
	wanted: 'wanted',
	rounding: words.theRounding,
	none: words.notSortedYet,
};

/** How much of a text is marked; what is longer is a page, and read problem by problem. */
export const MARKED_LIMIT = 4000;

function tokenAt(text: string, at: readonly [number, number], place: Place): Token {
	return { at, text: text.slice(at[0], at[1]), place };
}

/** The tokens of a text in the order they stand in: quantities, what is wanted, how it is rounded. */
export function tokensOf({ text, told, placed, byHand }: Work): readonly Token[] {
	if (!told) return [];
	const role = (at: readonly [number, number]) => placed.find((one) => one.at[0] === at[0])?.role ?? null;
	const spans = new Map([...told.marks, ...placed].map(({ at }) => [at[0], at] as const));
	const { want, rounding } = told.says;
	return [
		...[...spans.values()].map((at) => tokenAt(text, at, role(at))),
		...(want && !byHand.want ? [tokenAt(text, want, 'wanted')] : []),
		...(rounding && !byHand.rounding ? [tokenAt(text, rounding, 'rounding')] : []),
	].sort((a, b) => a.at[0] - b.at[0]);
}

/** The tokens of a text that is typed on: those before the first change stay marked until it is read again. */
export function tokensBefore(tokens: readonly Token[], before: string, after: string): readonly Token[] {
	if (before === after) return tokens;
	let same = 0;
	while (same < after.length && after[same] === before[same]) same += 1;
	return tokens.filter(({ at }) => at[1] <= same);
}

function unitText(unit: string): string {
	const read = parseUnit(unit, { counted: true });
	return read.ok ? read.value.text : unit;
}

/** Whether a half of a fact is what a token says: the same quantity, or the top of a rate that is told in one breath. */
function isHalf(half: Quantity, token: Quantity): boolean {
	return half.number === token.number && (token.unit.includes('/') || unitText(half.unit) === unitText(token.unit));
}

/** A token as a quantity; its unit is what was read there. */
export function quantityOf({ text }: Token): Quantity {
	const read = readQuantityText(text);
	return read.ok ? read.value : { number: text, unit: '' };
}

function startOf(token: Token): Starting {
	const read = readStarting(token.text);
	return read.ok ? read.value : { start: quantityOf(token) };
}

/** The facts a token is a half of. */
export function factsOf(token: Token, work: Work): readonly Told['facts'][number][] {
	const mine = quantityOf(token);
	return work.stated.filter(({ left, right }) => [left, right].some((one) => isHalf(one, mine)));
}

/** What is done to give a token another place. */
export function stepsFor(token: Token, place: Role | 'wanted', work: Work): readonly SingleStep[] {
	if (place === 'wanted') return [{ do: 'ask', want: { unit: token.text.trim() } }];
	const at: [number, number] = [...token.at];
	const facts: readonly SingleStep[] =
		place === 'fact' ? [] : factsOf(token, work).map((fact) => ({ do: 'unstate', fact: { ...fact } }));
	const mark: SingleStep = { do: 'mark', at, role: place };
	if (place === 'start') {
		const { start, until, terms } = startOf(token);
		return [
			mark,
			...facts,
			{ do: 'start', start, ...(until ? { until } : {}), ...(terms?.length ? { terms: [...terms] } : {}) },
		];
	}
	return [mark, ...facts, ...(token.place === 'start' ? [{ do: 'unstart' } as const] : [])];
}

/** What is asked next, since the text does not tell it; null where the problem is whole. */
export type Question = 'start' | 'want' | null;

/** The one question that is open on a problem. */
export function questionOf({ start, asked }: Pick<Work, 'start' | 'asked'>): Question {
	if (!start && posedBy(asked).hasLine) return 'start';
	return wantText(asked).trim() === '' ? 'want' : null;
}

/** The sentence of a question. */
export const ASKS: Readonly<Record<Exclude<Question, null>, string>> = {
	start: words.whatDoesTheLineStartFrom,
	want: words.whatShouldTheAnswerBeIn,
};

/** What is wanted and how it is rounded, in words. */
function sayWant(want: Want, rounding: Told['rounding']): string {
	const exercise = { prompt: '', facts: [], want, rounding: rounding ?? 'figures' } as const;
	return sayWanted(exercise, goalOf(exercise));
}

/** What was read of a problem, in a few words: where it starts, and what is wanted. */
export function sayTold({ want, rounding }: Told): string {
	return want ? sayWant(want, rounding) : '';
}
