import type { RoundingTarget } from '@tidy-sum/core';
import type { Entry, NumberEntry, OverEntry, Taken } from '@tidy-sum/core/entries';
import { type Element, element } from './xml';

/** How a part of an answer is judged: its value, and whether it is written as it should be; null where any writing will do. */
export type JudgedBy = { readonly value: Element; readonly written: Element | null };

/** The response variable that holds what was typed, letter by letter, beside the number it stands for. */
export function typedName(name: string): string {
	return `${name}_TYPED`;
}

/** The two response variables of one number over another. */
export function overNames(name: string): readonly [string, string] {
	return [`${name}_TOP`, `${name}_BOTTOM`];
}

function variable(name: string): Element {
	return element('qti-variable', { identifier: name });
}

function base(type: 'float' | 'string' | 'identifier', value: string): Element {
	return element('qti-base-value', { 'base-type': type }, value);
}

/** One of several conditions; a single one by itself. */
export function any(conditions: readonly Element[]): Element {
	const [only] = conditions;
	return only && conditions.length === 1 ? only : element('qti-or', {}, ...conditions);
}

/** Several conditions together; a single one by itself. */
export function all(conditions: readonly Element[]): Element {
	const [only] = conditions;
	return only && conditions.length === 1 ? only : element('qti-and', {}, ...conditions);
}

function roundedTo(target: RoundingTarget, value: Element): Element {
	const by =
		'place' in target
			? { 'rounding-mode': 'decimalPlaces', figures: `${-target.place}` }
			: { 'rounding-mode': 'significantFigures', figures: `${target.significant}` };
	return element('qti-round-to', by, value);
}

/** Whether what is given is a value, rounded so far. The value stands first: readers compare by the type of what stands there. */
function equal(given: Element, value: string, target: RoundingTarget | null): Element {
	return element(
		'qti-equal',
		{ 'tolerance-mode': 'exact' },
		base('float', value),
		target ? roundedTo(target, given) : given,
	);
}

/** The standard rounds to decimal places alone; tens and hundreds are as many figures. */
function standardTarget(target: RoundingTarget | null, written: Taken['written']): RoundingTarget | null {
	if (!target || !('place' in target) || target.place <= 0) return target;
	const digits = (written?.[0] ?? '').replace(/\D/g, '').length;
	return { significant: Math.max(1, digits - target.place) };
}

function escaped(text: string): string {
	return text.replace(/[.\\^$*+?()[\]{}|-]/g, '\\$&');
}

/** A number as it may be typed, as a regular expression: a power of ten with e or E, with a plus and zeros before it. */
function numberPattern(text: string): string {
	const [mantissa = '', power] = text.split('e');
	const shown = escaped(mantissa);
	if (power === undefined) return shown;
	return `${shown}[eE]${power.startsWith('-') ? '-' : '\\+?'}0*${power.replace('-', '')}`;
}

/**
 * Whether a text is written like one of these. Some programs look for a pattern anywhere in the text and others hold it
 * against the whole of it: so it must be found, and must not be found with a further digit before or behind it.
 */
function writtenLike(name: string, written: readonly string[]): Element {
	const one = `(${written.map(numberPattern).join('|')})`;
	const more = `(.*[0-9.,]${one}.*|.*${one}[0-9.,eE].*)`;
	const short = written.filter((text) => text.startsWith('0.')).map((text) => numberPattern(text.slice(1)));
	const whole = `\\s*\\+?(${[...written.map(numberPattern), ...short].join('|')})\\s*`;
	return all([
		element('qti-pattern-match', { pattern: whole }, variable(name)),
		element('qti-not', {}, element('qti-pattern-match', { pattern: more }, variable(name))),
	]);
}

/** The same of what was typed; a program that keeps no typed text is asked for the number as it has it. */
function typedLike(name: string, written: readonly string[]): Element {
	return any([
		writtenLike(typedName(name), written),
		all([element('qti-is-null', {}, variable(typedName(name))), writtenLike(name, written)]),
	]);
}

type Numbers = Pick<NumberEntry | OverEntry, 'name' | 'taken'>;

function judgedNumber(given: Element, { name, taken }: Numbers, eitherSign = false): JudgedBy {
	const ways = taken.map(({ rounded, value, finer, written }) => {
		const target = standardTarget(rounded, written);
		const values = eitherSign ? [value, turned(value)] : [value];
		const same = any(values.map((one) => equal(given, one, target)));
		const more = finer ? [equal(given, finer.value, standardTarget(finer.rounded, written))] : [];
		return { same, finer: more, written: written && typedLike(name, written) };
	});
	const [first] = ways;
	if (first && ways.length === 1) return { value: any([first.same, ...first.finer]), written: first.written };
	// Where several counts of figures are taken, each has its own value; the finest says whether the value is right.
	const each = any(ways.map(({ same, written }) => (written ? all([same, written]) : same)));
	const finest = ways.at(-1) as (typeof ways)[number];
	return { value: any([finest.same, ...finest.finer, each]), written: each };
}

/** A number with the other sign. */
function turned(value: string): string {
	return value.startsWith('-') ? value.slice(1) : `-${value}`;
}

const JUDGES: { readonly [B in Entry['by']]: (entry: Extract<Entry, { by: B }>) => JudgedBy } = {
	number: (entry) => judgedNumber(variable(entry.name), entry, entry.signSaid),
	over: (entry) => {
		const [top, bottom] = overNames(entry.name).map(variable) as [Element, Element];
		return judgedNumber(element('qti-divide', {}, top, bottom), entry);
	},
	text: ({ name, written }) => {
		const value = any(
			written.map((one) =>
				element('qti-string-match', { 'case-sensitive': 'true' }, variable(name), base('string', one)),
			),
		);
		return { value, written: null };
	},
	choice: ({ name, right }) => {
		const value = element('qti-match', {}, variable(name), base('identifier', choiceName(right)));
		return { value, written: null };
	},
};

/** The name of a choice by its place, from 0. */
export function choiceName(place: number): string {
	return `C${place + 1}`;
}

/** How a part of an answer is judged by the operators of the standard. */
export function judgedBy(entry: Entry): JudgedBy {
	return (JUDGES[entry.by] as (entry: Entry) => JudgedBy)(entry);
}
