import { FACTOR_POWER_LIMIT, type Factor } from '../chain/chain';
import { fromSuperscript } from '../numeral/superscript';
import type { Quantity } from '../quantity/quantity';
import { beginsWithNumber } from './number-part';
import { readQuantityText } from './read-quantity-text';

const BRACKETED = /^\s*\((.*)\)\s*(?:\^?\s*([²³⁴⁵⁶⁷⁸⁹]|[1-9]))?\s*$/u;

/** Optional text before a factor: a sign or words for multiplying. */
const BEFORE = /^\s*(?:[×*·]|x(?=[\s(\d])|(?:multiply|times)(?: it)?(?: by)?\s|by\s)\s*/iu;

/** A quantity from one side of a fraction, with a 1 that is not written; null if it is not a quantity. */
function sideOf(text: string): Quantity | null {
	const side = text
		.trim()
		.replace(/^\((.*)\)$/u, '$1')
		.trim();
	const read = readQuantityText(side === '' || beginsWithNumber(side) ? side : `1 ${side}`);
	return read.ok ? read.value : null;
}

/** Whether the bracket a text begins with is closed at its end, or before a power there. */
function isInBrackets(text: string): boolean {
	let depth = 0;
	for (const [i, sign] of [...text].entries()) {
		depth += sign === '(' ? 1 : sign === ')' ? -1 : 0;
		if (depth === 0) return i > 0 && /^\)\s*(?:\^?\s*[²³⁴⁵⁶⁷⁸⁹1-9])?$/u.test([...text].slice(i).join(''));
	}
	return false;
}

/** A factor as an answer writes it: "1 kJ / 10^3 J", "(100 cm / 1 m)^2", "12 in per 1 ft", "12 in/ft"; null if it is not a factor. */
export function readFactorText(typed: string): Factor | null {
	const text = typed.replace(BEFORE, '').replaceAll('[', '(').replaceAll(']', ')');
	const bracketed = isInBrackets(text.trim()) ? BRACKETED.exec(text) : null;
	const inner = bracketed && /[/÷:]|\b(?:per|over)\b/iu.test(bracketed[1] as string) ? (bracketed[1] as string) : text;
	const power = bracketed?.[2] && inner !== text ? Number(fromSuperscript(bracketed[2])) : 1;
	for (const match of inner.matchAll(/[/÷⁄∕:∶]|\s+(?:per|over|to|for)\s+/giu)) {
		const top = sideOf(inner.slice(0, match.index));
		const bottom = sideOf(inner.slice(match.index + match[0].length));
		if (top && bottom) return { top, bottom, ...(power > 1 ? { power: Math.min(power, FACTOR_POWER_LIMIT) } : {}) };
	}
	const whole = sideOf(inner);
	const slash = whole ? whole.unit.search(/[/÷]|\bper\b/iu) : -1;
	if (!whole || slash < 0) return null;
	const below = whole.unit.slice(slash).replace(/^(?:[/÷]|per)\s*/iu, '');
	const top = { number: whole.number, unit: whole.unit.slice(0, slash).trim() };
	return { top, bottom: { number: '1', unit: below }, ...(power > 1 ? { power } : {}) };
}
