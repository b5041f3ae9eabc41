import type { UnitExercise } from '../../exercise/exercise';
import type { OwnLine } from '../../key/own-key';
import { type AnswerLines, type Judged, type VerdictLine, worst } from '../../key/verdict';
import { type Outcome, type Span, within } from '../../numeral/fault';
import { withPi } from '../../numeral/pi';
import type { Quantity } from '../../quantity/quantity';
import { type Part, readRangeAnswer } from '../../read/read-parts';
import { judgeRead, type KeyBy, keyBy } from './judge-quantity';

type RangeExercise = UnitExercise & { readonly until: Quantity };

const ENDS = ['low', 'high'] as const;

const COLDER = 'Write the lower end first. Below zero, the lower end is the one with the larger number.';

/** The line of the end that fares worse, naming that end; their common one where both fare alike. */
function worse(low: VerdictLine, high: VerdictLine): VerdictLine {
	if (low.verdict === high.verdict && low.why === high.why) return low;
	const line = worst(low, high);
	if (line.verdict === 'right' || line.verdict === 'not-asked') return line;
	return { ...line, why: `At the ${ENDS[line === low ? 0 : 1]} end: ${line.why}` };
}

/** Whether a range is wanted: the start has a second end. */
export function isRange(exercise: UnitExercise): exercise is RangeExercise {
	return exercise.until !== undefined;
}

/** Judges an answer that is a range: both ends by the same measure, each against its own key. */
export function judgeRange(exercise: RangeExercise, text: string, own?: OwnLine): Outcome<Judged> {
	const { until, ...low } = exercise;
	const ends = [keyBy(low, own), keyBy(low, own, until)] as const;
	if (!ends[0].ok) return ends[0];
	if (!ends[1].ok) return ends[1];
	// Of two values below zero the one further from it is the low one.
	const [first, second] = [ends[0].value, ends[1].value];
	const worthOf = ({ key }: KeyBy) => withPi(key.value, key.pi);
	const down = worthOf(first).compare(worthOf(second)) > 0;
	const [lowKey, highKey] = down ? [second, first] : [first, second];
	const read = readRangeAnswer(text, [first.key.unit]);
	if (!read.ok) return { ok: false, fault: within(read.fault, 'answer') };
	const [one, other] = read.value;
	const end: Span = [text.length, text.length];
	const nothing = { number: null, unitAt: end, at: end, written: { number: '', unit: '' } };
	const lowPart: Part = one ?? { ...nothing, unit: null };
	const highPart: Part = other ?? { ...nothing, unit: lowPart.unit };
	const at: Span = [0, text.length];
	const turned = (part: Part, by: KeyBy, of: UnitExercise) =>
		judgeRead(of, by, { ...part, unit: part.unit ?? highPart.unit ?? lowPart.unit }, text, own).lines;
	const crossed = [turned(highPart, lowKey, low), turned(lowPart, highKey, { ...low, start: until })] as const;
	if (!worthOf(lowKey).equals(worthOf(highKey)) && crossed.every(({ value }) => value.verdict === 'right')) {
		const why = 'Both ends are right, but the lower one comes first.';
		const lines: AnswerLines = {
			value: { verdict: 'wrong', why, at },
			figures: worse(crossed[0].figures, crossed[1].figures),
			unit: worse(crossed[0].unit, crossed[1].unit),
		};
		return { ok: true, value: { lines, slips: [{ code: 'range-reversed', why: COLDER }] } };
	}
	const lowJudged = judgeRead(low, lowKey, { ...lowPart, unit: lowPart.unit ?? highPart.unit }, text, own);
	const highJudged = judgeRead(
		{ ...low, start: until },
		highKey,
		{ ...highPart, unit: highPart.unit ?? lowPart.unit },
		text,
	);
	const lines: AnswerLines = {
		value: worse(lowJudged.lines.value, highJudged.lines.value),
		figures: worse(lowJudged.lines.figures, highJudged.lines.figures),
		unit: worse(lowJudged.lines.unit, highJudged.lines.unit),
	};
	return { ok: true, value: { lines, seen: [...(lowJudged.seen ?? []), ...(highJudged.seen ?? [])] } };
}
