import { plural } from '@tidy-sum/core';

export const miH = '25 mi/h';

export const bothAreTheSameUnitSoYou = 'Both are the same unit, so you need no factor.';

export const touchAFactorToFindItsStep = 'Touch a factor to find its step, or touch a unit to see facts with it.';

export const yourClasssTablesAreNot = 'Your class’s tables are not enough here. This line uses other facts too.';

export function thisFactorOrThese(count: number): string {
	return plural(count, 'this factor', 'these factors');
}

export const from = 'From';

export const toAUnitOfTheSameKind = 'To a unit of the same kind';

export const swap = 'Swap';

export const theTwoUnits = 'the two units';

export const typeAStartAndTheUnitYou = 'Type a start and the unit you want, such as 25 mi/h and m/s.';
