import { asideStep, type Chain, type Factor } from '../chain/chain';
import { fitsAfter, isUnderOne } from '../chain/fits-after';
import type { WorkedChain } from '../chain/work-chain';
import type { Asking, Exercise, Wants } from '../exercise/exercise';
import { isRightValue } from '../key/is-right-value';
import { type Key, keyOf } from '../key/key';
import { keyOfOwn, type OwnLine, withoutAside } from '../key/own-key';
import type { Judged, VerdictLine } from '../key/verdict';
import { partsOf, toMixed } from '../mixed/mixed';
import { bad, good, type Outcome, type Span, within } from '../numeral/fault';
import { parseNumeral } from '../numeral/parse-numeral';
import { withPi } from '../numeral/pi';
import { printForm } from '../numeral/print';
import { ONE, type Rational, rational, rationalText } from '../numeral/rational';
import type { RoundingTarget } from '../numeral/round';
import { valueIn } from '../quantity/convert';
import { type Quantity, writtenQuantity } from '../quantity/quantity';
import { type Part, readMixedAnswer } from '../read/read-parts';
import { route } from '../route/route';
import { unitInSentence } from '../say/in-sentence';
import { listed } from '../say/listed';
import { likeUnits, ratioOfUnits, sameSize } from '../unit/like-units';
import { parseUnit } from '../unit/parse-unit';
import type { Unit } from '../unit/unit';
import type { AnswerKind, Solution } from './answer-kind';
import { countedInParts, emptyFault, wantedUnits } from './quantity/quantity';

declare module '../exercise/exercise' {
	interface Wants {
		/** The units of a measure of several parts, large to small: 8 ft 9 in. */
		readonly mixed: { readonly mixed: readonly string[] };
	}
}

/** Judges an answer that is a mixed measure: its parts together, and that each stands in its own unit. */
function judgeMixed(exercise: Asking<'mixed'>, text: string, own?: OwnLine): Outcome<Judged> {
	const { mixed } = exercise.want;
	const units: Unit[] = [];
	for (const [i, unit] of mixed.entries()) {
		const read = parseUnit(unit, { counted: true });
		if (!read.ok) return { ok: false, fault: within(read.fault, `exercise.want.mixed.${i}`) };
		units.push(read.value);
	}
	const whole = { ...exercise, want: { unit: smallestOf(exercise.want) } };
	// What a line sets aside belongs to the answer all the same.
	const mine = own?.holds ? keyOfOwn(whole, { ...own, chain: withoutAside(own.chain) }) : null;
	const key = mine ? good(mine) : keyOf(whole);
	if (!key.ok) return key;
	const read = readMixedAnswer(text, units);
	if (!read.ok) return { ok: false, fault: within(read.fault, 'answer') };
	return { ok: true, value: judged(exercise, key.value, units, largestFirst(read.value), text) };
}

/** The parts from the largest unit to the smallest, in whatever order they are written: 9 in 8 ft is 8 ft 9 in. */
function largestFirst(parts: readonly Part[]): readonly Part[] {
	const [first] = parts;
	const canTurn = parts.every(
		({ unit, number }) => unit && number && !number.form.negative && likeUnits(unit, first?.unit as Unit),
	);
	if (!canTurn) return parts;
	return [...parts].sort((a, b) => ratioOfUnits(b.unit as Unit, a.unit as Unit).value.compare(ONE));
}

/** The smallest unit of a mixed measure, at which its line ends. */
function smallestOf({ mixed }: Wants['mixed']): string {
	return mixed.at(-1) ?? '';
}

function judged(exercise: Exercise, key: Key, units: readonly Unit[], parts: readonly Part[], text: string): Judged {
	const all: Span = [0, text.length];
	const figures: VerdictLine = { verdict: 'not-asked', why: 'The figures of a measure in parts are not checked.' };
	const names = listed(units.map((unit) => unitInSentence(unit)));
	const empty = parts.find(({ number }) => number === null);
	if (empty) {
		const value: VerdictLine = { verdict: 'absent', why: 'One part has no number.', at: empty.at };
		return { lines: { value, figures, unit: judgeUnits(parts, units, names, all) } };
	}
	const unit = judgeUnits(parts, units, names, all);
	const right = isRight(exercise, key, units, parts);
	const value: VerdictLine = right
		? { verdict: 'right', why: 'Together the parts have the right value.' }
		: {
				verdict: 'wrong',
				why: `Together the parts are not the right value. Check ${names} one at a time.`,
				at: all,
			};
	const lines = { value, figures, unit };
	const total = totalOf(parts, units.at(-1) as Unit);
	return { lines, parts: { exercise, lines, units, parts, total, truth: withPi(key.value, key.pi) } };
}

