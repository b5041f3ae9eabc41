import type { Fact } from '../../fact/fact';
import type { Span } from '../../numeral/fault';
import { sameDimension } from '../../unit/dimension';
import { parseUnit } from '../../unit/parse-unit';
import type { Found } from './found';
import type { Linked } from './linked';
import { SCALE } from './numbers';
import { isAlike } from './unit-kinds';

/** Two sides of one text that have the same units: a drawing and what it shows, a part and the whole it is of. */
export type Sides = {
	readonly fact: Linked;
	/** The label of the start, and that of what is asked for. */
	readonly start: string;
	readonly want: string;
};

function lengthUnit({ unit }: Found): boolean {
	const read = parseUnit(unit);
	return read.ok && sameDimension(read.value.dimension, { m: 1 });
}

/** How far behind a quantity, and before what is asked for, the name of what it is of may be. */
const BESIDE = 24;
const NEAR = 40;

/** Words for something drawn or built small. */
const DRAWN = /\b(?:map|plan|chart|drawing|drawn|model|atlas|sheet|diagram|blueprint|globe|paper)\b/iu;

/** The sentence a place is in. */
function sentenceAt(text: string, at: number): string {
	const from = Math.max(0, ...[...text.slice(0, at).matchAll(/[.?!;](?=\s)|\n/gu)].map(({ index }) => index + 1));
	const end = /[.?!;](?=\s|$)|\n/u.exec(text.slice(at));
	return text.slice(from, end ? at + end.index : text.length);
}

/** The scale of a drawing as an exact fact in the unit of a length: 1:25 000 is 1 cm{drawing} = 25 000 cm{real}. */
function scaleOf(text: string, found: readonly Found[], asked: Span | null): Sides | null {
	const [match] = text.matchAll(SCALE);
	const end = match ? match.index + match[0].length : -1;
	const i = found.findIndex(({ at, unit }) => unit === '' && at[1] === end);
	const length = found.find((one) => lengthUnit(one));
	if (i < 0 || !length) return null;
	const { number } = found[i] as Found;
	const startIsDrawn = isDrawn(text, length, asked);
	const fact: Fact = {
		left: { number: '1', unit: `${length.unit}{drawing}` },
		right: { number, unit: `${length.unit}{real}` },
	};
	const [start, want] = startIsDrawn ? ['drawing', 'real'] : ['real', 'drawing'];
	return { fact: { fact, of: [i] }, start, want };
}

/** Whether a length is one of a drawing: by the words beside it, or because what is asked for is not. */
function isDrawn(text: string, length: Found, asked: Span | null): boolean {
	const here = sentenceAt(text, length.at[0]).replace(SCALE, '');
	if (/\b(?:real|actual|really|true|full[- ]size|life)\b/iu.test(here)) return false;
	const near = text.slice(length.at[1], length.at[1] + 30);
	if (DRAWN.test(near) && !/^[^?]*\b(?:how|what)\b/iu.test(near)) return true;
	const there = asked ? sentenceAt(text, asked[0]) : '';
	return !DRAWN.test(there) || /\b(?:real|actual|really|life|ground)\b/iu.test(there);
}

/** A share of something, with the word it is a share of: 36 % zinc by mass; 18 % by volume is air. */
const SHARE =
	/^\s*%?\s*(?:by\s+(?:mass|weight|volume)\s+(?:is|are)\s+(\p{Ll}+)|(\p{Ll}{3,})(?:\s+by\s+(?:mass|weight|volume))?|of\s+\p{L}+\s+is\s+(\p{Ll}+))/u;

