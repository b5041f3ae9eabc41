/** What a problem is listed by. */
export type Mark = {
	readonly kind: 'number' | 'letter' | 'bullet';
	readonly label: string | null;
	readonly length: number;
};

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

export function markAt(line: string, rows: readonly MarkRow[]): Mark | null {
	for (const { kind, by } of rows) {
		const match = by.exec(line);
		if (match) return { kind, label: kind === 'bullet' ? null : (match[1] ?? null), length: match[0].length };
	}
	return null;
}

/** Where a further number of a list is inside a line, for example after two columns ran together. */
export const INSIDE = /(?:\t|[ \u00a0]{2,})(?=\(?(?:\d{1,3}|[a-zA-Z])[.)][ \t]+\S)/gu;

/** The end of the problems: an answer key. */
export const KEY = /^[ \t]*(?:answers?|answer[ \t]+key|key|solutions?|lösungen)\b[^\n]{0,40}$/iu;

/** Words that tell what to do, as an instruction for all that follows does. */
export const DOES =
	/\b(?:convert|change|write|express|give|round|find|complete|fill|calculate|work|use|show|turn|state|how)\b/iu;

/** Lines that are no part of a problem: the number of a page, where a name or an answer is to be written, a score. */
export const NOISE =
	/^[ \t]*(?:(?:page|p\.)\s*\d+(?:\s*(?:of|\/)\s*\d+)?|[-–]\s*\d+\s*[-–]|(?:name|date|class|period|score|group|working|answers?|ans|solution|show\s+(?:your|all|the)\s+work(?:ing)?)\b\s*[:.]?[ \t]*(?:[_.…]{2,}.*|$)|[_.…=*-]{4,})[ \t]*$/iu;

/** What a problem is worth, before its text: (2 points), [3 marks]. */
export const POINTS = /^[([]\s*\d{1,2}(?:[.,]5)?\s*(?:points?|marks?|pts?|p)\.?\s*[)\]]\s*/iu;

/** Facts a page states for the problems behind them. */
export const FACTS = /\d[^=\n?]*[=≈]\s*(?:about\s+)?\d/u;

/** The heading of a part, which ends what the part before said. */
export const PART = /^[ \t]*(?:part|section)\s+(?:[A-Z]|\d{1,2})\b/iu;

/** Which problems an instruction holds for: For questions 5–8. */
export const FOR_SOME = /\b(?:questions?|problems?|nos?\.?|exercises?)\s+(\d{1,3})\s*(?:[-–—]|to|and)\s*(\d{1,3})/iu;

/** Lines at the top of a page that are not an instruction. */
export const TITLE = /^(?:[ \t]*(?:name|date|class|period|worksheet|homework|quiz|unit|chapter|page|test)\b)/iu;

/** How the problems of a page are listed: with roman numerals where it has a second one. */
export function marksOf(page: string): readonly MarkRow[] {
	return IS_ROMAN.test(page) ? [ROMAN, ...MARKS] : MARKS;
}
