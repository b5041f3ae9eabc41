import { type Factor, type Start, sidesOfStart } from '../../chain/chain';
import type { Fact } from '../../fact/fact';
import { withPoints } from '../../numeral/decimal-mark';
import type { Span } from '../../numeral/fault';
import { parseNumeral } from '../../numeral/parse-numeral';
import type { Quantity } from '../../quantity/quantity';
import { parseUnit } from '../../unit/parse-unit';
import { hasDecimalComma } from '../as-written';
import { legible } from '../legible';
import { filledUnits } from './filled-units';
import { type Claim, type Failing, firstFailing } from './first-failing';
import { flattenLatex } from './flatten-latex';
import { type Run, runsOf, type WrittenValue } from './parse-chain';
import { type Token, tokensOf } from './tokens';
import { unstacked } from './unstack';

/** A written working, read into parts (contract, "working"). */
export type Working = {
	readonly start: Start | null;
	readonly factors: readonly Factor[];
	readonly claims: readonly Claim[];
	readonly answer: WrittenValue | null;
	/** Spans of the text that are no part of it. */
	readonly unread: readonly Span[];
	readonly first: Failing | null;
};

/** How much of a working is read, in UTF-16 units. */
export const WORKING_LIMIT = 8000;

/** The number or the sign a line is listed by. */
const LISTED = /(^|\n)([ \t]*(?:\(?\d{1,2}[.)]|\(?[a-z][.)]|[-•*–]|step\s+\d+\s*[:.)])[ \t]+)(?=\S)/giu;

/** A word that calls what follows the answer. */
const CALLED = /\b(?:answer|ans|result|solution)\b[^\d\n]{0,24}$/iu;

/** How something is rounded, which is no value: (3 s.f.), to 2 decimal places. */
const ROUNDED =
	/\(?\b(?:(?:rounded\s+)?to\s+)?(?:\d{1,2}|one|two|three|four)\s*(?:s\.?\s?f\.?|d\.?\s?p\.?|sig\.?\s?figs?\.?|significant\s+(?:figures?|digits?)|decimals?(?:\s+places?)?)(?![\p{L}\d])\)?/giu;

/** A unit that is struck or marked where it cancels: 6.2 ~~yd~~, 80 [oz], 240 (min), **4.0 h**. */
const MARKED: readonly RegExp[] = [
	/(~~)([^~\d\n]{1,24})(~~)/gu,
	/(\*\*)([^*\n]{1,40})(\*\*)/gu,
	/(?<=\d\s?)(\[)(\p{L}[\p{L}³²/·]{0,20})(\])/gu,
	/(?<=\d\s)(\()(\p{L}{1,12}[³²]?)(\))(?!\s*\^)/gu,
	/(?<=\d\s)(-)(\p{L}{1,12}[³²]?)(-)/gu,
];

/** A unit as a fraction behind its number, as LaTeX has it: 7.5 (m / s). */
const FRACTION_UNIT = /(?<=\d\s*)\(\s*(\p{L}{1,12}[³²]?)\s*\/\s*(\p{L}{1,12}[³²]?)\s*\)/gu;
/** A fraction with the same power above and below: (1 m)^3/(100 cm)^3. */
const RAISED_APART = /\(([^()\n]{1,40})\)\s*\^\s*(\d)\s*\/\s*\(([^()\n]{1,40})\)\s*\^\s*\2(?!\d)/gu;

/** A text without the signs that mark a unit, each a space. */
function unmarked(text: string): string {
	const blank = (_: string, before: string, unit: string, behind: string) =>
		' '.repeat(before.length) + unit + ' '.repeat(behind.length);
	const joined = text
		.replace(FRACTION_UNIT, (all, above, below) => `${above}/${below}`.padEnd(all.length))
		.replace(RAISED_APART, (all, top, power, bottom) => `(${top}/${bottom})^${power}`.padEnd(all.length));
	return MARKED.reduce((left, mark) => left.replace(mark, blank), joined);
}

/** What is no part of a working as spaces, so that every place stays what it is: how lines are listed, how one rounds. */
function bared(text: string): string {
	return unmarked(text)
		.replace(LISTED, (_, before: string, sign: string) => before + ' '.repeat(sign.length))
		.replace(ROUNDED, (all) => ' '.repeat(all.length));
}

