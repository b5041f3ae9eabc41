import type { Span } from '../numeral/fault';
import { legible } from './legible';
import { wantIn } from './problem/wanted';
import {
	DOES,
	FACTS,
	FOR_SOME,
	INSIDE,
	KEY,
	type Mark,
	markAt,
	marksOf,
	NOISE,
	PART,
	POINTS,
	TITLE,
} from './sheet-marks';

/** A problem of a page: its span, the number or letter it is listed by, and its text with what holds for it put before. */
export type SheetProblem = { readonly at: Span; readonly label: string | null; readonly text: string };

/** A page cut into problems, with the lines that hold for some of them or list them. */
type Cut = { readonly problems: readonly SheetProblem[]; readonly leads: readonly Span[] };

/** How much of a page is read, in UTF-16 units. */
export const SHEET_LIMIT = 200_000;
/** The most problems a page is cut into. */
const PROBLEMS_LIMIT = 500;

/** How much of an instruction is put before each text it holds for. */
const LEAD_LIMIT = 400;

/** A piece of a page between two marks, with its place. */
type Piece = { readonly from: number; readonly to: number; readonly mark: Mark | null; readonly blank: boolean };

const QUANTITY = /\d/u;

/** The pieces of a page: lines, and parts of lines where another number begins inside. */
function piecesOf(text: string): readonly Piece[] {
	const rows = marksOf(text);
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

/** A lead with a text behind it: on a line of its own where it does not end as a sentence does. */
function joined(lead: string, text: string): string {
	if (lead === '') return text;
	return `${lead}${/[.:;!?]\s*$/u.test(lead) ? ' ' : '\n'}${text}`;
}

/** A problem with the instruction that holds for it; one that asks for another unit by itself does not need it. */
function withLead(lead: string, text: string, own: string): string {
	const asks = lead !== '' && wantIn(own, NO_THINGS) !== null && wantIn(lead, NO_THINGS) !== null;
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
function listed(text: string, pieces: readonly Piece[]): Cut {
	const problems: Open[] = [];
	const leads: Span[] = [];
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
		const isLead = PART.test(own) || mark !== null || isTableRow(own) || isInstruction(own);
		if (isLead) leads.push([from, to]);
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
			const isUnder = mark.kind === 'number' && next?.kind === 'letter' && (isInstruction(body) || isStem(body));
			if (isUnder) {
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
	const cut = problems.map(({ from, to, label, lead: before, whole: above }): SheetProblem => {
		const own = text.slice(from, to).trim();
		const led = withLead(holdsFor(before, label) ? before : '', own, own);
		return { at: [from, to], label, text: withLead(above, led, own) };
	});
	return { problems: cut, leads };
}

/** Whether a line is a problem by itself: short, with a quantity, and a sign or a gap for what is wanted. */
function isTerse(line: string): boolean {
	return line.length <= 80 && QUANTITY.test(line) && /[=→?_]|->|\b(?:to|in|into)\b/iu.test(line);
}

/** Cuts a page whose problems are not listed: by blank lines, or terse lines one under another. */
function byParagraphs(text: string): Cut {
	const problems: SheetProblem[] = [];
	const leads: Span[] = [];
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
		if (headed) {
			lead = head.trim();
			leads.push([start, start + block.indexOf(head) + head.length]);
		}
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
		if (isInstruction(own)) {
			lead = own;
			leads.push([at, at + own.length]);
		} else if (QUANTITY.test(own) || /\?/.test(own)) {
			if (TITLE.test(own)) continue;
			problems.push({ at: [at, at + own.length], label: null, text: joined(lead, own) });
		}
	}
	return { problems, leads };
}

/** Whether the marks of a page make a list: several of one kind, numbers one after another. */
function isList(pieces: readonly Piece[]): boolean {
	const marks = pieces.flatMap(({ mark }) => (mark ? [mark] : []));
	const numbers = marks.filter(({ kind }) => kind === 'number').map(({ label }) => Number(label));
	if (numbers.length) return numbers.every((n, i) => i === 0 || n === 1 || n > (numbers[i - 1] ?? 0));
	return marks.length > 1;
}

/** A page as it is read: as long as before, with one sign for the end of a line. */
export function pageText(page: string): string {
	return legible(page.slice(0, SHEET_LIMIT)).replace(/\r\n?/g, (end) => (end.length > 1 ? ' \n' : '\n'));
}

/** Cuts a page, an answer key behind its problems left out. */
export function cutPage(page: string): Cut {
	const text = withoutKey(pageText(page));
	const pieces = piecesOf(text);
	const { problems, leads } = isList(pieces) ? listed(text, pieces) : byParagraphs(text);
	if (problems.length) return { problems: problems.slice(0, PROBLEMS_LIMIT), leads };
	const own = text.trim();
	const at = text.indexOf(own);
	return { problems: own === '' ? [] : [{ at: [at, at + own.length], label: null, text: own }], leads: [] };
}

/**
 * A pasted page cut into its problems: numbered, lettered, bulleted, by blank lines, or one. Headings and instructions
 * that hold for all that follow are put before each text they hold for; an answer key behind is left out.
 * @example cutSheet('Convert to m:\n1. 3 km\n2. 45 cm') // "Convert to m: 3 km" and "Convert to m: 45 cm"
 */
export function cutSheet(page: string): readonly SheetProblem[] {
	return cutPage(page).problems;
}
