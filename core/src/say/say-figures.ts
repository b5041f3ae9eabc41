import { toSuperscript } from '../numeral/superscript';
import { countOf } from './plural';

/** "1 figure", "3 figures". */
export function figuresText(count: number): string {
	return `${countOf(count, 'figure')}`;
}

/** A place in words: "the tenths", "the hundreds". */
export function placeText(place: number): string {
	const known: Readonly<Record<number, string>> = {
		2: 'hundreds',
		1: 'tens',
		0: 'ones',
		[-1]: 'tenths',
		[-2]: 'hundredths',
		[-3]: 'thousandths',
	};
	return `the ${known[place] ?? `place of 10${toSuperscript(place)}`}`;
}
