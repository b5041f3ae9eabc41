import type { UnitRow } from '../unit-row';
import { CUSTOMARY_UNITS } from './customary';
import { PHYSICS_UNITS } from './physics';
import { SI_UNITS } from './si';
import { TIME_AND_ANGLE_UNITS } from './time-and-angle';

export { SHORT_ROWS } from './short-rows';

/** Every unit with a row. Where two share a writing the earlier keeps it: ' and " are feet and inches, not arc. */
export const UNIT_ROWS: readonly UnitRow[] = [
	...SI_UNITS,
	...CUSTOMARY_UNITS,
	...TIME_AND_ANGLE_UNITS,
	...PHYSICS_UNITS,
];
