import { singular } from '../../unit/singular';
import { COUNTED, isUnit, JOINS } from './words';

const UNIT_RUN = '([^?.,;:!]+?)';
const WANTS: readonly RegExp[] = [
	new RegExp(
		`\\bhow many\\s+${UNIT_RUN}(?=\\s+(?:is|are|do|does|did|will|would|can|has|have|was|were|must|should|of|in|to|per|it|that|this|the|fit|make|go|long)\\b|[?.,;:!]|$)`,
		'giu',
	),
	new RegExp(
		`\\b(?:convert|change|turn)\\b(?:[^?.!]|\\.\\d)*?\\b(?:to|into)\\s+${UNIT_RUN}(?=[?.,;:!]|\\s+(?:and|to|with|using)\\b|$)`,
		'giu',
	),
	new RegExp(`\\bto\\s+${UNIT_RUN}(?=\\s*[?])`, 'giu'),
	new RegExp(`\\b(?:in|into|as)\\s+${UNIT_RUN}(?=\\s*[?]|,|\\s+to\\s+(?:the|one|two|three|\\d)|$)`, 'giu'),
	new RegExp(`\\b(?:express|give|write|report)\\b(?:[^?.!]|\\.\\d)*?\\bin\\s+${UNIT_RUN}(?=[?.,;:!]|$)`, 'giu'),
];

/** A run of words as the unit wanted: of the tables, or one counted thing. */
function wantedUnit(run: string, things: ReadonlySet<string>): string | null {
	const words = run.trim().split(/\s+/);
	for (let count = Math.min(words.length, 5); count > 0; count--) {
		const text = words
			.slice(0, count)
			.join(' ')
			.replace(/[)\]]+$/, '');
		if (isUnit(text)) return text;
	}
	const first = singular((words[0] ?? '').toLowerCase());
	return things.has(first) || (words.length === 1 && COUNTED.test(first) && !JOINS.has(first)) ? first : null;
}

/** The unit a text asks for: the last one that is asked in so many words. */
export function wantIn(text: string, things: ReadonlySet<string>): string | null {
	let last: { readonly unit: string; readonly at: number } | null = null;
	for (const pattern of WANTS)
		for (const match of text.matchAll(pattern)) {
			const unit = wantedUnit(match[1] as string, things);
			const at = match.index + match[0].length;
			if (unit !== null && (!last || at > last.at)) last = { unit, at };
		}
	return last?.unit ?? null;
}
