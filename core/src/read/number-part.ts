import { EXPONENT, plainSigns, SIGN, SPACE, TEN_POWER, TIMES } from '../numeral/number-signs';
import { VULGAR_SIGNS } from '../numeral/vulgar';

const GAP = `[${SPACE}]*`;

/** The longest beginning of a text that is written like a number, right or wrong. */
const NUMBER_LIKE = new RegExp(
	`^${GAP}(?:` +
		`${SIGN}?${TEN_POWER}(?!\\d)|` +
		`${SIGN}?[\\d.,${SPACE}]*(?:[${VULGAR_SIGNS}]|\\d${GAP}[/⁄]${GAP}\\d+)?` +
		`(?:${EXPONENT}(?!\\d)|${GAP}${TIMES}${GAP}${TEN_POWER})?` +
		`(?:${GAP}(?:π|pi(?![\\p{L}])))?(?:[/⁄]\\d+)?)`,
	'u',
);

const SPACE_AFTER = new RegExp(`[${SPACE}]+$`);

/** What a number begins with: a digit, a point, a sign or a fraction of one sign. */
const BEGINS = new RegExp(`^[-−.\\d${VULGAR_SIGNS}]`, 'u');

/**
 * Where the number of a written quantity ends and its unit begins: "3.0e3 s" gives "3.0e3", "5 1/s" gives "5".
 * @returns the beginning that is written like a number, right or wrong; "" if it does not begin with one.
 */
export function numberPart(text: string): string {
	const length = (NUMBER_LIKE.exec(plainSigns(text))?.[0] ?? '').replace(SPACE_AFTER, '').length;
	const head = text.slice(0, length);
	// "0.314 1/s" is 0.314 of 1/s: no group of digits goes over a slash.
	const one = /[\s\u00a0\u2009\u202f]+1$/.exec(head);
	return one && /^\s*[/÷]/.test(text.slice(length)) ? head.slice(0, one.index) : head;
}

/** Whether a text begins with a number. */
export function beginsWithNumber(text: string): boolean {
	return BEGINS.test(plainSigns(text));
}