/** A percentage of something as a fact in a unit: 36 kg{zinc} = 100 kg{whole}. */
function shareOf(text: string, found: readonly Found[], asked: Span | null): Sides | null {
	const percents = found.flatMap((one, i) => (one.unit.startsWith('%') ? [i] : []));
	const [i] = percents;
	const share = i === undefined ? undefined : found[i];
	if (!share || i === undefined || percents.length > 1) return null;
	const words = SHARE.exec(text.slice(share.at[0] + share.number.length));
	const part = words?.[1] ?? words?.[2] ?? words?.[3];
	const given = found.find((one) => !one.unit.startsWith('%') && one.unit !== '' && kindOf(one.unit) !== null);
	if (part === undefined || ['by', 'of', 'the'].includes(part) || !given) return null;
	const named = new RegExp(`\\b${part}\\b`, 'iu');
	const startIsPart = named.test(text.slice(given.at[1], given.at[1] + part.length + 12));
	const near = asked ? text.slice(Math.max(0, asked[0] - 40), asked[1] + part.length + 12) : '';
	// Where neither end is of the part, the line does not need the share.
	if (!startIsPart && !named.test(near)) return null;
	const unit = given.unit.replace(/\{.*\}/u, '');
	const fact: Fact = {
		left: { number: share.number, unit: `${unit}{${part}}` },
		right: { number: '100', unit: `${unit}{whole}` },
	};
	const [start, want] = startIsPart ? [part, 'whole'] : ['whole', part];
	return { fact: { fact, of: [i] }, start, want };
}

/** An amount of a part in an amount of a whole, both in one unit: 18 g of tin per 250 g; 2 mol of magnesium need 1 mol of oxygen. */
const PORTION =
	/^\s*(?:of\s+(\p{Ll}{3,})\s+)?(?:per|in|in\s+every|for|for\s+every|for\s+each|to|to\s+every|needs?|with)\s+(?:each\s+|every\s+)?$/u;
const OF = /^\s+of\s+(?:the\s+|this\s+|an?\s+)?(\p{Ll}{3,})/u;

/** A part of a whole, or of another part, as a fact with labels: 18 g{tin} = 250 g{whole}. */
function portionOf(text: string, found: readonly Found[], asked: Span | null): Sides | null {
	const i = found.findIndex((one, k) => {
		const next = found[k + 1];
		return (
			next !== undefined && one.unit !== '' && one.unit === next.unit && PORTION.test(text.slice(one.at[1], next.at[0]))
		);
	});
	const [one, other] = [found[i], found[i + 1]];
	if (!one || !other) return null;
	const part = PORTION.exec(text.slice(one.at[1], other.at[0]))?.[1];
	const whole = OF.exec(text.slice(other.at[1]))?.[1];
	const given = found.find((quantity, k) => k !== i && k !== i + 1 && isAlike(quantity.unit, one.unit));
	if (!given || part === whole) return null;
	const isNamed = (word: string | undefined, near: string) =>
		word !== undefined && new RegExp(`\\b${word}\\b`, 'iu').test(near);
	const beside = text.slice(given.at[1], given.at[1] + BESIDE);
	const near = asked ? text.slice(Math.max(0, asked[0] - NEAR), asked[1] + BESIDE) : '';
	const startIsPart =
		isNamed(part, beside) || (!isNamed(whole, beside) && isNamed(whole, near) && !isNamed(part, near));
	if (!startIsPart && !isNamed(whole, beside) && !isNamed(part, near)) return null;
	const [name, rest] = [part ?? 'part', whole ?? 'whole'];
	const unit = one.unit.replace(/\{.*\}/u, '');
	const fact: Fact = {
		left: { number: one.number, unit: `${unit}{${name}}` },
		right: { number: other.number, unit: `${unit}{${rest}}` },
	};
	const [start, want] = startIsPart ? [name, rest] : [rest, name];
	return { fact: { fact, of: [i, i + 1] }, start, want };
}

function kindOf(unit: string): 'mass' | 'volume' | null {
	const read = parseUnit(unit);
	if (!read.ok) return null;
	if (sameDimension(read.value.dimension, { kg: 1 })) return 'mass';
	return sameDimension(read.value.dimension, { m: 3 }) ? 'volume' : null;
}

/** The scale or the share a text tells, with the labels that keep its two sides apart; null where it tells none. */
export function sidesIn(text: string, found: readonly Found[], asked: Span | null): Sides | null {
	return scaleOf(text, found, asked) ?? shareOf(text, found, asked) ?? portionOf(text, found, asked);
}
