import { bad, type Outcome, type Span } from '../numeral/fault';
import type { Numeral } from '../numeral/numeral';
import { parseNumeral } from '../numeral/parse-numeral';
import { parseUnit } from '../unit/parse-unit';
import type { Unit } from '../unit/unit';

/** An answer as written: its number and its unit, either of which may be missing. */
export type Answer = {
	readonly number: Numeral | null;
	readonly unit: Unit | null;
	readonly unitAt: Span;
};

const SPACE = '\\s\\u00a0\\u2009\\u202f';
const TEN = `10(?:\\^\\(?[-+−]?\\d+\\)?|[⁺⁻]?[⁰¹²³⁴⁵⁶⁷⁸⁹]+)`;

/** The longest beginning of a text that is written like a number, right or wrong. */
const NUMBER_LIKE = new RegExp(
	`^[${SPACE}]*(?:` +
		`[-+−]?${TEN}(?!\\d)|` +
		`[-+−]?[\\d.,${SPACE}]*(?:[½⅓⅔¼¾⅕⅖⅗⅘⅙⅚⅛⅜⅝⅞]|\\d[${SPACE}]*[/⁄][${SPACE}]*\\d+)?` +
		`(?:[eE][-+−]?\\d+|[${SPACE}]*[xX×*·⋅][${SPACE}]*${TEN})?` +
		`(?:[${SPACE}]*(?:π|pi(?![\\p{L}])))?(?:/\\d+)?)`,
	'u',
);

/**
 * Splits an answer into number and unit and reads both. Unknown words of the unit are taken for counted
 * things; whether the exercise knows them is for the check to say.
 * @returns the answer, or a fault of the number or of the unit with its place in the whole text.
 */
export function readAnswer(text: string): Outcome<Answer> {
	if (text.length > 1000) return bad('too-large', 'An answer here can have up to 1000 characters.', [0, text.length]);
	const head = (NUMBER_LIKE.exec(text)?.[0] ?? '').replace(new RegExp(`[${SPACE}]+$`), '');
	const split = splitAt(text, head);
	const number = split.number.trim() === '' ? null : parseNumeral(split.number);
	if (number && !number.ok) return number;
	const rest = text.slice(split.number.length);
	const unitText = rest.trim();
	const from = split.number.length + (rest.length - rest.trimStart().length);
	const unitAt: Span = [from, from + unitText.length];
	if (unitText === '') return { ok: true, value: { number: number?.value ?? null, unit: null, unitAt } };
	const unit = parseUnit(unitText, { counted: true });
	if (!unit.ok) {
		const at = unit.fault.at ?? [0, unitText.length];
		return { ok: false, fault: { ...unit.fault, at: [from + at[0], from + at[1]] } };
	}
	return { ok: true, value: { number: number?.value ?? null, unit: unit.value, unitAt } };
}

/** "5 1/s" is five of 1/s: where the whole beginning is no number, one without its last 1 may be. */
function splitAt(text: string, head: string): { number: string } {
	if (head.endsWith('1') && /^[\s]*\//.test(text.slice(head.length))) {
		const shorter = head.slice(0, -1).trimEnd();
		if (shorter !== '' && !parseNumeral(head).ok && parseNumeral(shorter).ok) return { number: shorter };
	}
	return { number: head };
}
