import type { UnitWant, Want } from '../../exercise/exercise';
import type { Span } from '../../numeral/fault';
import { parseNumeral } from '../../numeral/parse-numeral';
import { singular } from '../../unit/singular';
import { endOf, gapsIn, isBareUnit, partsIn, partsOf, twoIn, wantOfUnits } from './several-wanted';
import { COUNTED, JOINS, MONEY } from './words';

/** What a text asks for, the unit a line would end in (of parts the smallest; null where no line is asked), and where it says so. */
export type WantTold = {
	readonly want: Want;
	readonly unit: string | null;
	readonly at: Span;
	/** Where nothing is converted: a count of figures, or one factor, which needs no start. */
	readonly needsNoLine?: true;
	/** Where one unit is asked for, and nothing more. */
	readonly ofUnit?: UnitWant;
};

type Form = NonNullable<UnitWant['form']>;

/** The forms a number may be asked for in: a row each, with an example. */
const FORMS: readonly {
	readonly form: Form;
	readonly example: string;
	readonly by: RegExp;
}[] = [
	{
		form: 'plain',
		example: 'not in scientific notation',
		by: /\bnot\s+in\s+(?:scientific|standard)\s+(?:notation|form)\b/iu,
	},
	{
		form: 'scientific',
		example: 'in scientific notation',
		by: /\b(?:in|using|use)\s+(?:scientific|standard|exponential)\s+(?:notation|form)\b/iu,
	},
	{
		form: 'plain',
		example: 'in decimal form',
		by: /\b(?:in|using)\s+(?:plain|decimal|ordinary)\s+(?:notation|form)\b/iu,
	},
	{ form: 'fraction', example: 'as a fraction', by: /\bas\s+a\s+fraction\b/iu },
];

/** The form a number is asked for in; undefined if the text names no form. */
export function formIn(text: string): Form | undefined {
	return FORMS.find(({ by }) => by.test(text))?.form;
}

const RUN = '([^?.,;:!()=→_]+?)';
/** The same, with commas inside: h, min and s. */
const LISTED = '((?:(?!\\bin\\s)[^?.;:!()=→_])+?)';
const ENDS = '(?=\\s*(?:[?.,;:!()=]|$)|\\s+(?:and|to|with|using|if|of|when|correct|rounded)\\b)';
const VERBS =
	'express|give|write|rewrite|report|state|find|show|tell|answer|put|record|calculate|compute|determine|work out|estimate|say|name|quote';

/**
 * How a text asks for a unit: a row each, with an example; the last one that is asked holds. `isUnit` where only a unit or a thing that
 * is met elsewhere may follow: in the mould names none.
 */