/** The parts as one value of the smallest unit wanted; null where a part is of another kind. */
function totalOf(parts: readonly Part[], smallest: Unit): Rational | null {
	let total = rational(0n);
	const negative = parts[0]?.number?.form.negative ?? false;
	for (const { number, unit } of parts) {
		if (!number || !unit || !likeUnits(unit, smallest)) return null;
		const part = valueIn(number, unit, smallest, true);
		const value = withPi(part.value, part.pi);
		// "−7 ft 5 in" is written with its sign once, at the front.
		total = total.add(negative && value.sign > 0 ? value.neg() : value);
	}
	return total;
}

function isRight(exercise: Exercise, key: Key, units: readonly Unit[], parts: readonly Part[]): boolean {
	const smallest = units.at(-1) as Unit;
	const total = totalOf(parts, smallest);
	if (total === null) return false;
	const truth = withPi(key.value, key.pi);
	if (total.equals(truth)) return true;
	const { rounding } = exercise;
	if (typeof rounding === 'object')
		return total.equals(sum(partsOf(truth, units, rounding as RoundingTarget, key.ties).parts, units));
	const last = parts.at(-1);
	const place = last?.unit && sameSize(last.unit, smallest) ? last.number?.lastPlace : null;
	if (place === null || place === undefined || total.sign === 0) return false;
	const significant = total.leadingPlace() - place + 1;
	if (significant < 1) return false;
	const form = { kind: 'decimal', negative: false, digits: '', exponent: null } as const;
	const number = {
		text: '',
		value: total,
		pi: 0,
		significant,
		atMost: significant,
		ambiguous: false,
		lastPlace: place,
		form,
	};
	return isRightValue(number, { value: truth, pi: 0 }, key);
}

function sum(parts: readonly Rational[], units: readonly Unit[]): Rational {
	const smallest = units.at(-1) as Unit;
	return parts.reduce((total, part, i) => {
		const ratio = ratioOfUnits(units[i] as Unit, smallest);
		return total.add(part.mul(withPi(ratio.value, ratio.pi)));
	}, rational(0n));
}

function judgeUnits(parts: readonly Part[], units: readonly Unit[], names: string, all: Span): VerdictLine {
	let next = 0;
	for (const { unit, number, at, unitAt } of parts) {
		if (!unit) return { verdict: 'absent', why: `One part has no unit. Use ${names}.`, at };
		const found = units.findIndex((wanted, k) => k >= next && sameSize(wanted, unit));
		if (found < 0)
			return {
				verdict: 'wrong',
				why: `${unitInSentence(unit)} is not one of the units to use here. Use ${names}.`,
				at: unitAt,
			};
		next = found + 1;
		const larger = units[found - 1];
		if (!number) continue;
		if (found < units.length - 1 && number.value.d !== 1n)
			return {
				verdict: 'wrong',
				why: `Only the last part may have decimals. ${number.text} ${unit.text} is not a whole number.`,
				at,
			};
		if (larger && !fits(number.value, unit, larger))
			return {
				verdict: 'wrong',
				why: `${number.text} ${unit.text} is more than one ${larger.text}. Convert the whole ${larger.text} too.`,
				at,
			};
	}
	const missing = units.length > 1 && parts.length === 1 && parts[0]?.number?.value.d !== 1n && next < units.length;
	if (missing) return { verdict: 'wrong', why: `Write it in parts: ${names}.`, at: all };
	return { verdict: 'right', why: `${names} are the right units.` };
}

/** Whether a part is less than one of the next larger unit. */
function fits(value: Rational, unit: Unit, larger: Unit): boolean {
	const ratio = ratioOfUnits(unit, larger);
	return value.abs().mul(withPi(ratio.value, ratio.pi)).compare(ONE) < 0;
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
		factors.push(asideStep({ number: whole, unit }));
	}
	return { start, factors, want: units.at(-1) ?? '' };
}

