import type { Mark, Role } from './exercise';

const MARK = /\{([^{}|]+)\|(start|fact|spare)\}/g;

/**
 * A prompt written with its quantities marked, "falls at {2.75 in/h|start}": the plain text and the
 * spans of the quantities in it.
 */
export function markedText(source: string): { readonly prompt: string; readonly marks: readonly Mark[] } {
	const marks: Mark[] = [];
	let prompt = '';
	let from = 0;
	for (const match of source.matchAll(MARK)) {
		const [all, quantity, role] = match as unknown as [string, string, Role];
		prompt += source.slice(from, match.index);
		marks.push({ at: [prompt.length, prompt.length + quantity.length], role });
		prompt += quantity;
		from = match.index + all.length;
	}
	return { prompt: prompt + source.slice(from), marks };
}
