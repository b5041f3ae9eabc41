import { askedBy, type Chain, type Exercise, type Factor, parseUnit, solutionOf, turnedFactor } from '../src';
import { Dice } from '../src/exercise/dice';
import { nudgesFor } from '../src/help';
import { answerKey, check, fresh, SKILLS } from '../src/practice';
import { printUnitText } from '../src/say/say';

/** A sentence as it was said, and its form: the same with its numbers, units and words of the student's left out. */
export type Said = { readonly sentence: string; readonly form: string };

const OTHER_UNITS = ['m', 'kg', 's', 'ft', 'L', 'J', '°C', 'mol', 'jar', 'fpz', 'Gal', 'Qt', 'C', ''];
/** What may be typed where an answer goes, with a place for the number. */
const TYPED = [
	'12..5 u',
	'1,25 u',
	'1 25 u',
	'u',
	'abc',
	'3 x10 u',
	'5 m^',
	'4 (m',
	'5 /0 u',
	'10^x u',
	'2.5 u u',
	'+',
	'7 ft 8',
	'2 h 30 min',
	'3/0 in',
];

function numbersOf(text: string): readonly string[] {
	return text.match(/[-−]?\d[\d.,]*(?: ?[x×] ?10[\^⁻⁰¹²³⁴⁵⁶⁷⁸⁹]+(?:-?\d+)?|e[-+]?\d+)?/g) ?? [];
}

/** A number with something done to it that a student may do. */
function spoiled(number: string, dice: Dice): string {
	const plain = number.replace(/[^\d.]/g, '');
	switch (dice.whole(0, 9)) {
		case 0:
			return number;
		case 1:
			return `${number}1`;
		case 2:
			return plain.includes('.') ? plain.replace(/\.?\d$/, '') : plain.slice(0, -1) || '1';
		case 3:
			return plain.replace(/(\d)(\.?)(\d)/, '$3$2$1');
		case 4:
			return `${Number(plain) * 60}`;
		case 5:
			return `${Number(plain) / 12}`;
		case 6:
			return number.startsWith('-') || number.startsWith('−') ? number.slice(1) : `-${number}`;
		case 7:
			return `${Math.round(Number(plain))}`;
		case 8:
			return `${Math.round(Number(plain))}.`;
		default:
			return `${(Number(plain) * 10 ** dice.whole(-3, 3)).toPrecision(3)}`;
	}
}

/** What a temperature comes to by the ways one may take it wrongly, and by the right one. */
const READINGS: readonly ((reading: number) => number)[] = [
	(reading) => reading,
	(reading) => -reading,
	(reading) => reading + 273,
	(reading) => reading + 273.15,
	(reading) => reading - 273.15,
	(reading) => 273.15 - reading,
	(reading) => 273.15 - Math.abs(reading),
	(reading) => reading - 32,
	(reading) => (reading - 32) * 1.8,
	(reading) => (reading + 32) / 1.8,
	(reading) => reading / 1.8 - 32,
	(reading) => reading * 1.8,
	(reading) => reading / 1.8 + 32,
	(reading) => (Math.abs(reading) - 32) / 1.8,
	(reading) => Math.abs(reading) + 273.15,
	(reading) => Math.abs(reading) * 1.8 + 32,
];

/** Answers to a temperature, as taken in every one of those ways. */
function readingsOf({ start }: Exercise, unit: string): readonly string[] {
	if (!start || 'top' in start || !/°[CF]|deg[CF]|^K$/.test(start.unit)) return [];
	const reading = Number(start.number.replace('−', '-'));
	return READINGS.map((taken) => `${taken(reading).toFixed(1)} ${unit}`);
}

function answersTo(exercise: Exercise, dice: Dice): readonly string[] {
	const key = answerKey(exercise);
	const right = key.ok ? key.value.text : '5 m';
	const number = dice.pick(numbersOf(right)) ?? '5';
	const wrong = right.replace(number, spoiled(number, dice));
	const unit = right.replace(number, '').trim();
	const other = dice.pick(OTHER_UNITS);
	return [
		right,
		wrong,
		wrong.replace(unit, other),
		number,
		dice.pick(TYPED).replaceAll('u', unit || 'm'),
		`${number} ${other}`,
		...readingsOf(exercise, unit),
		right.replace(/ to /, ' ').split(' ').reverse().join(' '),
		'',
	];
}

/** A line as a student may lay it: right, with a block turned, left out, twice, with another number, from another start. */
function linesFor(exercise: Exercise, dice: Dice): readonly (Chain | undefined)[] {
	const solved = solutionOf(exercise);
	const chain = solved.ok ? solved.value.chain : null;
	if (!chain) return [undefined];
	const at = dice.whole(0, Math.max(0, chain.factors.length - 1));
	const put = (...by: readonly Factor[]) => ({
		...chain,
		factors: [...chain.factors.slice(0, at), ...by, ...chain.factors.slice(at + 1)],
	});
	const one = chain.factors[at];
	if (!one) return [undefined, chain];
	const other = { ...one, top: { ...one.top, number: `${one.top.number}7` } };
	const plain = { ...one, power: 1 };
	const started = { ...chain, start: { number: '7.25', unit: 'top' in chain.start ? 'm' : chain.start.unit } };
	return [undefined, chain, put(turnedFactor(one)), put(), put(one, one), put(other), put(plain), started];
}