function segmentsOf(tokens: readonly Token[]): readonly (readonly Token[])[] {
	const segments: Token[][] = [[]];
	for (const token of tokens)
		if (token.kind === 'end') segments.push([]);
		else segments.at(-1)?.push(token);
	return segments.filter((segment) => segment.length > 0);
}

function isSame(a: Quantity, b: Quantity): boolean {
	const [m, n] = [parseNumeral(a.number), parseNumeral(b.number)];
	const [u, v] = [parseUnit(a.unit, { counted: true }), parseUnit(b.unit, { counted: true })];
	if (!m.ok || !n.ok || !u.ok || !v.ok) return false;
	return m.value.value.equals(n.value.value) && u.value.text === v.value.text;
}

function unitsIn({ start, items }: Run): readonly string[] {
	const { top, bottom } = start ? sidesOfStart(start) : { top: null, bottom: null };
	const sides = items.flatMap((item) => (item.is === 'factor' ? [item.factor.top.unit, item.factor.bottom.unit] : []));
	return [top?.unit ?? '', bottom?.unit ?? '', ...sides].filter(Boolean);
}

/** How the degrees of two scales are as one writes it without units: × 5/9 from °F, × 9/5 or × 1.8 from °C. */
const SCALES: readonly { readonly from: string; readonly to: string; readonly over: readonly string[] }[] = [
	{ from: '°F', to: '°C', over: ['5/9', '1/1.8'] },
	{ from: '°C', to: '°F', over: ['9/5', '1.8/1'] },
];

/** A factor of plain numbers on a line of temperatures, with the degrees it is of. */
function ofScales(factor: Factor, start: Start | null): Factor {
	const { top, bottom } = factor;
	const from = start && parseUnit(sidesOfStart(start).top.unit);
	const row = SCALES.find((one) => from?.ok && from.value.text === one.from);
	if (!row || top.unit !== '' || bottom.unit !== '' || !row.over.includes(`${top.number}/${bottom.number}`))
		return factor;
	return { ...factor, top: { ...top, unit: row.to }, bottom: { ...bottom, unit: row.from } };
}

/** A rate stated by itself as a fact: 1.5 mg per kg is 1.5 mg for each kg. Empty if the value is not a rate. */
function rateOf({ number, unit }: WrittenValue): readonly Fact[] {
	const read = parseUnit(unit, { counted: true });
	const [above, below, ...more] = read.ok ? read.value.text.replace(/\{[^}]*\}/gu, '').split('/') : [];
	return above && below && !more.length ? [{ left: { number, unit: above }, right: { number: '1', unit: below } }] : [];
}

/** A line as far as it is gathered, run by run. */
class Gathered {
	start: Start | null = null;
	readonly factors: Factor[] = [];
	readonly claims: Claim[] = [];
	readonly facts: Fact[] = [];
	readonly used: Span[] = [];
	called: WrittenValue | null = null;
	/** A value by itself before there is a line, which may go on from it. */
	private alone: Quantity | null = null;

	private claim(value: WrittenValue): void {
		const last = this.claims.at(-1);
		const begun = this.start && !this.factors.length && !last ? sidesOfStart(this.start).top : null;
		// A line written again unchanged is not a claim, nor is the start before its own line.
		const before = last?.after === this.factors.length - 1 ? last : begun;
		if (before && isSame(before, value)) return;
		this.claims.push({ after: this.factors.length - 1, ...value });
	}

	/** A value by itself: the answer where it is called so, or one that was claimed. */
	private value(value: WrittenValue, isCalled: boolean): void {
		if (isCalled) this.called = value;
		else if (this.start && value.unit !== '') this.claim(value);
		else if (!this.start) {
			this.alone = value;
			this.facts.push(...rateOf(value));
		}
	}

	/** What a further line begins with: the value before, written again, or another. */
	private again(start: Start): void {
		const { top, bottom } = sidesOfStart(start);
		const last = this.claims.at(-1) ?? (this.start && sidesOfStart(this.start).top);
		if (!bottom && last && !isSame(top, last)) this.claim(top);
	}

