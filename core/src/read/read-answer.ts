import { bad, type Outcome, type Span } from '../numeral/fault';
import type { Numeral } from '../numeral/numeral';
import { parseNumeral } from '../numeral/parse-numeral';
import { parseUnit } from '../unit/parse-unit';
import type { Unit } from '../unit/unit';
import { numberPart } from './number-part';

/** An answer as written: its number and its unit, either of which may be missing. */
export type Answer = {
	readonly number: Numeral | null;
	readonly unit: Unit | null;
	readonly unitAt: Span;
};

/** The most characters an answer may have. */
export const ANSWER_LIMIT = 1000;

/**
 * Splits an answer into number and unit and reads both. Unknown words of the unit are taken for counted
 * things; whether the exercise knows them is for the check to say.
 * @returns the answer, or a fault of the number or of the unit with its place in the whole text.
 */
export function readAnswer(text: string): Outcome<Answer> {
	if (text.length > ANSWER_LIMIT)
		return bad('too-large', `An answer here can have up to ${ANSWER_LIMIT} characters.`, [0, text.length]);
	const written = numberPart(text);
	const number = written.trim() === '' ? null : parseNumeral(written);
	if (number && !number.ok) return number;
	const rest = text.slice(written.length);
	const unitText = rest.trim();
	const from = written.length + (rest.length - rest.trimStart().length);
	const unitAt: Span = [from, from + unitText.length];
	if (unitText === '') return { ok: true, value: { number: number?.value ?? null, unit: null, unitAt } };
	const unit = parseUnit(unitText, { counted: true });
	if (!unit.ok) {
		const at = unit.fault.at ?? [0, unitText.length];
		return { ok: false, fault: { ...unit.fault, at: [from + at[0], from + at[1]] } };
	}
	return { ok: true, value: { number: number?.value ?? null, unit: unit.value, unitAt } };
}
