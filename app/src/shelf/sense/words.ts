export const kg = '1.35 kg';

export const km = '3 km';

export const miH = '40 mi/h';

export const onePowerOfTenOff = 'One power of ten off';

export function tenTimesAsMuch(tenfold: string): string {
	return `Ten times as much: ${tenfold}.`;
}

export function aTenthOfIt(tenth: string): string {
	return `A tenth of it: ${tenth}.`;
}

export const ifYouMeantOneOfTheseYou = 'If you meant one of these, you lost a power of ten on the way.';

export const anyQuantity = 'Any quantity';

export const someToTry = 'Some to try';
