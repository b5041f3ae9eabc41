import { parseNumeral, parseUnit } from '@tidy-sum/core';

/** What recognition mixes up in a word, with an example: what was seen, and what it is. */
type MixUp = {
	readonly example: readonly [seen: string, is: string];
	readonly seen: RegExp;
	readonly is: string;
	/** Where it holds: behind a number, at the beginning of a line, or anywhere but there. */
	readonly where:
		| 'behind a number'
		| 'before a power of ten'
		| 'behind what asks for a person'
		| 'at the beginning'
		| 'inside';
	/** What it must be to be taken; what was seen must not be that already. */
	readonly as: 'unit' | 'number' | 'mark' | 'two' | 'person';
};

/** What recognition mixes up in this trade; a row holds only where it makes a unit or a number of what was neither. */
export const MIX_UPS: readonly MixUp[] = [
	{ example: ['1b', 'lb'], seen: /[1I|!]b/gu, is: 'lb', where: 'behind a number', as: 'unit' },
	{ example: ['m1', 'mL'], seen: /(?<=^|\/)([mcdkµ])[1I|!]/gu, is: '$1L', where: 'behind a number', as: 'unit' },
	{ example: ['|', 'L'], seen: /^[|!]$/gu, is: 'L', where: 'behind a number', as: 'unit' },
	{ example: ['I/min', 'L/min'], seen: /^[|I!](?=\/)/gu, is: 'L', where: 'behind a number', as: 'unit' },
	{ example: ['mg/I', 'mg/L'], seen: /(?<=\/)[|I!1]$/gu, is: 'L', where: 'behind a number', as: 'unit' },
	{ example: ['0z', 'oz'], seen: /^0z/gu, is: 'oz', where: 'behind a number', as: 'unit' },
	{ example: ['rn', 'm'], seen: /rn/gu, is: 'm', where: 'behind a number', as: 'unit' },
	{ example: ['ºC', '°C'], seen: /[ºo0˚*](?=[CF])/gu, is: '°', where: 'behind a number', as: 'unit' },
	{
		example: ['Lin', 'L in'],
		seen: /(?<=.)(in|of|to|is|at|per|and|for|from)$/gu,
		is: ' $1',
		where: 'behind a number',
		as: 'two',
	},
	{ example: ['1', 'I'], seen: /^[1l|]$/gu, is: 'I', where: 'behind what asks for a person', as: 'person' },
	{ example: ['x', '×'], seen: /^[xX*%]$/gu, is: '×', where: 'before a power of ten', as: 'mark' },
	{ example: ['1O', '10'], seen: /[OoQD]/gu, is: '0', where: 'inside', as: 'number' },
	{ example: ['l5', '15'], seen: /[lI|!]/gu, is: '1', where: 'inside', as: 'number' },
	{ example: ['2S', '25'], seen: /S/gu, is: '5', where: 'inside', as: 'number' },
	{ example: ['~40', '−40'], seen: /^[~—]/gu, is: '−', where: 'inside', as: 'number' },
	{
		example: ['2.1f', '2. If'],
		seen: /^(\(?\d{1,2}[.)])[1l|]f$/gu,
		is: '$1 If',
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
const BARE = /^([("“[]*)(.*?)([)\]"”.,;:?!]*)$/su;

const IS: Readonly<Record<MixUp['as'], (text: string) => boolean>> = {
	unit: (text) => !/^\d/u.test(text) && (parseUnit(text.replace(/s$/u, '')).ok || parseUnit(text).ok),
	// A unit that ran into the word behind it.
	two: (text) => (/ /u.test(text) ? parseUnit(text.replace(/ .*/u, '')).ok : parseUnit(text).ok),
	number: (text) => /\d/u.test(text) && parseNumeral(text).ok,
	mark: (text) => /[ ×]/u.test(text),
	person: (text) => text === 'I',
};

const NUMBER_BEFORE = /\d[)\]]?$/u;

/** Whether a row holds between the words before and behind. */
const HOLDS: Readonly<Record<MixUp['where'], (before: string | undefined, next: string | undefined) => boolean>> = {
	'behind a number': (before) => before !== undefined && NUMBER_BEFORE.test(before),
	'before a power of ten': (before, next) => /\d$/u.test(before ?? '') && /^10[⁰¹²³⁴⁵⁶⁷⁸⁹⁻]/u.test(next ?? ''),
	'behind what asks for a person': (before, next) =>
		/^(?:should|do|did|can|must|may|will|would|have|am|when|because|than)$/iu.test(before ?? '') &&
		/^\p{Ll}{2}/u.test(next ?? ''),
	'at the beginning': (before) => before === undefined,
	inside: () => true,
};

/**
 * A word with what recognition mixed up put right, where only that makes a unit or a number of it.
 * @param before the word before it on its line, and `next` the one behind it; undefined where there is none.
 * @example unmixed('1b,', '14', 'of') // 'lb,'
 */
export function unmixed(word: string, before?: string, next?: string): string {
	const [, open = '', bare = '', close = ''] = BARE.exec(word) ?? [];
	for (const { seen, is, where, as } of MIX_UPS) {
		if (!HOLDS[where](before, next)) continue;
		const other = bare.replace(seen, is);
		if (other !== bare && !IS[as](bare) && IS[as](other)) return open + other + close;
	}
	return word;
}