const ASKS: readonly { readonly example: string; readonly by: RegExp; readonly isUnit?: true }[] = [
	{
		example: 'how many litres leak per week?',
		by: /\bhow\s+many\s+([\p{L}-]+)\s+(?:(?:do|does|did|can|will)\s+(?:\p{L}+\s+){1,3}|\p{Ll}+\s+)(?:per|each|every)\s+([\p{L}-]+)(?=\s*[?.,])/giu,
	},
	{
		example: 'how many drops a minute is that?',
		by: /\bhow many\s+([\p{L}-]+)\s+(?:an?|each|every)\s+((?:second|minute|hour|day|week|month|year)\b)/giu,
	},
	{
		example: 'in mL each minute',
		by: /\bin\s+([\p{L}³²]+)\s+(?:each|every|an?)\s+((?:second|minute|hour|day|week|month|year)\b)/giu,
	},
	{
		example: 'how many feet is that?',
		by: new RegExp(
			`\\bhow many\\s+${LISTED}(?=\\s+(?:is|are|do|does|did|will|would|can|has|have|was|were|must|should|of|in|to|it|that|this|the|a|fit|make|go|long|wide|high|deep|pass|passed|need|needs|last|hold|cover|weigh|cost|fill|contain|equal|lay|give)\\b|[?.;:!(]|$)`,
			'giu',
		),
	},
	{
		example: 'how many beats is that per second?',
		by: /\bhow many\s+([\p{L}-]+)\s+(?:is|are)\s+(?:that|this|it)\s+(?:per|an?|each|every)\s+([\p{L}-]+)/giu,
	},
	{
		example: 'find the moles in 4.60 g',
		by: new RegExp(`\\b(?:${VERBS})\\s+the\\s+${RUN}(?=\\s+(?:in|of)\\s+\\d)`, 'giu'),
		isUnit: true,
	},
	{
		example: 'give °C to the nearest ten',
		by: new RegExp(`\\b(?:${VERBS})\\s+${RUN}(?=\\s+(?:to|correct)\\b|,)`, 'giu'),
		isUnit: true,
	},
	{
		example: 'find gtt/min',
		by: /\b(?:find|calculate|determine|give|state|compute)\s+(?:the\s+)?([\p{L}µ°]+\/[\p{L}µ°/()·²³]+)(?=\s*[.?!]|\s*$)/giu,
	},
	{
		example: 'find the drops per minute',
		by: /\b(?:find|calculate|determine|give|state|compute)\s+(?:the\s+)?([\p{L}-]+s)\s+per\s+([\p{L}-]+)/giu,
	},
	{
		example: 'convert 3 ft to inches',
		by: new RegExp(
			`\\b(?:convert|change|turn|exchange)\\b(?:[^?.!]|\\.\\d)*?\\b(?:to|into)\\s+${LISTED}(?=[?.;:!]|\\s*\\(|,\\s*(?:to|in|using|with|correct|round|giv\\w+|and)|\\s+(?:to|with|using|at|if|when|given|where|by)\\b|\\s+and\\s+(?:${VERBS}|round)\\b|$)`,
			'giu',
		),
	},
	{ example: 'what is that to inches?', by: new RegExp(`\\bto\\s+${RUN}(?=\\s*[?])`, 'giu') },
	{
		example: 'what is that in inches?',
		by: new RegExp(
			`\\b(?:in|into|as)\\s+${LISTED}(?=\\s*[?]|,?\\s+(?:correct\\s+)?to\\s+(?:the|one|two|three|\\d)|$)`,
			'giu',
		),
	},
	{
		example: 'give the depth in mm.',
		by: new RegExp(
			`\\b(?:${VERBS})\\b(?:[^?.!]|\\.\\d)*?\\b(?:in|as)\\s+${LISTED}(?=[?.;:!]|\\s*\\(|,\\s|\\s+in\\s|$)`,
			'giu',
		),
	},
	{
		example: 'the mass in grams of 3 mol',
		by: new RegExp(
			`\\b\\p{L}+\\s+in\\s+${RUN}(?=\\s+(?:of|if|does|do|is|are|has|have|will|would|can|must|should)\\b)`,
			'giu',
		),
	},
	{
		example: 'how long, in hours, does it take?',
		by: new RegExp(`[,(]\\s*in\\s+${RUN}(?=\\s*[,)]|\\s+(?:of|will|do|does)\\b)`, 'giu'),
	},
	{
		example: 'the number of tablets to give',
		by: new RegExp(
			`\\bnumber\\s+of\\s+${RUN}(?=\\s+(?:to|that|in|needed|for|from|of|which|per|it|we|you)\\b|\\s*[=?.,:]|$)`,
			'giu',
		),
	},
	{
		example: '3.2 kg = ___ g',
		by: new RegExp(`(?:[=→⇒]|->)\\s*(?:[_?…. ]|\\.{2,})*\\s*${RUN}(?=\\s*(?:[?.,;:!()=]|$|\\n))`, 'giu'),
	},
	{
		example: 'the list wants h and min.',
		by: new RegExp(`\\bwants?\\s+(?:it\\s+)?(?:in\\s+)?${LISTED}(?=[.?!;:]|\\s+(?:with|to)\\b|$)`, 'giu'),
		isUnit: true,
	},
	{ example: 'as a fraction of an hour', by: /\s{8,}of\s+an?\s+(\p{L}+)/gu },
	{
		example: '14 ft to yd',
		by: new RegExp(
			`^[ \\t]*(?:(?:\\(?\\w{1,3}[.)]|\\p{L}{1,8}:)[ \\t]+)?[-−]?\\d(?:[^?.!\\n]|\\.\\d)*?\\s(?:to|into|in)\\s+(?!(?:to|into)\\b)${RUN}${ENDS}`,
			'gimu',
		),
	},
];

/** The longest beginning of a run of words that is a unit; a counted thing the text tells of, or a single word. */
function unitOf(run: string, things: ReadonlySet<string>, all: string): string | null {
	const said = run.trim().replace(/^(?:the|whole|its?|their|in)\s+/iu, '');
	if (said === '' || /^\d/.test(said)) return null;
	// Beside a £ pounds are money.
	if (/^pounds?$/iu.test(said) && all.includes('£')) return '£';
	const words = said.split(/\s+/);
	for (let count = Math.min(words.length, 5); count > 0; count--) {
		const text = words
			.slice(0, count)
			.join(' ')
			.replace(/[)\]]+$/, '');
		if (
			isBareUnit(text) &&
			!(
				count > 1 &&
				words.slice(0, count).some((word) => JOINS.has(word.toLowerCase()) && word !== 'per' && word !== 'in')
			)
		)
			return text;
	}
	const first = singular((words[0] ?? '').toLowerCase());
	const below = words[1]?.toLowerCase() === 'per' ? (words[2] ?? '').replace(/[)\]]+$/, '') : '';
	if (below !== '' && COUNTED.test(first) && (isBareUnit(below) || COUNTED.test(below)))
		return `${first}/${isBareUnit(below) ? below : singular(below)}`;
	const money = MONEY.get(first);
	if (money !== undefined) return money;
	// In the mould: one thing that is met nowhere else is where something is, not a unit.
	const isPlural = first !== (words[0] ?? '').toLowerCase();
	return things.has(first) || (words.length === 1 && isPlural && COUNTED.test(first) && !JOINS.has(first))
		? first
		: null;
}

