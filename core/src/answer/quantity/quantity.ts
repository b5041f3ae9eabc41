import type { UnitExercise } from '../../exercise/exercise';
import { keyOf } from '../../key/key';
import { bad, type Fault, good } from '../../numeral/fault';
import { withPi } from '../../numeral/pi';
import { rationalText } from '../../numeral/rational';
import { readMixedAnswer, readOneAnswer, readRangeAnswer } from '../../read/read-parts';
import { printUnitText } from '../../say/say';
import { parseUnit } from '../../unit/parse-unit';
import type { Unit } from '../../unit/unit';
import type { AnswerKind } from '../answer-kind';
import { judgeQuantity, strangeText, strangeWord } from './judge-quantity';
import { isRange, judgeRange } from './judge-range';
import { lacksOfQuantity } from './lacks-of-quantity';
import { FORMS_ASKED } from './number-forms-asked';
import { solveQuantity } from './solve-quantity';

/**
 * What is wrong with how a quantity is written, before it is judged: no number, a number or a unit that cannot be read,
 * with its place in the text; null when it can be held against the exercise.
 */
function writingFault(exercise: UnitExercise, text: string): Fault | null {
	const read = readOneAnswer(text, wantedUnits([exercise.want.unit]));
	if (!read.ok) return read.fault;
	const { number, unit, unitAt } = read.value;
	if (!number) return bad('empty', 'Write a number first.', [0, text.length]).fault;
	const strange = strangeWord(unit, exercise);
	return strange === undefined ? null : bad('unknown-unit', strangeText(strange), unitAt).fault;
}

/** What is wrong with an answer that is nothing yet; null where there is something to judge. */
export function emptyFault(text: string): Fault | null {
	return text.trim() === '' ? bad('empty', 'Write an answer first.', [0, text.length]).fault : null;
}

/** Units that are wanted, read; those that cannot be are left out. */
export function wantedUnits(wanted: readonly string[]): readonly Unit[] {
	return wanted.flatMap((text) => {
		const unit = parseUnit(text, { counted: true });
		return unit.ok ? [unit.value] : [];
	});
}

/** The counted things that the quantities of a text name. */
export function countedInParts(text: string, wanted: readonly string[]): readonly string[] {
	const parts = readMixedAnswer(text, wantedUnits(wanted));
	return parts.ok ? parts.value.flatMap(({ unit }) => unit?.counted ?? []) : [];
}

/** An answer that is one quantity, or a range of it from a low end to a high one. */
export const quantity: AnswerKind<'unit'> = {
	field: 'unit',
	judge: (exercise, text, own) =>
		isRange(exercise) ? judgeRange(exercise, text, own) : judgeQuantity(exercise, text, own),
	solve: solveQuantity,
	keyText: (exercise) => {
		const key = keyOf(exercise);
		return key.ok ? good(rationalText(withPi(key.value.value, key.value.pi))) : key;
	},
	goal: ({ unit }) => unit,
	units: ({ unit }) => [unit],
	countedIn: (text, { unit }) => countedInParts(text, [unit]),
	line: () => 'may-lack',
	adding: 'as-the-key',
	lacks: lacksOfQuantity,
	says: (_, unit) => (unit === null ? 'not said yet' : printUnitText(unit) || 'a plain number'),
	form: ({ form }) => (form ? FORMS_ASKED[form].says : null),
	nudges: null,
	nudgesAtEnd: null,
	nudgesOnForm: ({ form }) => {
		const nudges = form ? FORMS_ASKED[form].nudges : [];
		return nudges.length ? nudges : null;
	},
	answering: (exercise) => {
		const range = isRange(exercise);
		const wanted = wantedUnits([exercise.want.unit]);
		return {
			by: 'typing',
			label: 'Your answer, a number and a unit',
			placeholder: 'number and unit',
			example: range
				? `For example 12.5 to 13.5 ${printUnitText(exercise.want.unit)}.`
				: 'For example 4.62 kPa, 7.0 × 10^3 s or 1 250 m.',
			units: [],
			keys: range ? [' to '] : [],
			quantity: !range,
			reads: (text) => {
				if (range) return readRangeAnswer(text, wanted);
				const read = readOneAnswer(text, wanted);
				return read.ok ? good([read.value]) : read;
			},
			joins: ' to ',
			fault: (text) => (range ? emptyFault(text) : writingFault(exercise, text)),
		};
	},
};
