import type { Chain } from '../../chain/chain';
import type { UnitExercise } from '../../exercise/exercise';
import { isRightValue } from '../../key/is-right-value';
import { type Key, keyOf } from '../../key/key';
import { keysWithRoundedFacts } from '../../key/rounded-keys';
import type { AnswerLines, Judged, VerdictLine } from '../../key/verdict';
import { type Outcome, within } from '../../numeral/fault';
import type { Rational } from '../../numeral/rational';
import { valueIn } from '../../quantity/convert';
import { type Answer, readAnswer } from '../../read/read-answer';
import { kindOf } from '../../unit/dimension';
import { nearUnits } from '../../unit/find-unit';
import { labelsClash, likeUnits, sameSize } from '../../unit/like-units';
import { parseUnit } from '../../unit/parse-unit';
import type { Unit } from '../../unit/unit';
import { judgeFigures } from './judge-figures';

/** Judges an answer that is one quantity. */
export function judgeQuantity(exercise: UnitExercise, text: string): Outcome<Judged> {
	const key = keyOf(exercise);
	if (!key.ok) return key;
	const read = readAnswer(text);
	if (!read.ok) return { ok: false, fault: within(read.fault, 'answer') };
	return { ok: true, value: judgeRead(exercise, key.value, read.value, text) };
}

/** Judges an answer that has been read, against a key that has been worked. */
export function judgeRead(exercise: UnitExercise, key: Key, answer: Answer, text: string): Judged {
	const lines = linesOf(answer, exercise, key, text);
	return { lines, seen: [{ exercise, lines, answer, key }] };
}

function linesOf(answer: Answer, exercise: UnitExercise, key: Key, text: string): AnswerLines {
	const unit = judgeUnit(answer, exercise, key);
	if (!answer.number) {
		const missing: VerdictLine = {
			verdict: 'absent',
			why: 'There is no number in the answer yet.',
			at: [0, text.length],
		};
		return { value: missing, figures: { verdict: 'absent', why: 'There is no number to count figures in yet.' }, unit };
	}
	const value: VerdictLine = isRight(answer, exercise, key)
		? { verdict: 'right', why: 'The value is right as far as it is written.' }
		: {
				verdict: 'wrong',
				why: `This problem does not come to ${answer.number.text}${answer.unit ? ` ${answer.unit.text}` : ''}.`,
				at: [0, answer.unitAt[0]],
			};
	return { value, figures: judgeFigures(answer.number, exercise, key), unit };
}

function isRight(answer: Answer, exercise: UnitExercise, key: Key): boolean {
	const by = (one: Key) => answer.number !== null && isRightValue(answer.number, truthFor(answer, exercise, one), one);
	return by(key) || keysWithRoundedFacts(exercise, key).some(by);
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
	const near = nearUnits(word);
	return `I do not know “${word}” as a unit.${near.length ? ` Did you mean ${near.join(' or ')}?` : ''}`;
}

function judgeUnit(answer: Answer, exercise: UnitExercise, key: Key): VerdictLine {
	const { unit, unitAt } = answer;
	const wanted = key.unit.text;
	if (!unit) {
		if (wanted === '') return { verdict: 'right', why: 'A plain number is wanted, and no unit is given.' };
		return { verdict: 'absent', why: `A number without a unit could be anything; ${wanted} is wanted.`, at: unitAt };
	}
	if (sameSize(unit, key.unit)) {
		if (labelsClash(unit, key.unit))
			return { verdict: 'wrong', why: `${unit.text} names another substance than ${wanted}.`, at: unitAt };
		return { verdict: 'right', why: `${unit.text || 'A plain number'} is what is wanted.` };
	}
	const strange = strangeWord(unit, exercise);
	if (strange !== undefined) return { verdict: 'wrong', why: strangeText(strange), at: unitAt };
	if (likeUnits(unit, key.unit))
		return {
			verdict: 'wrong',
			why: `${unit.text} is of the right kind, but ${wanted || 'a plain number'} is wanted.`,
			at: unitAt,
		};
	return {
		verdict: 'wrong',
		why: `${unit.text} measures ${kindOf(unit.dimension)}; ${wanted || 'a plain number'} is wanted.`,
		at: unitAt,
	};
}
