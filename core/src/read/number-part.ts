import { parseNumeral } from '../numeral/parse-numeral';
import { VULGAR_SIGNS } from '../numeral/vulgar';

const SPACE = '\\s\\u00a0\\u2009\\u202f';
const TEN = `10(?:\\^\\(?[-+−]?\\d+\\)?|[⁺⁻]?[⁰¹²³⁴⁵⁶⁷⁸⁹]+)`;

/** The longest beginning of a text that is written like a number, right or wrong. */
const NUMBER_LIKE = new RegExp(
	`^[${SPACE}]*(?:` +
		`[-+−]?${TEN}(?!\\d)|` +
		`[-+−]?[\\d.,${SPACE}]*(?:[${VULGAR_SIGNS}]|\\d[${SPACE}]*[/⁄][${SPACE}]*\\d+)?` +
		`(?:[eE][-+−]?\\d+|[${SPACE}]*[xX×*·⋅][${SPACE}]*${TEN})?` +
		`(?:[${SPACE}]*(?:π|pi(?![\\p{L}])))?(?:/\\d+)?)`,
	'u',
);

const SPACE_AFTER = new RegExp(`[${SPACE}]+$`);

/** What a number begins with: a digit, a point, a sign or a fraction of one sign. */
const BEGINS = new RegExp(`^[-−.\\d${VULGAR_SIGNS}]`, 'u');

/**
 * Where the number of a written quantity ends and its unit begins: "3.0e3 s" gives "3.0e3", "5 1/s" gives "5".
 * @returns the beginning that is written like a number, right or wrong; "" where there is none.
 */
export function numberPart(text: string): string {
	const head = (NUMBER_LIKE.exec(text)?.[0] ?? '').replace(SPACE_AFTER, '');
	// "5 1/s" is five of 1/s: where the whole beginning is no number, one without its last 1 may be.
	if (head.endsWith('1') && /^[\s]*\//.test(text.slice(head.length))) {
		const shorter = head.slice(0, -1).trimEnd();
		if (shorter !== '' && !parseNumeral(head).ok && parseNumeral(shorter).ok) return shorter;
	}
	return head;
}

/** Whether a text begins with a number. */
export function beginsWithNumber(text: string): boolean {
	return BEGINS.test(text);
}
