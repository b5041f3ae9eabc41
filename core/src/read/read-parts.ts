import { bad, good, type Outcome, type Span } from '../numeral/fault';
import { VULGAR_SIGNS } from '../numeral/vulgar';
import { ANSWER_LIMIT, type Answer, readAnswer } from './read-answer';

/** A part of an answer with where it stands in the whole of it. */
export type Part = Answer & { readonly at: Span };

/** Shifts the places of a part to where it stands in the whole answer. */
function placed(answer: Answer, from: number, length: number): Part {
	const [a, b] = answer.unitAt;
	return { ...answer, unitAt: [from + a, from + b], at: [from, from + length] };
}

function readAt(text: string, from: number, to: number): Outcome<Part> {
	const piece = text.slice(from, to);
	const trimmed = piece.trim();
	const start = from + (trimmed === '' ? 0 : piece.indexOf(trimmed));
	const read = readAnswer(trimmed);
	if (read.ok) return good(placed(read.value, start, trimmed.length));
	const at = read.fault.at ?? [0, trimmed.length];
	return { ok: false, fault: { ...read.fault, at: [start + at[0], start + at[1]] } };
}

/** Cuts a text at what divides it and reads each piece as an answer. */
function readPieces(text: string, cuts: readonly Span[]): Outcome<readonly Part[]> {
	const ends = [...cuts.map(([from]) => from), text.length];
	const starts = [0, ...cuts.map(([, to]) => to)];
	const parts: Part[] = [];
	for (const [i, from] of starts.entries()) {
		const read = readAt(text, from, ends[i] as number);
		if (!read.ok) return read;
		parts.push(read.value);
	}
	return good(parts);
}

/** A sign or a digit that begins the next part of a mixed measure, after a unit: "8 ft 9 in", "8'9\"". */
const NEXT_PART = new RegExp(
	`(?<=[\\p{L}'"′″°%])(?:\\s*(?:,|and|&)\\s*|\\s*)(?=[-+−]?(?:\\d|\\.\\d|[${VULGAR_SIGNS}]))`,
	'gu',
);

function tooLong(text: string) {
	return bad('too-large', `An answer here can have up to ${ANSWER_LIMIT} characters.`, [0, text.length]);
}

/** Reads an answer of several quantities one after another: 8 ft 9 in. */
export function readMixedAnswer(text: string): Outcome<readonly Part[]> {
	if (text.length > ANSWER_LIMIT) return tooLong(text);
	const cuts = [...text.matchAll(NEXT_PART)].map((match): Span => [match.index, match.index + match[0].length]);
	return readPieces(
		text,
		cuts.filter(([from]) => from > 0),
	);
}

const TO = /\s+(?:to|until|through)\s+|\s*[–—…]\s*|\s*\.\.\.?\s*/iu;

/** Reads an answer that is a range: "59 to 77 degF"; the low end may leave its unit to the high one. */
export function readRangeAnswer(text: string): Outcome<readonly Part[]> {
	if (text.length > ANSWER_LIMIT) return tooLong(text);
	const match = TO.exec(text);
	return readPieces(text, match ? [[match.index, match.index + match[0].length]] : []);
}