/** What a line still lacks that ends in the smallest unit: whole ones of a larger one that were not set aside. */
function lacksOfMixed({ want }: Asking<'mixed'>, _: Chain, worked: WorkedChain): string | null {
	const { factors } = worked.read;
	// Numbers taken away by hand are judged at the check.
	if (factors.some(({ step }) => step && !step.kind.keeps)) return null;
	const last = worked.running.at(-1);
	for (const unit of wantedUnits(want.mixed.slice(0, -1))) {
		const at = factors.findIndex(({ step }) => step?.kind.keeps && sameSize(step.quantity.unit, unit));
		if (at < 0 && last?.value && !isUnderOne(last, unit))
			return `The line still has whole ${unit.text} in it. Set them aside.`;
		const full = at < 0 ? worked.aside.find((kept) => !isUnderOne({ ...kept, unit: kept.unit.text }, unit)) : undefined;
		if (full) return `The ${full.unit.text} you set aside still hold whole ${unit.text}.`;
		const fits = at < 0 ? 'fits' : fitsAfter(worked, at);
		if (fits === 'more') return `After step ${at + 1} there is still a whole ${unit.text} left.`;
		if (fits === 'fewer') return `Step ${at + 1} sets aside more ${unit.text} than there are.`;
	}
	return null;
}

/** The parts a mixed measure comes to, as they are written. */
function partsOfMixed({ start, rounding, want, goesBy }: Asking<'mixed'>): Outcome<readonly Quantity[]> {
	if (!start || 'top' in start) return bad('no-key', 'A mixed measure is made of one quantity.');
	const made = toMixed(start, want.mixed, typeof rounding === 'object' ? rounding : null, goesBy?.ties);
	return made.ok ? good(made.value.parts) : made;
}

/** The same with what each part is worth. */
export function mixedParts(exercise: Asking<'mixed'>): Outcome<readonly MixedPart[]> {
	const made = partsOfMixed(exercise);
	if (!made.ok) return made;
	const parts: MixedPart[] = [];
	for (const { number, unit } of made.value) {
		const read = parseNumeral(number);
		if (!read.ok) return read;
		parts.push({ value: read.value.value, unit });
	}
	return good(parts);
}

/** A part of a mixed measure: its value in its own unit. */
export type MixedPart = { readonly value: Rational; readonly unit: string };

function solveMixed(exercise: Asking<'mixed'>): Outcome<Solution> {
	const made = partsOfMixed(exercise);
	if (!made.ok) return made;
	const {
		start,
		want: { mixed },
	} = exercise;
	const parts = made.value;
	const shown = parts.filter(({ number }, i) => i === parts.length - 1 || number !== '0');
	// What is set aside is what is there before the last part is rounded: 26 ft of 26.99 ft, which is 27 ft 0 in.
	const whole = start && !('top' in start) ? toMixed(start, mixed, null) : null;
	return good({
		chain: start && !('top' in start) ? mixedChain(start, mixed, whole?.ok ? whole.value.parts : parts) : null,
		answer: shown.map(({ number, unit }) => writtenQuantity({ number: printForm(number), unit })).join(' '),
	});
}

/** An answer that is a mixed measure: several parts, each in its own unit, all but the last one whole. */
export const mixed: AnswerKind<'mixed'> = {
	field: 'mixed',
	judge: judgeMixed,
	solve: solveMixed,
	keyText: (exercise) => {
		const key = keyOf({ ...exercise, want: { unit: smallestOf(exercise.want) } });
		return key.ok ? good(rationalText(withPi(key.value.value, key.value.pi))) : key;
	},
	goal: smallestOf,
	units: (want) => want.mixed,
	countedIn: (text, want) => countedInParts(text, want.mixed),
	line: () => 'may-lack',
	adding: 'wholes-aside',
	lacks: lacksOfMixed,
	says: ({ want }) => listed(want.mixed),
	form: () => null,
	nudges: null,
	nudgesAtEnd: [
		'The line now shows the smallest part.',
		'Write all the parts: those you set aside, each with its unit, then this one.',
	],
	nudgesOnForm: () => null,
	answering: ({ want }) => ({
		by: 'typing',
		label: 'Your answer, a number and a unit',
		placeholder: 'number and unit',
		example: `For example ${want.mixed.map((unit, i) => `${3 + 4 * i} ${unit}`).join(' ')}.`,
		units: want.mixed,
		keys: [],
		quantity: false,
		reads: (text) => readMixedAnswer(text, wantedUnits(want.mixed)),
		joins: ' ',
		fault: emptyFault,
	}),
};