	/** A run without a factor: a value by itself, a fact, or a value written another way. */
	private takeValue(run: Run, start: Start, isCalled: boolean): void {
		const { top, bottom } = sidesOfStart(start);
		const [first] = run.items;
		if (first?.is === 'claim' && isCalled) this.value(first.value, true);
		else if (first?.is === 'claim' && !bottom) {
			// A quantity equal to another by itself is a fact beside the line; the value before, written in another way, is a claim.
			const last = this.claims.at(-1);
			if (last && isSame(last, top)) this.claim(first.value);
			else {
				this.facts.push({ left: top, right: first.value });
				return;
			}
		} else if (!bottom) this.value(top, isCalled);
		else if (!this.start && first?.is === 'claim') {
			// One quantity over another, and what that gives: 85 km / 1.5 h = 56.7 km/h.
			const rate = rateOf(bottom)[0];
			this.start = rate ? top : start;
			// Over a rate the rate is a factor, turned over: 154 lb / 2.2 lb/kg.
			if (rate) this.factors.push({ top: rate.right, bottom: rate.left });
			this.claim(first.value);
		}
		this.used.push(run.at);
	}

	take(run: Run, isCalled: boolean): void {
		if (!run.items.some(({ is }) => is === 'factor')) {
			if (run.start) this.takeValue(run, run.start, isCalled);
			return;
		}
		// Bare arithmetic without units is no line.
		if (!unitsIn(run).length) return;
		const begins = run.start ?? (this.start ? null : this.alone);
		if (!this.start && !begins) return;
		if (this.start && run.start) this.again(run.start);
		this.start ??= begins;
		for (const item of run.items)
			if (item.is === 'factor') this.factors.push(ofScales(item.factor, this.start));
			else this.claim(item.value);
		this.used.push(run.at);
	}

	/** The answer: the value called so, else the last one, where nothing follows it. */
	answer(): WrittenValue | null {
		if (this.called) return this.called;
		const last = this.claims.at(-1);
		if (!last && !this.start && this.alone) return this.alone;
		if (!last || last.after < this.factors.length - 1) return null;
		this.claims.pop();
		const { after: _, ...answer } = last;
		return answer;
	}
}

/** The spans of a text outside some others that say something. */
function outside(text: string, used: readonly Span[]): readonly Span[] {
	const unread: Span[] = [];
	let from = 0;
	for (const [a, b] of [...used, [text.length, text.length] as const].sort((x, y) => x[0] - y[0])) {
		const piece = text.slice(from, a);
		const lead = piece.length - piece.trimStart().length;
		if (/[\p{L}\d]/u.test(piece)) unread.push([from + lead, from + piece.trimEnd().length]);
		from = Math.max(from, b);
	}
	return unread;
}

/**
 * Reads a written working into parts: the start, the factors in the order they are written, the values claimed on the
 * way, the answer; and where it first fails. Plain text, typed signs, words, and LaTeX.
 * @example readWorking('5.5 ft × 12 in/1 ft = 66 in') // start 5.5 ft, one factor, answer 66 in
 */
export function readWorking(text: string): Working {
	const flat = unstacked(flattenLatex(legible(text.slice(0, WORKING_LIMIT))));
	// Beside a comma that can only be the decimal mark, the others are too.
	const plain = bared(withPoints(flat.text, hasDecimalComma(flat.text) ? 'comma' : 'point'));
	const gathered = new Gathered();
	for (const segment of segmentsOf(tokensOf(plain)))
		for (const run of runsOf(segment))
			gathered.take(run, CALLED.test(plain.slice(Math.max(0, run.at[0] - 40), run.at[0])));
	const answer = gathered.answer();
	const { start, claims, facts } = gathered;
	const isBare =
		gathered.factors.length > 0 &&
		gathered.factors.every(({ top, bottom, shift }) => shift === undefined && top.unit + bottom.unit === '');
	const filled =
		isBare && start && !('top' in start) && answer ? filledUnits(start, gathered.factors, answer.unit) : null;
	const factors = filled ?? gathered.factors;
	const placed = ([a, b]: Span): Span => [flat.at[a] ?? text.length, (flat.at[b - 1] ?? text.length - 1) + 1];
	return {
		start,
		factors,
		claims,
		answer,
		unread: outside(plain, gathered.used).map(placed),
		first: start ? firstFailing({ start, factors, claims, answer, told: { facts } }) : null,
	};
}
