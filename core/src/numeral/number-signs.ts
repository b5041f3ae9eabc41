/** White space inside a number: plain, no-break, thin, narrow no-break. */
export const SPACE = ' \\u00a0\\u2009\\u202f';
/** A sign before a number or an exponent. */
export const SIGN = '[-+\\u2212]';
/** What multiplies by a power of ten. */
export const TIMES = '[xX×*·⋅]';
const RAISED = '[⁺⁻]?[⁰¹²³⁴⁵⁶⁷⁸⁹]+';
const GAP = `[${SPACE}]*`;
/** A power of ten: 10^3, 10 ^ -3, 10^(-3), 10³. Two stars for the power are not among them. */
export const TEN_POWER = `10(?:${GAP}\\^${GAP}(?:\\(${GAP}${SIGN}?\\d+${GAP}\\)|${SIGN}?\\d+)|${RAISED})`;
/** An exponent behind a mantissa: e3, E-3, also after a space. */
export const EXPONENT = `${GAP}[eE]${SIGN}?\\d+`;

/** Signs that look like another, or stand for it in other fonts and scripts, each with the plain one. */
const LOOK_ALIKE: Readonly<Record<string, string>> = {
	'∙': '·',
	'•': '·',
	'✕': '×',
	'✖': '×',
	'⨯': '×',
	х: 'x',
	Х: 'x',
	'∗': '*',
	'‐': '−',
	'‑': '−',
	'‒': '−',
	'–': '−',
	'—': '−',
	'﹣': '−',
	'－': '−',
	'＋': '+',
	'．': '.',
	'，': ',',
	'∕': '/',
};

const ALIKE = new RegExp(`[${Object.keys(LOOK_ALIKE).join('')}０-９]`, 'g');

/** A number with the plain signs for those that look like them; as long as before, so that places in it stay. */
export function plainSigns(text: string): string {
	return text.replace(ALIKE, (sign) => LOOK_ALIKE[sign] ?? String.fromCharCode(sign.charCodeAt(0) - 0xfee0));
}