/** Words that name a unit or a kind in sentences, longest first: those of an exercise, an answer and a line. */
function unitsIn(exercise: Exercise, answer: string, chain?: Chain): readonly string[] {
	const { start, until, terms = [], facts, line = [] } = exercise;
	const sides = (quantity: { readonly unit: string } | undefined) => (quantity ? [quantity.unit] : []);
	const starts = [start, chain?.start].flatMap((one) => (!one ? [] : 'top' in one ? [one.top, one.bottom] : [one]));
	const factors = [...line, ...(chain?.factors ?? [])].flatMap(({ top, bottom }) => [top, bottom]);
	const texts = [
		...[...starts, ...terms, ...factors, ...facts.flatMap(({ left, right }) => [left, right])].flatMap(sides),
		...sides(until),
		...askedBy(exercise).units,
		...answer.split(/[\s\d]+/),
		...OTHER_UNITS,
	];
	const all = texts.flatMap((text) => {
		const read = parseUnit(text, { counted: true });
		const parts = read.ok ? read.value.parts.map(({ unit, prefix = '' }) => prefix + unit) : [];
		return [text, printUnitText(text), ...parts];
	});
	return [...new Set(all)].filter((text) => /[\p{L}°′″%µ]/u.test(text)).sort((a, b) => b.length - a.length);
}

const NUMBER = /[-−]?\d(?:[\d,\u202f]|\.(?=\d))*(?:…| × 10[⁻⁰¹²³⁴⁵⁶⁷⁸⁹]+|e[-+−]?\d+)?[⁻⁰¹²³⁴⁵⁶⁷⁸⁹]*/gu;
const EDGE = '[\\s.,;:?“”()/·]';
/** Units whose symbols are words as well: they are left out only behind a number. */
const WORDS = new Set(['in', 'to', 'a', 'A', 'as', 'at', 'is', 'of', 'the', 'or', 'goes']);

/** The form of a sentence: quotations as “…”, numbers as 0, units as u. */
export function formOf(sentence: string, units: readonly string[]): string {
	let form = sentence.replace(/“[^”]*”/g, '“…”').replace(NUMBER, '0');
	for (const unit of units) {
		const quoted = unit.replace(/[.*+?^${}()|[\]\\]/g, '\\$&').replace(NUMBER, '0');
		const before = WORDS.has(unit) ? '(0 )' : `(^|${EDGE})`;
		form = form.replace(new RegExp(`${before}${quoted}[⁻⁰¹²³⁴⁵⁶⁷⁸⁹]*(?:e?s)?(?=$|${EDGE}|…)`, 'gu'), '$1u');
	}
	return form
		.replace(/(?:[\p{L}µ°]+|u)\^\(?0\)?/gu, 'u')
		.replace(/[\p{L}µ°]+[⁻⁰¹²³⁴⁵⁶⁷⁸⁹]+/gu, 'u')
		.replace(/u of [\p{L}\d]+/gu, 'u')
		.replace(/u(?:(?:[·/(\s]| per | times )+u\)*)+/g, 'u')
		.replace(/0(?: [×÷+−(]+(?: EE)? ?0\)*| EE -?0| \( ?0| \)| [×÷]| 0)+/g, '0')
		.replace(/(?:0 u|u|0)(?:(?:,| and| or) (?:0 u|u|0))+/g, (list) =>
			list.includes('0 u') ? '0 u' : list.startsWith('0') ? '0' : 'u',
		)
		.replace(/the (?:hundreds|tens|ones|tenths|hundredths|thousandths|0)\b/g, 'the place')
		.replace(/\b1 figure\b|\b0 figure\b/g, '0 figures')
		.replace(/(“…”)(?:(?:,| and) “…”)+/g, '$1')
		.replace(/\b0\.+(?= u|\.$)/g, '0')
		.replace(/(?<=come to |comes to )0 [^.]+/, '0 u')
		.replace(/^[^ ]+(?= is (?:of the right kind|what is wanted|a unit of its own))/, 'u')
		.replace(/(?<=What stands is |The line ends at |It turns the start into )[^;:,.]+/, 'u')
		.replace(/a unit of its own, the [a-z ]+/, 'a unit of its own, the name')
		.replace(/^Is [A-Za-z]+ meant/, 'Is u meant')
		.replace(/measures (?:an? [a-z ]+|something of another kind)(?=;)/, 'measures a kind');
}

function sentencesIn(text: string): readonly string[] {
	return text.split(/(?<=[.?!])\s+(?=[A-Z“])/).filter(Boolean);
}

/** All that is said in so many checks of fresh exercises, drawn from a seed: verdicts, slips, faults, nudges. */
export function saidIn(checks: number, seed: string): readonly Said[] {
	const dice = new Dice(seed);
	const said: Said[] = [];
	for (let done = 0; done < checks; ) {
		const { skill } = dice.pick(SKILLS);
		const made = fresh({ skill, seed: `${seed} ${done}`, level: dice.whole(1, 3), count: 1 });
		const exercise = made.ok ? made.value[0] : undefined;
		if (!exercise) continue;
		const own = dice.whole(0, 2) === 0;
		const { line: _, ...bare } = exercise;
		const asked: Exercise = own ? bare : exercise;
		const chain = dice.pick(linesFor(exercise, dice));
		for (const answer of answersTo(asked, dice)) {
			done += 1;
			const units = unitsIn(exercise, answer, chain);
			const say = (text: string) => {
				for (const sentence of sentencesIn(text)) said.push({ sentence, form: formOf(sentence, units) });
			};
			const checked = check(asked, answer, chain);
			if (!checked.ok) {
				say(checked.fault.message);
				continue;
			}
			const { line, value, figures, unit, slips } = checked.value;
			for (const { why } of [line, value, figures, unit, ...slips]) say(why);
		}
		if (chain) {
			const units = unitsIn(exercise, '', chain);
			const begun = { ...chain, factors: chain.factors.slice(0, dice.whole(0, chain.factors.length)) };
			for (const nudge of nudgesFor(begun, exercise))
				for (const sentence of sentencesIn(nudge)) said.push({ sentence, form: formOf(sentence, units) });
		}
	}
	return said;
}
