import type { Span } from '../numeral/fault';
import { legible } from './legible';
import { wantIn } from './problem/wanted';

/** A problem of a page: its span, the number or letter it is listed by, and its text with what holds for it put before. */
export type SheetProblem = { readonly at: Span; readonly label: string | null; readonly text: string };

/** How much of a page is read, in UTF-16 units. */
export const SHEET_LIMIT = 200_000;
/** The most problems a page is cut into. */
const PROBLEMS_LIMIT = 500;

/** How much of an instruction is put before each text it holds for. */
const LEAD_LIMIT = 400;

/** A piece of a page between two marks, with its place. */
type Piece = { readonly from: number; readonly to: number; readonly mark: Mark | null; readonly blank: boolean };

/** What a problem is listed by. */
type Mark = { readonly kind: 'number' | 'letter' | 'bullet'; readonly label: string | null; readonly length: number };

type MarkRow = { readonly kind: Mark['kind']; readonly example: string; readonly by: RegExp };

/** How problems are listed; a row each. */
const MARKS: readonly MarkRow[] = [
	{ kind: 'number', example: '3. / 3) / (3) / 3:', by: /^\(?(\d{1,3})[.):](?=[ \t]+\S|[ \t]*$)[ \t]*/u },
	{
		kind: 'number',
		example: 'Problem 3: / Q3. / Exercise 3',
		by: /^(?:problem|question|exercise|ex\.?|no\.?|q\.?|#)[ \t]*(\d{1,3})[ \t]*[.):–-]?(?=[ \t]|$)[ \t]*/iu,
	},
	{ kind: 'letter', example: 'b) / (b) / b.', by: /^\(?([a-zA-Z])[.)](?=[ \t]+\S)[ \t]*/u },
	{ kind: 'bullet', example: '• / - / *', by: /^([-–•*▪◦])[ \t]+(?=\S)/u },
];

/** How problems are listed in a page with roman numerals. */
const ROMAN: MarkRow = { kind: 'letter', example: 'iv. / (iv)', by: /^\(?([ivx]{1,5})[.)](?=[ \t]+\S)[ \t]*/u };
/** What shows that a page has them: a second one. */
const IS_ROMAN = /^[ \t]*\(?ii[.)][ \t]+\S/mu;

function markAt(line: string, rows: readonly MarkRow[]): Mark | null {
	for (const { kind, by } of rows) {
		const match = by.exec(line);
		if (match) return { kind, label: kind === 'bullet' ? null : (match[1] ?? null), length: match[0].length };
	}
	return null;
}

/** Where a further number of a list is inside a line, for example after two columns ran together. */
const INSIDE = /(?:\t|[ \u00a0]{2,})(?=\(?(?:\d{1,3}|[a-zA-Z])[.)][ \t]+\S)/gu;

/** The end of the problems: an answer key. */
const KEY = /^[ \t]*(?:answers?|answer[ \t]+key|key|solutions?|lösungen)\b[^\n]{0,40}$/iu;

/** Words that tell what to do, as an instruction for all that follows does. */
const DOES =
	/\b(?:convert|change|write|express|give|round|find|complete|fill|calculate|work|use|show|turn|state|how)\b/iu;

/** Lines that are no part of a problem: the number of a page, where a name or an answer is to be written, a score. */
const NOISE =
	/^[ \t]*(?:(?:page|p\.)\s*\d+(?:\s*(?:of|\/)\s*\d+)?|[-–]\s*\d+\s*[-–]|(?:name|date|class|period|score|group|working|answers?|ans|solution|show\s+(?:your|all|the)\s+work(?:ing)?)\b\s*[:.]?[ \t]*(?:[_.…]{2,}.*|$)|[_.…=*-]{4,})[ \t]*$/iu;

/** What a problem is worth, before its text: (2 points), [3 marks]. */
const POINTS = /^[([]\s*\d{1,2}(?:[.,]5)?\s*(?:points?|marks?|pts?|p)\.?\s*[)\]]\s*/iu;

/** Facts a page states for the problems behind them. */
const FACTS = /\d[^=\n?]*[=≈]\s*(?:about\s+)?\d/u;

/** The heading of a part, which ends what the part before said. */
const PART = /^[ \t]*(?:part|section)\s+(?:[A-Z]|\d{1,2})\b/iu;

/** Which problems an instruction holds for: For questions 5–8. */
const FOR_SOME = /\b(?:questions?|problems?|nos?\.?|exercises?)\s+(\d{1,3})\s*(?:[-–—]|to|and)\s*(\d{1,3})/iu;

/** Lines at the top of a page that are not an instruction. */
const TITLE = /^(?:[ \t]*(?:name|date|class|period|worksheet|homework|quiz|unit|chapter|page|test)\b)/iu;

const QUANTITY = /\d/u;

/** The pieces of a page: lines, and parts of lines where another number begins inside. */
function piecesOf(text: string): readonly Piece[] {
	const rows = IS_ROMAN.test(text) ? [ROMAN, ...MARKS] : MARKS;
	const pieces: Piece[] = [];
	let from = 0;
	for (const line of text.split('\n')) {
		const cuts = [0];
		const isListed = markAt(line.trimStart(), rows) !== null;
		if (isListed) for (const cut of line.matchAll(INSIDE)) cuts.push(cut.index + cut[0].length);
		for (const [i, cut] of cuts.entries()) {
			const end = cuts[i + 1] ?? line.length;
			const part = line.slice(cut, end);
			const lead = part.length - part.trimStart().length;
			const mark = markAt(part.trimStart(), rows);
			const blank = part.trim() === '' || NOISE.test(part);
			pieces.push({ from: from + cut + lead, to: from + cut + part.trimEnd().length, mark, blank });
		}
		from += line.length + 1;
	}
	return pieces;
}

/** A page up to its answer key. */
function withoutKey(text: string): string {
	let from = 0;
	let seen = 0;
	for (const line of text.split('\n')) {
		if (seen > 0 && KEY.test(line) && !NOISE.test(line) && !/\?/.test(line)) return text.slice(0, from);
		if (line.trim() !== '') seen += 1;
		from += line.length + 1;
	}
	return text;
}

/** Whether a piece of a page is an instruction for what follows, and no problem by itself. */
function isInstruction(text: string): boolean {
	if (TITLE.test(text)) return false;
	if (FACTS.test(text) && !/\?|_{2,}/.test(text)) return true;
	if (!DOES.test(text)) return false;
	return (
		/:\s*$/.test(text) ||
		!QUANTITY.test(
			text.replace(FOR_SOME, '').replace(/\b\d+\s*(?:decimal|significant|s\.?f|d\.?p|figure|place)/giu, ''),
		)
	);
}

const NO_THINGS: ReadonlySet<string> = new Set();

/** A problem as it is gathered from pieces, each joined to the one before by the space or line between them. */
type Open = { from: number; to: number; label: string | null; lead: string; whole: string };

/** A problem that only states something, for the letters under it. */
function isStem(text: string): boolean {
	return !/\?|_{2,}|→/.test(text) && wantIn(text, NO_THINGS) === null;
}

/** A row of a table. */
function isTableRow(text: string): boolean {
	return /\S\s*\|\s*\S/u.test(text);
}

function joined(lead: string, text: string): string {
	return lead === '' ? text : `${lead} ${text}`;
}

/** A problem with the instruction that holds for it; one that asks for another unit by itself does not need it. */
function withLead(lead: string, text: string): string {
	const asks = lead !== '' && wantIn(text, NO_THINGS) !== null && wantIn(lead, NO_THINGS) !== null;
	return asks ? text : joined(lead, text);
}

/** Whether an instruction holds for a problem, by the numbers it names. */
function holdsFor(lead: string, label: string | null): boolean {
	const [, first, last] = FOR_SOME.exec(lead) ?? [];
	const number = Number(label);
	return first === undefined || !Number.isFinite(number) || (number >= Number(first) && number <= Number(last));
}

/** What holds for a list of letters under a number: what the number says, where that is no problem by itself. */
type Under = { readonly label: string; readonly lead: string };

/** Cuts a page whose problems are listed: by numbers, letters or bullets; other lines go on, or hold for all that follow. */
function listed(text: string, pieces: readonly Piece[]): readonly SheetProblem[] {
	const problems: Open[] = [];
	// What is said on top of the page holds for all of it; what is said for a group ends with the next group.
	let whole = '';
	let inPart = false;
	let lead = '';
	let under: Under | null = null;
	let open: Open | null = null;
	let afterBlank = true;
	for (const [i, { from, to, mark, blank }] of pieces.entries()) {
		if (blank) {
			afterBlank = true;
			continue;
		}
		const own = text.slice(from, to);
		if (PART.test(own)) {
			[lead, under, open, inPart] = ['', null, null, true];
			const said = own.replace(PART, '').replace(/^[\s:.–-]+/u, '');
			if (isInstruction(said)) lead = said;
		} else if (mark) {
			const listedBy = text.slice(from, from + mark.length);
			const points = POINTS.exec(text.slice(from + mark.length, to))?.[0].length ?? 0;
			const start = from + listedBy.length + points;
			const body = text.slice(start, to);
			const next = pieces.slice(i + 1).find((piece) => !piece.blank)?.mark;
			const leads = mark.kind === 'number' && next?.kind === 'letter' && (isInstruction(body) || isStem(body));
			if (leads) {
				under = { label: mark.label ?? '', lead: joined(lead, body.trim()) };
				open = null;
			} else {
				if (mark.kind === 'number') under = null;
				const label = under && mark.kind === 'letter' ? `${under.label}${mark.label}` : mark.label;
				open = { from: start, to, label, lead: under && mark.kind === 'letter' ? under.lead : lead, whole };
				problems.push(open);
			}
		} else if (!open || (afterBlank && isInstruction(own)) || (/:\s*$/.test(own) && isInstruction(own))) {
			// Before the first of a list, or between two, an instruction holds for all that follow.
			if (isTableRow(own) && !open) lead = `${lead}\n${own.trim()}`.trim().slice(0, LEAD_LIMIT);
			else if (
				isInstruction(own) &&
				!inPart &&
				!problems.length &&
				!/:\s*$/.test(own) &&
				!FOR_SOME.test(own) &&
				lead === ''
			)
				whole = joined(whole, own.trim()).slice(0, LEAD_LIMIT);
			else if (isInstruction(own)) {
				lead = (open || lead === '' ? own.trim() : joined(lead, own.trim())).slice(0, LEAD_LIMIT);
				open = null;
				under = null;
			}
		} else open.to = to;
		afterBlank = false;
	}
	return problems.map(({ from, to, label, lead: before, whole: above }) => ({
		at: [from, to],
		label,
		text: withLead(above, withLead(holdsFor(before, label) ? before : '', text.slice(from, to).trim())),
	}));
}

/** Whether a line is a problem by itself: short, with a quantity, and a sign or a gap for what is wanted. */
function isTerse(line: string): boolean {
	return line.length <= 80 && QUANTITY.test(line) && /[=→?_]|->|\b(?:to|in|into)\b/iu.test(line);
}

/** Cuts a page whose problems are not listed: by blank lines, or terse lines one under another. */
function byParagraphs(text: string): readonly SheetProblem[] {
	const problems: SheetProblem[] = [];
	let lead = '';
	let from = 0;
	for (const block of text.split(/(\n[ \t]*\n+)/u)) {
		const start = from;
		from += block.length;
		if (block.trim() === '') continue;
		const lines = block.split('\n').filter((line) => line.trim() !== '');
		const [head = '', ...rest] = lines;
		const headed = rest.length > 1 && isInstruction(head) && rest.every(isTerse);
		const each = headed ? rest : lines.length > 1 && lines.every(isTerse) && !/[.!]\s*$/m.test(block) ? lines : null;
		if (headed) lead = head.trim();
		if (each) {
			let at = start;
			for (const line of each) {
				const place = text.indexOf(line, at);
				at = place + line.length;
				const own = line.trim();
				problems.push({
					at: [place + line.indexOf(own), place + line.indexOf(own) + own.length],
					label: null,
					text: joined(lead, own),
				});
			}
			continue;
		}
		const own = block.trim();
		const at = start + block.indexOf(own);
		if (isInstruction(own)) lead = own;
		else if (QUANTITY.test(own) || /\?/.test(own)) {
			if (TITLE.test(own)) continue;
			problems.push({ at: [at, at + own.length], label: null, text: joined(lead, own) });
		}
	}
	return problems;
}

/** Whether the marks of a page make a list: several of one kind, numbers one after another. */
function isList(pieces: readonly Piece[]): boolean {
	const marks = pieces.flatMap(({ mark }) => (mark ? [mark] : []));
	const numbers = marks.filter(({ kind }) => kind === 'number').map(({ label }) => Number(label));
	if (numbers.length) return numbers.every((n, i) => i === 0 || n === 1 || n > (numbers[i - 1] ?? 0));
	return marks.length > 1;
}

/**
 * A pasted page cut into its problems: numbered, lettered, bulleted, by blank lines, or one. Headings and instructions
 * that hold for all that follow are put before each text they hold for; an answer key behind is left out.
 * @example cutSheet('Convert to m:\n1. 3 km\n2. 45 cm') // "Convert to m: 3 km" and "Convert to m: 45 cm"
 */
export function cutSheet(page: string): readonly SheetProblem[] {
	const text = withoutKey(
		legible(page.slice(0, SHEET_LIMIT)).replace(/\r\n?/g, (end) => (end.length > 1 ? ' \n' : '\n')),
	);
	const pieces = piecesOf(text);
	const cut = isList(pieces) ? listed(text, pieces) : byParagraphs(text);
	if (cut.length) return cut.slice(0, PROBLEMS_LIMIT);
	const own = text.trim();
	return own === '' ? [] : [{ at: [text.indexOf(own), text.indexOf(own) + own.length], label: null, text: own }];
}
