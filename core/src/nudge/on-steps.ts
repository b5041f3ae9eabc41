import { askedBy, largerUnits } from '../answer/answer-kinds';
import { wantedUnits } from '../answer/quantity/quantity';
import type { Chain } from '../chain/chain';
import { exactText } from '../chain/exact-text';
import { fitsAfter } from '../chain/fits-after';
import { isReading, readingsOf } from '../chain/readings';
import type { StepField } from '../chain/steps/step-kind';
import type { WorkedChain } from '../chain/work-chain';
import type { Exercise } from '../exercise/exercise';
import { partsOfLine } from '../exercise/parts-of-line';
import { timesMissing } from '../exercise/times-of-line';
import { mixedNumberText } from '../numeral/mixed-number-text';
import { endingPlaces } from '../numeral/print';
import { rational } from '../numeral/rational';
import { asideOffers } from '../offer/aside-offers';
import { valueIn } from '../quantity/convert';
import { quantityInSentence } from '../say/in-sentence';
import { unitWord } from '../say/listed';
import { printWritten } from '../say/say';
import { likeUnits, ratioOfUnits, sameSize } from '../unit/like-units';
import { parseUnit } from '../unit/parse-unit';

/** What a student who is stuck is told, one step after another: where to look first, the very block last. */
export type Nudges = readonly string[];

type OnStep = (chain: Chain, worked: WorkedChain, exercise: Exercise) => Nudges | null;

function lookAt(step: number, why: string): Nudges {
	return [`Step ${step + 1} does not help. Check it again, or undo it.`, why];
}

const ZEROS_APART = 'Compare the two scales. Where is the zero of one on the other, and how large is a degree?';

/** Where a reading leaves the place of its start, or its zero must still shift. */
const onShift: OnStep = (_, worked, exercise) => {
	const { start, want: goal } = worked.read;
	const { unit } = start.top;
	const isScale = goal && !exercise.difference && likeUnits(unit, goal) && (unit.offset || goal.offset);
	const readings = isScale ? readingsOf(worked) : [];
	const [first] = readings;
	const last = readings.at(-1);
	if (!goal || !first || !last || readings.length < worked.running.length) return null;
	const away = readings.findIndex(({ zero, kelvins }) => zero === null || !kelvins.equals(first.kelvins));
	if (away > 0) return lookAt(away - 1, ZEROS_APART);
	if (last.degrees === goal.text && isReading(readings)) return null;
	const degrees = parseUnit(last.degrees);
	const zero = parseUnit(last.zero ?? '');
	if (!degrees.ok || !zero.ok || last.zero === goal.text) return null;
	// How far the zero of the wanted scale is from the one that is counted from, in the degrees that stand.
	const nothing = { value: rational(0n), pi: 0 };
	const apart = valueIn(nothing, goal, zero.value, false).value.mul(ratioOfUnits(zero.value, degrees.value).value);
	if (apart.sign === 0) return null;
	// In the degrees of neither scale the number is none that anybody knows: the degrees change first.
	const known = endingPlaces(apart.abs()) !== null && last.degrees === last.zero;
	if (!known && last.degrees !== goal.text) return null;
	const size = endingPlaces(apart.abs()) === null ? mixedNumberText(apart.abs()) : printWritten(exactText(apart.abs()));
	return [
		`0 ${last.zero} and 0 ${goal.text} are not the same temperature. So you also have to add or subtract.`,
		`Adding or subtracting is a step of its own. Touch ${unitWord(last.degrees)} to see where the zeros are.`,
		`The step: ${apart.sign > 0 ? 'subtract' : 'add'} ${size}.`,
	];
};

