import type { UnitRow } from '../unit-row';
import { CUSTOMARY_UNITS } from './customary';
import { PHYSICS_UNITS } from './physics';
import { SI_UNITS } from './si';
import { TIME_AND_ANGLE_UNITS } from './time-and-angle';

export { SHORT_ROWS } from './short-rows';

/** Every unit with a row, in the order near names are offered. */
export const UNIT_ROWS: readonly UnitRow[] = [
	...SI_UNITS,
	...TIME_AND_ANGLE_UNITS,
	...CUSTOMARY_UNITS,
	...PHYSICS_UNITS,
];
