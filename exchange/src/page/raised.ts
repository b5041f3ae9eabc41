import { around, type Box, baselineAt, letterHeight, type PageLine, type PageSign, type PageWord } from './page-words';

/** A sign is raised where its foot is above the baseline by more than this share of a small letter. */
const RAISED_BY = 0.3;

/** A raised figure is no higher than this, and no lower than that, in small letters. */
const HIGHEST = 1.25;
const LOWEST = 0.12;

/** What a raised figure may have been taken for: it is looked at again. */
const MAYBE_FIGURE = /^[\d?%*®©™°'"’‘“”´`!|Il\][)(}{>?=~^§$&#@+zZaoO\-−–—SsBgqt«»<:.,;¢£€ﬁ]$/u;

/** What is printed behind no unit: a raised figure that was read together with the point behind it. */
const NEVER_BEHIND_A_UNIT = /^[%®©™*’”"]$/u;

/** What a raised figure follows: a unit, a ten, a bracket, or another raised figure. */
const BEFORE = /^[\p{L}\d)\]%µΩ°]$/u;

/** Raised signs that belong together, in a word of a line. */
export type RaisedRun = {
	readonly word: number;
	/** The first of its signs and the one behind its last. */
	readonly from: number;
	readonly to: number;
	readonly box: Box;
};

/** How a sign is placed on its line, in small letters: how far its foot is above the baseline, and how high it is. */
function placed(line: PageLine, letter: number, { box }: PageSign) {
	const foot = (baselineAt(line, (box.x0 + box.x1) / 2) - box.y1) / letter;
	return { foot, high: (box.y1 - box.y0) / letter };
}

function isRaised(line: PageLine, letter: number, sign: PageSign): boolean {
	const { foot, high } = placed(line, letter, sign);
	return foot > RAISED_BY && high < HIGHEST && high > LOWEST;
}

/** A minus is in the middle of a line: a sign for one only counts as raised beside raised figures. */
const isDash = (text: string): boolean => /^[-−–—~=]$/u.test(text);

