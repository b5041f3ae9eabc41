import {
	type Exercise,
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

/** What was found round the entries: the problem's text, and the answer put together with what stands between. */
function around(pieces: readonly Piece[], answers: ReadonlyMap<string, string>) {
	const first = pieces.findIndex((piece) => 'entry' in piece);
	const textOf = (some: readonly Piece[]) => some.map((piece) => ('text' in piece ? piece.text : ' ___ ')).join('');
	const [above, beside] = cutLast(textOf(pieces.slice(0, first)));
	const prompt = plainText(above) || plainText(textOf(pieces));
	const last = pieces.reduce((at, piece, i) => ('entry' in piece ? i : at), first);
	const behind = pieces[last + 1];
	const [after = ''] = behind && 'text' in behind ? behind.text.split('\n') : [];
	const between = pieces
		.slice(first, last + 1)
		.map((piece) => ('text' in piece ? piece.text.replace(LABEL, ' ') : ` ${answers.get(piece.entry) ?? ''} `));
	const unit = parseUnit(after.trim(), { counted: true });
	const given = [beside.replace(LABEL, ''), ...between, unit.ok ? after : ''].join('');
	return { prompt, answer: given.replace(/\s+/gu, ' ').trim() };
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
 * An item of QTI 3.0 that asks for a number, with its unit or without, as an exercise: the text tells what it starts from
 * where it does, and the item what is right.
 */
export function readItem(root: Element): ReadItem {
	const title = root.attributes.title ?? '';
	const none = (says: string): ReadItem => ({ title, exercise: null, says });
	if (root.name !== 'qti-assessment-item') return none('it is no item of QTI 3.0');
	const other = otherInteraction(root);
	if (other) return none(`it asks by way of “${other}”, and only items that ask for a number are read`);
	const [body] = allNamed(root, 'qti-item-body');
	const pieces = body ? piecesOf(body.children) : [];
	if (!pieces.some((piece) => 'entry' in piece)) return none('nothing is to be typed in it');
	const answers = answersOf(root);
	const { prompt, answer } = around(pieces, answers);
	if (!answers.size || answer === '') return none('it does not say what is right');
	const rounding = roundingOf(root);
	const said: SaidOf = rounding ? { rounding } : {};
	const told = toldBy(answer);
	const wanted: SaidOf = told ? { want: told.want } : {};
	// What the text says by itself, with what the answer is of where it does not say that; the first whose key agrees.
	for (const one of [said, {}, { ...said, ...wanted }, wanted]) {
		const { exercise } = fromText(prompt, one);
		if (exercise && isRight(exercise, answer)) return { title, exercise, says: '' };
	}
	// An exercise that is only marked: what it starts from is its answer.
	const only = told && { prompt, start: told.start, facts: [], want: told.want, rounding: rounding ?? 'figures' };
	if (!only || !isRight(only, answer))
		return none(`what is right there, “${answer.slice(0, 60)}”, is no number with a unit`);
	return {
		title,
		exercise: only,
		says: 'its text does not tell how one comes to its answer: it can be marked, and is not worked',
	};
}
