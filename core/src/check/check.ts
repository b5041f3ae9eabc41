import type { Chain } from '../chain/chain';
import type { Exercise } from '../exercise/exercise';
import { type Fault, type Outcome, within } from '../numeral/fault';
import type { Rational } from '../numeral/rational';
import { valueIn } from '../quantity/convert';
import { kindOf } from '../unit/dimension';
import { nearUnits } from '../unit/find-unit';
import { labelsClash, likeUnits, sameSize } from '../unit/like-units';
import { parseUnit } from '../unit/parse-unit';
import type { Unit } from '../unit/unit';
import { figuresText, judgeFigures } from './judge-figures';
import { judgeLine } from './judge-line';
import { isRightValue } from './judge-value';
import { type Key, keyOf } from './key';
import { type Answer, readAnswer } from './read-answer';
import type { Slip, Verdict, VerdictLine } from './verdict';

/**
 * Holds an answer, and the line it was worked by where there is one, against an exercise.
 * @returns four judged lines, or a fault: of the answer as typed (`in` is "answer"), of the line
 *   (`chain.…`), or of the exercise itself.
 */
export function check(exercise: Exercise, answer: string, chain?: Chain): Outcome<Verdict> {
	const key = keyOf(exercise);
	if (!key.ok) return key;
	const line = chain ? judgeLine(chain, exercise) : good('not-asked', 'No line was given.');
	if (!line.ok) return line;
	const read = readAnswer(answer);
	if (!read.ok) return { ok: false, fault: within(read.fault, 'answer') };
	const lines = { line: line.value, ...judgeAnswer(read.value, exercise, key.value, answer) };
	const right = Object.values(lines).every(({ verdict }) => verdict === 'right' || verdict === 'not-asked');
	const slips = right ? [] : plainSlips(lines, read.value, key.value);
	return { ok: true, value: { ...lines, right, slips, first: slips[0]?.code ?? null } };
}

function good(verdict: VerdictLine['verdict'], why: string): Outcome<VerdictLine> {
	return { ok: true, value: { verdict, why } };
}

type AnswerLines = Pick<Verdict, 'value' | 'figures' | 'unit'>;

function judgeAnswer(answer: Answer, exercise: Exercise, key: Key, text: string): AnswerLines {
	const unit = judgeUnit(answer, exercise, key);
	if (!answer.number) {
		const missing: VerdictLine = {
			verdict: 'absent',
			why: 'There is no number in the answer yet.',
			at: [0, text.length],
		};
		return { value: missing, figures: { verdict: 'absent', why: 'There is no number to count figures in yet.' }, unit };
	}
	const right = isRightValue(answer.number, truthFor(answer, exercise, key), key);
	const value: VerdictLine = right
		? { verdict: 'right', why: 'The value is right as far as it is written.' }
		: {
				verdict: 'wrong',
				why: `This problem does not come to ${answer.number.text}${answer.unit ? ` ${answer.unit.text}` : ''}. Look at the line again, block by block.`,
				at: [0, answer.unitAt[0]],
			};
	return { value, figures: judgeFigures(answer.number, exercise, key), unit };
}

/** The true value in the unit of the answer, where that is of the kind wanted; else in the wanted one. */
function truthFor(answer: Answer, exercise: Exercise, key: Key): { value: Rational; pi: number } {
	const { unit } = answer;
	if (!unit || !likeUnits(unit, key.unit)) return key;
	return valueIn(key, key.unit, unit, exercise.difference ?? false);
}

function knownThings(exercise: Exercise): ReadonlySet<string> {
	const sides = [
		...exercise.facts.flatMap(({ left, right }) => [left, right]),
		...(exercise.line ?? []).flatMap(({ top, bottom }) => [top, bottom]),
		...('top' in exercise.start ? [exercise.start.top, exercise.start.bottom] : [exercise.start]),
	];
	const units = [...sides.map(({ unit }) => unit), exercise.want.unit].map((unit) =>
		parseUnit(unit, { counted: true }),
	);
	return new Set(units.flatMap((unit) => (unit.ok ? unit.value.counted : [])));
}

/** A word of the answer's unit that neither the tables nor the exercise know. */
function strangeWord(unit: Unit | null, exercise: Exercise): string | undefined {
	const known = unit?.counted.length ? knownThings(exercise) : new Set();
	return unit?.counted.find((word) => !known.has(word));
}

function strangeText(word: string): string {
	const near = nearUnits(word);
	return `I do not know “${word}” as a unit.${near.length ? ` Did you mean ${near.join(' or ')}?` : ''}`;
}

/**
 * What is wrong with how an answer is written, before it is judged: no number, a number or a unit that
 * cannot be read, with its place in the text; null when it can be held against the exercise.
 */
export function answerFault(exercise: Exercise, text: string): Fault | null {
	const read = readAnswer(text);
	if (!read.ok) return read.fault;
	const { number, unit, unitAt } = read.value;
	if (!number) return { code: 'empty', message: 'There is no number here yet.', at: [0, text.length] };
	const strange = strangeWord(unit, exercise);
	return strange === undefined ? null : { code: 'unknown-unit', message: strangeText(strange), at: unitAt };
}

function judgeUnit(answer: Answer, exercise: Exercise, key: Key): VerdictLine {
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
		return { verdict: 'wrong', why: `${unit.text} is of the right kind, but ${wanted} is wanted.`, at: unitAt };
	return { verdict: 'wrong', why: `${unit.text} measures ${kindOf(unit.dimension)}; ${wanted} is wanted.`, at: unitAt };
}

/** The slips the four lines show by themselves; those that must be searched for are not here. */
function plainSlips(lines: AnswerLines, answer: Answer, key: Key): Slip[] {
	const slips: Slip[] = [];
	const { value, figures, unit } = lines;
	if (unit.verdict === 'absent' && answer.number) slips.push({ code: 'unit-missing', why: unit.why });
	if (unit.verdict === 'wrong') {
		const early = value.verdict === 'right' && answer.unit && likeUnits(answer.unit, key.unit);
		slips.push({ code: early ? 'stopped-early' : 'unit-wrong', why: unit.why });
	}
	if (value.verdict !== 'right') return slips;
	if (figures.verdict === 'unclear') slips.push({ code: 'zeros-unclear', why: figures.why });
	const count = answer.number?.significant ?? null;
	if (figures.verdict === 'wrong' && key.asked?.kind === 'count' && count !== null) {
		if (count > key.asked.to)
			slips.push({ code: 'digits-many', why: `${figuresText(count)} claim more than the inputs can give.` });
		if (count < key.asked.from)
			slips.push({ code: 'digits-few', why: `${figuresText(count)} throw away some that count.` });
	}
	return slips;
}
