import type { Chain } from '../../chain/chain';
import type { UnitExercise } from '../../exercise/exercise';
import { isRightValue } from '../../key/is-right-value';
import { type Key, keyOf } from '../../key/key';
import { keyOfLine, keyOfOwn, type OwnLine } from '../../key/own-key';
import { keysWithRoundedFacts } from '../../key/rounded-keys';
import type { AnswerLines, Judged, VerdictLine } from '../../key/verdict';
import { good, type Outcome, within } from '../../numeral/fault';
import { withPi } from '../../numeral/pi';
import { isPowerOfTen, type Rational } from '../../numeral/rational';
import { round } from '../../numeral/round';
import { valueIn } from '../../quantity/convert';
import type { Quantity } from '../../quantity/quantity';
import type { Answer } from '../../read/read-answer';
import { readOneAnswer } from '../../read/read-parts';
import { otherCapitals } from '../../read/unit-meant';
import { amountInSentence, unitInSentence } from '../../say/in-sentence';
import { printWritten } from '../../say/say';
import { kindOf } from '../../unit/dimension';
import { findUnit, nearUnits } from '../../unit/find-unit';
import { labelsClash, likeUnits, ratioOfUnits, sameSize } from '../../unit/like-units';
import { parseUnit } from '../../unit/parse-unit';
import type { Unit } from '../../unit/unit';
import { unitOfParts } from '../../unit/unit-of-parts';
import { judgeFigures } from './judge-figures';

/** Judges an answer that is one quantity. */
export function judgeQuantity(exercise: UnitExercise, text: string, own?: OwnLine): Outcome<Judged> {
	const by = keyBy(exercise, own);
	if (!by.ok) return by;
	const read = readOneAnswer(text, [by.value.key.unit]);
	if (!read.ok) return { ok: false, fault: within(read.fault, 'answer') };
	return { ok: true, value: judgeRead(exercise, by.value, read.value, text, own) };
}

/** A key, and whether it is that of the student's own line, which alone decides then. */
export type KeyBy = { readonly key: Key; readonly own: boolean };

/**
 * The key an answer is held against: that of a line of the student's own which holds, else that of the exercise.
 * @param until the other end of a range.
 */
export function keyBy(exercise: UnitExercise, own: OwnLine | undefined, until?: Quantity): Outcome<KeyBy> {
	const mine = own?.holds ? keyOfOwn(exercise, own, until) : null;
	if (mine) return good({ key: mine, own: true });
	const key = keyOf(until ? { ...exercise, start: until } : exercise);
	return key.ok ? good({ key: key.value, own: false }) : key;
}

/** Judges an answer that has been read, against a key that has been worked. */
export function judgeRead(exercise: UnitExercise, by: KeyBy, answer: Answer, text: string, own?: OwnLine): Judged {
	const lines = linesOf(answer, exercise, by, text, own);
	return { lines, seen: [{ exercise, lines, answer, key: by.key }] };
}

function linesOf(answer: Answer, exercise: UnitExercise, by: KeyBy, text: string, own?: OwnLine): AnswerLines {
	const { key } = by;
	const unit = judgeUnit(answer, exercise, key);
	if (!answer.number) {
		const missing: VerdictLine = {
			verdict: 'absent',
			why: 'The answer has no number yet.',
			at: [0, text.length],
		};
		return { value: missing, figures: { verdict: 'absent', why: 'There are no figures to count yet.' }, unit };
	}
	const follows = own && !own.holds ? { follows: followsFrom(own.chain, answer) } : {};
	const written = answer.unit ? amountInSentence(answer.number.text, answer.unit) : printWritten(answer.number.text);
	const value: VerdictLine = isRight(answer, exercise, by)
		? { verdict: 'right', why: 'The value is right.', ...follows }
		: {
				verdict: 'wrong',
				why:
					halfIn(answer, exercise, by) ??
					(by.own ? `Your line does not give ${written}.` : `The answer is not ${written}.`),
				at: [0, answer.unitAt[0]],
				...follows,
			};
	return { value, figures: judgeFigures(answer.number, exercise, askedIn(key, answer.unit)), unit };
}

function isRight(answer: Answer, exercise: UnitExercise, { key, own }: KeyBy): boolean {
	const by = (one: Key) =>
		answer.number !== null && isRightValue(answer.number, truthFor(answer, exercise, one), askedIn(one, answer.unit));
	return by(key) || (!own && keysWithRoundedFacts(exercise, key).some(by));
}

/** What is said of a value that is wrong only by what its class does with a half; null for any other. */
function halfIn(answer: Answer, exercise: UnitExercise, { key: { ties, ...key }, own }: KeyBy): string | null {
	if (!ties || !isRight(answer, exercise, { key, own })) return null;
	return `It is exactly half-way. Here a half is rounded ${ties === 'even' ? 'to the even digit' : 'away from zero'}.`;
}

/** Whether a number is what a line comes to, unconverted, whatever unit is written beside it (contract, "check", follows). */
function followsFrom(chain: Chain, { number }: Answer): boolean {
	const key = keyOfLine(chain);
	if (!key || !number) return false;
	return isRightValue(number, key, key);
}

