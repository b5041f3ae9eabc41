import { plural } from '@tidy-sum/core';

export const holdsThePlace = 'holds the place';

export const thisIsExactAsWrittenNo = 'This is exact as written: no figures are counted, and it limits nothing.';

export function count(significant: string, value: string): string {
	return `${significant} count${value}.`;
}

export function orUpToNobodyCanTellWhether(significant: string, atMost: null | number): string {
	return `${significant}, or up to ${atMost}. Nobody can tell whether the zeros at the end count.`;
}

export const theDigitsOneByOne = 'The digits, one by one';

export function andCarriesOver(carries: number): string {
	return ` ${plural(carries, 'A 9 becomes 0', `${carries} nines become zeros`)}, and 1 carries over.`;
}

export const onlyZerosAreDroppedThe = 'Only zeros are dropped. The value stays the same.';

export function theFirstDigitYouDropIsItIs(decides: number, carried: string): string {
	return `The first digit you drop is ${decides}. It is 5 or more, so round up.${carried}`;
}

export function theFirstDigitYouDropIsItIsUnderSo(decides: number): string {
	return `The first digit you drop is ${decides}. It is under 5, so the last digit stays.`;
}

export const roundIt = 'Round it';

export const by = 'By';

export const aPlace = 'a place';

export const coarser = 'Coarser';

export const finer = 'Finer';

export function to(value: string): string {
	return `to ${value}`;
}

export function writtenInPlainFormItsZeros(scientific: string): string {
	return `Written in plain form, its zeros do not show how many figures it has; ${scientific} does.`;
}

export const aNumberAsYouWouldWriteIt = 'A number, as you would write it';

export function readsAs(text: string): string {
	return `Reads as ${text}`;
}

export const thePowerOfTenOnlyMovesThe = 'The power of ten only moves the point. It adds no figures.';

export const typeANumberToSeeWhichOfIts = 'Type a number to see which of its digits count.';
