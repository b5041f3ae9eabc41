import type { Exercise } from '@tidy-sum/core';
import type { Entries, Entry } from '@tidy-sum/core/entries';
import { textOfExercise } from '../set/exercise-set';
import { all, choiceName, judgedBy, overNames, typedName } from './judged-by';
import { type Element, element, type Node } from './xml';

/** What is said of an answer; the names are those of the outcome that shows it. */
const FEEDBACK = {
	RIGHT: 'Right: the value, how it is written, and the unit.',
	FIGURES: 'The value is right. Check how many figures it may have, and the form of the number.',
	UNIT: 'The number is right. Check the unit. It should be another one, or it is written in a way I do not know.',
	AGAIN: 'Not yet. Follow the units from the start, factor by factor, and see what cancels.',
} as const;

type Says = keyof typeof FEEDBACK;

/** A part of an answer as an item declares it, asks for it, and knows it: one row a kind. */
type Asked = {
	readonly declared: readonly Element[];
	readonly asks: readonly Node[];
};

function declared(name: string, type: 'float' | 'string' | 'identifier', correct: string): Element {
	return element(
		'qti-response-declaration',
		{ identifier: name, cardinality: 'single', 'base-type': type },
		element('qti-correct-response', {}, element('qti-value', {}, correct)),
	);
}

function entryBox(name: string, length: number, typed: string | null): Element {
	return element('qti-text-entry-interaction', {
		'response-identifier': name,
		...(typed ? { 'string-identifier': typed } : {}),
		'expected-length': `${length}`,
	});
}

const ASKS: { readonly [B in Entry['by']]: (entry: Extract<Entry, { by: B }>) => Asked } = {
	number: ({ name, label, behind, taken }) => {
		const correct = taken[0]?.written?.[0] ?? taken[0]?.value ?? '';
		return {
			declared: [declared(name, 'float', correct), declared(typedName(name), 'string', correct)],
			asks: [
				...(behind === '' ? [`${label} `] : []),
				entryBox(name, 14, typedName(name)),
				behind === '' ? ' ' : ` ${behind} `,
			],
		};
	},
	over: ({ name, behind, written }) => {
		const names = overNames(name);
		return {
			declared: names.map((one, i) => declared(one, 'float', written[i] as string)),
			asks: [entryBox(names[0], 14, null), ` ${behind[0]} / `, entryBox(names[1], 14, null), ` ${behind[1]} `],
		};
	},
	text: ({ name, label, written }) => ({
		declared: [declared(name, 'string', written[0] ?? '')],
		asks: [`${label} `, entryBox(name, 14, null), ' '],
	}),
	choice: ({ name, label, options, right }) => ({
		declared: [declared(name, 'identifier', choiceName(right))],
		asks: [
			element(
				'qti-choice-interaction',
				{ 'response-identifier': name, 'max-choices': '1', shuffle: 'false' },
				element('qti-prompt', {}, label),
				...options.map((option, i) => element('qti-simple-choice', { identifier: choiceName(i) }, option)),
			),
		],
	}),
};

function askedOf(entry: Entry): Asked {
	return (ASKS[entry.by] as (entry: Entry) => Asked)(entry);
}

function outcome(name: string, type: 'float' | 'identifier', value: string): Element {
	return element(
		'qti-outcome-declaration',
		{ identifier: name, cardinality: 'single', 'base-type': type },
		element('qti-default-value', {}, element('qti-value', {}, value)),
	);
}

function set(name: string, type: 'float' | 'identifier', value: string): Element {
	return element(
		'qti-set-outcome-value',
		{ identifier: name },
		element('qti-base-value', { 'base-type': type }, value),
	);
}

function says(what: Says): Element {
	return set('FEEDBACK', 'identifier', what);
}

/** Whether a part of an answer is its unit, which is judged by a line of its own. */
function isUnit({ name }: Entry): boolean {
	return name === 'UNIT';
}

/** Whether a name of a file may stand for an item: letters, digits, hyphens, and a letter before all. */
export function itemName(name: string): string {
	const plain = name.replace(/[^A-Za-z0-9_-]+/g, '-').replace(/^-+|-+$/g, '');
	return /^[A-Za-z_]/.test(plain) ? plain : `e-${plain}`;
}

/** What stands in the body of an item that its answer is asked in. */
const PROBLEM = 'tidy-sum-problem';
const ANSWER = 'tidy-sum-answer';