/** Where whole ones can be set aside, or too many or too few were. */
const onAside: OnStep = (chain, worked, exercise) => {
	const { factors } = worked.read;
	const wrong = factors.findIndex(
		({ step }, at) => step?.kind.keeps && step.quantity.number && fitsAfter(worked, at) !== 'fits',
	);
	if (wrong >= 0) return lookAt(wrong, 'Set aside all the whole ones. The rest should be less than one.');
	const [offer] = asideOffers({ exercise, chain, worked, unit: '', fills: true });
	const stands = worked.running.at(-1);
	const [way] = offer?.ways ?? [];
	if (!offer || !way || !stands) return null;
	return [
		'Keep the whole ones as they are. Convert only the rest into smaller units.',
		`The next step is not a factor. Touch ${unitWord(stands.unit)} to see how to set the whole ones aside.`,
		`The step: ${way.say.replace(/^./, (c) => c.toLowerCase())}.`,
	];
};

/** Where a part of a sum is still to be added, or one was added that the problem does not tell. */
const onTerm: OnStep = (chain, worked, exercise) => {
	if (!exercise.terms?.length || worked.read.factors.some(({ step }) => step && !step.kind.begins)) return null;
	const { missing, strange } = partsOfLine(exercise, chain);
	const wrong = strange.find((at) => at >= 0);
	if (wrong !== undefined) return lookAt(wrong, 'The problem gives every part you have to add. Read it again.');
	const { want } = worked.read;
	const [next] = missing;
	if (!next || !want || !sameSize(worked.unit, want)) return null;
	return [
		`The line is in ${want.text}, as it should be. Now add the other parts.`,
		`The next step is not a factor. Touch any unit to put the next part beside the line.`,
		`The step: add ${quantityInSentence(next)}.`,
	];
};

/** Where the start is still to be multiplied by what the problem tells beside it. */
const onTimes: OnStep = (_, worked, exercise) => {
	const [next] = timesMissing(exercise, worked);
	if (!next) return null;
	return [
		'You need a product. Read again what is multiplied by what.',
		`Next, multiply by a quantity from the problem. Touch ${unitWord(worked.unit.text)} to find it.`,
		`The step: multiply by ${quantityInSentence(next.top)}.`,
	];
};

const ON_STEPS: { readonly [F in StepField]: OnStep } = { shift: onShift, aside: onAside, term: onTerm };

/** Nudges where what leads on is no factor, or a step that is none went wrong; null where a factor leads on. */
export function onSteps(chain: Chain, worked: WorkedChain, exercise: Exercise): Nudges | null {
	for (const on of [onTimes, ...Object.values(ON_STEPS)]) {
		const nudges = on(chain, worked, exercise);
		if (nudges) return nudges;
	}
	return null;
}

/** The parts of a line that stand in another unit than wanted; the one worked now last. */
function standing(worked: WorkedChain) {
	return [...(worked.parts > 1 ? worked.aside.map(({ unit }) => unit) : []), worked.unit];
}

/** The unit the next factor leads to; null where every part of the line has come to what is wanted. */
export function nextUnit(worked: WorkedChain, exercise: Exercise): string | null {
	const larger = largerUnits(exercise);
	const units = wantedUnits(larger.length ? askedBy(exercise).units : []);
	const kept = (text: string) => worked.aside.some(({ unit }) => unit.text === text);
	// Of a measure in parts the next smaller one, so that its whole ones can be set aside on the way.
	const next = units.find(({ text }) => !kept(text) && text !== worked.unit.text && !isLarger(worked, text, units));
	if (worked.reached) return null;
	return units.length > 1 && next ? next.text : (worked.read.want?.text ?? '');
}

/** Whether a wanted part is larger than what stands, which has become one of the smaller parts. */
function isLarger(worked: WorkedChain, text: string, units: ReturnType<typeof wantedUnits>): boolean {
	const at = units.findIndex((unit) => unit.text === worked.unit.text);
	return at >= 0 && units.findIndex((unit) => unit.text === text) < at;
}

/** The line as far as the part is concerned that the next factor is for. */
export function standingOf(worked: WorkedChain, want: string): WorkedChain {
	const goal = parseUnit(want, { counted: true });
	const unit = standing(worked).find((one) => goal.ok && !sameSize(one, goal.value));
	return unit && unit.text !== worked.unit.text ? { ...worked, unit } : worked;
}
