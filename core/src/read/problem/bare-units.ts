import type { Span } from '../../numeral/fault';
import { singular } from '../../unit/singular';
import { isBareUnit } from './several-wanted';
import { COUNTED, isUnit, JOINS, MONEY } from './words';

/** A unit or a counted thing that a text names without a number, with what speaks for its being asked for. */
export type BareUnit = { readonly unit: string; readonly at: Span; readonly weight: number };

const WORD = /[\p{L}°µμΩÅ%][\p{L}\d°µμΩÅ^⁻⁰¹²³⁴⁵⁶⁷⁸⁹·/-]*/gu;

/** Words that are units as well, and hardly ever meant so. */
const HARDLY = new Set([
	'points',
	'point',
	'second',
	'seconds',
	'degree',
	'degrees',
	'bar',
	'bars',
	'foot',
	'yard',
	'scale',
]);

/** What speaks for or against a unit's being asked for: how it weighs, with an example. */
const WITNESSES: readonly {
	readonly example: string;
	readonly weight: number;
	readonly before?: RegExp;
	readonly behind?: RegExp;
}[] = [
	{ example: 'how many litres', weight: 4, before: /\bhow\s+many\s+(?:more\s+|whole\s+)?$/iu },
	{ example: 'how many 750-mL bottles', weight: 4, before: /\bhow\s+many\s+[\d.,]+[\s-]*\p{L}+[\s-]+$/iu },
	{ example: 'how much euros', weight: 4, before: /\bhow\s+much\s+$/iu },
	{ example: 'a Fahrenheit thermometer', weight: 9, behind: /^\s+(?:thermometer|scale)\b/iu },
	{ example: 'in litres', weight: 3, before: /\b(?:in|into)\s+(?:the\s+|whole\s+)?$/iu },
	{ example: 'give it as kilograms', weight: 2, before: /\b(?:as|to)\s+$/iu },
	{ example: 'the grams of zinc', weight: 2, before: /\bthe\s+$/iu, behind: /^\s+of\b/iu },
	{ example: 'the number of pallets', weight: 4, before: /\bnumber\s+of\s+$/iu },
	{ example: 'Distance (km): ?', weight: 3, before: /\p{L}\s*[([]\s*$/u, behind: /^\s*[)\]]/u },
	{ example: 'the mass (kg)', weight: 1, before: /[([]\s*$/u, behind: /^\s*[)\]]/u },
	{ example: 'kPa?', weight: 2, behind: /^\s*[)\]]?\s*\?/u },
	{ example: 'In litres: ____', weight: 2, behind: /^\s*[)\]]?\s*[:=]?\s*(?:_{2,}|\.{3,}|…|[=:]?\s*$)/u },
	{ example: '____ kPa', weight: 4, before: /(?:_{2,}|\.{3,}|…)\s*$/u },
	{
		example: 'Wanted: m/s',
		weight: 4,
		before: /\b(?:wanted|asked(?:\s+for)?|unknown|goal|end|to\s+find|answer\s+in)\s*:\s*$/iu,
	},
	{
		example: 'the scale shows pounds',
		weight: 3,
		before:
			/\b(?:does|shows?|reads?|uses?|needs?|asks?\s+for|(?:marked|counts?|thinks?|measures?|works?)\s+in)\s+(?:only\s+)?$/iu,
	},
	{ example: 'litres in 5.5 barrels', weight: 3, behind: /^\s+(?:in|for)\s+\d/u },
	{ example: 'and want cm', weight: 3, before: /\bwants?\s+(?:it\s+in\s+)?$/iu },
	{ example: 'a litre of oil', weight: -7, before: /\b(?:an?|one|each|every|per|this|that|whole)\s+$/iu },
	{ example: '$ per metre', weight: -5, before: /\/\s*$/u },
];

/** How far beside a unit its witnesses are looked for. */
const NEAR = 40;

/** The clauses of a text that ask or order. */
const ASKING =
	/\?|_{2,}|…|\.{3,}|\b(?:how|what|which|find|give|express|convert|change|write|calculate|compute|work\s+out|determine|put|turn|quote|tell|reckon|rewrite|re-express|state|name|report|estimate|want|wanted|unknown|goal|asks|asked)\b/iu;

