import { bad, good, type Outcome, type Span } from '../numeral/fault';
import { VULGAR_SIGNS } from '../numeral/vulgar';
import type { Unit } from '../unit/unit';
import { ANSWER_LIMIT, type Answer, beginningOf, endOf, readAnswer } from './read-answer';

/** A part of an answer, with its place in the whole answer. */
export type Part = Answer & { readonly at: Span };

/** Shifts the places of a part to places in the whole answer. */
function placed(answer: Answer, from: number, length: number): Part {
	const [a, b] = answer.unitAt;
	return { ...answer, unitAt: [from + a, from + b], at: [from, from + length] };
}

function readAt(text: string, from: number, to: number, wanted: readonly Unit[]): Outcome<Part> {
	const piece = text.slice(from, to);
	const trimmed = piece.trim();
	const start = from + (trimmed === '' ? 0 : piece.indexOf(trimmed));
	const read = readAnswer(trimmed, wanted);
	if (read.ok) return good(placed(read.value, start, trimmed.length));
	const at = read.fault.at ?? [0, trimmed.length];
	return { ok: false, fault: { ...read.fault, at: [start + at[0], start + at[1]] } };
}

/** Cuts a text at what divides it and reads each piece as an answer. */
function readPieces(text: string, cuts: readonly Span[], wanted: readonly Unit[]): Outcome<readonly Part[]> {
	const ends = [...cuts.map(([from]) => from), text.length];
	const starts = [0, ...cuts.map(([, to]) => to)];
	const parts: Part[] = [];
	for (const [i, from] of starts.entries()) {
		const read = readAt(text, from, ends[i] as number, wanted);
		if (!read.ok) return read;
		parts.push(read.value);
	}
	return good(parts);
}

/** A sign or a digit that begins the next part of a mixed measure, after a unit: "8 ft 9 in", "8'9\"", "8 ft. 9 in." */
const NEXT_PART = new RegExp(
	`(?<=[\\p{L}'"′″’”°%]|\\p{L}\\.)(?:\\s*(?:,|\\band\\b|&|[-‐‑–](?=\\d))\\s*|\\s*)(?=[-+−]?(?:\\d|\\.\\d|[${VULGAR_SIGNS}]))`,
	'gu',
);

function tooLong(text: string) {
	return bad('too-large', `An answer here can have up to ${ANSWER_LIMIT} characters.`, [0, text.length]);
}

/**
 * Reads an answer of several quantities one after another: 8 ft 9 in.
 * @param wanted the units its parts may be of the kind of.
 */
export function readMixedAnswer(text: string, wanted: readonly Unit[] = []): Outcome<readonly Part[]> {
	if (text.length > ANSWER_LIMIT) return tooLong(text);
	// Blank the optional text in front, so that places do not shift.
	const before = beginningOf(text);
	const written = `${' '.repeat(before)}${text.slice(before, endOf(text))}`;
	const cuts = [...written.matchAll(NEXT_PART)].map((match): Span => [match.index, match.index + match[0].length]);
	return readPieces(
		written,
		cuts.filter(([from]) => from > 0),
		wanted,
	);
}

/**
 * Reads an answer that is to be one quantity: of one that has several parts it says so.
 * @param wanted the unit it may be of the kind of.
 */
export function readOneAnswer(text: string, wanted: readonly Unit[]): Outcome<Answer> {
	const read = readAnswer(text, wanted);
	if (read.ok || read.fault.code !== 'unit-unclear') return read;
	const parts = readMixedAnswer(text);
	if (!parts.ok || parts.value.length < 2 || !parts.value.every(({ number, unit }) => number && unit)) return read;
	const says = `This answer has ${parts.value.length} parts. Write one number with one unit.`;
	return bad('unit-unclear', says, (parts.value[1] as Part).at);
}

/** The word before a range in words: between … and …, from … to …. */
const OPENS = /^\s*(?:between|from)\s+/iu;

/** What joins the ends of a range, the clearest first; a dash or a hyphen only with something in front of it. */
const BETWEEN: readonly RegExp[] = [
	/(?<=\S)\s+(?:to|until|till|through|and)\s+/iu,
	/(?<=\S)\s*(?:…|\.\.\.?)\s*/u,
	/(?<=[\p{L}\d.°%²³℃℉])\s*[–—]\s*(?=[-−–‐‑‒+]?[\d.])/u,
	/(?<=[\p{L}\d.°%²³℃℉])\s+-\s*(?=[-−–‐‑‒+]?[\d.])/u,
	/(?<=\d|[\p{L}°%²³]{2}|[℃℉])[-−](?=[-−–‐‑‒+]?[\d.])/u,
];

/**
 * Reads an answer that is a range: "59 to 77 degF", "from 59 °F to 77 °F", "59–77 °F", "59-77 °F"; an end may leave its
 * unit to the other.
 * @param wanted the units its ends may be of the kind of.
 */
export function readRangeAnswer(text: string, wanted: readonly Unit[] = []): Outcome<readonly Part[]> {
	if (text.length > ANSWER_LIMIT) return tooLong(text);
	const before = beginningOf(text);
	const from = before + (OPENS.exec(text.slice(before))?.[0].length ?? 0);
	const rest = text.slice(from);
	const match = BETWEEN.map((between) => between.exec(rest)).find((found) => found !== null);
	const at = from + (match?.index ?? 0);
	const read = readPieces(rest, match ? [[at - from, at - from + match[0].length]] : [], wanted);
	const moved = ([a, b]: Span): Span => [a + from, b + from];
	if (!read.ok) return { ok: false, fault: { ...read.fault, ...(read.fault.at ? { at: moved(read.fault.at) } : {}) } };
	return good(read.value.map((part) => ({ ...part, unitAt: moved(part.unitAt), at: moved(part.at) })));
}
