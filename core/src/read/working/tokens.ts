import { VULGAR_SIGNS } from '../../numeral/vulgar';
import { parseUnit } from '../../unit/parse-unit';

/** What a sign of a working does. */
export type Sign = 'times' | 'over' | 'divided' | 'plus' | 'minus' | 'open' | 'close' | 'is' | 'power' | 'end';

/** A token of a working, with its span: a number with its unit, or a sign. Other words are not tokens. */
export type Token =
	| {
			readonly kind: 'quantity';
			readonly number: string;
			readonly unit: string;
			/** Whether its last digits are left out: 27.1333… */
			readonly cut?: true;
			readonly from: number;
			readonly to: number;
	  }
	| { readonly kind: Sign; readonly text: string; readonly from: number; readonly to: number };

/** Digits in groups of three by a comma or a space, or with a comma that can only be the decimal mark. */
const DIGITS =
	'0,\\d+|\\d+,(?:\\d{1,2}|\\d{4,})(?![\\d,])|(?:\\d{1,3}(?:,\\d{3})+|\\d{1,3}(?:[\\u202f\\u2009 ]\\d{3})+(?![\\d/⁄])|\\d+)(?:\\.\\d*)?|\\.\\d+';
const SUPER = '[⁺⁻]?[⁰¹²³⁴⁵⁶⁷⁸⁹]+';
/** A power of ten behind a number: × 10^4, x10^-3, e-6, ×10⁴. */
const TENS = `(?:\\s*[×xX*·⋅]\\s*10\\s*(?:\\^\\s*\\(?\\s*[-−–+]?\\s*\\d+\\s*\\)?|${SUPER})|[eE][-−+]?\\d+)`;
const BARE_TENS = `10\\s*(?:\\^\\s*\\(?\\s*[-−–+]?\\s*\\d+\\s*\\)?|${SUPER})`;
/** A whole number and a fraction, or a fraction, before a unit. */
const FRACTION = `(?:\\d+\\s+)?\\d+[/⁄]\\d+(?=\\s*\\p{L})|\\d*\\s?[${VULGAR_SIGNS}]`;
const NUMBER = new RegExp(`(?:${BARE_TENS}|${FRACTION}|(?:${DIGITS})${TENS}?)`, 'uy');

/** Signs for digits that are left out. */
const CUT = /\s?(?:…|\.\.\.)/uy;

