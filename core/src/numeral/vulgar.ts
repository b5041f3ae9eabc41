/** The fractions that are one sign, each as its top and its bottom: ¾ is 3 over 4. */
export const VULGAR: Readonly<Record<string, readonly [string, string]>> = {
	'½': ['1', '2'],
	'⅓': ['1', '3'],
	'⅔': ['2', '3'],
	'¼': ['1', '4'],
	'¾': ['3', '4'],
	'⅕': ['1', '5'],
	'⅖': ['2', '5'],
	'⅗': ['3', '5'],
	'⅘': ['4', '5'],
	'⅙': ['1', '6'],
	'⅚': ['5', '6'],
	'⅛': ['1', '8'],
	'⅜': ['3', '8'],
	'⅝': ['5', '8'],
	'⅞': ['7', '8'],
};

/** All of them, for a class of signs in a pattern: every place where a number is read knows the same ones. */
export const VULGAR_SIGNS = Object.keys(VULGAR).join('');
