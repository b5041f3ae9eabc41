import { addingStep, type Chain, type Factor, type Start } from '../chain/chain';
import { scaleSteps, shiftBy } from '../chain/scale-steps';
import { workChain } from '../chain/work-chain';
import type { Exercise, UnitExercise, UnitWant } from '../exercise/exercise';
import { toMixed } from '../mixed/mixed';
import { bad, good, type Outcome } from '../numeral/fault';
import { mixedNumberText } from '../numeral/forms';
import { withPi } from '../numeral/pi';
import { printForm, printInPlain, printRounded, printValue } from '../numeral/print';
import { round } from '../numeral/round';
import { valueIn } from '../quantity/convert';
import { type Quantity, readQuantity, writtenQuantity } from '../quantity/quantity';
import { route } from '../route/route';
import { likeUnits } from '../unit/like-units';
import { parseUnit } from '../unit/parse-unit';
import type { Unit } from '../unit/unit';
import { writtenFactor } from './judge-one-factor';
import { wrongBlock } from './judge-wrong-block';
import { type Key, keyChain, keyOf, unitOfStart } from './key';

/** How an exercise may be worked: the line (null where none is worked), and a whole answer that the check finds right. */
export type Solution = { readonly chain: Chain | null; readonly answer: string };

/** The figures an endless exact result is given to. */
const ENDLESS_FIGURES = 4;

function isReading(exercise: Exercise, from: Unit, to: Unit): boolean {
	return !exercise.difference && likeUnits(from, to) && (from.offset || to.offset);
}

/** The line of an exercise that ends at one quantity. */
function chainTo(exercise: Exercise, start: Start, want: string): Outcome<Chain> {
	if (exercise.line) return good(keyChain({ ...exercise, start, want: { unit: want } }, exercise.line));
	const [from, to] = [parseUnit(unitOfStart(start), { counted: true }), parseUnit(want, { counted: true })];
	if (!from.ok) return from;
	if (!to.ok) return to;
	const lay = (factors: readonly Factor[]): Chain => ({
		start,
		...(exercise.exactStart ? { exactStart: true } : {}),
		factors,
		want,
	});
	if (isReading(exercise, from.value, to.value)) return good(lay(scaleSteps(from.value, to.value)));
	const way = route(from.value.text, to.value.text, { facts: exercise.facts, tables: true });
	if (!way.ok) return way;
	const added = (exercise.terms ?? []).flatMap((term): Factor[] => {
		const read = readQuantity(term, { counted: true });
		if (!read.ok || !read.value.number) return [];
		const { value, pi } = valueIn(read.value.number, read.value.unit, to.value, true);
		return [shiftBy(withPi(value, pi))];
	});
	return good(lay([...way.value.factors.map((factor) => ({ ...factor, given: true })), ...added]));
}

/** The value of a key as it is reported: rounded as asked, in the form asked. */
function reported(key: Key, want: UnitWant): string {
	const value = withPi(key.value, key.pi);
	if (want.form === 'fraction') return mixedNumberText(value);
	const { asked } = key;
	if (asked?.kind === 'place') return printInPlain(round(value, { place: asked.place })).text;
	if (!asked) {
		const text = printValue(key.value, key.pi, key.exact === 'ends' ? null : ENDLESS_FIGURES).text;
		return text.replace(/^≈ /, '');
	}
	const printed = printRounded(round(value, { significant: asked.from }));
	const form = want.form && printed[want.form];
	return form ? printForm(form) : printed.text;
}

function unitSolution(exercise: UnitExercise): Outcome<Solution> {
	const { start, until, want } = exercise;
	const key = keyOf(exercise);
	if (!key.ok) return key;
	const unit = key.value.unit.text;
	const line = start && !(exercise.terms && 'top' in start) ? chainTo(exercise, start, want.unit) : null;
	const chain = line?.ok ? line.value : null;
	if (!until) return good({ chain, answer: writtenQuantity({ number: reported(key.value, want), unit }) });
	const end = keyOf({ ...exercise, start: until });
	if (!end.ok) return end;
	const ends = [key.value, end.value].sort((a, b) => withPi(a.value, a.pi).compare(withPi(b.value, b.pi)));
	return good({
		chain,
		answer: writtenQuantity({ number: ends.map((one) => reported(one, want)).join(' to '), unit }),
	});
}

/** The line of a mixed measure: of each larger unit the whole part is set aside, and what is left goes on. */
function mixedChain(start: Quantity, units: readonly string[], parts: readonly Quantity[]): Chain {
	const factors: Factor[] = [];
	let from = start.unit;
	for (const [i, unit] of units.entries()) {
		const way = route(from, unit, { tables: true });
		if (way.ok) factors.push(...way.value.factors);
		from = unit;
		const whole = parts[i]?.number ?? '0';
		if (i === units.length - 1 || /^-?0$/.test(whole)) continue;
		factors.push(addingStep(whole.startsWith('-') ? whole.slice(1) : `-${whole}`));
	}
	return { start, factors, want: units.at(-1) ?? '' };
}

function mixedSolution(exercise: Exercise, mixed: readonly string[]): Outcome<Solution> {
	const { start, rounding } = exercise;
	if (!start || 'top' in start) return bad('no-key', 'A mixed measure is made of one quantity.');
	const made = toMixed(start, mixed, typeof rounding === 'object' ? rounding : null);
	if (!made.ok) return made;
	const { parts } = made.value;
	const shown = parts.filter(({ number }, i) => i === parts.length - 1 || number !== '0');
	return good({
		chain: mixedChain(start, mixed, parts),
		answer: shown.map(({ number, unit }) => writtenQuantity({ number: printForm(number), unit })).join(' '),
	});
}

function factorSolution(exercise: Exercise, want: string): Outcome<Solution> {
	const { start } = exercise;
	if (!start) return bad('no-key', 'This exercise has nothing to start from.');
	const chain = chainTo(exercise, start, want);
	if (!chain.ok) return chain;
	const [factor] = chain.value.factors;
	if (!factor) return bad('no-key', 'The start is there already.');
	return good({ chain: { ...chain.value, factors: [factor] }, answer: writtenFactor(factor) });
}

/** The worked solution of an exercise, whatever is wanted; shown only to one who asks for it. */
export function solutionOf(exercise: Exercise): Outcome<Solution> {
	const { want } = exercise;
	if ('unit' in want) return unitSolution({ ...exercise, want });
	if ('mixed' in want) return mixedSolution(exercise, want.mixed);
	if ('factor' in want) return factorSolution(exercise, want.factor);
	if ('figures' in want) {
		const read = readQuantity({ number: want.figures, unit: '' });
		return read.ok ? good({ chain: null, answer: `${read.value.number?.significant ?? ''}` }) : read;
	}
	const worked = workChain(want.slip);
	const wrong = worked.ok ? wrongBlock(want.slip, worked.value, exercise) : null;
	return wrong === null
		? bad('no-key', 'No block of this line is wrong.')
		: good({ chain: null, answer: `factor ${wrong + 1}` });
}
