import { bad, type Fault, type FaultCode, type Span } from '../numeral/fault';
import { findUnit } from './find-unit';

/** A piece of a unit as it is written: a word, a sign, a power. */
export type UnitSign = {
	readonly kind:
		| 'word'
		| 'number'
		| 'times'
		| 'slash'
		| 'per'
		| 'open'
		| 'close'
		| 'power'
		| 'square'
		| 'squared'
		| 'label';
	readonly text: string;
	readonly at: Span;
	/** Whether white space stands before it. */
	readonly apart: boolean;
};

/** A fault on its way out of the reader; caught at the one door of `parseUnit`, never seen outside. */
export class UnitFault {
	constructor(readonly fault: Fault) {}
}

/** Ends the reading with a fault. */
export function stop(code: FaultCode, message: string, at: Span, suggest?: readonly string[]): never {
	throw new UnitFault(bad(code, message, at, suggest).fault);
}

/** Signs that stand for another, in print, in other scripts and in one sign for a whole unit. */
const CLEAN: Readonly<Record<string, string>> = {
	μ: 'µ',
	Ω: 'Ω',
	Å: 'Å',
	K: 'K',
	'’': "'",
	'‘': "'",
	ʹ: "'",
	'`': "'",
	'”': '"',
	'“': '"',
	'„': '"',
	ʺ: '"',
	º: '°',
	'˚': '°',
	'∘': '°',
	'∙': '·',
	'•': '·',
	'✕': '×',
	'⨯': '×',
	'∕': '/',
	'⁄': '/',
	'∶': '/',
	'‐': '-',
	'‑': '-',
	'﹣': '-',
	'－': '-',
	'–': '-',
	'℃': '°C',
	'℉': '°F',
	'¢': 'cent',
};

/** One sign for a whole unit, as scripts of the East have them: ㎏, ㎜, ㎠ (Unicode, CJK Compatibility). */
const ONE_SIGN = /[㍱-㏟]/u;

/** A unit with plain signs, and for each of them where it stands in what was typed. */
function cleaned(text: string): { readonly clean: string; readonly places: readonly number[] } {
	let clean = '';
	const places: number[] = [];
	let from = 0;
	for (const sign of text) {
		const plain = CLEAN[sign] ?? (ONE_SIGN.test(sign) ? sign.normalize('NFKC').replace('∕', '/') : sign);
		for (let i = 0; i < plain.length; i++) places.push(plain.length === sign.length ? from + i : from);
		clean += plain;
		from += sign.length;
	}
	places.push(from);
	return { clean, places };
}

/** What a word raises the unit beside it to. */
export const SQUARES: Readonly<Record<string, number>> = { square: 2, sq: 2, cubic: 3, cu: 3, squared: 2, cubed: 3 };

const PIECES: readonly (readonly [UnitSign['kind'] | 'space', RegExp])[] = [
	['space', /[\s\u00a0\u2009\u202f]+/y],
	['label', /\{[^{}]*\}/y],
	['power', /\^(?:\([-+−]?\d+\)|[-+−]?\d+)|[⁺⁻]?[⁰¹²³⁴⁵⁶⁷⁸⁹]+/y],
	['open', /\(/y],
	['close', /\)/y],
	['times', /[·⋅*×•]/y],
	['slash', /[/÷]/y],
	[
		'word',
		/%\s?(?:\([wv]\/[wv]\)|[wv]\/[wv])|''|["'′″%‰$€£¥]|°?(?:[\p{L}µ]|\[[^\s[\]{}]*\])(?:[\p{L}_]|\[[^\s[\]{}]*\])*(?:\d+\p{L}[\p{L}\d]*)?|°/uy,
	],
	['number', /\d+/y],
];

/** Cuts a unit as written into its signs. */
export function unitSigns(text: string): UnitSign[] {
	const { clean, places } = cleaned(text);
	const placed = (from: number, to: number): Span => {
		const first = places[from] as number;
		return [first, Math.max(first + 1, places[to] as number)];
	};
	const out: UnitSign[] = [];
	let i = 0;
	let apart = false;
	while (i < clean.length) {
		const before = out.at(-1);
		const joint = JOINT.exec(clean.slice(i, i + 4));
		const adjacent = before !== undefined && !apart && before.at[1] === i;
		if (joint && adjacent && (before.kind === 'word' || before.kind === 'close' || before.kind === 'label')) {
			out.push({ kind: 'power', text: joint[0], at: [i, i + joint[0].length], apart: false });
			i += joint[0].length;
			continue;
		}
		if (before && /[.-]/.test(clean[i] as string)) {
			const more = /^[\p{L}(°[]/u.test(clean.slice(i + 1));
			// An abbreviation has a full stop, also in front of its unit: sq. cm.
			const shortened = clean[i] === '.' && (before.kind === 'square' || (!more && before.kind === 'word'));
			if (more && !shortened) out.push({ kind: 'times', text: clean[i] as string, at: [i, i + 1], apart });
			if (more || shortened) {
				i += 1;
				apart = shortened;
				continue;
			}
		}
		const piece = PIECES.map(([kind, shape]) => {
			shape.lastIndex = i;
			return { kind, match: shape.exec(clean) };
		}).find(({ match }) => match);
		if (!piece?.match)
			return stop('unit-unclear', `I cannot read “${text.slice(...placed(i, i + 1))}” in a unit.`, placed(i, i + 1));
		const end = i + piece.match[0].length;
		if (piece.kind === 'space') apart = true;
		else {
			out.push({ kind: wordKind(piece.kind, piece.match[0]), text: piece.match[0], at: [i, end], apart });
			apart = false;
		}
		i = end;
	}
	return out.map((sign) => ({ ...sign, at: placed(...sign.at) }));
}

/** A whole power written straight after a symbol: m2, s-1, s−1. */
const JOINT = /^[-−]?\d{1,3}(?!\d)/;

function wordKind(kind: UnitSign['kind'], text: string): UnitSign['kind'] {
	if (kind !== 'word') return kind;
	const word = text.toLowerCase();
	if (word === 'per') return 'per';
	if (word === 'squared' || word === 'cubed') return 'squared';
	// In capitals it may be a symbol: cU is a hundredth of an enzyme unit, cu is cubic.
	const raises = Object.hasOwn(SQUARES, word) && (word === text || !findUnit(text));
	return raises ? 'square' : 'word';
}
