import { parseNumeral, parseUnit } from '@tidy-sum/core';

/** Where on its line a word is that can be mixed up. */
type Where =
	| 'anywhere'
	| 'at the beginning'
	| 'behind a number'
	| 'between quantities'
	| 'before a word'
	| 'behind what asks for a person';

/** What a word must be to be taken; what was seen must not be that already. */
type As = 'unit' | 'unit and word' | 'quantity' | 'number' | 'word' | 'mark';

/** What recognition mixes up in a word, with an example: what was seen, and what it is. */
type MixUp = {
	readonly example: readonly [seen: string, is: string];
	readonly seen: RegExp;
	readonly is: string;
	readonly where: Where;
	readonly as: As;
};

/** What recognition mixes up in this trade; a row holds only where it makes of a word what it was not. */
export const MIX_UPS: readonly MixUp[] = [
	{ example: ['1b', 'lb'], seen: /[1I|!]b/gu, is: 'lb', where: 'behind a number', as: 'unit' },
	{ example: ['m1', 'mL'], seen: /(?<=^|\/)([mcdkµ])[1I|!]/gu, is: '$1L', where: 'behind a number', as: 'unit' },
	{ example: ['|', 'L'], seen: /^[|!]$/gu, is: 'L', where: 'behind a number', as: 'unit' },
	{ example: ['I/min', 'L/min'], seen: /^[|I!](?=\/)/gu, is: 'L', where: 'behind a number', as: 'unit' },
	{ example: ['mg/I', 'mg/L'], seen: /(?<=\/)[|I!1]$/gu, is: 'L', where: 'behind a number', as: 'unit' },
	{ example: ['0z', 'oz'], seen: /^0z/gu, is: 'oz', where: 'behind a number', as: 'unit' },
	{ example: ['rn', 'm'], seen: /rn/gu, is: 'm', where: 'behind a number', as: 'unit' },
	{ example: ['*C', '°C'], seen: /[ºo0˚*](?=[CF])/gu, is: '°', where: 'behind a number', as: 'unit' },
	{
		example: ['Lin', 'L in'],
		seen: /(?<=.)(in|of|to|is|at|per|and|for|from)$/gu,
		is: ' $1',
		where: 'behind a number',
		as: 'unit and word',
	},
	{ example: ['2.21b', '2.2 lb'], seen: /(?<=\d)[1Il|]b$/gu, is: ' lb', where: 'anywhere', as: 'quantity' },
	{ example: ['1O', '10'], seen: /[OoQD]/gu, is: '0', where: 'anywhere', as: 'number' },
	{ example: ['l5', '15'], seen: /[lI|!]/gu, is: '1', where: 'anywhere', as: 'number' },
	{ example: ['2S', '25'], seen: /S/gu, is: '5', where: 'anywhere', as: 'number' },
	{ example: ['~40', '−40'], seen: /^[~—]/gu, is: '−', where: 'anywhere', as: 'number' },
	{ example: ['x', '×'], seen: /^[xX*%]$/gu, is: '×', where: 'between quantities', as: 'mark' },
	{ example: ['0ne', 'One'], seen: /^0(?=\p{Ll}+$)/gu, is: 'O', where: 'anywhere', as: 'word' },
	{ example: ['|', 'I'], seen: /^\|$/gu, is: 'I', where: 'before a word', as: 'word' },
	{ example: ['1', 'I'], seen: /^[1l|]$/gu, is: 'I', where: 'behind what asks for a person', as: 'word' },
	{
		example: ['2.1f', '2. If'],
		seen: /^(\(?\d{1,2}[.)])[1l|]f$/gu,
		is: '$1 If',
		where: 'at the beginning',
		as: 'mark',
	},
	{
		example: ['2.0n', '2. On'],
		seen: /^(\(?\d{1,2}[.)])0(\p{Ll}+)$/gu,
		is: '$1 O$2',
		where: 'at the beginning',
		as: 'mark',
	},
	{
		example: ['3.The', '3. The'],
		seen: /^(\(?\d{1,2}[.)])(?=[\p{L}(][\p{Ll}'’])/gu,
		is: '$1 ',
		where: 'at the beginning',
		as: 'mark',
	},
];

/** A word without the signs of a sentence round it. */
const BARE = /^([("“[=]*)(.*?)([)\]"”.,;:?!]*)$/su;

// No unit is printed to the first power.
const isUnit = (text: string): boolean =>
	!/^\d|1$/u.test(text) && (parseUnit(text.replace(/s$/u, '')).ok || parseUnit(text).ok);

const IS: Readonly<Record<As, (text: string) => boolean>> = {
	unit: isUnit,
	'unit and word': (text) => isUnit(text.replace(/ .*/u, '')),
	quantity: (text) => /^[\d.,]+ lb$/u.test(text),
	number: (text) => /\d/u.test(text) && parseNumeral(text).ok,
	word: (text) => /^\p{L}+$/u.test(text) && text !== 'l',
	mark: (text) => /[ ×]/u.test(text),
};

const NUMBER_BEFORE = /\d[)\]]?$/u;

const ASKS_FOR_A_PERSON = /^(?:should|do|did|can|must|may|will|would|have|am|when|because|than)$/iu;

/** Whether a row holds between the words before and behind. */
const HOLDS: Readonly<Record<Where, (before: string | undefined, next: string | undefined) => boolean>> = {
	anywhere: () => true,
	'at the beginning': (before) => before === undefined,
	'behind a number': (before) => NUMBER_BEFORE.test(before ?? ''),
	'between quantities': (before, next) => /\d$|^(?:[mck]?m|ft|in|yd)$/u.test(before ?? '') && /^\d/u.test(next ?? ''),
	'before a word': (before, next) => !NUMBER_BEFORE.test(before ?? '') && /^\p{Ll}{2}/u.test(next ?? ''),
	'behind what asks for a person': (before, next) =>
		ASKS_FOR_A_PERSON.test(before ?? '') && /^\p{Ll}{2}/u.test(next ?? ''),
};

/**
 * A word with what recognition mixed up put right, where only that makes a unit or a number of it.
 * @param before the word before it on its line, and `next` the one behind it; undefined at the ends of the line.
 * @example unmixed('1b,', '14', 'of') // 'lb,'
 */
export function unmixed(word: string, before?: string, next?: string): string {
	const [, open = '', bare = '', close = ''] = BARE.exec(word) ?? [];
	for (const { seen, is, where, as } of MIX_UPS) {
		if (!HOLDS[where](before, next) || (as === 'number' && !/\d/u.test(bare))) continue;
		const other = bare.replace(seen, is);
		if (other !== bare && !IS[as](bare) && IS[as](other)) return open + other + close;
	}
	return word;
}