/** How one factor alone is asked for: a row each, with an example; the first group is the unit it leads to. */
const FACTORS: readonly { readonly example: string; readonly by: RegExp }[] = [
	{
		example: 'Which one factor turns that into kJ?',
		by: new RegExp(
			`\\b(?:conversion\\s+)?factor\\b[^.?!]*?\\b(?:turns?|converts?|changes?|takes?|leads?|brings?|goes|gets?)\\b[^?!]*?\\b(?:to|into)\\s+${RUN}(?=\\s*(?:[?.,;:!(]|$))`,
			'iu',
		),
	},
	{
		example: 'Write the conversion factor from inches to feet.',
		by: new RegExp(
			`\\bfactor\\s+(?:needed\\s+|used\\s+)?(?:from|between|for|to\\s+(?:convert|change|go\\s+from|get\\s+from))\\b[^?!]*?\\b(?:to|into|and)\\s+${RUN}(?=\\s*(?:[?.,;:!(]|$))`,
			'iu',
		),
	},
];

/** How a count of figures is asked for. */
const FIGURES =
	/\b(?:how\s+many|number\s+of|count(?:\s+of)?\s+the)\s+(?:significant\s+(?:figures|digits)|sig\.?\s*(?:figs?|digits)\.?|s\.?f\.?)\b[^\d]{0,40}?([-−]?[\d.][\d.,]*(?:\s*[×x]\s*10\^?[-−]?[\d⁰¹²³⁴⁵⁶⁷⁸⁹⁻]+|e[-+]?\d+)?)/iu;

/** A count of figures that is asked for, or one factor alone; null for neither. */
function specialIn(text: string, things: ReadonlySet<string>): WantTold | null {
	const counts = FIGURES.exec(text);
	const numeral = (counts?.[1] ?? '').replace(/[.,]+$/, (end) => (/^\d+\.$/.test(counts?.[1] ?? '') ? end : ''));
	if (counts && parseNumeral(numeral).ok)
		return { want: { figures: numeral }, unit: null, at: endOf(counts, numeral), needsNoLine: true };
	for (const { by } of FACTORS) {
		const match = by.exec(text);
		const run = match?.[1] ?? '';
		const unit = match && unitOf(run, things, text);
		if (match && unit !== null) return { want: { factor: unit }, unit, at: endOf(match, run), needsNoLine: true };
	}
	return null;
}

/** A unit that is named only where it is said how to round: to the nearest inch. */
const NEAREST = /\bnearest\s+(?!cents?\b|degrees?\b|dollars?\b|tens?\b)(\p{L}{2,})/iu;

function nearestIn(text: string): WantTold | null {
	const match = NEAREST.exec(text);
	const unit = match?.[1] ?? '';
	return match && isBareUnit(unit) ? { want: { unit }, unit, at: endOf(match, unit) } : null;
}

/** How a sentence ends in a unit: the plank is to be marked in centimetres. */
const ENDING = /\b(?:in|into)\s+(\p{L}[\p{L}/²³ ]*?)(?=\s*(?:[.?!(]|$))/giu;

function endingIn(text: string): WantTold | null {
	const match = [...text.matchAll(ENDING)].filter(([, run = '']) => isBareUnit(run)).at(-1);
	const unit = match?.[1] ?? '';
	return match ? { want: { unit }, unit, at: endOf(match, unit) } : null;
}

/**
 * What a text asks for: the last that is asked in so many words, and where.
 * @param written the same text with its numbers as they are written, where those of `text` have no point.
 */
export function wantIn(text: string, things: ReadonlySet<string>, written = text): WantTold | null {
	const special = specialIn(written, things) ?? gapsIn(text) ?? twoIn(text) ?? partsIn(text);
	if (special) return special;
	type Last = { readonly unit: string; readonly parts: readonly string[]; readonly at: Span; readonly end: number };
	let last: Last | null = null;
	// The form of the number is no unit: it is taken out, and every place stays what it is.
	const bare = FORMS.reduce((left, { by }) => left.replace(by, (form) => ' '.repeat(form.length)), text);
	for (const { by, isUnit = false } of ASKS)
		for (const match of bare.matchAll(by)) {
			const run = match[2] === undefined ? (match[1] as string) : `${match[1]} per ${match[2]}`;
			const parts = partsOf(run);
			const named = parts.at(-1) ?? unitOf(run.split(',')[0] as string, things, text);
			const unit = isUnit && !parts.length && named !== null && !isBareUnit(run.trim()) ? null : named;
			const end = match.index + match[0].length;
			if (unit !== null && (!last || end > last.end || (parts.length && end === last.end)))
				last = { unit, parts, at: endOf(match, parts.length ? run.trim() : unit), end };
		}
	if (!last) return nearestIn(text) ?? endingIn(bare);
	const { unit, parts, at } = last;
	const form = formIn(text);
	const ofUnit = { unit, ...(form ? { form } : {}) };
	const listed = wantOfUnits(parts);
	return listed ? { want: listed, unit, at } : { want: ofUnit, unit, at, ofUnit };
}