/** Whether a raised sign is an apostrophe between letters. */
function isApostrophe(signs: readonly PageSign[], at: number): boolean {
	const [before, sign, next] = [signs[at - 1], signs[at], signs[at + 1]];
	if (!/^['’‘`´]$/u.test(sign?.text ?? '')) return false;
	return /^\p{L}$/u.test(before?.text ?? '') && /^\p{L}$/u.test(next?.text ?? '');
}

/** How much of a sign is over another, from 0 to 1. */
function overlap({ box: a }: PageSign, { box: b }: PageSign): number {
	return (Math.min(a.x1, b.x1) - Math.max(a.x0, b.x0)) / Math.max(1, Math.min(a.x1 - a.x0, b.x1 - b.x0));
}

/** White this wide before a raised figure, in small letters, has room for a minus that was not recognised. */
const ROOM_FOR_A_MINUS = 0.4;

/** Where raised figures begin and end above a baseline, in small letters, at the least. */
const TOP = 1.9;
const FOOT = 0.85;

/** The place of raised signs, with what of them may not have been recognised: a minus before them, their upper and lower ends. */
function placeOf(line: PageLine, letter: number, box: Box, before: PageSign): Box {
	const baseline = baselineAt(line, box.x0);
	const room = box.x0 - before.box.x1;
	return {
		x0: room > ROOM_FOR_A_MINUS * letter ? before.box.x1 + letter * 0.1 : box.x0,
		x1: box.x1,
		y0: Math.min(box.y0, baseline - TOP * letter),
		y1: Math.max(box.y1, baseline - FOOT * letter),
	};
}

/** How far a sign that was misread may reach to the right of its box, in small letters, if nothing as high follows. */
const REACHES = 0.6;

/** The upper part of a box, without what is by the baseline; wider where only a sign of a sentence follows. */
function upper(line: PageLine, letter: number, { x0, y0, x1, y1 }: Box, next: PageSign | undefined): Box {
	const isLow = next === undefined || /^[.,]$/u.test(next.text);
	return {
		x0,
		y0,
		x1: isLow ? x1 + REACHES * letter : x1,
		y1: Math.min(y1, baselineAt(line, x0) - RAISED_BY * letter),
	};
}

/** Where signs end that are printed behind no unit, with a question mark before them. */
function oddFrom(signs: readonly PageSign[], from: number): number {
	let to = from;
	if (signs[to]?.text === '?' && NEVER_BEHIND_A_UNIT.test(signs[to + 1]?.text ?? '')) to += 1;
	while (NEVER_BEHIND_A_UNIT.test(signs[to]?.text ?? '')) to += 1;
	return to;
}

/** A run of signs that are printed behind no unit, where they are on the line; null where there is no such run. */
function oddRun(line: PageLine, letter: number, { signs }: PageWord, word: number, from: number): RaisedRun | null {
	const [before, first] = [signs[from - 1], signs[from]];
	const to = oddFrom(signs, from);
	if (!before || !first || to === from || !/^[\p{L}°]$/u.test(before.text)) return null;
	if (before.text === 's' || isRaised(line, letter, first)) return null;
	const box = upper(line, letter, around(signs.slice(from, to).map((sign) => sign.box)), signs[to]);
	return { word, from, to, box: placeOf(line, letter, box, before) };
}

/** A run of signs that are raised behind a unit, a ten or a bracket; null where there is no such run. */
function raisedRun(line: PageLine, letter: number, { signs }: PageWord, word: number, from: number): RaisedRun | null {
	const [before, first] = [signs[from - 1], signs[from]];
	if (!before || !first || signs[from - 2]?.text === '°' || !BEFORE.test(before.text)) return null;
	if (!isRaised(line, letter, first) || !MAYBE_FIGURE.test(first.text) || isApostrophe(signs, from)) return null;
	// One figure can be read as two signs in one place.
	const goesOn = (last: PageSign, next: PageSign) =>
		overlap(last, next) > 0.5 || (isRaised(line, letter, next) && MAYBE_FIGURE.test(next.text));
	const end = signs.findIndex((next, i) => i > from && !goesOn(signs[i - 1] as PageSign, next));
	const to = end < 0 ? signs.length : end;
	const run = signs.slice(from, to);
	if (run.every(({ text }) => isDash(text))) return null;
	return { word, from, to, box: placeOf(line, letter, around(run.map((sign) => sign.box)), before) };
}

function runsIn(line: PageLine, letter: number, word: PageWord, at: number): readonly RaisedRun[] {
	const runs: RaisedRun[] = [];
	for (let from = 1; from < word.signs.length; from += 1) {
		const run = oddRun(line, letter, word, at, from) ?? raisedRun(line, letter, word, at, from);
		if (!run) continue;
		runs.push(run);
		from = run.to - 1;
	}
	return runs;
}

/**
 * The raised signs of a line that may be figures of a power: by where they are on the line, whatever they were taken for.
 * @example raisedRuns(line) // for a line with cm³, [{ word: 4, from: 2, to: 3, box }]
 */
export function raisedRuns(line: PageLine): readonly RaisedRun[] {
	const letter = letterHeight(line);
	if (letter <= 0) return [];
	return line.words.flatMap((word, i) => runsIn(line, letter, word, i));
}

const RAISED = '⁰¹²³⁴⁵⁶⁷⁸⁹⁻';
const PLAIN = '0123456789-';

/**
 * Digits as raised figures.
 * @example raisedFigures('-3') // '⁻³'
 */
export function raisedFigures(digits: string): string {
	return [...digits.replace(/[−–—~=]/gu, '-')].map((sign) => RAISED[PLAIN.indexOf(sign)] ?? '').join('');
}

/** What was read when raised signs were looked at again; digits with how sure, from 0 to 1. */
export type LookedAt = { readonly digits: string; readonly sure: number };

/** Whether a raised sign is the ring of a degree, which can read as a digit: it is before C or F, and behind no power of ten. */
function isDegree(signs: readonly PageSign[], { from, to }: RaisedRun, digits: string): boolean {
	const isTen =
		signs
			.slice(Math.max(0, from - 2), from)
			.map(({ text }) => text)
			.join('') === '10';
	return to - from === 1 && digits.length === 1 && /^[CFK]$/u.test(signs[to]?.text ?? '') && (!isTen || digits === '0');
}

/**
 * A line with its raised signs as figures; those that no digits were read for stay as they were, and are not sure.
 * @param looked what was read of each run; a run without digits is not in it.
 */
export function withRaised(
	line: PageLine,
	runs: readonly RaisedRun[],
	looked: ReadonlyMap<RaisedRun, LookedAt>,
): PageLine {
	const words = [...line.words];
	// From the last one: the places of those before it stay.
	for (const run of [...runs].reverse()) {
		const word = words[run.word];
		const seen = looked.get(run);
		if (!word || (seen && isDegree(word.signs, run, seen.digits))) continue;
		const { from, to, box } = run;
		const figures = seen
			? [{ text: raisedFigures(seen.digits), box, sure: seen.sure }]
			: word.signs.slice(from, to).map((sign) => ({ ...sign, sure: 0 }));
		words[run.word] = { ...word, signs: [...word.signs.slice(0, from), ...figures, ...word.signs.slice(to)] };
	}
	return { ...line, words };
}
