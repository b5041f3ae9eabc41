import { plural } from '@tidy-sum/core';

export const theTemperature = 'The temperature';

export const theEndOfTheRange = 'The end of the range';

export const theThreeScalesSideBySide = 'The three scales side by side';

export function to(to: string): string {
	return `To ${to}`;
}

export function toOfTo(to: string, kinds: string): string {
	return `To ${to}: ${kinds || 'nothing to do'}`;
}

export function roundedToTheLastPlaceOf(start: string, written: string, to: string): string {
	return `Rounded to the last place of ${start}: ${written} ${to}`;
}

export function thisStepOrThese(factorCount: number): string {
	return plural(factorCount, 'this step', 'these steps');
}

export function toOfStart(start: string, to: string): string {
	return `${start} to ${to}`;
}

export const theDifference = 'The difference';

export function kCFForADifferenceYouOnly(apart: string, apart2: string, apart3: string): string {
	return `${apart} K = ${apart2} °C = ${apart3} °F. For a difference you only multiply. 1 K and 1 °C are the same size, and each is 9/5 of 1 °F. Add nothing, because both ends shift alike.`;
}

export const theTemperatureLabel = 'the temperature';

export const theEndOfTheRangeLabel = 'the end of the range';

export const theScalesFrom = 'The scales from';

export const toC = '−45 to 110 °C';

export const absoluteZeroUp = 'absolute zero up';

export const aRange = 'A range';

export const withASecondTemperature = 'with a second temperature';

export function toIn(unit: string): string {
	return `To, in ${unit}`;
}

export const multiply = 'multiply';

export const addOrSubtract = 'add or subtract';

export const multiplyThenAdd = 'multiply, then add or subtract';