/** The sentences of a text with their places. */
export function sentencesOf(text: string): readonly { readonly at: Span; readonly asks: boolean }[] {
	const ends = [...text.matchAll(/[.?!;](?=\s|$)|\n+/gu)].map(({ 0: sign, index }) => index + sign.length);
	return [0, ...ends].flatMap((from, i) => {
		const to = ends[i] ?? text.length;
		return to > from ? [{ at: [from, to] as const, asks: ASKING.test(text.slice(from, to)) }] : [];
	});
}

/**
 * The units and counted things a text names without a number, outside some spans, the one that is likeliest asked for first.
 * @param things the counted things the text tells of.
 */
export function bareUnits(text: string, taken: readonly Span[], things: ReadonlySet<string>): readonly BareUnit[] {
	const isTaken = (from: number, to: number) => taken.some(([a, b]) => from < b && to > a);
	const sentences = sentencesOf(text);
	const lastAsking = sentences.filter(({ asks }) => asks).at(-1);
	const words = [...text.matchAll(WORD)].map(({ 0: word, index }) => ({ word, from: index, to: index + word.length }));
	const found: BareUnit[] = [];
	let end = 0;
	for (const [i, { from }] of words.entries()) {
		if (from < end) continue;
		for (const count of countsFrom(words[i]?.word ?? '', words[i + 1]?.word)) {
			const last = words[i + count - 1];
			if (!last || isTaken(from, last.to)) continue;
			const run = text.slice(from, last.to);
			if (!/^[^\n.,;:?!()]+$/u.test(run) || (count > 1 && !/^[^\s]+(?:\s(?:per|a|an|of|[^\s]+))+$/u.test(run)))
				continue;
			const [before, behind] = [text.slice(Math.max(0, from - NEAR), from), text.slice(last.to, last.to + NEAR)];
			// “In” is the inch where nothing but it is listed: End: in.
			const isInch = run === 'in' && /:\s*$/u.test(before) && /^\s*(?:[.?,;]|$)/u.test(behind);
			const unit = isInch ? run : run === 'in' ? null : unitOfRun(run, things);
			if (unit === null) continue;
			const spoken = WITNESSES.filter(
				(row) => (row.before?.test(before) ?? true) && (row.behind?.test(behind) ?? true),
			);
			const sentence = sentences.find(({ at: [a, b] }) => from >= a && from < b);
			const weight =
				spoken.reduce((sum, row) => sum + row.weight, 0) +
				(sentence?.asks ? 1 : -2) +
				(sentence === lastAsking ? 1 : 0) -
				(HARDLY.has(run.toLowerCase()) && spoken.length === 0 ? 3 : 0);
			found.push({ unit, at: [from, last.to], weight });
			end = last.to;
			break;
		}
	}
	return found.sort((a, b) => b.weight - a.weight);
}

/** Words that begin a unit of several words. */
const BEGINS = /^(?:square|cubic|sq|cu|nautical|fluid|degrees?|metric|light|kilowatt|watt|pounds?|foot|newton)$/iu;

/** How many words may make the unit that begins with a word. */
function countsFrom(first: string, second = ''): readonly number[] {
	if (BEGINS.test(first)) return [4, 3, 2, 1];
	return second === 'per' ? [4, 3, 1] : [1];
}

/** The unit or the counted thing a run of words names; null where it names none. */
function unitOfRun(run: string, things: ReadonlySet<string>): string | null {
	const words = run.split(/\s+/u);
	const [first = '', second, third] = words;
	// “In” is hardly ever the inch where no number is before it.
	if (JOINS.has(first.toLowerCase())) return null;
	const [, above = '', below = ''] = /^([^/]+)\/(\p{Ll}+)$/u.exec(run) ?? [];
	if (isUnit(above) && things.has(singular(below))) return `${above}/${singular(below)}`;
	const money = words.length === 1 ? MONEY.get(singular(first.toLowerCase())) : undefined;
	if (money !== undefined) return money;
	if (isBareUnit(run) && !words.some((word) => word !== 'per' && JOINS.has(word.toLowerCase()))) return run;
	const thing = singular(first.toLowerCase());
	if (words.length === 3 && second === 'per' && third && COUNTED.test(first) && (isUnit(third) || COUNTED.test(third)))
		return things.has(thing) ? `${thing}/${isUnit(third) ? third : singular(third)}` : null;
	return words.length === 1 && things.has(thing) && thing !== first.toLowerCase() ? thing : null;
}
