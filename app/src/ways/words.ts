export const shelf = 'Shelf';

export function theShelfHasNoPartCalled(name: string): string {
	return `The Shelf has no part called “${name}”.`;
}

export const facts = 'Facts';

export const lookOneUpAddYourOwnChoose = 'Look one up, add your own, choose what the class knows';

export const ladder = 'Ladder';

export const moveAValueUpAndDownThe = 'Move a value up and down the prefixes';

export const temperature = 'Temperature';

export const kCAndFOnOnePictureShiftAnd = 'K, °C and °F on one picture: multiply and add';

export const mixedMeasures = 'Mixed measures';

export const ftAndInLbAndOzDHMinSAnd = 'ft and in, lb and oz, d h min s, ° and ′, both ways';

export const figures = 'Figures';

export const whichDigitsCountAnd = 'Which digits count, and rounding';

export const rate = 'Rate';

export const anyCompoundUnitToAnyLike = 'Any compound unit to any like one, step by step';

export const numberSense = 'Number sense';

export const whatAQuantityLooksLikeAt = 'What a quantity looks like at the station';

export const lookThingsUpTryThemOutAnd = 'Look things up, try them out, and use them on the Desk.';

export const twoPointFiveFourCm = '2.54 cm';

export const oneInch = '1 in';

export const eightPointSevenFiveFt = '8.75 ft';

export const eightFtNineIn = '8 ft 9 in';

export const km = 'km';
