import { bad, type Fact, good, type Outcome, type Quantity, readAnswer } from '@tidy-sum/core';

function sideOf(text: string, from: number): Outcome<Quantity> {
	const trimmed = text.trim();
	const start = from + (trimmed === '' ? 0 : text.indexOf(trimmed));
	const read = readAnswer(trimmed);
	if (!read.ok) {
		const [a, b] = read.fault.at ?? [0, trimmed.length];
		return { ok: false, fault: { ...read.fault, at: [start + a, start + b] } };
	}
	const [unitFrom, unitTo] = read.value.unitAt;
	const unit = trimmed.slice(unitFrom, unitTo);
	if (unit === '') return bad('empty', 'Each side of a fact has a unit.', [start, start + trimmed.length]);
	// “a crate” and “crate” stand for one of it.
	const number = read.value.number ? trimmed.slice(0, unitFrom).trim() : '1';
	return good({ number, unit: read.value.number ? unit : unit.replace(/^(?:an?|each|every|one)\s+/iu, '') });
}

/**
 * A fact as it is typed on one line: "1 bale = 9.5 kg", "12 jars to a crate".
 * @returns the fact, or what cannot be read with its place.
 */
export function readFact(text: string): Outcome<Fact> {
	const match = /=|\s(?:is|to|per|for|in each|in)\s/iu.exec(text);
	if (!match) return bad('shape', 'A fact has two sides, such as 12 jars = 1 crate.', [text.length, text.length]);
	const left = sideOf(text.slice(0, match.index), 0);
	if (!left.ok) return left;
	const after = match.index + match[0].length;
	const right = sideOf(text.slice(after), after);
	if (!right.ok) return right;
	return good({ left: left.value, right: right.value });
}