/**
 * An exercise as an item of QTI 3.0: its text, entries for the numbers and the unit of its answer, and how they are
 * judged: the value by `qti-round-to` and `qti-equal`, how it is written by `qti-pattern-match` on what was typed (1EdTech
 * QTI 3.0 ASI, "Response Processing").
 */
export function itemOf(name: string, title: string, exercise: Exercise, { entries, shows }: Entries): Element {
	const asked = entries.map(askedOf);
	const numbers = entries.filter((entry) => !isUnit(entry)).map(judgedBy);
	const unit = entries.filter(isUnit).map((entry) => judgedBy(entry).value);
	const value = all(numbers.map((one) => one.value));
	const isChoice = entries.some(({ by }) => by === 'choice');
	const asks = asked.flatMap((one) => one.asks);
	const written = numbers.flatMap((one) => (one.written ? [one.written] : []));
	const isWritten = written.length > 0;
	const [isValue, hasFigures, hasUnit] = [
		[found('VALUE')],
		isWritten ? [found('FIGURES')] : [],
		unit.length ? [found('UNIT_RIGHT')] : [],
	];
	return element(
		'qti-assessment-item',
		{
			xmlns: 'http://www.imsglobal.org/xsd/imsqtiasi_v3p0',
			'xmlns:xsi': 'http://www.w3.org/2001/XMLSchema-instance',
			'xsi:schemaLocation':
				'http://www.imsglobal.org/xsd/imsqtiasi_v3p0 https://purl.imsglobal.org/spec/qti/v3p0/schema/xsd/imsqti_asiv3p0_v1p0.xsd',
			identifier: name,
			title,
			adaptive: 'false',
			'time-dependent': 'false',
			'xml:lang': 'en',
		},
		...asked.flatMap((one) => one.declared),
		outcome('SCORE', 'float', '0'),
		outcome('MAXSCORE', 'float', '1'),
		outcome('VALUE', 'float', '0'),
		...(isWritten ? [outcome('FIGURES', 'float', '0')] : []),
		...(unit.length ? [outcome('UNIT_RIGHT', 'float', '0')] : []),
		outcome('FEEDBACK', 'identifier', 'NONE'),
		element(
			'qti-item-body',
			{},
			element(
				'div',
				{ class: PROBLEM },
				...textOfExercise(exercise)
					.split(/\n+/u)
					.map((text) => element('p', {}, text)),
			),
			...(shows ? [element('div', { class: 'tidy-sum-line' }, element('p', {}, shows))] : []),
			isChoice
				? element('div', { class: ANSWER }, ...asks)
				: element('div', { class: ANSWER }, element('p', {}, ...asks)),
			...(Object.keys(FEEDBACK) as Says[]).map((one) =>
				element(
					'qti-feedback-block',
					{ 'outcome-identifier': 'FEEDBACK', identifier: one, 'show-hide': 'show' },
					element('qti-content-body', {}, element('p', {}, FEEDBACK[one])),
				),
			),
		),
		element(
			'qti-response-processing',
			{},
			when(value, set('VALUE', 'float', '1')),
			...(isWritten ? [when(all(written), set('FIGURES', 'float', '1'))] : []),
			...(unit.length ? [when(all(unit), set('UNIT_RIGHT', 'float', '1'))] : []),
			element(
				'qti-response-condition',
				{},
				element(
					'qti-response-if',
					{},
					all([...isValue, ...hasFigures, ...hasUnit]),
					set('SCORE', 'float', '1'),
					says('RIGHT'),
				),
				...(isWritten ? [element('qti-response-else-if', {}, all([...isValue, ...hasUnit]), says('FIGURES'))] : []),
				...(unit.length ? [element('qti-response-else-if', {}, all([...isValue, ...hasFigures]), says('UNIT'))] : []),
				element('qti-response-else', {}, says('AGAIN')),
			),
		),
	);
}

/** Whether an outcome that was set before is 1. */
function found(name: string): Element {
	return element(
		'qti-equal',
		{ 'tolerance-mode': 'exact' },
		element('qti-base-value', { 'base-type': 'float' }, '1'),
		element('qti-variable', { identifier: name }),
	);
}

function when(condition: Element, ...rules: readonly Element[]): Element {
	return element('qti-response-condition', {}, element('qti-response-if', {}, condition, ...rules));
}
