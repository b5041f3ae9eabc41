export const ft = '8.75 ft';

export const lb = '5.3 lb';

export function isWholeAndLeft(value: string, unit: string, whole: string, part: string): string {
	return `${value} ${unit} is ${whole} whole ${unit}, and ${part} ${unit} left.`;
}

export function isLeftAtTheEnd(value: string, unit: string): string {
	return `${value} ${unit} is left at the end.`;
}

export function together(value: string, large: string): string {
	return `Together ${value} ${large}`;
}

export function over(top: string, bottom: string): string {
	return `${top} over ${bottom}`;
}

export const aMeasure = 'A measure';

export function oneNumberOrPartsOr(examples: undefined | string, value: string): string {
	return `One number, or parts: ${examples}, or ${value}`;
}

export function typeOneNumberSuchAsToSplit(quoted: string): string {
	return `Type one number, such as ${quoted}, to split it into parts. Or type the parts to put them together.`;
}
