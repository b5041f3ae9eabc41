import {
	type Exercise,
	goalOf,
	judge,
	parseUnit,
	type Quantity,
	type Rounding,
	readAnswer,
	readQuantityText,
	type Want,
} from '@tidy-sum/core';
import { readPartsText } from '@tidy-sum/core/help';
import { fromText, type SaidOf } from '../set/exercise-set';
import { allNamed, type Element, elementsIn, type Node, textIn } from './xml';

/** What was made of an item: an exercise, or why there is none; and what there is to say of one that was made. */
export type ReadItem = { readonly title: string; readonly exercise: Exercise | null; readonly says: string };

const ENTRY = 'qti-text-entry-interaction';

/** What is no part of a problem's text. */
const BESIDE: ReadonlySet<string> = new Set([
	'qti-feedback-block',
	'qti-feedback-inline',
	'qti-modal-feedback',
	'qti-rubric-block',
]);

/** Elements that stand by themselves, one below the other. */
const BLOCKS: ReadonlySet<string> = new Set([
	'p',
	'div',
	'li',
	'ul',
	'ol',
	'table',
	'tr',
	'h1',
	'h2',
	'h3',
	'qti-prompt',
	'blockquote',
]);

/** What is asked in an item: its entries in order with the text round them. */
type Piece = { readonly text: string } | { readonly entry: string };

function piecesOf(nodes: readonly Node[]): readonly Piece[] {
	return nodes.flatMap((node): readonly Piece[] => {
		if (typeof node === 'string') return [{ text: node }];
		if (BESIDE.has(node.name)) return [];
		if (node.name === ENTRY) return [{ entry: node.attributes['response-identifier'] ?? '' }];
		const inside = piecesOf(node.children);
		return BLOCKS.has(node.name) ? [{ text: '\n' }, ...inside, { text: '\n' }] : inside;
	});
}

/** The text of pieces, line by line, without spaces that say nothing. */
function plainText(text: string): string {
	return text
		.split('\n')
		.map((line) => line.replace(/\s+/gu, ' ').trim())
		.filter(Boolean)
		.join('\n');
}

/** The last line of a text, and all before it. */
function cutLast(text: string): readonly [before: string, last: string] {
	const at = text.lastIndexOf('\n');
	return [text.slice(0, at + 1), text.slice(at + 1)];
}

/** Words that only name an entry: "Number:", "Answer =". */
const LABEL = /[\p{L} ]+[:=]\s*$/u;

/** What stands before a number and belongs to it: a sign of money. */
const SIGN = /[$€£]\s*$/u;

function squeezed(text: string): string {
	return text.replace(/\s+/gu, ' ').trim();
}

/** What was found round the entries: what may be the problem's text, and the answer put together with what stands between. */
function around(pieces: readonly Piece[], answers: ReadonlyMap<string, string>) {
	const first = pieces.findIndex((piece) => 'entry' in piece);
	const last = pieces.reduce((at, piece, i) => ('entry' in piece ? i : at), first);
	const textOf = (some: readonly Piece[]) => some.map((piece) => ('text' in piece ? piece.text : ' ___ ')).join('');
	const [above, beside] = cutLast(textOf(pieces.slice(0, first)));
	const [behind = ''] = textOf(pieces.slice(last + 1)).split('\n');
	const unit = behind.trim().replace(/[.,;:?!]+$/u, '');
	const between = pieces
		.slice(first, last + 1)
		.map((piece) => ('text' in piece ? piece.text.replace(LABEL, ' ') : ` ${answers.get(piece.entry) ?? ''} `));
	const isUnit = unit !== '' && parseUnit(unit, { counted: true }).ok;
	const given = [SIGN.exec(beside)?.[0] ?? '', ...between, ' ', isUnit ? unit : ''].join('');
	const prompts = [plainText(above), plainText(textOf(pieces))].filter(Boolean);
	return { prompts, answer: squeezed(given).replace(/^([$€£]) /u, '$1') };
}

/** A number as it is rounded: what a program compares may have more digits than the answer it takes. */
function roundedAnswer(answer: string, rounding: Rounding | null): string {
	const read = readAnswer(answer);
	const number = read.ok ? read.value.number : null;
	if (!read.ok || !number || typeof rounding !== 'object' || rounding === null) return answer;
	const value = Number(read.value.written.number);
	const { unit } = read.value.written;
	if (!Number.isFinite(value) || number.significant === null || number.lastPlace === null) return answer;
	const text =
		'significant' in rounding
			? number.significant > rounding.significant && value.toExponential(rounding.significant - 1)
			: number.lastPlace < rounding.place && rounding.place <= 0 && value.toFixed(-rounding.place);
	return text ? squeezed(`${text} ${unit}`) : answer;
}

/** The right responses of an item by their names: as it declares them, else as its processing compares them. */
function answersOf(root: Element): ReadonlyMap<string, string> {
	const answers = new Map<string, string>();
	for (const one of allNamed(root, 'qti-response-declaration')) {
		const name = one.attributes.identifier ?? '';
		const [correct] = allNamed(one, 'qti-value');
		const best = allNamed(one, 'qti-map-entry')
			.map(({ attributes }) => attributes)
			.sort((a, b) => Number(b['mapped-value'] ?? 0) - Number(a['mapped-value'] ?? 0))[0];
		const text = correct ? textIn(correct).trim() : best?.['map-key'];
		if (text) answers.set(name, text);
	}
	for (const comparing of ['qti-equal', 'qti-equal-rounded', 'qti-string-match', 'qti-match'])
		for (const one of allNamed(root, comparing)) {
			const [of] = allNamed(one, 'qti-variable');
			const [value] = allNamed(one, 'qti-base-value');
			const name = of?.attributes.identifier ?? '';
			if (value && !answers.has(name)) answers.set(name, textIn(value).trim());
		}
	return answers;
}