/** Signs and words that work on the line, the longer before the shorter; a row each. */
const SIGNS: readonly { readonly is: Sign; readonly by: RegExp }[] = [
	{ is: 'times', by: /\b(?:multipl(?:y|ied)\s+(?:it\s+)?by|times)\b/iuy },
	{ is: 'divided', by: /\bdivided?\s+(?:it\s+)?by\b|÷/iuy },
	{ is: 'is', by: /\b(?:equals|gives|makes|which\s+is|is)\b|[=≈≃≅→⇒]|->/iuy },
	{ is: 'end', by: /\b(?:then|so|therefore|hence)\b|[;\n]|\.(?=\s|$)|,(?=\s)/iuy },
	{ is: 'over', by: /\bover\b|\bper\b(?=\s*\d)|[/∕⁄]/iuy },
	{ is: 'times', by: /[×*·⋅]|[xX](?=\s*[\d(.[$€£])/uy },
	{ is: 'plus', by: /\+/uy },
	{ is: 'minus', by: /[-−–](?!>)/uy },
	{ is: 'open', by: /[([{]/uy },
	{ is: 'close', by: /[)\]}]/uy },
	{ is: 'power', by: new RegExp(`\\^\\s*\\d+|${SUPER}`, 'uy') },
];

/** Words that end a unit, whatever it may be. */
const ENDS_UNIT =
	/\s(?:[xX×](?=\s*[\d([.$€£])|times|multiplied|divided|over|per(?=\s*\d)|then|so|is|equals|gives|makes|which|and|or|but|to|in\s+all)(?![\p{L}])/u;

/** What may be in a unit: words, signs, powers, and in braces the substance it is of; a bar or a point only before a letter. */
const LABEL = '(?:\\{[\\p{L} ]+\\})?';
const RAISED = '(?:\\^?[-−]?\\d+|[⁻⁰¹²³⁴⁵⁶⁷⁸⁹]+)?';
const UNIT = new RegExp(
	`[ \\u00a0]*(?:[\\p{L}°µμΩ%$€£'"′″]+\\.?${LABEL}${RAISED})(?:(?:\\s?[/]\\s?\\(?|[·⋅*.-]|[ \\u00a0])(?=[\\p{L}°µμΩ(])(?:[\\p{L}°µμΩ%()]+)${LABEL}${RAISED})*`,
	'uy',
);

/** A sign of money before its number, and the unit it is paid for. */
const MONEY = /[$€£]\s?/uy;
const PER_UNIT = /\s?(?:\/\s?|per\s)(?=\p{L})[\p{L}°µμ]+(?:\^?[-−]?\d+|[²³])?/uy;

/** How far one looks on behind a unit. */
const LOOK_ON = 3;

function matchAt(pattern: RegExp, text: string, from: number): string | null {
	pattern.lastIndex = from;
	return pattern.exec(text)?.[0] ?? null;
}

/** Brackets that are not opened or not closed in a unit belong to the line: mL/min(1 L/1000 mL). */
function balanced(text: string): string {
	const open: number[] = [];
	for (const [i, sign] of [...text].entries()) {
		if (sign === '(') open.push(i);
		if (sign === ')' && open.pop() === undefined) return text.slice(0, i);
	}
	return text.slice(0, open[0]);
}

function isUnit(text: string, counted: boolean): boolean {
	return parseUnit(text, { counted }).ok;
}

/**
 * The unit at a place: the longest run of words that is one; otherwise a single word is a counted thing.
 * @param money the sign of money before the number, which the unit goes on from: $12.50/lb.
 */
function unitAt(text: string, from: number, money = ''): string {
	let run = balanced(matchAt(money ? PER_UNIT : UNIT, text, from) ?? '');
	// What follows tells whether an x is a sign or a unit.
	const end = ENDS_UNIT.exec(text.slice(from, from + run.length + LOOK_ON));
	if (end) run = run.slice(0, end.index);
	const words = run.split(/(?<=\S)(?=[ \u00a0]+\S)/u);
	for (let n = words.length; n > 0; n--) {
		const candidate = words.slice(0, n).join('').replace(/\.$/, '');
		if (isUnit(`${money}${candidate.trim()}`, money !== '')) return candidate;
	}
	if (money) return '';
	const [thing = '', per = '', of = ''] = words;
	// Eggs per carton: so many of one thing for each of another.
	if (per.trim() === 'per' && isUnit(`${thing}${per}${of}`.trim(), true)) return `${thing}${per}${of}`;
	const first = (words[0] ?? '').replace(/[.]$/, '');
	return isUnit(first.trim(), true) && first.trim() !== '' ? first : '';
}

/** The tokens of a working in plain text, in reading order. */
export function tokensOf(text: string): readonly Token[] {
	const tokens: Token[] = [];
	let from = 0;
	while (from < text.length) {
		const money = matchAt(MONEY, text, from) ?? '';
		const number = matchAt(NUMBER, text, from + money.length);
		if (number) {
			const cut = matchAt(CUT, text, from + money.length + number.length) ?? '';
			const behind = from + money.length + number.length + cut.length;
			const unit = unitAt(text, behind, money.trim());
			const to = behind + unit.length;
			const read = parseUnit(`${money.trim()}${unit.trim()}`, { counted: true });
			tokens.push({
				kind: 'quantity',
				number: number.trim(),
				unit: read.ok ? read.value.text : '',
				...(cut ? { cut: true } : {}),
				from,
				to,
			});
			from = to;
			continue;
		}
		const sign = SIGNS.map(({ is, by }) => ({ is, text: matchAt(by, text, from) })).find((one) => one.text);
		if (sign?.text) {
			tokens.push({ kind: sign.is, text: sign.text, from, to: from + sign.text.length });
			from += sign.text.length;
			continue;
		}
		// A word of no use is passed over whole, so that no sign is found within it.
		const word = /^[\p{L}\d'’_]+/u.exec(text.slice(from))?.[0] ?? '';
		from += word.length || 1;
	}
	return tokens;
}