/** A key with its last place in the unit of the answer: the tens of grams are the hundredths of kilograms. */
function askedIn(key: Key, unit: Unit | null): Key {
	const { asked } = key;
	if (asked?.kind !== 'place' || !unit || !likeUnits(unit, key.unit) || sameSize(unit, key.unit)) return key;
	const ratio = ratioOfUnits(unit, key.unit);
	if (ratio.pi === 0 && isPowerOfTen(ratio.value.abs())) {
		const tens = Math.round(Math.log10(ratio.value.abs().nearly()));
		return { ...key, asked: { kind: 'place', place: asked.place - tens } };
	}
	const { significant } = round(withPi(key.value, key.pi), { place: asked.place });
	return { ...key, asked: { kind: 'count', from: significant, to: significant } };
}

/** The true value in the unit of the answer, where that is of the kind wanted; else in the wanted one. */
function truthFor(answer: Answer, exercise: UnitExercise, key: Key): { value: Rational; pi: number } {
	const { unit } = answer;
	if (!unit || !likeUnits(unit, key.unit)) return key;
	return valueIn(key, key.unit, unit, exercise.difference ?? false);
}

function unitsOfChain(chain: Partial<Chain>): readonly string[] {
	const { start, factors = [] } = chain;
	const starts = !start ? [] : 'top' in start ? [start.top, start.bottom] : [start];
	return [...starts, ...factors.flatMap(({ top, bottom }) => [top, bottom])].map(({ unit }) => unit);
}

function knownThings({ start, line, facts, want }: UnitExercise): ReadonlySet<string> {
	const texts = [
		...unitsOfChain({ ...(start ? { start } : {}), factors: line ?? [] }),
		...facts.flatMap(({ left, right }) => [left.unit, right.unit]),
		want.unit,
	];
	const units = texts.map((unit) => parseUnit(unit, { counted: true }));
	return new Set(units.flatMap((unit) => (unit.ok ? unit.value.counted : [])));
}

/** A word of the answer's unit that neither the tables nor the exercise know. */
export function strangeWord(unit: Unit | null, exercise: UnitExercise): string | undefined {
	const known = unit?.counted.length ? knownThings(exercise) : new Set();
	return unit?.counted.find((word) => !known.has(word));
}

/** What is said of such a word. */
export function strangeText(word: string): string {
	const near = nearUnits(word).filter((name) => name !== word);
	return `I do not know “${word}” as a unit.${near.length ? ` Did you mean ${near.join(' or ')}?` : ''}`;
}

/** The name of a lone unit: the galileo, the quettatonne. */
function nameOf({ parts, text }: Unit): string {
	const found = findUnit(text);
	const [part] = parts;
	return found && 'row' in found && part ? `the ${found.prefix?.name ?? ''}${found.row.name}` : text;
}

/** What of a rate's unit is upside down or missing, in a sentence; null where it is neither. */
function missingOf(unit: Unit, wanted: Unit): string | null {
	if (unit.parts.length === 0 || wanted.parts.length < 2) return null;
	const inverse = unitOfParts(wanted.parts.map((part) => ({ ...part, power: -part.power })));
	if (likeUnits(unit, inverse)) return `${unitInSentence(unit)} is upside down`;
	const at = wanted.parts.findIndex((part) => likeUnits(unit, unitOfParts(wanted.parts.filter((one) => one !== part))));
	const part = wanted.parts[at];
	if (!part) return null;
	const lone = unitOfParts([{ ...part, power: Math.abs(part.power) }], wanted.counted);
	return `${unitInSentence(lone)} is missing ${part.power < 0 ? 'below' : 'on the top'}`;
}

function judgeUnit(answer: Answer, exercise: UnitExercise, key: Key): VerdictLine {
	const { unit, unitAt } = answer;
	const wanted = unitInSentence(key.unit);
	const mine = unit ? unitInSentence(unit) : '';
	if (!unit) {
		if (key.unit.text === '')
			return { verdict: 'right', why: 'The answer is a plain number, and you gave no unit. Good.' };
		return { verdict: 'absent', why: `A number needs its unit. Here it is ${wanted}.`, at: unitAt };
	}
	if (sameSize(unit, key.unit)) {
		if (labelsClash(unit, key.unit))
			return { verdict: 'wrong', why: `${mine} is not the same thing as ${wanted}.`, at: unitAt };
		return { verdict: 'right', why: `${mine === 'a plain number' ? 'A plain number' : mine} is the right unit.` };
	}
	const strange = strangeWord(unit, exercise);
	if (strange !== undefined) return { verdict: 'wrong', why: strangeText(strange), at: unitAt };
	const meant = likeUnits(unit, key.unit) ? [] : otherCapitals(unit.text, key.unit);
	if (meant.length)
		return {
			verdict: 'wrong',
			why: `${unit.text} is another unit, ${nameOf(unit)}. Did you mean ${meant.join(' or ')}? Capital letters matter in a symbol.`,
			at: unitAt,
		};
	if (likeUnits(unit, key.unit))
		return {
			verdict: 'wrong',
			why: `${mine} is the right kind of unit, but the answer should be in ${wanted}.`,
			at: unitAt,
		};
	const turned = missingOf(unit, key.unit);
	if (turned !== null) return { verdict: 'wrong', why: `${turned}. The answer should be in ${wanted}.`, at: unitAt };
	if (unit.parts.length === 0)
		return { verdict: 'wrong', why: `A plain number has no unit. The answer should be in ${wanted}.`, at: unitAt };
	return {
		verdict: 'wrong',
		why: `${mine} measures ${kindOf(unit.dimension)}. The answer should be in ${wanted}.`,
		at: unitAt,
	};
}