/** How the answer is rounded, by the first rule of the processing that rounds; null where none does. */
function roundingOf(root: Element): Rounding | null {
	const [rule] = [...allNamed(root, 'qti-round-to'), ...allNamed(root, 'qti-equal-rounded')];
	const figures = Number(rule?.attributes.figures);
	if (!rule || !Number.isInteger(figures) || figures < 0 || figures > 100) return null;
	if (rule.attributes['rounding-mode'] === 'decimalPlaces') return { place: 0 - figures };
	return figures > 0 ? { significant: figures } : null;
}

/** Interactions that ask for something else than a number or a few words. */
function otherInteraction(root: Element): string | null {
	const names = new Set<string>();
	const walk = (one: Element) => {
		if (one.name.endsWith('-interaction') && one.name !== ENTRY) names.add(one.name);
		for (const inside of elementsIn(one)) walk(inside);
	};
	walk(root);
	const [first] = names;
	return first?.replace(/^qti-|-interaction$/g, '').replaceAll('-', ' ') ?? null;
}

function isRight(exercise: Exercise, answer: string): boolean {
	const judged = judge(exercise, answer);
	return judged.ok && judged.value.lines.right;
}

/** What an answer is of, and what a line could start from that knows nothing of its text; null where it is no answer. */
type AnswerTold = { readonly want: Want; readonly start: Quantity };

/** A factor, whose two entries stand over each other; several parts of one measure; one quantity. The first that fits holds. */
const TOLD_BY: readonly ((answer: string) => AnswerTold | null)[] = [
	(answer) => {
		const sides = answer.split(' / ').map(readQuantityText);
		const [top, bottom] = sides.map((side) => (side.ok ? side.value : null));
		if (sides.length !== 2 || !top?.unit || !bottom?.unit) return null;
		return { want: { factor: top.unit }, start: { number: '1', unit: bottom.unit } };
	},
	(answer) => {
		const parts = readPartsText(answer);
		const [first, ...others] = parts.ok ? parts.value : [];
		return first && others.length
			? { want: { mixed: [first, ...others].map(({ unit }) => unit) }, start: first }
			: null;
	},
	(answer) => {
		const read = readAnswer(answer);
		if (!read.ok || !read.value.number) return null;
		const { written } = read.value;
		return { want: { unit: written.unit }, start: written };
	},
];

function toldBy(answer: string): AnswerTold | null {
	for (const by of TOLD_BY) {
		const told = by(answer);
		if (told) return told;
	}
	return null;
}

/**
 * The exercise a text poses whose key is an answer: by what the text says, with what the answer is of where it does not
 * say that; null where none agrees.
 */
function workedBy(prompt: string, answer: string, rounding: Rounding | null): Exercise | null {
	const said: SaidOf = rounding ? { rounding } : {};
	const told = toldBy(answer);
	const wanted: SaidOf = told ? { want: told.want } : {};
	const read = readAnswer(answer);
	const figures = rounding === null && read.ok ? (read.value.number?.significant ?? null) : null;
	for (const one of [said, {}, { ...said, ...wanted }, wanted]) {
		const { exercise } = fromText(prompt, one);
		if (!exercise) continue;
		// Of a bare number the text says the unit; figures that no input gives are those the item asks for.
		const unit = goalOf(exercise);
		const answers = unit ? [answer, `${answer} ${unit}`] : [answer];
		for (const as of [exercise, ...(figures ? [{ ...exercise, rounding: { significant: figures } }] : [])])
			if (answers.some((text) => isRight(as, text))) return as;
	}
	return null;
}

/**
 * An item of QTI 3.0 that asks for a number, with its unit or without, as an exercise: the text tells what it starts from
 * where it does, and the item what is right.
 */
export function readItem(root: Element): ReadItem {
	const title = root.attributes.title ?? '';
	const none = (says: string): ReadItem => ({ title, exercise: null, says });
	if (root.name !== 'qti-assessment-item') return none('it is not an item of QTI 3.0');
	const other = otherInteraction(root);
	if (other) return none(`it asks by way of “${other}”, and only items that ask for a number are read`);
	const [body] = allNamed(root, 'qti-item-body');
	const pieces = body ? piecesOf(body.children) : [];
	if (!pieces.some((piece) => 'entry' in piece)) return none('it has nothing to type');
	const answers = answersOf(root);
	const { prompts, answer: declared } = around(pieces, answers);
	if (!answers.size || declared === '') return none('it does not say what is right');
	const rounding = roundingOf(root);
	const answer = roundedAnswer(declared, rounding);
	for (const prompt of prompts) {
		const exercise = workedBy(prompt, answer, rounding);
		if (exercise) return { title, exercise, says: '' };
	}
	// An exercise that is only marked: what it starts from is its answer.
	const told = toldBy(answer);
	const [prompt = ''] = prompts;
	const only = told && { prompt, start: told.start, facts: [], want: told.want, rounding: rounding ?? 'figures' };
	if (!only || !isRight(only, answer))
		return none(`what is right there, “${answer.slice(0, 60)}”, is no number with a unit`);
	return {
		title,
		exercise: only,
		says: 'its text does not say how to get the answer, so it can be marked but not worked',
	};
}
